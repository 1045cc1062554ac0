import { scaleLinear, type ScaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { MM_PER_INCH } from "../../quantity/inches";
import type { SpringbackView } from "../../api/types";
import { plain, type Units } from "../../quantity/format";

type Rod = SpringbackView["rods"][number];

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
  const perUnit = units === "INCHES" ? MM_PER_INCH : 1;
  const widest = rods.at(-1)!.mandrelDiameterMm;
  const x = scaleLinear([0, (widest * 1.04) / perUnit], [LEFT, W - 10]);
  const y = scaleLinear(
    [Math.min(0, ...gains) / perUnit, (Math.max(...gains, 0.05) * 1.08) / perUnit],
    [BOTTOM, 26],
  );
  const at = (rod: Rod) => x(rod.mandrelDiameterMm / perUnit);
  const above = (inner: number, rod: Rod) => y((inner - rod.mandrelDiameterMm) / perUnit);
  const through = (pick: (rod: Rod) => number | null) =>
    line<Rod>()
      .defined((rod) => pick(rod) !== null)
      .x(at)
      .y((rod) => above(pick(rod)!, rod))(rods) ?? undefined;
  const fitted = rods.filter((rod) => rod.lowMm !== null);
  const band =
    area<Rod>()
      .x(at)
      .y0((rod) => above(rod.lowMm!, rod))
      .y1((rod) => above(rod.highMm!, rod))(fitted) ?? undefined;
  const unit = units === "INCHES" ? "in" : "mm";
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="mt-4 w-full max-w-[820px]"
      role="img"
      aria-label="Springback against rod: handbook, own fit and measurements"
    >
      <text x={0} y={14} className="soft">
        opens by, {unit}
      </text>
      <path className="edge" d={`M${LEFT} 22V${BOTTOM}H${W}`} />
      <GainAxis y={y} />
      {fitted.length > 1 && <path d={band} fill="color-mix(in oklab, var(--mark) 15%, transparent)" />}
      <path className="dash" d={through((rod) => rod.handbookMm)} />
      <path className="marked" strokeWidth="2" d={through((rod) => rod.fittedMm)} />
      <Coils readings={view.readings} {...{ x, y, perUnit }} />
      <RodAxis {...{ rods, at, perUnit }} />
      <text x={W - 4} y={H - 4} textAnchor="end" className="soft">
        rod, {unit}
      </text>
      <Legend fitted={fitted.length > 1} />
    </svg>
  );
}

interface CoilsProps {
  readings: SpringbackView["readings"];
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
  perUnit: number;
}

/** Every coil measured; one left out is hollow. */
function Coils({ readings, x, y, perUnit }: CoilsProps) {
  return (
    <>
      {readings.map((reading) => (
        <circle
          key={reading.id}
          cx={x(reading.mandrelDiameterMm / perUnit)}
          cy={y((reading.sprungInnerMm - reading.mandrelDiameterMm) / perUnit)}
          r={5}
          fill={reading.leftOut ? "none" : "var(--ink)"}
          stroke="var(--ink)"
          strokeDasharray={reading.leftOut ? "2 2" : undefined}
          opacity={0.85}
        />
      ))}
    </>
  );
}

function GainAxis({ y }: { y: ScaleLinear<number, number> }) {
  const mark = y.tickFormat(5);
  return (
    <>
      {y.ticks(5).map((gain) => (
        <g key={gain}>
          <path className="extension" opacity={0.3} d={`M${LEFT} ${y(gain)}H${W}`} />
          <text x={LEFT - 8} y={y(gain) + 4} textAnchor="end">
            {mark(gain)}
          </text>
        </g>
      ))}
    </>
  );
}

/** A tick for each rod, its diameter where there is room. */
function RodAxis({ rods, at, perUnit }: { rods: Rod[]; at: (rod: Rod) => number; perUnit: number }) {
  return (
    <>
      {rods.map((rod, i) => (
        <g key={i}>
          <path className="dimension" d={`M${at(rod)} ${BOTTOM}v6`} />
          {(i === 0 || at(rod) - at(rods[i - 1]!) > 20) && (
            <text x={at(rod)} y={BOTTOM + 20} textAnchor="middle">
              {plain(rod.mandrelDiameterMm / perUnit)}
            </text>
          )}
        </g>
      ))}
    </>
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
