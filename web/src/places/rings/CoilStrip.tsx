import type { ReactNode } from "react";
import { usePreferences } from "../../api/queries";
import type { Kept, RingJobData, RingSheet } from "../../api/types";
import { coilSegments, turnEdges, type Segment } from "../../drawing/coil";
import { toneOf } from "../../drawing/metals";
import { many, plain, wireLength } from "../../quantity/format";
import { CountInput } from "../../shared/shell/CountInput";
import { NumberInput } from "../../shared/shell/NumberInput";
import { Ruler } from "../../shared/shell/Ruler";
import { usePixelsPerMm } from "../../shared/kernel/scale";
import { useSize } from "../../shared/kernel/useSize";
import { WindingChoice, type Change } from "./JobSentence";
import { OwnLosses } from "./OwnLosses";
import { StartRun } from "./StartRun";

const HEIGHT = 52;
const INSET = 28;

interface Props {
  kept: Kept<RingJobData>;
  sheet: RingSheet;
  data: RingJobData;
  change: Change;
  /** A value is refused: what is shown is from before. */
  shut?: boolean;
}

/** The coil lies along the bottom edge at true scale: lead, spoilt turns, rings, spare, tail, over a ruler edge. */
export function CoilStrip({ kept, sheet, data, change, shut = false }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const pixelsPerMm = usePixelsPerMm();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const coil = sheet.coils[0];
  if (!coil) {
    return null;
  }
  const total = sheet.figures.find((f) => f.id === "wire-total")!.value;
  const spare = sheet.ringsMade - data.ringCount;
  const more = sheet.coils.length - 1;
  const lastSpare = sheet.coils.length === 1 ? spare : 0;
  return (
    <>
      <div className="strip-head">
        <p className="sentence text-[17px]">
          <strong className="figures">
            {more === 0 ? "One coil" : many(sheet.coils.length, "coil")}: {plain(coil.turnsWound)} turns
            {more > 0 ? " in the first" : ""}, {wireLength(total, units)} of wire,{" "}
            {plain(coil.woundLengthMm, 0)} mm long
          </strong>
        </p>
        <StartRun kept={kept} sheet={sheet} shut={shut} />
        <CoilSentence {...{ sheet, data, change }} coil={coil} />
      </div>
      <div ref={ref}>
        {width > 0 && (
          <>
            <CoilDrawing
              segments={coilSegments(coil, lastSpare, data.turnsPerRing)}
              metal={data.metal}
              width={width}
              pixelsPerMm={pixelsPerMm}
              label={`First coil: ${coil.rings} rings of ${coil.turnsWound} turns, ${coil.spoiltTurns} spoilt, ${lastSpare} spare`}
            />
            <Ruler width={width} pixelsPerMm={pixelsPerMm} inset={INSET} />
          </>
        )}
      </div>
    </>
  );
}

/** How many, how much spare, and what the hand leaves and loses. */
function CoilSentence({
  sheet,
  data,
  change,
  coil,
}: Pick<Props, "sheet" | "data" | "change"> & { coil: RingSheet["coils"][number] }) {
  return (
    <p className="sentence small basis-full">
      <CountInput
        label="Rings wanted"
        value={data.ringCount}
        onChange={(value) => change({ ringCount: value }, "rings wanted")}
      />
      <span>to keep,</span>
      <NumberInput
        label="Spare percent"
        kind="number"
        decimals={0}
        step={1}
        unit="%"
        value={data.sparePercent}
        onChange={(value) => change({ sparePercent: value }, "spare")}
      />
      <span>spare,</span>
      <WindingChoice data={data} change={change} />
      <span className="comma">, lead</span>
      <NumberInput
        label="Lead"
        decimals={0}
        step={5}
        value={data.leadMm}
        onChange={(value) => change({ leadMm: value }, "lead")}
      />
      <span>tail</span>
      <NumberInput
        label="Tail"
        decimals={0}
        step={5}
        value={data.tailMm}
        onChange={(value) => change({ tailMm: value }, "tail")}
      />
      <span>,</span>
      <NumberInput
        label="Spoilt turns at each end"
        kind="number"
        decimals={0}
        step={1}
        value={data.spoiltTurnsPerEnd}
        onChange={(value) => change({ spoiltTurnsPerEnd: value }, "spoilt turns")}
      />
      <span>
        spoilt at each end
        {coil.spoiltTurns < 2 * data.spoiltTurnsPerEnd &&
          (coil.spoiltTurns === 0 ? "; none for so few rings" : `; ${coil.spoiltTurns / 2} for so few rings`)}
        .
      </span>
      <OfOwn {...{ sheet, data, change }} />
    </p>
  );
}

/** What the maker's coils and spool say. */
function OfOwn({ sheet, data, change }: Pick<Props, "sheet" | "data" | "change">) {
  return (
    <>
      <OwnLosses data={data} change={change} />
      <Stock sheet={sheet} data={data} />
    </>
  );
}

function Stock({ sheet, data }: { sheet: RingSheet; data: RingJobData }): ReactNode {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { stock } = sheet;
  if (!stock || stock.lengthLeftMm === null) {
    return <span className="soft">{data.spoolId ? "How much is left on the spool is not known." : ""}</span>;
  }
  return stock.shortMm > 0 ? (
    <strong className="care">
      The spool is {wireLength(stock.shortMm, units)} short: it gives {many(stock.ringsPossible ?? 0, "ring")}
      .
    </strong>
  ) : (
    <span className="soft">
      The spool has {wireLength(stock.lengthLeftMm, units)}: {many(stock.ringsPossible ?? 0, "ring")}
      {stock.cost !== null && `; this costs ${stock.cost.toFixed(2)}`}.
    </span>
  );
}

interface DrawingProps {
  segments: Segment[];
  metal: string;
  width: number;
  pixelsPerMm: number;
  label: string;
}

const WORDS: Partial<Record<Segment["part"], string>> = { spoilt: "spoilt", spare: "spare" };

function CoilDrawing({ segments, metal, width, pixelsPerMm, label }: DrawingProps) {
  const tone = toneOf(metal);
  const x = (mm: number) => INSET + mm * pixelsPerMm;
  const end = x(segments.at(-1)!.to);
  return (
    <svg width={width} height={HEIGHT + 10} role="img" aria-label={label} className="block">
      <defs>
        <linearGradient id="turn" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor={tone.deep} />
          <stop offset="0.14" stopColor={tone.body} />
          <stop offset="0.36" stopColor={tone.light} />
          <stop offset="0.7" stopColor={tone.body} />
          <stop offset="1" stopColor={tone.deep} />
        </linearGradient>
      </defs>
      {segments.map((segment, i) => (
        <SegmentDrawing key={i} segment={segment} x={x} pixelsPerMm={pixelsPerMm} body={tone.body} />
      ))}
      {end > width && (
        <>
          <rect x={width - 70} y={0} width={70} height={HEIGHT + 10} fill="var(--sheet)" opacity={0.9} />
          <text x={width - 60} y={HEIGHT / 2 + 10} className="soft">
            goes on
          </text>
        </>
      )}
    </svg>
  );
}

function SegmentDrawing(props: {
  segment: Segment;
  x: (mm: number) => number;
  pixelsPerMm: number;
  body: string;
}) {
  const { segment, x, pixelsPerMm, body } = props;
  const top = 6;
  const from = x(segment.from);
  const wide = x(segment.to) - from;
  if (segment.part === "lead" || segment.part === "tail") {
    const y = segment.part === "lead" ? top + HEIGHT - 12 : top + 6;
    return <rect x={from} y={y} width={wide} height={Math.max(3, pixelsPerMm)} fill={body} />;
  }
  const edges = turnEdges(segment);
  const one = wide / Math.max(1, edges.length);
  const thrown = segment.part === "spoilt" || segment.part === "leftover";
  return (
    <g opacity={segment.part === "spare" ? 0.55 : 1}>
      {edges.map((edge) => (
        <rect
          key={edge}
          x={x(edge) + 0.3}
          y={top}
          width={Math.max(0.7, one - 0.7)}
          height={HEIGHT - 8}
          rx={Math.min(1.6, one / 3)}
          fill={thrown ? "none" : "url(#turn)"}
          stroke={thrown ? "var(--soft)" : "none"}
          strokeDasharray={thrown ? "2 2" : undefined}
        />
      ))}
      {WORDS[segment.part] && wide > 34 && (
        <text x={from + wide / 2} y={top + HEIGHT + 2} textAnchor="middle">
          {WORDS[segment.part]}
        </text>
      )}
    </g>
  );
}
