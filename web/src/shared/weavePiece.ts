/** A piece of a weave, asked of the server: counted, ring by ring, and the cell's pose. */
import { useMemo } from "react";
import { call } from "../api/client";
import type { PieceCount, PieceView, WeaveJobData, WeavePose } from "../api/types";
import { laid } from "../drawing/piece";
import { poseAt } from "../drawing/weave";
import { useSolving } from "./useSolving";

export function pieceQuestion(job: WeaveJobData) {
  return {
    wireDiameterMm: job.wireDiameterMm,
    innerDiameterMm: job.innerDiameterMm,
    metal: job.metal,
    ...job.piece,
    colours: job.colours,
  };
}

const options = { gcTime: 60_000 };

/** The cell's poses from shortest to taut. */
function usePoses(job: WeaveJobData) {
  const rings = { wireDiameterMm: job.wireDiameterMm, innerDiameterMm: job.innerDiameterMm };
  return useSolving({
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
  const count = useSolving({
    queryKey: ["piece-count", job.weaveId, question],
    queryFn: ({ signal }) => call<PieceCount>("POST", `/api/weaves/${job.weaveId}/count`, question, signal),
    ...options,
  });
  const view = useSolving({
    queryKey: ["piece", job.weaveId, question],
    queryFn: async ({ signal }) => ({
      weaveId: job.weaveId,
      job,
      view: await call<PieceView>("POST", `/api/weaves/${job.weaveId}/piece`, question, signal),
    }),
    ...options,
  });
  const poses = usePoses(job);
  const matches = view.data?.weaveId === poses.data?.weaveId;
  const piece = matches ? view.data?.view : undefined;
  const all = matches ? poses.data?.poses : undefined;
  return {
    count: count.data,
    piece,
    poses: all,
    /** The job as it stood when the piece was laid out: what is drawn is that one while another is refused. */
    drawn: matches ? view.data?.job : undefined,
    problem: count.problem ?? view.problem,
    stale: view.stale || count.stale,
  };
}

/** A run's piece, as it stood when the run began. */
export function useRunPiece(runId: string, job: WeaveJobData) {
  const view = useSolving({
    queryKey: ["run-piece", runId],
    queryFn: ({ signal }) => call<PieceView>("GET", `/api/weave-runs/${runId}/piece`, undefined, signal),
    ...options,
    staleTime: Infinity,
  });
  const poses = usePoses(job);
  return {
    piece: view.data,
    poses: poses.data?.poses,
    problem: view.problem,
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
