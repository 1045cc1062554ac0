/** A patch of a weave as it grows: which rings are there after so many steps, and where. Pure. */
import { image, RING, type Patch, type WeavePose } from "./weave";

/** One ring comes in, as the server tells it. */
export interface GrowthStep {
  ring: number;
  closed: boolean;
  through: readonly number[];
  pickUp: readonly number[];
  /** Captives slipped on. */
  over: readonly number[];
}

/** Every ring of a patch in a pose, about the origin: centre, normal, radius, ring after ring. */
export function laid(pose: WeavePose, keys: readonly number[]): Float32Array {
  const count = keys.length / 3;
  const rings = new Float32Array(count * RING);
  for (let n = 0; n < count; n++) {
    image(pose, keys[3 * n]!, keys[3 * n + 1]!, keys[3 * n + 2]!, [0, 0, 0], rings, RING * n);
  }
  for (let axis = 0; axis < 3; axis++) {
    let [low, high] = [Infinity, -Infinity];
    for (let n = 0; n < count; n++) {
      low = Math.min(low, rings[RING * n + axis]!);
      high = Math.max(high, rings[RING * n + axis]!);
    }
    for (let n = 0; n < count; n++) {
      rings[RING * n + axis] = rings[RING * n + axis]! - (low + high) / 2;
    }
  }
  return rings;
}

/** Places of the rings there after so many steps, in the order they came. */
export function there(steps: readonly GrowthStep[], done: number): number[] {
  const rings: number[] = [];
  for (let at = 0; at < done; at++) {
    rings.push(steps[at]!.ring, ...steps[at]!.pickUp, ...steps[at]!.over);
  }
  return rings;
}

/** Only some of the rings laid; `wires` where they are not of one wire. */
export function some(
  rings: Float32Array,
  which: readonly number[],
  tones: readonly number[],
  wires?: readonly number[],
): Patch {
  const out = new Float32Array(which.length * RING);
  const tone = new Uint8Array(which.length);
  which.forEach((n, at) => {
    out.set(rings.subarray(RING * n, RING * n + RING), RING * at);
    tone[at] = tones[n] ?? 0;
  });
  const patch: Patch = { rings: out, count: which.length, tone };
  return wires ? { ...patch, wire: Float32Array.from(which, (n) => wires[n]!) } : patch;
}

/** Unit vectors in a ring's plane, as angles on it are counted: right as far as may be, and up, seen from the front. */
export function planeOf(normal: readonly number[]): { right: number[]; up: number[]; facing: number[] } {
  const facing = normal[2]! < 0 ? normal.map((v) => -v) : [...normal];
  const flat = [1 - facing[0]! * facing[0]!, -facing[0]! * facing[1]!, -facing[0]! * facing[2]!];
  const length = Math.hypot(...flat);
  const right = length < 1e-6 ? [0, 1, 0] : flat.map((v) => v / length);
  const up = [
    facing[1]! * right[2]! - facing[2]! * right[1]!,
    facing[2]! * right[0]! - facing[0]! * right[2]!,
    facing[0]! * right[1]! - facing[1]! * right[0]!,
  ];
  return { right, up, facing };
}

/** A place on a ring's middle, its angle counted as in {@link planeOf}; moved out of its plane by so much. */
export function placeOn(ring: ArrayLike<number>, angle: number, aside = 0): [number, number, number] {
  const { right, up, facing } = planeOf([ring[3]!, ring[4]!, ring[5]!]);
  const [c, q] = [ring[6]! * Math.cos(angle), ring[6]! * Math.sin(angle)];
  const at = (axis: number) => ring[axis]! + c * right[axis]! + q * up[axis]! + aside * facing[axis]!;
  return [at(0), at(1), at(2)];
}

const GAP = 0.62;
const STEPS = 72;

/** The middle of a ring's wire opened at an angle: the ends gone past each other sideways, as pliers open it. */
export function openWire(ring: ArrayLike<number>, openingAngle: number, wireMm: number): number[][] {
  const points: number[][] = [];
  for (let s = 0; s <= STEPS; s++) {
    const share = s / STEPS - 0.5;
    const angle = openingAngle + Math.PI + share * (2 * Math.PI - GAP);
    const aside = share * Math.abs(share) * 4 * 1.4 * wireMm;
    points.push(placeOn(ring, angle, aside));
  }
  return points;
}

/** Rings nearest to one, itself left out: for choosing among. */
export function nearest(rings: Float32Array, to: number, among: readonly number[], most: number): number[] {
  const distance = (n: number) =>
    Math.hypot(
      rings[RING * n]! - rings[RING * to]!,
      rings[RING * n + 1]! - rings[RING * to + 1]!,
      rings[RING * n + 2]! - rings[RING * to + 2]!,
    );
  return among
    .filter((n) => n !== to)
    .map((n) => [n, distance(n)] as const)
    .sort((a, b) => a[1] - b[1] || a[0] - b[0])
    .slice(0, most)
    .map(([n]) => n);
}

/** Rings linked to one. */
export function linkedTo(links: readonly number[], ring: number): Set<number> {
  const found = new Set<number>();
  for (let at = 0; at < links.length; at += 2) {
    if (links[at] === ring) {
      found.add(links[at + 1]!);
    } else if (links[at + 1] === ring) {
      found.add(links[at]!);
    }
  }
  return found;
}

/** A, B, … Z, then AA. */
export function letter(n: number): string {
  return n < 26 ? String.fromCharCode(65 + n) : letter(Math.floor(n / 26) - 1) + letter(n % 26);
}
