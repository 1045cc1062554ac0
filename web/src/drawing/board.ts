/** A whole piece laid on paper: each part's own shape put where it is. Pure; every place is the core's. */
import { SECTION } from "./flats";
import type { DrawnSolid } from "./solids";
import { twinOf, twinWire } from "./twin";
import { boxOf, seenWire, union, type Box } from "./wire";

/** What a piece is drawn from: its different shapes, and where each part is in every way it lies. */
export interface DrawnPiece {
  shapes: readonly {
    tubes: readonly {
      metal: string | null;
      diameterMm: number;
      points: readonly number[];
      closed: boolean;
      /** Where it is hammered. */
      sections: readonly number[];
      holes: readonly {
        centre: readonly number[];
        axis: readonly number[];
        diameterMm: number;
        thickMm: number;
      }[];
    }[];
    solids: readonly {
      kind: string;
      centre: readonly number[];
      axis: readonly number[];
      diameterMm: number;
      lengthMm: number;
    }[];
  }[];
  shapeOf: readonly number[];
  along: readonly (readonly number[])[];
  down: readonly (readonly number[])[];
  round: readonly (readonly number[])[] | null;
  roundShapeOf: readonly number[] | null;
  draped: readonly (readonly number[])[] | null;
  drapedShapeOf: readonly number[] | null;
}

export type Way = "along" | "down" | "round" | "draped";

export interface PlacedWire {
  diameterMm: number;
  points: number[];
  metal: string | null;
  sections: number[];
  holes: { centre: number[]; axis: number[]; diameterMm: number }[];
}

export interface PlacedPart {
  wires: PlacedWire[];
  solids: DrawnSolid[];
  /** Seen from its face. */
  box: Box;
}

type Place = readonly number[];

/** A point of the part where it is in the piece. */
function at(place: Place, x: number, y: number, z: number): [number, number, number] {
  return [
    place[0]! * x + place[1]! * y + place[2]! * z + place[9]!,
    place[3]! * x + place[4]! * y + place[5]! * z + place[10]!,
    place[6]! * x + place[7]! * y + place[8]! * z + place[11]!,
  ];
}

function turned(place: Place, x: number, y: number, z: number): [number, number, number] {
  const [px, py, pz] = at(place, x, y, z);
  return [px - place[9]!, py - place[10]!, pz - place[11]!];
}

function flat(place: Place, points: readonly number[], closed: boolean): number[] {
  const all: number[] = [];
  for (let i = 0; i + 2 < points.length; i += 3) {
    all.push(...at(place, points[i]!, points[i + 1]!, points[i + 2]!));
  }
  return closed ? [...all, ...all.slice(0, 6)] : all;
}

/** The mirror image of parts, to the right of a line. */
export function mirroredParts(parts: readonly PlacedPart[], lineMm: number): PlacedPart[] {
  return parts.map(({ wires, solids, box }) => ({
    wires: wires.map((wire) => ({ ...wire, ...twinWire(wire, lineMm) })),
    solids: solids.map((solid) => twinOf(solid, lineMm)),
    box: { ...box, x: 2 * lineMm - box.x - box.width },
  }));
}

/** How far the two of a pair are drawn apart, mm: about an ear's breadth in its picture, and no measure of anything. */
const APART_MM = 8;

/** Both of a pair, the second as the first one's mirror image. */
export function bothOf(parts: readonly PlacedPart[]): PlacedPart[] {
  const box = wholeBox(parts);
  return [...parts, ...mirroredParts(parts, box.x + box.width + APART_MM / 2)];
}

/** Where every part is and which shape it has, as it lies that way; laid out where it does not lie so. */
export function placesOf(drawing: DrawnPiece, way: Way) {
  const bent = way === "round" ? drawing.roundShapeOf : drawing.drapedShapeOf;
  const shapeOf = way === "round" || way === "draped" ? bent : drawing.shapeOf;
  const places = drawing[way];
  return places && shapeOf ? { places, shapeOf } : { places: drawing.along, shapeOf: drawing.shapeOf };
}

/** How far an ear wire's picture is turned aside, degrees: from before it is a line, a little from beside it is seen. */
export const ASIDE_DEGREES = 32;

/** The same turned about the upright by so much. */
export function seenAside(parts: readonly PlacedPart[], degrees: number): PlacedPart[] {
  const [c, s] = [Math.cos((Math.PI * degrees) / 180), Math.sin((Math.PI * degrees) / 180)];
  const turn = (values: readonly number[]) => {
    const out: number[] = [];
    for (let i = 0; i + 2 < values.length; i += 3) {
      out.push(c * values[i]! + s * values[i + 2]!, values[i + 1]!, c * values[i + 2]! - s * values[i]!);
    }
    return out;
  };
  return parts.map(({ wires, solids }) => {
    const own = wires.map((wire) => ({
      ...wire,
      points: turn(wire.points),
      sections: acrossEach(wire.sections, turn),
      holes: wire.holes.map((hole) => ({ ...hole, centre: turn(hole.centre), axis: turn(hole.axis) })),
    }));
    const seen = solids.map((solid) => ({ ...solid, centre: turn(solid.centre), axis: turn(solid.axis) }));
    return { wires: own, solids: seen, box: partBox(own, seen) };
  });
}

/** Every part where it is; null for a way the piece does not lie. */
export function placedParts(drawing: DrawnPiece, way: Way): PlacedPart[] | null {
  const { places, shapeOf } = placesOf(drawing, way);
  if (places !== drawing[way]) {
    return null;
  }
  return shapeOf.map((shape, part) => {
    const { tubes, solids } = drawing.shapes[shape]!;
    const place = places[part]!;
    const wires = tubes.map((tube) => ({
      diameterMm: tube.diameterMm,
      metal: tube.metal,
      points: flat(place, tube.points, tube.closed),
      // a ring from its face is a stroke as wide as it is hammered, over and under its neighbours
      sections: tube.closed ? [] : acrossEach(tube.sections, (across) => turned(place, ...three(across))),
      holes: tube.holes.map((hole) => ({
        diameterMm: hole.diameterMm,
        centre: at(place, ...three(hole.centre)),
        axis: turned(place, ...three(hole.axis)),
      })),
    }));
    const placed = solids.map((solid) => ({
      kind: solid.kind,
      centre: at(place, ...three(solid.centre)),
      axis: turned(place, ...three(solid.axis)),
      diameterMm: solid.diameterMm,
      lengthMm: solid.lengthMm,
    }));
    return { wires, solids: placed, box: partBox(wires, placed) };
  });
}

/** Sections whose width lies another way. */
function acrossEach(
  sections: readonly number[],
  turn: (across: readonly number[]) => readonly number[],
): number[] {
  const all: number[] = [];
  for (let i = 0; i < sections.length; i += SECTION) {
    all.push(...turn(sections.slice(i, i + 3)), ...sections.slice(i + 3, i + SECTION));
  }
  return all;
}

function three(numbers: readonly number[]): [number, number, number] {
  return [numbers[0]!, numbers[1]!, numbers[2]!];
}

function partBox(wires: readonly PlacedWire[], solids: readonly DrawnSolid[]): Box {
  const boxes: Box[] = solids.map((solid) => {
    const reach = Math.max(solid.diameterMm, solid.lengthMm) / 2;
    return {
      x: solid.centre[0]! - reach,
      y: -solid.centre[1]! - reach,
      width: 2 * reach,
      height: 2 * reach,
    };
  });
  if (wires.length > 0) {
    boxes.push(
      boxOf(
        wires.map((wire) => seenWire(wire.points, "face")),
        wires.map((wire) => wire.diameterMm),
      ),
    );
  }
  return boxes.reduce(union);
}

/** The box round all of them. */
export function wholeBox(parts: readonly PlacedPart[]): Box {
  return parts.map((part) => part.box).reduce(union);
}

/** How much of the paper is left free about the drawing, px. */
export interface Margins {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Scale and place of a box of mm in a picture of px. */
export function fitted(box: Box, width: number, height: number, margins: Margins, most = 12) {
  const room = { x: width - margins.left - margins.right, y: height - margins.top - margins.bottom };
  const scale = Math.max(0.05, Math.min(room.x / box.width, room.y / box.height, most));
  return {
    scale,
    x: margins.left + (room.x - box.width * scale) / 2 - box.x * scale,
    y: margins.top + (room.y - box.height * scale) / 2 - box.y * scale,
  };
}
