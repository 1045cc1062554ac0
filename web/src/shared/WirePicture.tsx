import { useId, useMemo } from "react";
import { toneOf } from "../drawing/metals";
import { boxOf, pieces, seen, seenWire, union, viewBox, type Box, type Look } from "../drawing/wire";

export interface PictureWire {
  diameterMm: number;
  points: readonly number[];
}

export interface PictureSolid {
  kind: string;
  centre: readonly number[];
  diameterMm: number;
}

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
  const flat = wires.map((wire) => seenWire(wire.points, look));
  let box = boxOf(
    flat,
    wires.map((wire) => wire.diameterMm),
  );
  for (const solid of solids.filter((one) => one.kind !== "CORD")) {
    const at = seen(solid.centre[0]!, solid.centre[1]!, solid.centre[2]!, look);
    const r = solid.diameterMm / 2;
    box = union(box, { x: at.x - r, y: at.y - r, width: 2 * r, height: 2 * r });
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
  const drawn = useMemo(
    () =>
      pieces(
        wires.map((wire) => seenWire(wire.points, look)),
        wires.map((wire) => wire.diameterMm),
      ),
    [wires, look],
  );
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
          const d = wires[piece.wire]!.diameterMm;
          return (
            <g key={i}>
              <path d={piece.d} stroke={tone.deep} strokeWidth={d} />
              <path d={piece.d} stroke={tone.body} strokeWidth={d * 0.78} />
              <path d={piece.d} stroke={tone.light} strokeWidth={d * 0.22} />
            </g>
          );
        })}
      </g>
      {solids
        .filter((solid) => solid.kind !== "CORD")
        .map((solid, i) => {
          const at = seen(solid.centre[0]!, solid.centre[1]!, solid.centre[2]!, look);
          return solid.kind === "BALL" ? (
            <circle
              key={i}
              cx={at.x}
              cy={at.y}
              r={solid.diameterMm / 2}
              fill={tone.body}
              stroke={tone.deep}
              strokeWidth="0.1"
            />
          ) : (
            <circle
              key={i}
              cx={at.x}
              cy={at.y}
              r={solid.diameterMm / 2}
              className="bead"
              fill={`url(#${glass})`}
            />
          );
        })}
    </>
  );
}
