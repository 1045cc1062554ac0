/**
 * Self-contact against mesh collision by a general library (Manifold). A form that is said to touch but not pass through itself
 * is cut into stretches of wire; the meshes of stretches that are no neighbours, thinned by the stated touch of 4.5 % and the
 * mesh's own chords, must have no common volume; as thick as half as much again, wraps and crossings must have one.
 */
import Module, { type Manifold } from "manifold-3d";
import { beforeAll, describe, expect, it } from "vitest";
import { solve } from "./server";

let solids: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  solids = await Module();
  solids.setup();
});

const SIDES = 16;

/** A stretch of tube as a closed mesh. */
function tube(points: number[][], radius: number): Manifold {
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
      vertices.push(...p.map((x, j) => x + radius * (Math.cos(a) * n![j]! + Math.sin(a) * b[j]!)));
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
