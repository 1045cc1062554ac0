import { useMemo } from "react";
import type { PieceView, WeaveEntry, WeaveJobData, WeavePose } from "../../../api/types";
import { poseAt } from "../../../drawing/weave";
import type { Units } from "../../../quantity/format";
import { PieceScene } from "../PieceScene";
import { PullSlider } from "../PullSlider";

interface Props {
  data: WeaveJobData;
  weave: WeaveEntry;
  piece: PieceView;
  rings: Float32Array;
  poses: WeavePose[] | undefined;
  pull: number | null;
  units: Units;
  onPull: (pull: number) => void;
}

/** Every ring of the piece, from pushed together to taut. */
export function PieceWhole({ data, weave, piece, rings, poses, pull, units, onPull }: Props) {
  const all = useMemo(() => Array.from({ length: piece.colours.length }, (_, n) => n), [piece]);
  const at = poses ? poseAt(poses, pull) : 0;
  const pose = poses?.[at];
  return (
    <>
      <PieceScene
        name={data.name}
        rings={rings}
        which={all}
        colours={piece.colours}
        palette={data.colours.palette}
        wireMm={data.wireDiameterMm}
        fitKey={`${weave.id} ${piece.colours.length}`}
      />
      {poses && poses.length > 1 && pose && (
        <label className="pull">
          <PullSlider {...{ poses, at, units }} onPull={onPull} />
        </label>
      )}
    </>
  );
}
