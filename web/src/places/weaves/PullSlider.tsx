import type { WeavePose } from "../../api/types";
import { sizeText, type Units } from "../../quantity/format";

interface Props {
  poses: readonly WeavePose[];
  /** Which of them is shown. */
  at: number;
  units: Units;
  /** Told how far, 0 pushed together to 1 taut. */
  onPull: (share: number) => void;
}

/** From pushed together to taut, through poses that were solved. */
export function PullSlider({ poses, at, units, onPull }: Props) {
  const last = poses.length - 1;
  return (
    <>
      <span className="soft">pushed together</span>
      <input
        type="range"
        min={0}
        max={last}
        step={1}
        value={at}
        aria-label="From pushed together to taut"
        aria-valuetext={`pitch ${sizeText(poses[at]!.pitchMm, units)}`}
        onChange={(event) => onPull(Number(event.target.value) / last)}
      />
      <span className="soft">taut</span>
    </>
  );
}
