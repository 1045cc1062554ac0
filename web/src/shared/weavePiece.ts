/** A piece of a weave, asked of the server: counted, ring by ring, and the cell's pose. */
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { call, Problem } from "../api/client";
import type { PieceCount, PieceView, WeaveJobData, WeavePose } from "../api/types";
import { laid } from "../drawing/piece";
import { poseAt } from "../drawing/weave";

export function pieceQuestion(job: WeaveJobData) {
  return {
    wireDiameterMm: job.wireDiameterMm,
    innerDiameterMm: job.innerDiameterMm,
    metal: job.metal,
    ...job.piece,
    colours: job.colours,
  };
}

const options = {
  placeholderData: keepPreviousData,
  retry: (times: number, failure: Error) => !(failure instanceof Problem) && times < 20,
  retryDelay: 1000,
  gcTime: 60_000,
};

/** The cell's poses from shortest to taut. */
function usePoses(job: WeaveJobData) {
  const rings = { wireDiameterMm: job.wireDiameterMm, innerDiameterMm: job.innerDiameterMm };
  return useQuery({
    queryKey: ["poses", job.weaveId, rings],
    queryFn: async ({ signal }) => ({
      weaveId: job.weaveId,
      poses: await call<WeavePose[]>("POST", `/api/weaves/${job.weaveId}/poses`, rings, signal),
    }),
    ...options,
  });
}

/** The last good piece stays while it cannot be counted. */
export function usePiece(job: WeaveJobData) {
  const question = pieceQuestion(job);
  const count = useQuery({
    queryKey: ["piece-count", job.weaveId, question],
    queryFn: ({ signal }) => call<PieceCount>("POST", `/api/weaves/${job.weaveId}/count`, question, signal),
    ...options,
  });
  const view = useQuery({
    queryKey: ["piece", job.weaveId, question],
    queryFn: async ({ signal }) => ({
      weaveId: job.weaveId,
      view: await call<PieceView>("POST", `/api/weaves/${job.weaveId}/piece`, question, signal),
    }),
    ...options,
  });
  const poses = usePoses(job);
  const matches = view.data?.weaveId === poses.data?.weaveId;
  const piece = matches ? view.data?.view : undefined;
  const all = matches ? poses.data?.poses : undefined;
  const problem = count.error ?? view.error;
  return {
    count: count.data,
    piece,
    poses: all,
    problem: problem instanceof Problem ? problem.body : null,
    stale: view.isPlaceholderData || count.isPlaceholderData || problem !== null,
  };
}

/** A run's piece, as it stood when the run began. */
export function useRunPiece(runId: string, job: WeaveJobData) {
  const view = useQuery({
    queryKey: ["run-piece", runId],
    queryFn: ({ signal }) => call<PieceView>("GET", `/api/weave-runs/${runId}/piece`, undefined, signal),
    ...options,
    staleTime: Infinity,
  });
  const poses = usePoses(job);
  return {
    piece: view.data,
    poses: poses.data?.poses,
    problem: view.error instanceof Problem ? view.error.body : null,
  };
}

/** The piece's rings in the pose it was pulled to; at rest where it was not. */
export function useLaid(piece: PieceView | undefined, poses: WeavePose[] | undefined, pull: number | null) {
  return useMemo(() => {
    const pose = poses?.[poseAt(poses, pull)];
    const cells = pose ? pose.rings.length / 7 : 0;
    const fits = piece?.rings.every((key, at) => at % 3 !== 0 || key < cells) ?? false;
    return piece && pose && fits ? laid(pose, piece.rings) : null;
  }, [piece, poses, pull]);
}
