import type { RingSizes } from "../api/types";
import { openRing } from "../drawing/ring";
import { MetalFace } from "./MetalFace";

/** A ring in its metal and its proportions, filling a box; dashed where there is none yet. */
export function RingMark({ sizes, metal, box }: { sizes: RingSizes | null; metal: string; box: number }) {
  const c = box / 2;
  return (
    <svg width={box} height={box} aria-hidden="true" className="block">
      {sizes ? (
        <MetalFace
          cx={c}
          cy={c}
          outer={c - 2}
          inner={((c - 2) * sizes.closedInnerMm) / sizes.closedOuterMm}
          metal={metal}
        />
      ) : (
        <path d={openRing(c, c, c - 4, 40)} className="dash" />
      )}
    </svg>
  );
}
