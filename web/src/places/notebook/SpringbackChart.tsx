import { MM_PER_INCH } from "../../quantity/inches";
import type { SpringbackView } from "../../api/types";
import { plain, type Units } from "../../quantity/format";

const W = 760;
const H = 300;
const LEFT = 52;
const BOTTOM = H - 40;

/** How much the ring opens over its rod, against the rod: handbook dashed, own fit with its band, and every coil measured. */
export function SpringbackChart({ view, units }: { view: SpringbackView; units: Units }) {
  const rods = view.rods.filter((rod) => rod.handbookMm !== null || rod.fittedMm !== null);
  if (rods.length < 2) {
    return <p className="soft mt-4">Two rods or more are needed to draw the line.</p>;
  }
  const open = (inner: number | null, rod: number) => (inner === null ? null : inner - rod);
  const gains = [
    ...rods.flatMap((rod) => [
      open(rod.handbookMm, rod.mandrelDiameterMm),
      open(rod.highMm, rod.mandrelDiameterMm),
    ]),
    ...view.readings.map((reading) => reading.sprungInnerMm - reading.mandrelDiameterMm),
  ].filter((gain): gain is number => gain !== null);
  const most = Math.max(...gains, 0.05) * 1.08;
  const least = Math.min(0, ...gains);
  const widest = rods.at(-1)!.mandrelDiameterMm;
  const x = (rod: number) => LEFT + (rod / (widest * 1.04)) * (W - LEFT - 10);
  const y = (gain: number) => BOTTOM - ((gain - least) / (most - least)) * (BOTTOM - 26);
  const line = (pick: (rod: (typeof rods)[number]) => number | null) =>
    rods
      .filter((rod) => pick(rod) !== null)
      .map(
        (rod, i) =>
          `${i === 0 ? "M" : "L"}${x(rod.mandrelDiameterMm)} ${y(pick(rod)! - rod.mandrelDiameterMm)}`,
      )
      .join("");
  const fitted = rods.filter((rod) => rod.lowMm !== null);
  const bandPath =
    fitted
      .map((r, i) => `${i === 0 ? "M" : "L"}${x(r.mandrelDiameterMm)} ${y(r.highMm! - r.mandrelDiameterMm)}`)
      .join("") +
    [...fitted]
      .reverse()
      .map((r) => `L${x(r.mandrelDiameterMm)} ${y(r.lowMm! - r.mandrelDiameterMm)}`)
      .join("") +
    "Z";
  const shown = (gain: number) => (units === "INCHES" ? (gain / MM_PER_INCH).toFixed(3) : gain.toFixed(1));
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="mt-4 w-full max-w-[820px]"
      role="img"
      aria-label="Springback against rod: handbook, own fit and measurements"
    >
      <text x={0} y={14} className="soft">
        opens by, {units === "INCHES" ? "in" : "mm"}
      </text>
      <path className="edge" d={`M${LEFT} 22V${BOTTOM}H${W}`} />
      {niceSteps(most).map((gain) => (
        <g key={gain}>
          <path className="extension" opacity={0.3} d={`M${LEFT} ${y(gain)}H${W}`} />
          <text x={LEFT - 8} y={y(gain) + 4} textAnchor="end">
            {shown(gain)}
          </text>
        </g>
      ))}
      {fitted.length > 1 && <path d={bandPath} fill="color-mix(in oklab, var(--mark) 15%, transparent)" />}
      <path className="dash" d={line((rod) => rod.handbookMm)} />
      <path className="marked" strokeWidth="2" d={line((rod) => rod.fittedMm)} />
      {view.readings.map((reading) => (
        <circle
          key={reading.id}
          cx={x(reading.mandrelDiameterMm)}
          cy={y(reading.sprungInnerMm - reading.mandrelDiameterMm)}
          r={5}
          fill={reading.leftOut ? "none" : "var(--ink)"}
          stroke="var(--ink)"
          strokeDasharray={reading.leftOut ? "2 2" : undefined}
          opacity={0.85}
        />
      ))}
      {rods.map((rod, i) => (
        <g key={i}>
          <path className="dimension" d={`M${x(rod.mandrelDiameterMm)} ${BOTTOM}v6`} />
          {(i === 0 || x(rod.mandrelDiameterMm) - x(rods[i - 1]!.mandrelDiameterMm) > 20) && (
            <text x={x(rod.mandrelDiameterMm)} y={BOTTOM + 20} textAnchor="middle">
              {plain(rod.mandrelDiameterMm)}
            </text>
          )}
        </g>
      ))}
      <text x={W - 4} y={H - 4} textAnchor="end" className="soft">
        rod, mm
      </text>
      <Legend fitted={fitted.length > 1} />
    </svg>
  );
}

function Legend({ fitted }: { fitted: boolean }) {
  return (
    <g transform={`translate(${LEFT + 130} 10)`}>
      <path className="dash" d="M0 0H30" />
      <text x={38} y={4}>
        handbook
      </text>
      {fitted && (
        <>
          <path className="marked" strokeWidth="2" d="M120 0H150" />
          <text x={158} y={4}>
            your coils, 19 in 20 in the band
          </text>
        </>
      )}
    </g>
  );
}

function niceSteps(most: number): number[] {
  const step = most > 1 ? 0.5 : most > 0.4 ? 0.2 : 0.1;
  return Array.from({ length: Math.floor(most / step) }, (_, i) => (i + 1) * step);
}
