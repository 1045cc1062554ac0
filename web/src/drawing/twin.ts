/** The mirror image left to right, of wires and of what is threaded on them. Pure. */
import { SECTION } from "./flats";

interface Lying {
  centre: readonly number[];
  axis: readonly number[];
}

interface Tube {
  points: readonly number[];
  sections?: readonly number[];
  holes?: readonly (Lying & { diameterMm: number })[] | undefined;
}

/** A bead or a hole in the mirror that stands upright at `lineMm`. */
export function twinOf<S extends Lying>(one: S, lineMm: number): S & { centre: number[]; axis: number[] } {
  return {
    ...one,
    centre: [2 * lineMm - one.centre[0]!, ...one.centre.slice(1)],
    axis: [-one.axis[0]!, ...one.axis.slice(1)],
  };
}

/** A wire in that mirror. */
export function twinWire<W extends Tube>(wire: W, lineMm: number) {
  return {
    ...wire,
    points: flipped(wire.points, 3).map((value, i) => (i % 3 === 0 ? 2 * lineMm + value : value)),
    sections: flipped(wire.sections ?? [], SECTION),
    holes: wire.holes?.map((hole) => twinOf(hole, lineMm)),
  };
}

/** Every `size` numbers are of one place, the first of them across. */
const flipped = (values: readonly number[], size: number): number[] =>
  values.map((value, i) => (i % size === 0 ? -value : value));

/** From where to where wires reach from left to right, mm. */
export function acrossOf(wires: readonly (Pick<Tube, "points"> & { diameterMm: number })[]) {
  let least = Infinity;
  let most = -Infinity;
  for (const { points, diameterMm } of wires) {
    for (let i = 0; i < points.length; i += 3) {
      least = Math.min(least, points[i]! - diameterMm / 2);
      most = Math.max(most, points[i]! + diameterMm / 2);
    }
  }
  return { x: least, width: most - least };
}

/** How far apart twins stand, as a share of how wide one is, and mm besides. */
const APART_SHARE = 0.3;
const APART_MM = 2;

/** Where the mirror stands between twins, mm: right of what lies from `x` on and is that wide. */
export const mirrorBeside = ({ x, width }: { x: number; width: number }) =>
  x + width + (width * APART_SHARE + APART_MM) / 2;
