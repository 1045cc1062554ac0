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

const SAID = {
  open: { ring: "open rings", below: "ends aside, not apart" },
  closed: { ring: "closed rings", below: many(2, "flush end") },
  turns: { ring: "rings of several turns", below: "turn on turn" },
};

/** The rings in hand, closed, open, or of several turns, of which two are drawn; of many rings a handful. */
export function LooseRings({ lie, count }: { lie: keyof typeof SAID; count: number }) {
  const places = PLACES.slice(0, Math.max(1, count));
  const box = boxOf(places);
  const { ring, below } = SAID[lie];
  return (
    <svg
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      className="loose-rings"
      role="img"
      aria-label={ring}
    >
      {places.map(([x, y], i) => (
        <g key={i} transform={`rotate(${i * 57} ${x} ${y})`}>
          {lie === "turns" && <Ring x={x + BEHIND} y={y - BEHIND} gap={0.6} />}
          <Ring x={x} y={y} gap={lie === "open" ? 40 : 0.6} />
        </g>
      ))}
      <text x={box.x + box.width / 2} y={box.y + box.height - 8} textAnchor="middle" className="soft">
        {below}
      </text>
    </svg>
  );
}

/** How far the next turn shows behind one. */
const BEHIND = 5;

function Ring({ x, y, gap }: { x: number; y: number; gap: number }) {
  const path = openRing(x, y, RADIUS, gap);
  return (
    <>
      <path d={path} fill="none" stroke="var(--ink)" strokeWidth={WIRE} />
      <path d={path} fill="none" stroke="var(--paper)" strokeWidth="9" />
    </>
  );
}
