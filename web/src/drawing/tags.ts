/** Where letters lie on their rings: on a stretch of wire that is seen, away from the other letters. Pure. */
import { placeOn } from "./patch";
import { RING, type Patch } from "./weave";

/** Seen from the maker: right and down in pixels, and how far off, smaller being nearer. */
export type Seen = readonly [number, number, number];

const SAMPLES = 36;
/** Letters need not be further apart than this, px. */
const APART = 34;
/** How many samples of a seen stretch to either side are counted. */
const STRETCH = 4;
/** Rings further off than so many of their radii hide nothing. */
const REACH = 4;

/**
 * A place for each tagged ring.
 *
 * @param patch rings as shown
 * @param tagged places of the rings that have a letter
 * @param project from space to the picture
 * @param wirePx how thick the wire is in the picture
 */
export function tagPlaces(
  patch: Patch,
  tagged: readonly number[],
  project: (x: number, y: number, z: number) => Seen,
  wirePx: number,
): Seen[] {
  const middle = (n: number) => Array.from(patch.rings.subarray(RING * n, RING * n + 3));
  const near = Array.from({ length: patch.count }, (_, n) => n).filter((n) =>
    tagged.some((tag) => {
      const [a, b] = [middle(n), middle(tag)];
      return Math.hypot(...a.map((v, k) => v - b[k]!)) < REACH * patch.rings[RING * tag + 6]!;
    }),
  );
  const wires = new Map(
    near.map((n) => [n, seenWire(patch.rings.subarray(RING * n, RING * n + RING), project)]),
  );
  const free = tagged.map((tag) => wires.get(tag)!.map((place) => !hidden(place, tag, wires, wirePx)));
  const order = tagged.map((_, at) => at).sort((a, b) => count(free[a]!) - count(free[b]!));
  const places: Seen[] = [];
  for (const at of order) {
    const wire = wires.get(tagged[at]!)!;
    const taken = places.filter((place) => place !== undefined);
    const worth = (s: number) =>
      (free[at]![s] ? 1000 + 6 * stretch(free[at]!, s) : 0) +
      Math.min(APART, ...taken.map((place) => Math.hypot(place[0] - wire[s]![0], place[1] - wire[s]![1]))) *
        20;
    const best = wire.map((_, s) => s).reduce((a, b) => (worth(b) > worth(a) ? b : a));
    places[at] = wire[best]!;
  }
  return places;
}

function count(flags: readonly boolean[]): number {
  return flags.filter(Boolean).length;
}

function seenWire(ring: Float32Array, project: (x: number, y: number, z: number) => Seen): Seen[] {
  return Array.from({ length: SAMPLES }, (_, s) =>
    project(...placeOn(ring, Math.PI / 2 + (2 * Math.PI * s) / SAMPLES)),
  );
}

/** Whether wire of another ring lies over that place. */
function hidden(
  place: Seen,
  own: number,
  wires: ReadonlyMap<number, readonly Seen[]>,
  wirePx: number,
): boolean {
  for (const [ring, wire] of wires) {
    if (
      ring !== own &&
      wire.some(([x, y, off]) => off < place[2] && Math.hypot(x - place[0], y - place[1]) < wirePx)
    ) {
      return true;
    }
  }
  return false;
}

/** How far the seen stretch goes on to its nearer side. */
function stretch(free: readonly boolean[], s: number): number {
  let reach = 0;
  while (
    reach < STRETCH &&
    free[(s + reach + 1) % free.length] &&
    free[(s - reach - 1 + free.length) % free.length]
  ) {
    reach++;
  }
  return reach;
}
