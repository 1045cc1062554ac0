import { useState, type ReactNode } from "react";
import { usePreferences } from "../../api/queries";
import type { FormAnswer, FormWire } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { layMarks, readableScale, stripScale, type StripMark } from "../../drawing/strip";
import { plain, size as sizeOf, sizeText, wireLength } from "../../quantity/format";
import { Ruler } from "./Ruler";
import { usePixelsPerMm } from "../kernel/scale";
import { useSize } from "../kernel/useSize";

const INSET = 28;
const LABEL = 40;
const LABEL_Y = 28;
const WIRE_Y = 66;
/** From one row of figures to the next. */
const ROW = 15;

/** As large as its marks need, at true size, or as wide as the screen. */
type StripSize = "readable" | "true" | "wide";
const STRIP_SIZES: StripSize[] = ["readable", "true", "wide"];
const STRIP_WORDS: Record<StripSize, string> = {
  readable: "to read",
  true: "true size",
  wide: "as wide as it goes",
};

/** The wire itself, straight, at true scale: every mark in its place, tails hatched as waste, the step in hand marked. */
export function WireStrip({
  form,
  step,
  copies,
  children,
}: {
  form: FormAnswer;
  step: number | null;
  copies: number;
  children?: ReactNode;
}) {
  const [size, setSize] = useState<StripSize>("readable");
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [chosen, setChosen] = useState(0);
  const inHand = step === null ? -1 : form.wires.findIndex((wire) => wire.name === form.steps[step]?.wire);
  const index = inHand >= 0 ? inHand : Math.min(chosen, form.wires.length - 1);
  const wire = form.wires[index]!;
  return (
    <>
      <div className="strip-head">
        <p className="figures strong">
          Cut {sizeText(wire.lengthToCutMm, units, 1)}
          <span className="soft font-medium">
            {" "}
            {wire.offcutMm > 0.05
              ? `${sizeText(wire.offcutMm, units, 1)} of it comes back`
              : "nothing is trimmed"}
            {wire.meltedMm > 0 && `, ${sizeText(wire.meltedMm, units, 1)} melts into the ball`}
            {copies > 1 && `; ${copies} copies take ${wireLength(wire.forCopiesMm, units)}`}
          </span>
        </p>
        <span className="flex items-baseline gap-5">
          <HowLarge size={size} onSize={setSize} />
          {form.wires.length > 1 && (
            <select
              className="word-select"
              aria-label="Wire shown"
              value={index}
              onChange={(event) => setChosen(Number(event.target.value))}
            >
              {form.wires.map((one, i) => (
                <option key={i} value={i}>
                  {one.name}, {plain(one.diameterMm)} mm
                </option>
              ))}
            </select>
          )}
        </span>
      </div>
      {children}
      <Straight wire={wire} metal={form.metal} step={step} size={size} />
    </>
  );
}

function HowLarge({ size, onSize }: { size: StripSize; onSize: (size: StripSize) => void }) {
  return (
    <span className="segmented small" role="radiogroup" aria-label="How large the strip is">
      {STRIP_SIZES.map((one) => (
        <label key={one}>
          <input type="radio" name="strip-size" checked={size === one} onChange={() => onSize(one)} />
          {STRIP_WORDS[one]}
        </label>
      ))}
    </span>
  );
}

interface StraightProps {
  wire: FormWire;
  metal: string;
  step: number | null;
  size?: StripSize;
}

/** One wire straight, on its ruler. */
export function Straight({ wire, metal, step, size = "readable" }: StraightProps) {
  const { ref, width } = useSize<HTMLDivElement>();
  const truePixels = usePixelsPerMm();
  const room = width - 2 * INSET;
  const scale =
    size === "readable"
      ? readableScale(wire.marks, wire.lengthToCutMm, room, truePixels)
      : stripScale(wire.lengthToCutMm, room, size === "wide" ? 40 * truePixels : truePixels);
  return (
    <div ref={ref} className="straight" data-testid="wire-strip">
      {width > 0 && (
        <>
          <Laid {...{ wire, metal, step, width, scale }} />
          <Ruler width={width} pixelsPerMm={scale} inset={INSET} />
          {Math.abs(scale - truePixels) > 1e-6 && (
            <p className="strip-note tiny soft">
              {scale < truePixels ? "longer than this screen: " : ""}shown at{" "}
              {plain((100 * scale) / truePixels, 0)} %
            </p>
          )}
        </>
      )}
    </div>
  );
}

interface LaidProps extends Omit<StraightProps, "size"> {
  /** Pixels. */
  width: number;
  /** Pixels a millimetre. */
  scale: number;
}

/** The wire with its marks, what is waste hatched, what is in hand underlined. */
function Laid({ wire, metal, step, width, scale }: LaidProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const x = (mm: number) => INSET + mm * scale;
  const thick = Math.max(5, Math.min(18, wire.diameterMm * scale));
  const marks = layMarks(wire.marks, scale, LABEL, width - 2 * INSET, (mm) => sizeOf(mm, units, 1).value);
  const lift = marks.some((mark) => mark.row === 1) ? ROW : 0;
  const y = WIRE_Y + lift;
  const hand = wire.stretches.filter((one) => one.step === step && step !== null);
  const first = wire.firstTailMm;
  const end = first + wire.lengthInPieceMm;
  return (
    <svg width={width} height={y + 18} role="img" aria-label={`${wire.marks.length} marks on the wire`}>
      <Kept from={x(first)} to={x(end)} y={y} thick={thick} metal={wire.metal ?? metal} />
      <Waste from={x(0)} to={x(first)} y={y} thick={thick} />
      <Waste from={x(end)} to={x(wire.lengthToCutMm)} y={y} thick={thick} />
      {hand.map((one, i) => (
        <rect
          key={i}
          x={x(first + one.wireFromMm)}
          y={y + thick / 2 + 3}
          width={Math.max(2, (one.wireToMm - one.wireFromMm) * scale)}
          height={4}
          fill="var(--mark)"
        />
      ))}
      {marks.map((mark, i) => (
        <Mark
          key={i}
          mark={mark}
          x={x(mark.at)}
          below={y + thick / 2 + 2}
          above={y - thick / 2 - 5}
          labelY={LABEL_Y + (mark.row === 1 ? 0 : lift)}
        />
      ))}
    </svg>
  );
}

interface MarkProps {
  mark: StripMark;
  x: number;
  /** Where its line begins below the wire and where it turns to its figure above it. */
  below: number;
  above: number;
  labelY: number;
}

/** A mark across the wire, led to its figure. */
function Mark({ mark, x, below, above, labelY }: MarkProps) {
  const label = INSET + mark.labelX;
  return (
    <g>
      <path
        className={mark.kind === "MIDDLE" ? "marked" : mark.kind === "TRIM" ? "dash" : "dimension"}
        strokeWidth={mark.kind === "MIDDLE" ? 2 : 1}
        fill="none"
        d={`M${x} ${below}V${above}L${label} ${labelY + 5}`}
      />
      <text className={mark.kind === "TRIM" ? "soft" : "figures"} x={label} y={labelY} textAnchor="middle">
        {mark.label}
      </text>
    </g>
  );
}

interface Stretch {
  from: number;
  to: number;
  y: number;
  thick: number;
}

/** What stays of it, in its metal. */
function Kept({ from, to, y, thick, metal }: Stretch & { metal: string }) {
  const tone = toneOf(metal);
  return (
    <>
      <rect x={from} y={y - thick / 2} width={to - from} height={thick} fill={tone.body} stroke={tone.deep} />
      <rect x={from} y={y - thick * 0.28} width={to - from} height={thick * 0.2} fill={tone.light} />
    </>
  );
}

function Waste({ from, to, y, thick }: Stretch) {
  if (to - from < 0.5) {
    return null;
  }
  const lines = Array.from({ length: Math.floor((to - from) / 6) + 1 }, (_, i) => from + i * 6)
    .map((at) => `M${at} ${y + thick / 2}L${Math.min(to, at + thick)} ${y - thick / 2}`)
    .join("");
  return (
    <>
      <rect x={from} y={y - thick / 2} width={to - from} height={thick} className="waste" />
      <path d={lines} stroke="var(--soft)" strokeWidth="0.8" />
    </>
  );
}
