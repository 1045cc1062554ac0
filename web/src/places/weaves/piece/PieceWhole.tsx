import { useMemo } from "react";
import type { PieceView, WeaveEntry, WeaveJobData, WeavePose } from "../../../api/types";
import { poseAt } from "../../../drawing/weave";
import { sizeText, type Units } from "../../../quantity/format";
import { PieceScene } from "../PieceScene";

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
          <span className="soft">pushed together</span>
          <input
            type="range"
            min={0}
            max={poses.length - 1}
            step={1}
            value={at}
            aria-label="From pushed together to taut"
            aria-valuetext={`pitch ${sizeText(pose.pitchMm, units)}`}
            onChange={(event) => onPull(Number(event.target.value) / (poses.length - 1))}
          />
          <span className="soft">taut</span>
        </label>
      )}
    </>
  );
}
