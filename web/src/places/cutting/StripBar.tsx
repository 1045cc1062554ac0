import type { CuttingAssignment } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { wireLength, type Units } from "../../quantity/format";
import { NumberInput } from "../../shared/shell/NumberInput";
import { lengthNow, type Manner, type Measured } from "./cutState";
import { becomes, lengthText, nameOf, type WireList } from "./cutWords";

interface Props {
  strip: CuttingAssignment;
  wire: WireList;
  units: Units;
  measured: Measured;
  manner: Manner;
  /** What the drawing's whole width is, mm, but for what is left. */
  scaleMm: number;
  onTick: () => void;
  onMeasured: (mm: number) => void;
}

const WIDE = 1000;
const HIGH = 34;
/** Of the drawing, kept for what is left of a strip: broken off where it is longer. */
const FOR_LEFT = 0.16;
const MOST_DRAWN = 400;

/** A strip to scale, its lengths in the order they are cut, and what is left of it. */
export function StripBar(props: Props) {
  const { strip, wire, units, measured, onTick, onMeasured } = props;
  const spool = wire.spools.find((one) => one.id === strip.stockId);
  const now = spool ? lengthNow(spool, measured) : null;
  return (
    <div className="strip-bar" role="group" aria-label={`From ${nameOf(wire, strip.stockId)}`}>
      <p className="strip-name">
        <span className="strong">{nameOf(wire, strip.stockId)}</span>
        {now !== null && (
          <span className="soft small">
            {" "}
            holds{" "}
            <NumberInput
              label={`${nameOf(wire, strip.stockId)} holds`}
              value={now}
              decimals={0}
              step={10}
              onChange={onMeasured}
              className="inline-number"
            />
          </span>
        )}
      </p>
      <Drawing {...props} />
      <ol className="strip-cuts">
        {strip.cuts.map((one) => (
          <li key={one.pieceId}>
            <strong className="figures">
              {one.count} × {lengthText(wire, one.pieceId, units)}
            </strong>
            <span className="small soft">
              {" "}
              {becomes(wire, one.pieceId)},{" "}
              {wire.lengths.find((length) => length.id === one.pieceId)?.jobName}
            </span>
            <TrueSize lengthMm={wire.lengths.find((length) => length.id === one.pieceId)?.lengthMm ?? 0} />
          </li>
        ))}
      </ol>
      <p className="strip-left">
        <button className="action no-print" onClick={onTick}>
          cut
        </button>
        <span className="print-box" aria-hidden="true" />
        <span className="small">left {wireLength(strip.leftMm, units)}</span>
        {strip.feeds.length > 1 && (
          <span className="small soft">
            carried off in {strip.feeds.length}:{" "}
            {strip.feeds.map((feed) => wireLength(feed.lengthMm, units)).join(", ")}
          </span>
        )}
      </p>
    </div>
  );
}

/** On paper only: short lengths as they are, to lay the wire on. */
const ON_PAPER_MM = 170;

function TrueSize({ lengthMm }: { lengthMm: number }) {
  return lengthMm > 0 && lengthMm <= ON_PAPER_MM ? (
    <span className="true-length" style={{ width: `${lengthMm}mm` }} aria-hidden="true" />
  ) : null;
}

function Drawing({ strip, wire, manner: { kerfMm, usefulMm }, scaleMm, units }: Props) {
  const scale = (WIDE * (1 - FOR_LEFT)) / scaleMm;
  const tone = toneOf(wire.metal);
  const lengths = strip.cuts.flatMap((one) => {
    const mm = wire.lengths.find((length) => length.id === one.pieceId)?.lengthMm ?? 0;
    return Array.from({ length: one.count }, () => mm + kerfMm);
  });
  const ends = lengths
    .slice(0, MOST_DRAWN)
    .reduce<number[]>((at, mm) => [...at, Math.min(strip.usedMm, (at.at(-1) ?? 0) + mm)], []);
  const cutTo = strip.usedMm * scale;
  const leftWide = Math.min(strip.leftMm * scale, WIDE * FOR_LEFT);
  const broken = strip.leftMm * scale > leftWide + 1;
  const kept = strip.leftMm >= usefulMm;
  const words = strip.cuts.map((one) => `${one.count} × ${lengthText(wire, one.pieceId, units)}`).join(", ");
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={words} preserveAspectRatio="none">
      <rect x="0" y="9" width={cutTo} height="16" fill={tone.body} />
      <rect x="0" y="12" width={cutTo} height="4" fill={tone.light} opacity="0.75" />
      {ends.map((mm, i) => (
        <path
          key={i}
          d={`M${(mm * scale).toFixed(2)} 4 V30`}
          stroke="var(--ink)"
          strokeWidth="1.6"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {leftWide > 0 && (
        <path
          d={
            broken
              ? `M${cutTo} 9 H${cutTo + leftWide - 8} l8 5 l-8 4 l8 4 l-8 3 H${cutTo} Z`
              : `M${cutTo} 9 H${cutTo + leftWide} V25 H${cutTo} Z`
          }
          fill={kept ? tone.body : "var(--hatch)"}
          opacity={kept ? 0.4 : 1}
          stroke={kept ? "none" : "var(--soft)"}
        />
      )}
    </svg>
  );
}
