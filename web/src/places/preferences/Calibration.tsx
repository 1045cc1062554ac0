import {
  CARD_HEIGHT_MM,
  CARD_WIDTH_MM,
  isCalibrated,
  setPixelsPerMm,
  usePixelsPerMm,
} from "../../shared/kernel/scale";
import { Ruler } from "../../shared/shell/Ruler";

const LEAST = 2;
const MOST = 12;

/** Hold any bank-size card to the glass and pull the outline to its size: from then on drawings are true. */
export function Calibration() {
  const pixelsPerMm = usePixelsPerMm();
  const width = CARD_WIDTH_MM * pixelsPerMm;
  const height = CARD_HEIGHT_MM * pixelsPerMm;
  return (
    <section aria-label="True size on this screen">
      <h2 className="text-xl font-bold">True size on this screen</h2>
      <p className="small mt-1">
        Hold a bank card to the glass, its left edge on the line, and pull until the outline is the card.
        {!isCalibrated() && <strong className="care"> Not set yet; sizes are a guess.</strong>}
      </p>
      <input
        type="range"
        className="range range-primary mt-3 w-full"
        aria-label="Size of the card outline"
        min={LEAST}
        max={MOST}
        step={0.005}
        value={pixelsPerMm}
        onChange={(event) => setPixelsPerMm(Number(event.target.value))}
      />
      <div className="mt-3 overflow-hidden">
        <svg
          width={width + 4}
          height={height + 4}
          role="img"
          aria-label="Outline of a bank card, 85.60 by 53.98 mm"
          className="block max-w-none"
        >
          <rect x="1" y="1" width={width} height={height} rx={3.18 * pixelsPerMm} className="edge" />
          <path className="marked" strokeWidth="3" d={`M1.5 0V${height + 4}`} />
          <text x={width / 2} y={height / 2} textAnchor="middle">
            85.60 × 53.98 mm
          </text>
          <text x={width / 2} y={height / 2 + 18} textAnchor="middle" className="soft">
            ISO/IEC 7810 ID-1
          </text>
        </svg>
        <Ruler width={width + 4} pixelsPerMm={pixelsPerMm} inset={1} />
      </div>
    </section>
  );
}
