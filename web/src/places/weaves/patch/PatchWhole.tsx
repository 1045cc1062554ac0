import { useMemo } from "react";
import type { PatchView, WeaveEntry, WeaveJobData, WeavePose } from "../../../api/types";
import { poseAt } from "../../../drawing/weave";
import type { Units } from "../../../quantity/format";
import { PatchScene } from "../../../shared/shell/PatchScene";
import { PullSlider } from "../PullSlider";

interface Props {
  data: WeaveJobData;
  weave: WeaveEntry;
  patch: PatchView;
  rings: Float32Array;
  poses: WeavePose[] | undefined;
  pull: number | null;
  units: Units;
  onPull: (pull: number) => void;
}

/** Every ring of the patch, from pushed together to taut. */
export function PatchWhole({ data, weave, patch, rings, poses, pull, units, onPull }: Props) {
  const all = useMemo(() => Array.from({ length: patch.colours.length }, (_, n) => n), [patch]);
  const at = poses ? poseAt(poses, pull) : 0;
  const pose = poses?.[at];
  return (
    <>
      <PatchScene
        name={data.name}
        rings={rings}
        which={all}
        colours={patch.colours}
        palette={data.colours.palette}
        wireMm={data.wireDiameterMm}
        fitKey={`${weave.id} ${patch.colours.length}`}
      />
      {poses && poses.length > 1 && pose && (
        <label className="pull">
          <PullSlider {...{ poses, at, units }} onPull={onPull} />
        </label>
      )}
    </>
  );
}
