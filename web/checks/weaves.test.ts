/**
 * Solved weaves against mesh collision by a general library (Manifold). Rings as inscribed tori lose up to
 * `R (1 − cos(π/n)) + r (1 − cos(π/m))` of their reach; made thicker by that and by 2 %, neighbours in a taut weave must meet;
 * 2 % thinner than the wire, no two rings may.
 */
import Module, { type Manifold } from "manifold-3d";
import { beforeAll, describe, expect, it } from "vitest";
import { swatch, RING, type WeavePose } from "../src/drawing/weave";
import { poses } from "./server";

let solids: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  solids = await Module();
  solids.setup();
});

const ROUND = 96;
const SIDES = 20;

/** A ring as a closed mesh whose corners lie on the torus. */
function ring(numbers: readonly number[], wire: number): Manifold {
  const [cx, cy, cz, nx, ny, nz, radius] = numbers as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const flat = Math.hypot(nx, ny);
  const u = flat < 1e-9 ? [1, 0, 0] : [-ny / flat, nx / flat, 0];
  const v = [ny * u[2]! - nz * u[1]!, nz * u[0]! - nx * u[2]!, nx * u[1]! - ny * u[0]!];
  const n = [nx, ny, nz];
  const centre = [cx, cy, cz];
  const vertices: number[] = [];
  const triangles: number[] = [];
  for (let i = 0; i < ROUND; i++) {
    const a = (2 * Math.PI * i) / ROUND;
    for (let k = 0; k < SIDES; k++) {
      const b = (2 * Math.PI * k) / SIDES;
      const out = radius + (wire / 2) * Math.cos(b);
      const up = (wire / 2) * Math.sin(b);
      vertices.push(
        ...centre.map((c, x) => c + out * (Math.cos(a) * u[x]! + Math.sin(a) * v[x]!) + up * n[x]!),
      );
      const at = i * SIDES + k;
      const next = i * SIDES + ((k + 1) % SIDES);
      const on = ((i + 1) % ROUND) * SIDES;
      triangles.push(at, on + k, next, next, on + k, on + ((k + 1) % SIDES));
    }
  }
  return new solids.Manifold(
    new solids.Mesh({
      numProp: 3,
      vertProperties: Float32Array.from(vertices),
      triVerts: Uint32Array.from(triangles),
    }),
  );
}

/** How many pairs of rings of a patch have a common volume with wire of that thickness. */
function collisions(pose: WeavePose, wire: number): number {
  const patch = swatch(pose, 3, pose.around || (pose.second[1]! > 0 ? 3 : 1));
  const rings = Array.from({ length: patch.count }, (_, n) =>
    Array.from(patch.rings.slice(RING * n, RING * n + RING)),
  );
  const meshes = rings.map((numbers) => ring(numbers, wire));
  let found = 0;
  for (let a = 0; a < rings.length; a++) {
    for (let b = a + 1; b < rings.length; b++) {
      const apart = Math.hypot(...[0, 1, 2].map((x) => rings[a]![x]! - rings[b]![x]!));
      if (
        apart < rings[a]![6]! + rings[b]![6]! + wire &&
        meshes[a]!.intersect(meshes[b]!).volume() > 1e-6 * wire ** 3
      ) {
        found++;
      }
    }
  }
  return found;
}

describe.each([
  ["byzantine", [3.8]],
  ["european-4-in-1", [4]],
  ["full-persian-6-in-1", [5.6]],
  ["half-persian-3-in-1", [4.6]],
  ["japanese-4-in-1", [4, 2.5]],
  ["tube-4-in-1-along", [4.2]],
])("%s", (weave, inner) => {
  it("has no two rings in one another, shortest, slack or taut", async () => {
    for (const pose of await poses(weave, 1, inner, 3)) {
      expect(collisions(pose, 0.98)).toBe(0);
    }
  });

  it("pulled taut has rings that touch", async () => {
    const taut = (await poses(weave, 1, inner, 2)).at(-1)!;
    const lost =
      Math.max(...inner) * 0.5 * (1 - Math.cos(Math.PI / ROUND)) + 0.5 * (1 - Math.cos(Math.PI / SIDES));
    expect(collisions(taut, 1.02 + 4 * lost)).toBeGreaterThan(0);
  });
});
