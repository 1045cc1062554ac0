/**
 * Self-contact against mesh collision by a general library (Manifold). A form that is said to touch but not pass through itself
 * is cut into stretches of wire; the meshes of stretches that are no neighbours, thinned by the stated touch of 4.5 % and the
 * mesh's own chords, must have no common volume; as thick as half as much again, wraps and crossings must have one.
 */
import Module, { type Manifold } from "manifold-3d";
import { beforeAll, describe, expect, it } from "vitest";
import { catalogue, solve, solvePiece, type PieceSolved } from "./server";

let solids: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  solids = await Module();
  solids.setup();
});

const SIDES = 16;

/**
 * A stretch of tube as a closed mesh.
 *
 * @param section at each point the width's direction, half the width and half the thickness, where it is hammered
 */
function tube(points: number[][], radius: number, section: (number[] | null)[] = []): Manifold {
  const vertices: number[] = [];
  const triangles: number[] = [];
  let n: number[] | null = null;
  points.forEach((p, i) => {
    const t = unit(minus(points[Math.min(i + 1, points.length - 1)]!, points[Math.max(i - 1, 0)]!));
    const guess = n ?? (Math.abs(t[2]!) < 0.9 ? [0, 0, 1] : [0, 1, 0]);
    const along = dot(guess, t);
    n = unit(guess.map((x, k) => x - along * t[k]!));
    const b = cross(t, n);
    for (let k = 0; k < SIDES; k++) {
      const a = (2 * Math.PI * k) / SIDES;
      const out = n.map((x, j) => Math.cos(a) * x + Math.sin(a) * b[j]!);
      vertices.push(...corner(p, out, t, radius, section[i] ?? null));
    }
  });
  const last = points.length - 1;
  for (let i = 0; i < last; i++) {
    for (let k = 0; k < SIDES; k++) {
      const a = i * SIDES + k;
      const b = i * SIDES + ((k + 1) % SIDES);
      triangles.push(a, b, a + SIDES, b, b + SIDES, a + SIDES);
    }
  }
  const first = vertices.length / 3;
  vertices.push(...points[0]!, ...points[last]!);
  for (let k = 0; k < SIDES; k++) {
    const next = (k + 1) % SIDES;
    triangles.push(first, next, k, first + 1, last * SIDES + k, last * SIDES + next);
  }
  return new solids.Manifold(
    new solids.Mesh({
      numProp: 3,
      vertProperties: Float32Array.from(vertices),
      triVerts: Uint32Array.from(triangles),
    }),
  );
}

/** Round, or boxy with rounded edges as a hammered section is. */
function corner(p: number[], out: number[], t: number[], radius: number, section: number[] | null): number[] {
  if (!section || section[3]! - section[4]! < 1e-6) {
    return p.map((x, j) => x + radius * out[j]!);
  }
  const across = section.slice(0, 3);
  const through = cross(t, across);
  const u = section[3]! * boxy(dot(out, across));
  const v = section[4]! * boxy(dot(out, through));
  return p.map((x, j) => x + u * across[j]! + v * through[j]!);
}

const boxy = (x: number) => Math.sign(x) * Math.sqrt(Math.abs(x));

const minus = (a: number[], b: number[]) => a.map((x, i) => x - b[i]!);
const dot = (a: number[], b: number[]) => a.reduce((sum, x, i) => sum + x * b[i]!, 0);
const unit = (v: number[]) => v.map((x) => x / Math.hypot(...v));
const cross = (a: number[], b: number[]) => [
  a[1]! * b[2]! - a[2]! * b[1]!,
  a[2]! * b[0]! - a[0]! * b[2]!,
  a[0]! * b[1]! - a[1]! * b[0]!,
];

/** Common volume of stretches that are more than half a tight turn apart along the wire, mm³. */
function overlap(flat: number[], diameter: number, share: number): number {
  const points: number[][] = [];
  for (let i = 0; i + 2 < flat.length; i += 3) {
    points.push(flat.slice(i, i + 3));
  }
  const along = points.reduce<number[]>(
    (sums, p, i) => [...sums, i === 0 ? 0 : sums[i - 1]! + Math.hypot(...minus(p, points[i - 1]!))],
    [],
  );
  const apart = 1.9 * diameter;
  const stretches: { from: number; to: number; solid: Manifold }[] = [];
  for (let i = 0; i < points.length - 1;) {
    let j = i + 1;
    while (j < points.length - 1 && along[j]! - along[i]! < diameter) {
      j++;
    }
    stretches.push({
      from: along[i]!,
      to: along[j]!,
      solid: tube(points.slice(i, j + 1), (share * diameter) / 2),
    });
    i = j;
  }
  let volume = 0;
  stretches.forEach((a, i) =>
    stretches.slice(i + 1).forEach((b) => {
      if (b.from - a.to > apart) {
        volume += a.solid.intersect(b.solid).volume();
      }
    }),
  );
  return volume;
}

describe.each(["wrapped-loop", "midwire-loop", "plain-loop", "s-hook", "spiral-flat", "horseshoe-frame"])(
  "%s",
  (form) => {
    it("has no common volume with itself where the core finds no contact", async () => {
      const answer = await solve(form);
      expect(answer.contacts).toHaveLength(0);
      const wire = answer.wires[0]!;
      const sliver = 0.002 * Math.PI * wire.diameterMm ** 3;
      expect(overlap(wire.points, wire.diameterMm, 0.93)).toBeLessThan(sliver);
    });
  },
);

it("finds wraps in each other once they are made too thick", async () => {
  const wire = (await solve("wrapped-loop")).wires[0]!;
  expect(overlap(wire.points, wire.diameterMm, 1.5)).toBeGreaterThan(0.1);
});

it("agrees with the core on outlines that cross themselves: lifted, in their plane and out of it", async () => {
  const loop = { feedMm: 10, rotateDegrees: 0, bendDegrees: 270, insideRadiusMm: 3 };
  const onward = { feedMm: 20, rotateDegrees: 0, bendDegrees: 0, insideRadiusMm: 0 };
  const turned = [
    loop,
    { feedMm: 20, rotateDegrees: 90, bendDegrees: 30, insideRadiusMm: 3 },
    { feedMm: 5, rotateDegrees: 0, bendDegrees: 0, insideRadiusMm: 0 },
  ];
  for (const bends of [[loop, onward], turned]) {
    const lifted = await solve("outline", { wireDiameterMm: 1, parameters: { symmetric: "no", bends } });
    expect(lifted.contacts).toEqual([]);
    const { points } = lifted.wires[0]!;
    expect(overlap(points, 1, 0.93)).toBeLessThan(0.002 * Math.PI);
    // it does pass itself there: twice as thick it would be in itself
    expect(overlap(points, 1, 1.8)).toBeGreaterThan(0.2);
  }
});

/**
 * Whole pieces: every part where it hangs, laid out or goes round, as closed meshes. What is joined touches at its bearing points and no more;
 * what is not joined keeps apart, but for what the core says comes into each other.
 */
describe("parts of a piece", () => {
  it.each([
    ["rings and an S-hook", "s-hook wire=1.2 - 5 * ring 1.2/5.5"],
    ["bead links and rings", "hook-curled wire=1.2 - ring 1/4 - 2 * (bead-link bead=6 - ring 1/4)"],
    ["a mobile", "fish-hook - horseshoe-frame [ring 0.8/3 - beaded-dangle] [ring 0.8/3 - beaded-dangle]"],
    ["wings", "fish-hook - winged-link"],
    ["tears", "ring 1.2/5 - 3 * teardrop-link - ring 1.2/5"],
    [
      "hammered rings",
      "ring 1.4/7 hammered=1 - coil-on-coil link='a wire, wrapped loops' - ring 1.4/7 hammered=1",
    ],
    ["a cord", "ring 0.8/3.5 - cord 2 length=60 [ring 1.2/5 - stone 22/1.5] - ring 0.8/3.5"],
  ])("%s have no common volume, laid out or hung", async (_, line) => {
    const answer = await solvePiece(line);
    expect(answer.hangs?.touching ?? []).toEqual([]);
    const thinnest = Math.min(
      ...answer.drawing.shapes.flatMap((shape) => shape.tubes.map((wire) => wire.diameterMm)),
    );
    for (const way of ["along", "down"] as const) {
      expect(common(answer, way, THINNED), `${way}: ${line}`).toBeLessThan(0.02 * thinnest ** 3);
    }
  });

  it("every form hung in a ring touches it at its bearing point and nowhere else", async () => {
    const wrong: string[] = [];
    let hung = 0;
    for (const form of [...(await catalogue()), ...ENDED_IN_LOOPS]) {
      const answer = await solvePiece(`ring 0.8/9 - ${form}`).catch(() => null);
      hung += answer ? 1 : 0;
      if (answer && !DRAWN_OTHERWISE.includes(form)) {
        const volume = common(answer, "down", THINNED);
        if (volume > SLIVER) {
          wrong.push(`${form} ${volume.toFixed(3)}`);
        }
      }
    }
    expect(wrong).toEqual([]);
    // most of the catalogue hangs from something, all of what ends in loops does
    expect(hung).toBeGreaterThan(30 + ENDED_IN_LOOPS.length);
  });

  it("lie in each other once they are made too thick", async () => {
    const answer = await solvePiece("s-hook wire=1.2 - 5 * ring 1.2/5.5");
    expect(common(answer, "along", 1.5)).toBeGreaterThan(0.1);
  });
});

/** The largest volume two parts have in common, mm³, their wires that share of their thickness. */
function common(answer: PieceSolved, way: "along" | "down", share: number): number {
  const { shapes, shapeOf } = answer.drawing;
  const parts = shapeOf.map((shape, part) =>
    shapes[shape]!.tubes.map((wire) => solidOf(wire, answer.drawing[way][part]!, share)),
  );
  let most = 0;
  parts.forEach((own, a) =>
    parts.slice(a + 1).forEach((other) => {
      const volume = own.flatMap((one) => other.map((two) => one.intersect(two).volume()));
      most = Math.max(
        most,
        volume.reduce((sum, own) => sum + own, 0),
      );
    }),
  );
  return most;
}

/** A wire where it is in the piece, hammered and drilled as it is; that share of its thickness. */
function solidOf(
  wire: PieceSolved["drawing"]["shapes"][number]["tubes"][number],
  place: number[],
  share: number,
): Manifold {
  const turn = (v: number[]) => [0, 1, 2].map((k) => dot(place.slice(3 * k, 3 * k + 3), v));
  const sections: number[][] = [];
  for (let i = 0; i < wire.sections.length; i += 5) {
    const [wide, thick] = wire.sections.slice(i + 3, i + 5) as [number, number];
    sections.push([...turn(wire.sections.slice(i, i + 3)), share * wide, share * thick]);
  }
  const round = wire.closed && sections.length > 0 ? [...sections, sections[0]!, sections[1]!] : sections;
  const whole = tube(placed(wire.points, place, wire.closed), (share * wire.diameterMm) / 2, round);
  return wire.holes.reduce((left, hole) => {
    const middle = turn(hole.centre).map((x, k) => x + place[9 + k]!);
    const half = turn(hole.axis).map((x) => x * hole.thickMm);
    const drill = tube([minus(middle, half), middle.map((x, k) => x + half[k]!)], hole.diameterMm / 2);
    return left.subtract(drill);
  }, whole);
}

/** Forms that hang only with such ends. */
const ENDED_IN_LOOPS = [
  "rosette end='turned to a loop'",
  "crimped-pair ends='loops of the upper wire'",
  "lashed-beads ends='plain loops'",
  "coil-on-coil link='a wire, wrapped loops'",
  "coil-on-coil link='a wire, plain loops'",
];

/** A doubled hook's two loops lie so close that a ring goes through both. */
const DRAWN_OTHERWISE = ["hook-doubled"];

/** Less than this is the mesh's own chords, mm³. */
const SLIVER = 0.01;

/** A mesh's chords and the core's own touch together. */
const THINNED = 0.93;

/** Points of a part where it is in the piece; a closed wire meets its beginning. */
function placed(points: number[], place: number[], closed: boolean): number[][] {
  const all: number[][] = [];
  for (let i = 0; i + 2 < points.length; i += 3) {
    const p = points.slice(i, i + 3);
    all.push([0, 1, 2].map((k) => dot(place.slice(3 * k, 3 * k + 3), p) + place[9 + k]!));
  }
  return closed ? [...all, all[0]!, all[1]!] : all;
}
