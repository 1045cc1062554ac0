/** What a drawing of wire and beads consists of, back to front, for whoever draws it: as elements or on a canvas. Pure. */
import { flatOutlines, roundParts } from "./flats";
import { toneOf, type Tone } from "./metals";
import { isRound, outlineOf, type DrawnSolid } from "./solids";
import { boxOf, line, pieces, seen, seenWire, union, type Box, type Look } from "./wire";

export interface PictureWire {
  diameterMm: number;
  points: readonly number[];
  sections?: readonly number[];
  holes?: readonly { centre: readonly number[]; axis: readonly number[]; diameterMm: number }[];
  /** Of another metal than the picture's. */
  metal?: string | null;
}

export type PictureSolid = DrawnSolid;

/** What a mark is of: a metal, the glass of a bead, or a hole one sees through. */
export type Paint = Tone | "glass" | "hole";

/** A mark; lengths in mm, turn in radians. */
export type Mark =
  | { kind: "wire"; d: string; thick: number; tone: Tone }
  | { kind: "area"; d: string; box: Box; paint: Paint }
  | { kind: "round"; x: number; y: number; rx: number; ry: number; turn: number; paint: Paint };

/** A wire is drawn three times over itself, as wide as these shares of its thickness: its edge, its body, the light on its crown. */
export const STROKES = [
  ["deep", 1],
  ["body", 0.78],
  ["light", 0.22],
] as const;

/** How thick the edge of what is not wire is drawn, mm. */
export const EDGE_MM = 0.12;

/** A drawing ready to be painted: its marks, and what of it is seen, mm. */
export interface Painted {
  marks: readonly Mark[];
  box: Box;
}

/** @param box what is seen; all of it where left out */
export function paintedOf(
  wires: readonly PictureWire[],
  solids: readonly PictureSolid[],
  metal: string,
  look: Look,
  box: Box = pictureBox(wires, solids, look),
): Painted {
  return { marks: marksOf(wires, solids, metal, look), box };
}

/** Made of metal: drawn as the wire is. */
const METAL_SOLIDS = new Set(["BALL", "SPACER", "CAP"]);

function roundWires(wires: readonly PictureWire[]) {
  return wires.flatMap((wire) =>
    roundParts(wire.points, wire.sections ?? []).map((points) => ({ points, wire, d: wire.diameterMm })),
  );
}

/** Where a form lies on paper, mm. */
export function pictureBox(wires: readonly PictureWire[], solids: readonly PictureSolid[], look: Look): Box {
  const round = roundWires(wires);
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

/** The marks of wires and beads: the far stretches of wire first, then what is hammered flat, then what is threaded. */
export function marksOf(
  wires: readonly PictureWire[],
  solids: readonly PictureSolid[],
  metal: string,
  look: Look,
): Mark[] {
  return [
    ...wireMarks(wires, metal, look),
    ...wires.flatMap((wire) => hammeredMarks(wire, toneOf(metal), look)),
    ...solids.filter((one) => one.kind !== "CORD").map((solid) => solidMark(solid, toneOf(metal), look)),
  ];
}

function wireMarks(wires: readonly PictureWire[], metal: string, look: Look): Mark[] {
  const round = roundWires(wires);
  return pieces(
    round.map((part) => seenWire(part.points, look)),
    round.map((part) => part.d),
  ).map((piece) => {
    const { wire, d } = round[piece.wire]!;
    return { kind: "wire", d: piece.d, thick: d, tone: toneOf(wire.metal ?? metal) };
  });
}

/** The hammered stretches, wider than the wire, and what is drilled through them where it is seen from its face. */
function hammeredMarks(wire: PictureWire, tone: Tone, look: Look): Mark[] {
  const outlines = flatOutlines(wire.points, wire.sections ?? [], look).map((outline): Mark => ({
    kind: "area",
    d: `${line(outline)}Z`,
    box: boxOf([outline], [0]),
    paint: tone,
  }));
  const holes = (wire.holes ?? []).flatMap((hole): Mark[] => {
    const axis = seen(hole.axis[0]!, hole.axis[1]!, hole.axis[2]!, look);
    const at = seen(hole.centre[0]!, hole.centre[1]!, hole.centre[2]!, look);
    const r = hole.diameterMm / 2;
    return Math.abs(axis.depth) < 0.2
      ? []
      : [
          {
            kind: "round",
            x: at.x,
            y: at.y,
            rx: r * Math.abs(axis.depth),
            ry: r,
            turn: Math.atan2(axis.y, axis.x),
            paint: "hole",
          },
        ];
  });
  return [...outlines, ...holes];
}

function solidMark(solid: PictureSolid, tone: Tone, look: Look): Mark {
  const paint: Paint = METAL_SOLIDS.has(solid.kind) ? tone : "glass";
  if (isRound(solid)) {
    const { x, y } = seen(solid.centre[0]!, solid.centre[1]!, solid.centre[2]!, look);
    const r = solid.diameterMm / 2;
    return { kind: "round", x, y, rx: r, ry: r, turn: 0, paint };
  }
  const outline = outlineOf(solid, look);
  return { kind: "area", d: `${line(outline)}Z`, box: boxOf([outline], [0]), paint };
}
