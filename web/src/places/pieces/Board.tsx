import { useMemo } from "react";
import type { PieceAnswer } from "../../api/types";
import {
  ASIDE_DEGREES,
  fitted,
  placedParts,
  seenAside,
  wholeBox,
  type PlacedPart,
  type Way,
} from "../../drawing/board";
import { outlineOf } from "../../drawing/solids";
import { line, seenWire, type Box } from "../../drawing/wire";
import { sizeText, type Units } from "../../quantity/format";
import { dropped, type Dropped } from "./dragged";
import { useSize } from "../../shared/kernel/useSize";
import { WireBody } from "../../shared/shell/WirePicture";

interface Props {
  piece: PieceAnswer;
  metal: string;
  way: Way;
  /** The girth it goes round, mm; null for none. */
  girthMm: number | null;
  units: Units;
  /** The part as written that is in hand; null for none. */
  chosen: number | null;
  onChoose: (written: number) => void;
  onDropped: (what: Dropped, on: number) => void;
  /** Pixels of one mm; null fits it in. */
  trueScale: number | null;
}

const MARGINS = { left: 34, right: 34, top: 26, bottom: 74 };
const LARGEST = 11;

/** The piece to scale: its parts to be pressed, its length against what is wanted, or closed on the body. */
export function Board({ piece, metal, way, girthMm, units, chosen, onChoose, onDropped, trueScale }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const aside = way === "down" && trueScale === null && girthMm === null;
  const parts = useMemo(() => {
    const laid = piece.drawing && (placedParts(piece.drawing, way) ?? placedParts(piece.drawing, "along"));
    return laid && aside ? seenAside(laid, ASIDE_DEGREES) : laid;
  }, [piece.drawing, way, aside]);
  if (!parts) {
    return <div ref={ref} className="board" />;
  }
  const closed = way === "round" && piece.drawing?.round !== null;
  const draped = way === "draped" ? piece.draped : null;
  const box = paper(parts, piece, closed, way);
  const fit = fitted(box, width, height, MARGINS, trueScale ?? LARGEST);
  const scale = trueScale ?? fit.scale;
  const wide = trueScale ? Math.max(width, box.width * scale + MARGINS.left + MARGINS.right) : width;
  const place = trueScale
    ? { x: MARGINS.left - box.x * scale, y: fit.y - (scale - fit.scale) * (box.y + box.height / 2) }
    : fit;
  return (
    <div ref={ref} className="board" data-true={trueScale !== null}>
      {width > 0 && (
        <svg width={wide} height={height} role="img" aria-label={told(piece, units)}>
          {closed && girthMm !== null && <BodyRound girthMm={girthMm} place={place} scale={scale} />}
          {draped && <Neck radiusMm={draped.neckRadiusMm} place={place} scale={scale} />}
          <g transform={`translate(${place.x} ${place.y}) scale(${scale})`}>
            <Marked {...{ parts, piece, scale, chosen }} />
            <Parts parts={parts} metal={metal} />
          </g>
          <Hits {...{ parts, piece, place, scale, onChoose, onDropped }} />
          {draped && <Hangs {...{ units, box, place, scale }} downMm={draped.depthMm} />}
          {!closed && !draped && <Lengths {...{ piece, units, way, box, place, scale, height }} />}
        </svg>
      )}
    </div>
  );
}

function told(piece: PieceAnswer, units: Units): string {
  return `The piece to scale, ${piece.parts.length} parts, ${sizeText(piece.finishedLengthMm, units, 1)} long`;
}

/** What has to be on the paper: the parts, and the length wanted beside them. */
function paper(parts: readonly PlacedPart[], piece: PieceAnswer, closed: boolean, way: Way): Box {
  const box = wholeBox(parts);
  if (closed || way === "down" || way === "draped") {
    return box;
  }
  const right = Math.max(box.x + box.width, piece.targetLengthMm ?? 0);
  return { ...box, width: right - box.x };
}

interface Place {
  x: number;
  y: number;
}

function Parts({ parts, metal }: { parts: readonly PlacedPart[]; metal: string }) {
  const wires = useMemo(() => parts.flatMap((part) => part.wires), [parts]);
  const solids = useMemo(() => parts.flatMap((part) => part.solids), [parts]);
  return <WireBody wires={wires} solids={solids} metal={metal} look="face" />;
}

const ROOM_PX = 4;
const GLOW_PX = 9;

/** What is in hand stands on a broad line of the marking-out colour; what cannot be joined on one of the stop colour. */
function Marked({
  parts,
  piece,
  scale,
  chosen,
}: Pick<Props, "piece" | "chosen"> & { parts: readonly PlacedPart[]; scale: number }) {
  const bad = badParts(piece);
  const broad = GLOW_PX / scale;
  return (
    <g className="board-marks">
      {parts.map((part, i) => {
        const own = piece.parts[i]?.written === chosen;
        return own || bad.has(i) ? (
          <g key={i} data-bad={bad.has(i)}>
            {part.wires.map((wire, w) => (
              <path key={w} d={line(seenWire(wire.points, "face"))} strokeWidth={wire.diameterMm + broad} />
            ))}
            {part.solids.map((solid, s) => (
              <path
                key={s}
                className="board-glow-solid"
                d={`${line(outlineOf(solid, "face"))}Z`}
                strokeWidth={broad}
              />
            ))}
          </g>
        ) : null;
      })}
    </g>
  );
}

const badParts = (piece: PieceAnswer) =>
  new Set(piece.joints.flatMap((joint) => (joint.way === "IMPOSSIBLE" ? [joint.a, joint.b] : [])));

/** Where each part can be pressed and things let go on it. */
function Hits({
  parts,
  piece,
  place,
  scale,
  onChoose,
  onDropped,
}: Pick<Props, "piece" | "onChoose" | "onDropped"> & {
  parts: readonly PlacedPart[];
  place: Place;
  scale: number;
}) {
  return (
    <g>
      {parts.map(({ box }, i) => {
        const written = piece.parts[i]?.written ?? 0;
        return (
          <rect
            key={i}
            className="board-part"
            x={place.x + box.x * scale - ROOM_PX}
            y={place.y + box.y * scale - ROOM_PX}
            width={box.width * scale + 2 * ROOM_PX}
            height={box.height * scale + 2 * ROOM_PX}
            onClick={() => onChoose(written)}
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
              const what = dropped(event);
              if (what) {
                onDropped(what, written);
              }
            }}
          />
        );
      })}
    </g>
  );
}

/** The dimension line under the row, and the length the body asks for. */
function Lengths({
  piece,
  units,
  way,
  box,
  place,
  scale,
  height,
}: Pick<Props, "piece" | "units" | "way"> & { box: Box; place: Place; scale: number; height: number }) {
  if (way === "down") {
    return <Hangs {...{ units, box, place, scale }} downMm={piece.hangsMm} />;
  }
  const y = Math.min(height - 46, place.y + (box.y + box.height) * scale + 26);
  const left = place.x;
  const right = place.x + piece.finishedLengthMm * scale;
  const wanted = piece.targetLengthMm === null ? null : place.x + piece.targetLengthMm * scale;
  return (
    <g>
      <path className="extension" d={`M${left} ${place.y}V${y + 6}M${right} ${place.y}V${y + 6}`} />
      <path className="dimension" d={`M${left} ${y}H${right}`} />
      <path
        className="dimension"
        d={`M${left - 4} ${y + 4}l8 -8M${right - 4} ${y + 4}l8 -8`}
        strokeWidth="1.5"
      />
      <text className="halo figures board-length" x={(left + right) / 2} y={y + 6} textAnchor="middle">
        {sizeText(piece.finishedLengthMm, units, 1)}
      </text>
      {wanted !== null && (
        <>
          <path className="board-wanted" d={`M${wanted} ${place.y + box.y * scale - 10}V${y + 26}`} />
          <rect
            className="board-over"
            x={Math.min(right, wanted)}
            y={y - 4}
            width={Math.abs(right - wanted)}
            height={8}
          />
          <text
            className="board-note"
            x={wanted}
            y={y + 40}
            textAnchor={wanted > left + 60 ? "end" : "start"}
          >
            wanted {sizeText(piece.targetLengthMm!, units, 1)}
          </text>
        </>
      )}
    </g>
  );
}

/** How far it hangs, beside it. */
function Hangs({
  downMm,
  units,
  box,
  place,
  scale,
}: Pick<Props, "units"> & { downMm: number; box: Box; place: Place; scale: number }) {
  const x = place.x + (box.x + box.width) * scale + 28;
  const top = place.y;
  const bottom = place.y + downMm * scale;
  return (
    <g>
      <path className="extension" d={`M${place.x} ${top}H${x + 6}M${place.x} ${bottom}H${x + 6}`} />
      <path className="dimension" d={`M${x} ${top}V${bottom}`} />
      <path
        className="dimension"
        d={`M${x - 4} ${top + 4}l8 -8M${x - 4} ${bottom + 4}l8 -8`}
        strokeWidth="1.5"
      />
      <text className="figures board-length" x={x + 12} y={(top + bottom) / 2 + 5}>
        {sizeText(downMm, units, 1)}
      </text>
    </g>
  );
}

/** The wrist or neck inside it, as round as it is taken. */
function BodyRound({ girthMm, place, scale }: { girthMm: number; place: Place; scale: number }) {
  const r = (girthMm / (2 * Math.PI)) * scale;
  return (
    <g>
      <circle className="board-body" cx={place.x} cy={place.y} r={r} />
      <text className="soft" x={place.x} y={place.y + 5} textAnchor="middle">
        {BODY_TEXT}
      </text>
    </g>
  );
}

/** The neck's two sides, from which it hangs. */
function Neck({ radiusMm, place, scale }: { radiusMm: number; place: Place; scale: number }) {
  const r = radiusMm * scale;
  const up = NECK_UP * r;
  return (
    <path
      className="board-body"
      d={`M${place.x - r} ${place.y - up}V${place.y}A${r} ${r * 0.4} 0 0 0 ${place.x + r} ${place.y}V${place.y - up}`}
    />
  );
}

/** How far the neck is drawn upward, of its radius. */
const NECK_UP = 0.9;

const BODY_TEXT = "the body, as if round";
