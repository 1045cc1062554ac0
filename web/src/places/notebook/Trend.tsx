import type { NotebookEntry } from "../../api/types";
import { size, type Units } from "../../quantity/format";

const W = 270;
const H = 110;

/** Repeatability: the spread of each batch, oldest first. Lower is better. */
export function Trend({ entries, units }: { entries: NotebookEntry[]; units: Units }) {
  const batches = [...entries].reverse().slice(-12);
  const spreads = batches.map((entry) => entry.rings!.standardDeviation);
  const most = Math.max(...spreads, 0.02) * 1.15;
  const x = (i: number) => 14 + (i * (W - 28)) / Math.max(1, batches.length - 1);
  const y = (spread: number) => H - 12 - (spread / most) * (H - 34);
  const last = spreads.at(-1)!;
  return (
    <figure>
      <figcaption className="text-lg font-bold figures">How alike your rings are</figcaption>
      <p className="small soft">spread of the measured rings, batch by batch</p>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="mt-2 w-full"
        role="img"
        aria-label={`Spreads: ${spreads.map((s) => s.toFixed(3)).join(", ")} mm`}
      >
        <path className="dimension" d={`M0 ${H - 12}H${W}`} />
        <path
          className="marked"
          strokeWidth="1.6"
          d={spreads.map((s, i) => `${i === 0 ? "M" : "L"}${x(i)} ${y(s)}`).join("")}
        />
        {spreads.map((s, i) => (
          <circle
            key={i}
            cx={x(i)}
            cy={y(s)}
            r={4.5}
            fill={i === spreads.length - 1 ? "var(--ink)" : "var(--paper)"}
            stroke="var(--ink)"
          />
        ))}
        <text className="figures" x={x(spreads.length - 1)} y={y(last) - 10} textAnchor="end">
          {size(last, units, 3).value}
        </text>
      </svg>
    </figure>
  );
}
