import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { size, type Units } from "../../quantity/format";

const W = 270;
const H = 110;

/** Repeatability: the spread of each batch, oldest first. Lower is better. */
/** @param spreads latest first */
export function Trend({ spreads: all, units }: { spreads: number[]; units: Units }) {
  const spreads = [...all].reverse().slice(-12);
  const most = Math.max(...spreads, 0.02) * 1.15;
  const x = scaleLinear([0, Math.max(1, spreads.length - 1)], [14, W - 14]);
  const y = scaleLinear([0, most], [H - 12, 22]);
  const path = line<number>()
    .x((_, i) => x(i))
    .y(y);
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
        <path className="marked" strokeWidth="1.6" d={path(spreads) ?? undefined} />
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
