import { scaleLinear, type ScaleLinear } from "d3-scale";
import { useMemo } from "react";
import type { RingSheet, WeaveWindow } from "../../api/types";
import { lanes, onScale, spread } from "../../drawing/ladder";
import { openRing } from "../../drawing/ring";
import { plain } from "../../quantity/format";
import { useSize } from "../../shared/kernel/useSize";
import { useWindows } from "./useWindows";

const LOW = 2;
const HIGH = 7;
const AXIS = 38;
const FIRST_LANE = 50;
const LANE = 11;

/** A weave's bar on the ladder, in nominal aspect ratio. */
interface Bar {
  id: string;
  name: string;
  low: number;
  high: number;
  fits: boolean;
  /** The trade's habit, drawn beside a bar that was solved. */
  habit: { low: number; high: number } | null;
}

/** Where each weave drapes, as solved, on this ring's nominal scale; the customary window until it is. */
function barsOf(sheet: RingSheet, solved: readonly WeaveWindow[]): Bar[] {
  return sheet.weaves.map((weave) => {
    const known = solved.find((one) => one.weaveId === weave.id);
    return known
      ? { ...weave, ...known, habit: { low: weave.low, high: weave.high } }
      : { ...weave, fits: weave.fit === "USUAL", habit: null };
  });
}

/** Aspect ratios as a ladder: where each weave drapes, and this ring as the marker. */
export function Ladder({ sheet }: { sheet: RingSheet }) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const top = 46;
  const bottom = Math.max(top + 220, height - 34);
  const y = scaleLinear([LOW, HIGH], [bottom, top]);
  const end = y.copy().clamp(true);
  const nominal = sheet.ring.nominalAspectRatio;
  const stands = onScale(nominal, LOW, HIGH);
  const marker = y(stands.at);
  const solved = useWindows(sheet);
  const bars = useMemo(() => barsOf(sheet, solved ?? []), [sheet, solved]);
  const lane = lanes(bars);
  const laneCount = Math.max(...lane.values()) + 1;
  const labelX = FIRST_LANE + laneCount * LANE + 8;
  const labelY = spread(
    bars.map((weave) => end((weave.low + weave.high) / 2)),
    19,
    top + 6,
    bottom,
  );
  return (
    <div ref={ref} className="h-full min-h-[330px] overflow-hidden">
      {width > 0 && (
        <svg width={width} height={Math.max(height, 330)} role="img" aria-label={describe(sheet, bars)}>
          <text x={4} y={18} className="soft">
            nominal aspect ratio
          </text>
          <path className="edge" d={`M${AXIS} ${top}V${bottom}`} />
          <Ticks y={y} marker={marker} />
          {bars.map((weave, i) => (
            <BarDrawn
              key={weave.id}
              weave={weave}
              x={FIRST_LANE + lane.get(weave.id)! * LANE}
              end={end}
              label={{ x: labelX, y: labelY[i]! }}
            />
          ))}
          {stands.beyond === null ? (
            <>
              <path d={`M${AXIS - 20} ${marker}H${labelX - 4}`} className="marked" strokeWidth="1.3" />
              <circle cx={AXIS - 26} cy={marker} r={9} fill="var(--paper)" />
              <path d={openRing(AXIS - 26, marker, 7, 0.5)} className="marked" strokeWidth="4" />
            </>
          ) : (
            <Beyond y={marker} above={stands.beyond === "above"} ratio={nominal} />
          )}
          <text x={4} y={Math.max(height, 330) - 8} className="soft">
            {solved ? "bars as solved, lines usual" : "usual windows"}
          </text>
        </svg>
      )}
    </div>
  );
}

/** A weave's bar in its lane, the trade's habit beside it, its name led out. */
function BarDrawn({
  weave,
  x,
  end,
  label,
}: {
  weave: Bar;
  x: number;
  end: (ratio: number) => number;
  label: { x: number; y: number };
}) {
  return (
    <g>
      <rect
        x={x}
        y={end(weave.high)}
        width={7}
        height={end(weave.low) - end(weave.high)}
        fill={weave.fits ? "var(--mark)" : "color-mix(in oklab, var(--soft) 34%, var(--paper))"}
      />
      {weave.habit && (
        <path
          className="dimension"
          d={`M${x + 9} ${end(weave.habit.high)}V${end(weave.habit.low)}${mark(x + 9, weave.habit.high, end)}${mark(x + 9, weave.habit.low, end)}`}
        />
      )}
      <path
        className="extension"
        opacity={0.35}
        d={`M${x + 9} ${end((weave.low + weave.high) / 2)}L${label.x - 4} ${label.y - 4}`}
      />
      <text
        x={label.x}
        y={label.y}
        className={weave.fits ? "" : "soft"}
        style={weave.fits ? { fill: "var(--mark)", fontWeight: 700 } : {}}
      >
        {short(weave.name)}
      </text>
    </g>
  );
}

/** Figures stand aside for the marker. */
function Ticks({ y, marker }: { y: ScaleLinear<number, number>; marker: number }) {
  return (
    <>
      {y.ticks(2 * (HIGH - LOW)).map((ratio) => (
        <g key={ratio}>
          <path className="dimension" d={`M${AXIS} ${y(ratio)}h${Number.isInteger(ratio) ? -9 : -5}`} />
          {Number.isInteger(ratio) && Math.abs(y(ratio) - marker) > 16 && (
            <text className="figures" x={AXIS - 14} y={y(ratio) + 5} textAnchor="end">
              {ratio}
            </text>
          )}
        </g>
      ))}
    </>
  );
}

/** The end of a habit: a tick where it ends, an arrowhead where it goes on beyond the ladder. */
function mark(x: number, ratio: number, end: (ratio: number) => number): string {
  const { beyond } = onScale(ratio, LOW, HIGH);
  const back = beyond === "above" ? 5 : -5;
  return beyond === null
    ? `M${x - 2} ${end(ratio)}h3`
    : `M${x - 3} ${end(ratio) + back}L${x} ${end(ratio)}L${x + 3} ${end(ratio) + back}`;
}

/** This ring is off the ladder: an arrow that way, and how far. */
function Beyond({ y, above, ratio }: { y: number; above: boolean; ratio: number }) {
  const up = above ? -1 : 1;
  return (
    <g data-testid="beyond">
      <path
        className="marked"
        strokeWidth="1.6"
        d={`M14 ${y - up * 6}V${y + up * 10}m-5 ${-up * 6}l5 ${up * 6}l5 ${-up * 6}`}
      />
      <text x={24} y={y + up * 12 + 4} className="figures" style={{ fill: "var(--mark)", fontWeight: 700 }}>
        {plain(ratio, 1)}, {above ? "above" : "below"} the ladder
      </text>
    </g>
  );
}

function short(name: string): string {
  return name
    .replace("European ", "sheet ")
    .replace("Persian ", "Pers. ")
    .replace("double chain 2-in-2", "double chain")
    .replace("three in a spiral", "three-spiral");
}

function describe(sheet: RingSheet, bars: readonly Bar[]): string {
  const usual = bars.filter((weave) => weave.fits).map((weave) => weave.name);
  return `Nominal aspect ratio ${plain(sheet.ring.nominalAspectRatio)}. Usual for ${usual.join(", ") || "none of the weaves kept"}.`;
}
