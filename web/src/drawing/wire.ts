/** Wires as flat pictures: points in space laid on paper, cut into pieces drawn from back to front. Pure. */
import { n } from "./ring";

/** Which way a form is looked at. */
export type Look = "face" | "edge" | "above" | "corner";

/** A point on paper; y downward, depth towards the eye. */
export interface Flat {
  x: number;
  y: number;
  depth: number;
}

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A piece of wire that can be drawn in one go. */
export interface Piece {
  d: string;
  depth: number;
  wire: number;
}

const C = Math.cos(0.5);
const S = Math.sin(0.5);
const TILT_C = Math.cos(0.42);
const TILT_S = Math.sin(0.42);

/** One point, x, y, z in mm, as seen. */
export function seen(x: number, y: number, z: number, look: Look): Flat {
  switch (look) {
    case "face":
      return { x, y: -y, depth: z };
    case "edge":
      return { x: -z, y: -y, depth: x };
    case "above":
      return { x, y: z, depth: y };
    case "corner": {
      const across = x * C - z * S;
      const away = x * S + z * C;
      return { x: across, y: -(y * TILT_C - away * TILT_S), depth: away * TILT_C + y * TILT_S };
    }
  }
}

/** A wire's points as seen; {@code points} are x, y, z after one another. */
export function seenWire(points: readonly number[], look: Look): Flat[] {
  const flat: Flat[] = [];
  for (let i = 0; i + 2 < points.length; i += 3) {
    flat.push(seen(points[i]!, points[i + 1]!, points[i + 2]!, look));
  }
  return flat;
}

/** The box around wires as thick as given. */
export function boxOf(wires: readonly (readonly Flat[])[], diameters: readonly number[]): Box {
  let left = Infinity;
  let right = -Infinity;
  let top = Infinity;
  let bottom = -Infinity;
  wires.forEach((wire, i) => {
    const r = diameters[i]! / 2;
    for (const point of wire) {
      left = Math.min(left, point.x - r);
      right = Math.max(right, point.x + r);
      top = Math.min(top, point.y - r);
      bottom = Math.max(bottom, point.y + r);
    }
  });
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** A box that holds both. */
export function union(a: Box, b: Box): Box {
  const x = Math.min(a.x, b.x);
  const y = Math.min(a.y, b.y);
  return {
    x,
    y,
    width: Math.max(a.x + a.width, b.x + b.width) - x,
    height: Math.max(a.y + a.height, b.y + b.height) - y,
  };
}

/**
 * Cuts wires into pieces, back to front. A wire that lies flat stays whole; one that rises is cut wherever it has risen by a
 * quarter of its thickness, so that it passes over itself where it does. Pieces overlap by a chord, so that no seam shows.
 */
export function pieces(wires: readonly (readonly Flat[])[], diameters: readonly number[]): Piece[] {
  const all: Piece[] = [];
  wires.forEach((wire, index) => {
    const rise = diameters[index]! / 4;
    let from = 0;
    for (let i = 1; i < wire.length; i++) {
      const last = i === wire.length - 1;
      if (last || Math.abs(wire[i]!.depth - wire[from]!.depth) > rise) {
        const part = wire.slice(from, i + 1);
        all.push({
          d: line(wire.slice(Math.max(0, from - 1), i + 2)),
          depth: part.reduce((sum, point) => sum + point.depth, 0) / part.length,
          wire: index,
        });
        from = i;
      }
    }
  });
  return all.sort((a, b) => a.depth - b.depth);
}

/** Points as path data. */
export function line(points: readonly Flat[]): string {
  return points.map((point, i) => `${i === 0 ? "M" : "L"}${fine(point.x)} ${fine(point.y)}`).join("");
}

function fine(value: number): string {
  return String(Math.round(value * 1000) / 1000);
}

/** The points between two places along a wire, ends put in; {@code size} numbers a point. */
export function stretch(
  points: readonly number[],
  along: readonly number[],
  fromMm: number,
  toMm: number,
  size = 3,
): number[] {
  const cut: number[] = [];
  const at = (mm: number, i: number) => {
    const before = along[i - 1]!;
    const share = (mm - before) / Math.max(1e-9, along[i]! - before);
    for (let k = 0; k < size; k++) {
      const a = points[size * (i - 1) + k]!;
      cut.push(a + share * (points[size * i + k]! - a));
    }
  };
  for (let i = 0; i < along.length; i++) {
    if (i > 0 && along[i - 1]! < fromMm && along[i]! > fromMm) {
      at(fromMm, i);
    }
    if (along[i]! >= fromMm && along[i]! <= toMm) {
      cut.push(...points.slice(size * i, size * (i + 1)));
    }
    if (i > 0 && along[i - 1]! < toMm && along[i]! > toMm) {
      at(toMm, i);
    }
  }
  return cut;
}

/** A viewBox attribute with room around. */
export function viewBox(box: Box, room: number): string {
  return [box.x - room, box.y - room, box.width + 2 * room, box.height + 2 * room].map(n).join(" ");
}
