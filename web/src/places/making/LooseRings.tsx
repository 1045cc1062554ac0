import { openRing } from "../../drawing/ring";
import { many } from "../../quantity/format";

/** A handful of rings, closed or open. */
export function LooseRings({ open }: { open: boolean }) {
  const places = [
    [120, 130],
    [250, 90],
    [205, 220],
    [330, 190],
    [110, 265],
    [300, 305],
  ];
  const gap = open ? 40 : 0.6;
  return (
    <svg
      viewBox="0 0 430 400"
      className="making-drawing"
      role="img"
      aria-label={open ? "open rings" : "closed rings"}
    >
      {places.map(([x, y], i) => (
        <g key={i} transform={`rotate(${i * 57} ${x} ${y})`}>
          <path d={openRing(x!, y!, 46, gap)} fill="none" stroke="var(--ink)" strokeWidth="13" />
          <path d={openRing(x!, y!, 46, gap)} fill="none" stroke="var(--paper)" strokeWidth="9" />
        </g>
      ))}
      <text x={215} y={385} textAnchor="middle" className="soft">
        {open ? "ends aside, not apart" : many(2, "flush end")}
      </text>
    </svg>
  );
}
