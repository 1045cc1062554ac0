import { useId, useMemo } from "react";
import { flatOutlines, roundParts } from "../../drawing/flats";
import { toneOf, type Tone } from "../../drawing/metals";
import { isRound, outlineOf, type DrawnSolid } from "../../drawing/solids";
import { boxOf, line, pieces, seen, seenWire, union, viewBox, type Box, type Look } from "../../drawing/wire";

export interface PictureWire {
  diameterMm: number;
  points: readonly number[];
  sections?: readonly number[];
  holes?: readonly { centre: readonly number[]; axis: readonly number[]; diameterMm: number }[];
  /** Of another metal than the picture's. */
  metal?: string | null;
}

export type PictureSolid = DrawnSolid;

interface Props {
  wires: readonly PictureWire[];
  solids?: readonly PictureSolid[];
  metal: string;
  look?: Look;
  label?: string;
  className?: string;
  /** Overrides the box drawn; mm. */
  box?: Box;
}

/** Where a form lies on paper, mm. */
export function pictureBox(wires: readonly PictureWire[], solids: readonly PictureSolid[], look: Look): Box {
  const round = wires.flatMap((wire) =>
    roundParts(wire.points, wire.sections ?? []).map((points) => ({ points, d: wire.diameterMm })),
  );
  let box = boxOf(
    round.map((part) => seenWire(part.points, look)),
    round.map((part) => part.d),
  );
  for (const outline of wires.flatMap((wire) => flatOutlines(wire.points, wire.sections ?? [], look))) {
    box = union(box, boxOf([outline], [0]));
  }
  for (const solid of solids.filter((one) => one.kind !== "CORD")) {
    box = union(box, boxOf([outlineOf(solid, look)], [0]));
  }
  return box;
}

/** A form drawn flat: its wires round in their metal, passing over themselves where they do. Fills its place. */
export function WirePicture(props: Props) {
  const { wires, solids = [], metal, look = "face", label, className } = props;
  const box = useMemo(() => props.box ?? pictureBox(wires, solids, look), [props.box, wires, solids, look]);
  return (
    <svg
      className={className}
      viewBox={viewBox(box, Math.max(box.width, box.height) * 0.04)}
      role={label ? "img" : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
    >
      <WireBody wires={wires} solids={solids} metal={metal} look={look} />
    </svg>
  );
}

/** Made of metal: drawn as the wire is. */
const METAL_SOLIDS = new Set(["BALL", "SPACER", "CAP"]);

/** The round stretches of all wires in pieces, the far ones first, each of its metal. */
function drawnPieces(wires: readonly PictureWire[], metal: string, look: Look) {
  const round = wires.flatMap((wire) =>
    roundParts(wire.points, wire.sections ?? []).map((points) => ({
      points,
      d: wire.diameterMm,
      metal: wire.metal,
    })),
  );
  return pieces(
    round.map((part) => seenWire(part.points, look)),
    round.map((part) => part.d),
  ).map((piece) => ({
    ...piece,
    thick: round[piece.wire]!.d,
    tone: toneOf(round[piece.wire]!.metal ?? metal),
  }));
}

/** The wires and beads alone, in mm, to be placed in a drawing. */
export function WireBody({
  wires,
  solids = [],
  metal,
  look,
}: {
  wires: readonly PictureWire[];
  solids?: readonly PictureSolid[];
  metal: string;
  look: Look;
}) {
  const tone = toneOf(metal);
  const glass = useId();
  const drawn = useMemo(() => drawnPieces(wires, metal, look), [wires, look, metal]);
  return (
    <>
      <defs>
        <radialGradient id={glass} cx="0.36" cy="0.3" r="0.8">
          <stop offset="0" className="glass-light" />
          <stop offset="0.55" className="glass-body" />
          <stop offset="1" className="glass-deep" />
        </radialGradient>
      </defs>
      <g fill="none" strokeLinejoin="round">
        {drawn.map((piece, i) => {
          const { thick: d, tone } = piece;
          return (
            <g key={i}>
              <path d={piece.d} stroke={tone.deep} strokeWidth={d} />
              <path d={piece.d} stroke={tone.body} strokeWidth={d * 0.78} />
              <path d={piece.d} stroke={tone.light} strokeWidth={d * 0.22} />
            </g>
          );
        })}
      </g>
      {wires.map((wire, i) => (
        <Hammered key={i} wire={wire} tone={tone} look={look} />
      ))}
      {solids
        .filter((solid) => solid.kind !== "CORD")
        .map((solid, i) => {
          const paint = METAL_SOLIDS.has(solid.kind)
            ? { fill: tone.body, stroke: tone.deep, strokeWidth: 0.1 }
            : { className: "bead", fill: `url(#${glass})` };
          if (isRound(solid)) {
            const at = seen(solid.centre[0]!, solid.centre[1]!, solid.centre[2]!, look);
            return <circle key={i} cx={at.x} cy={at.y} r={solid.diameterMm / 2} {...paint} />;
          }
          return <path key={i} d={`${line(outlineOf(solid, look))}Z`} {...paint} />;
        })}
    </>
  );
}

/** The hammered stretches, wider than the wire, and what is drilled through them where it is seen from its face. */
function Hammered({ wire, tone, look }: { wire: PictureWire; tone: Tone; look: Look }) {
  return (
    <>
      {flatOutlines(wire.points, wire.sections ?? [], look).map((outline, i) => (
        <path key={i} d={`${line(outline)}Z`} fill={tone.body} stroke={tone.deep} strokeWidth="0.12" />
      ))}
      {(wire.holes ?? []).map((hole, i) => {
        const axis = seen(hole.axis[0]!, hole.axis[1]!, hole.axis[2]!, look);
        const at = seen(hole.centre[0]!, hole.centre[1]!, hole.centre[2]!, look);
        const r = hole.diameterMm / 2;
        return Math.abs(axis.depth) < 0.2 ? null : (
          <ellipse
            key={i}
            cx={at.x}
            cy={at.y}
            rx={r * Math.abs(axis.depth)}
            ry={r}
            transform={`rotate(${(Math.atan2(axis.y, axis.x) * 180) / Math.PI} ${at.x} ${at.y})`}
            className="hole"
          />
        );
      })}
    </>
  );
}
