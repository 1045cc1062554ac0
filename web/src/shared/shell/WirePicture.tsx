import { useId, useMemo } from "react";
import {
  EDGE_MM,
  marksOf,
  pictureBox,
  STROKES,
  type Mark,
  type PictureSolid,
  type PictureWire,
} from "../../drawing/marks";
import { viewBox, type Box, type Look } from "../../drawing/wire";

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

const NONE: readonly PictureSolid[] = [];

/** A form drawn flat: its wires round in their metal, passing over themselves where they do. Fills its place. */
export function WirePicture(props: Props) {
  const { wires, solids = NONE, metal, look = "face", label, className } = props;
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
  solids = NONE,
  metal,
  look,
}: {
  wires: readonly PictureWire[];
  solids?: readonly PictureSolid[];
  metal: string;
  look: Look;
}) {
  const glass = useId();
  const marks = useMemo(() => marksOf(wires, solids, metal, look), [wires, solids, metal, look]);
  return (
    <>
      <defs>
        <radialGradient id={glass} cx="0.36" cy="0.3" r="0.8">
          <stop offset="0" className="glass-light" />
          <stop offset="0.55" className="glass-body" />
          <stop offset="1" className="glass-deep" />
        </radialGradient>
      </defs>
      {marks.map((mark, i) => (
        <Marked key={i} mark={mark} glass={glass} />
      ))}
    </>
  );
}

function Marked({ mark, glass }: { mark: Mark; glass: string }) {
  if (mark.kind === "wire") {
    return (
      <g fill="none" strokeLinejoin="round">
        {STROKES.map(([part, share]) => (
          <path key={part} d={mark.d} stroke={mark.tone[part]} strokeWidth={mark.thick * share} />
        ))}
      </g>
    );
  }
  const { paint } = mark;
  const painted =
    paint === "glass"
      ? { className: "bead", fill: `url(#${glass})` }
      : paint === "hole"
        ? { className: "hole" }
        : { fill: paint.body, stroke: paint.deep, strokeWidth: EDGE_MM };
  if (mark.kind === "area") {
    return <path d={mark.d} {...painted} />;
  }
  const { x, y, rx, ry, turn } = mark;
  return rx === ry ? (
    <circle cx={x} cy={y} r={rx} {...painted} />
  ) : (
    <ellipse
      cx={x}
      cy={y}
      rx={rx}
      ry={ry}
      transform={`rotate(${(turn * 180) / Math.PI} ${x} ${y})`}
      {...painted}
    />
  );
}
