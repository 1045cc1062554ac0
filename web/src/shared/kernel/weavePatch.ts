/** A patch of a weave, asked of the server: counted, ring by ring, and the cell's pose. */
import { useMemo } from "react";
import { call } from "../../api/client";
import type { PatchCount, PatchView, WeaveJobData, WeavePose } from "../../api/types";
import { laid } from "../../drawing/patch";
import { poseAt } from "../../drawing/weave";
import { useSolving } from "./useSolving";

export function patchQuestion(job: WeaveJobData) {
  return {
    wireDiameterMm: job.wireDiameterMm,
    innerDiameterMm: job.innerDiameterMm,
    metal: job.metal,
    ...job.patch,
    colours: job.colours,
  };
}

const options = { gcTime: 60_000 };

/** The cell's poses from shortest to taut. */
function usePoses(job: WeaveJobData | null) {
  const weaveId = job?.weaveId ?? "";
  const rings = job && { wireDiameterMm: job.wireDiameterMm, innerDiameterMm: job.innerDiameterMm };
  return useSolving({
    queryKey: ["poses", weaveId, rings],
    queryFn: async ({ signal }) => ({
      weaveId,
      poses: await call<WeavePose[]>("POST", `/api/weaves/${weaveId}/poses`, rings, signal),
    }),
    enabled: job !== null,
    ...options,
  });
}

/** The last good patch stays while it cannot be counted. */
export function usePatch(job: WeaveJobData) {
  const question = patchQuestion(job);
  const count = useSolving({
    queryKey: ["patch-count", job.weaveId, question],
    queryFn: ({ signal }) => call<PatchCount>("POST", `/api/weaves/${job.weaveId}/count`, question, signal),
    ...options,
  });
  const view = useSolving({
    queryKey: ["patch", job.weaveId, question],
    queryFn: async ({ signal }) => ({
      weaveId: job.weaveId,
      job,
      view: await call<PatchView>("POST", `/api/weaves/${job.weaveId}/patch`, question, signal),
    }),
    ...options,
  });
  const poses = usePoses(job);
  const matches = view.data?.weaveId === poses.data?.weaveId;
  const patch = matches ? view.data?.view : undefined;
  const all = matches ? poses.data?.poses : undefined;
  return {
    count: count.data,
    patch,
    poses: all,
    /** The job as it stood when the patch was laid out: what is drawn is that one while another is refused. */
    drawn: matches ? view.data?.job : undefined,
    problem: count.problem ?? view.problem,
    stale: view.stale || count.stale,
  };
}

/** A run's patch, as it stood when the run began; nothing is asked without a weave job. */
export function useRunPatch(runId: string, job: WeaveJobData | null) {
  const view = useSolving({
    queryKey: ["shown", runId],
    queryFn: ({ signal }) => call<PatchView>("GET", `/api/runs/${runId}/shown`, undefined, signal),
    enabled: job !== null,
    ...options,
    staleTime: Infinity,
  });
  const poses = usePoses(job);
  return {
    // of another kind of run what is shown is kept under the same name
    patch: job ? view.data : undefined,
    poses: poses.data?.poses,
    problem: view.problem,
  };
}

/** The patch's rings in the pose it was pulled to; at rest where it was not. */
export function useLaid(patch: PatchView | undefined, poses: WeavePose[] | undefined, pull: number | null) {
  return useMemo(() => {
    const pose = poses?.[poseAt(poses, pull)];
    const cells = pose ? pose.rings.length / 7 : 0;
    const fits = patch?.rings.every((key, at) => at % 3 !== 0 || key < cells) ?? false;
    return patch && pose && fits ? laid(pose, patch.rings) : null;
  }, [patch, poses, pull]);
}
