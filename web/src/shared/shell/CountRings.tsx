import { openRing } from "../../drawing/ring";
import { NumberInput } from "./NumberInput";

const WIDTH = 560;
const HEIGHT = 64;

/** Rings close as they are done. Rows as many as needed, so that every ring is there. */
export function CountRings({
  count,
  of,
  onCount,
  label = "Rings cut",
  what = "rings",
}: {
  count: number;
  of: number;
  onCount?: (count: number) => void;
  label?: string;
  what?: string;
}) {
  const rows = of <= 12 ? 1 : of <= 60 ? 2 : of <= 160 ? 3 : of <= 420 ? 5 : 8;
  const columns = Math.ceil(of / rows);
  const cell = Math.min(44, WIDTH / columns, HEIGHT / rows);
  const r = cell * 0.34;
  const at = (i: number) => ({
    x: (i % columns) * cell + cell / 2,
    y: Math.floor(i / columns) * cell + cell / 2,
  });
  const paths = (from: number, to: number, gap: number) =>
    Array.from({ length: Math.max(0, to - from) }, (_, k) => {
      const { x, y } = at(from + k);
      return openRing(x, y, r, gap);
    }).join("");
  const stroke = Math.max(1, cell * 0.12);
  const width = columns * cell;
  return (
    <>
      {onCount && (
        <span className="sentence justify-center">
          <NumberInput label={label} kind="number" decimals={0} step={1} value={count} onChange={onCount} />
          <span>
            of {of} {what}
          </span>
        </span>
      )}
      <svg
        viewBox={`0 0 ${width} ${rows * cell}`}
        style={{ width: `min(100%, ${width}px)` }}
        role="img"
        aria-label={`${count} of ${of}`}
      >
        <path d={paths(0, count, 0.5)} fill="none" stroke="var(--ink)" strokeWidth={stroke} />
        <path d={paths(count, Math.min(of, count + 1), 66)} className="marked" strokeWidth={stroke} />
        <path
          d={paths(count + 1, of, 66)}
          fill="none"
          stroke="var(--soft)"
          opacity="0.5"
          strokeWidth={stroke}
        />
      </svg>
    </>
  );
}
