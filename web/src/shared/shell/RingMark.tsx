import type { RingSizes } from "../../api/types";
import { openRing } from "../../drawing/ring";
import { MetalFace } from "./MetalFace";

/** A ring in its metal and its proportions; dashed where there is none yet. */
export function RingMark({
  sizes,
  metal,
  box,
  largestMm,
}: {
  sizes: RingSizes | null;
  metal: string;
  box: number;
  /** Outside of the ring that fills the box, where several stand on one scale; else each fills its own. */
  largestMm?: number;
}) {
  const c = box / 2;
  const outer = (c - 2) * (sizes && largestMm ? Math.max(0.1, sizes.closedOuterMm / largestMm) : 1);
  return (
    <svg width={box} height={box} aria-hidden="true" className="block">
      {sizes ? (
        <MetalFace
          cx={c}
          cy={c}
          outer={outer}
          inner={(outer * sizes.closedInnerMm) / sizes.closedOuterMm}
          metal={metal}
        />
      ) : (
        <path d={openRing(c, c, c - 4, 40)} className="dash" />
      )}
    </svg>
  );
}
