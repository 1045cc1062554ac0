import { openRing } from "../../drawing/ring";
import { many } from "../../quantity/format";

const RADIUS = 46;
const WIRE = 13;
const PLACES: readonly (readonly [number, number])[] = [
  [120, 130],
  [250, 90],
  [205, 220],
  [330, 190],
  [110, 265],
  [300, 305],
];

/** So that a few are not drawn larger than a handful. */
const LEAST = 300;

/** What these rings lie in, with room for a line below. */
function boxOf(places: readonly (readonly [number, number])[]) {
  const reach = RADIUS + WIRE;
  const left = Math.min(...places.map(([x]) => x)) - reach;
  const right = Math.max(...places.map(([x]) => x)) + reach;
  const top = Math.min(...places.map(([, y]) => y)) - reach;
  const bottom = Math.max(...places.map(([, y]) => y)) + reach + 34;
  const width = Math.max(LEAST, right - left);
  return { x: (left + right - width) / 2, y: top, width, height: bottom - top };
}

/** The rings in hand, closed or open; of many a handful. */
export function LooseRings({ open, count }: { open: boolean; count: number }) {
  const places = PLACES.slice(0, Math.max(1, count));
  const gap = open ? 40 : 0.6;
  const box = boxOf(places);
  return (
    <svg
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      className="loose-rings"
      role="img"
      aria-label={open ? "open rings" : "closed rings"}
    >
      {places.map(([x, y], i) => (
        <g key={i} transform={`rotate(${i * 57} ${x} ${y})`}>
          <path d={openRing(x, y, RADIUS, gap)} fill="none" stroke="var(--ink)" strokeWidth={WIRE} />
          <path d={openRing(x, y, RADIUS, gap)} fill="none" stroke="var(--paper)" strokeWidth="9" />
        </g>
      ))}
      <text x={box.x + box.width / 2} y={box.y + box.height - 8} textAnchor="middle" className="soft">
        {open ? "ends aside, not apart" : many(2, "flush end")}
      </text>
    </svg>
  );
}
