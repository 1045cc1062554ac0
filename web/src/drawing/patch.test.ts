import { describe, expect, it } from "vitest";
import sample from "../test/patch.json";
import { laid, letter, linkedTo, nearest, openWire, planeOf, some, there } from "./patch";
import { linkedIn, swatch, RING } from "./weave";

const rings = laid(sample.poses[1]!, sample.patch.rings);
const count = sample.patch.colours.length;

/** Whether two circles are linked: the one's crossings of the other's disc, counted with their signs. */
function linked(a: number, b: number): boolean {
  const ring = (n: number) => Array.from(rings.subarray(RING * n, RING * n + RING));
  const [ax, ay, az, anx, any, anz, ar] = ring(a) as [number, number, number, number, number, number, number];
  const [bx, by, bz, bnx, bny, bnz, br] = ring(b) as [number, number, number, number, number, number, number];
  const { right, up } = planeOf([anx, any, anz]);
  const side = (angle: number) =>
    [ax, ay, az].map((c, k) => c + ar * (Math.cos(angle) * right[k]! + Math.sin(angle) * up[k]!));
  const above = (p: number[]) => (p[0]! - bx) * bnx + (p[1]! - by) * bny + (p[2]! - bz) * bnz;
  let sum = 0;
  for (let s = 0; s < 720; s++) {
    const [from, to] = [side((s * Math.PI) / 360), side(((s + 1) * Math.PI) / 360)];
    if (above(from) <= 0 !== above(to) <= 0 && Math.hypot(to[0]! - bx, to[1]! - by, to[2]! - bz) < br) {
      sum += above(to) > 0 ? 1 : -1;
    }
  }
  return sum !== 0;
}

describe("a patch laid", () => {
  it("has just the links the server tells", () => {
    for (let a = 0; a < count; a++) {
      const told = linkedTo(sample.patch.links, a);
      for (let b = 0; b < count; b++) {
        expect(a !== b && linked(a, b)).toBe(told.has(b));
      }
    }
  });

  it("grows to every ring, once", () => {
    const all = there(sample.patch.steps, sample.patch.steps.length);
    expect([...all].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, n) => n));
    expect(there(sample.patch.steps, 0)).toEqual([]);
    const part = some(rings, all.slice(0, 5), sample.patch.colours);
    expect(part.count).toBe(5);
    expect(part.rings[0]).toBe(rings[RING * all[0]!]);
  });

  it("opens a ring where it is asked to, its ends aside", () => {
    const ring = rings.subarray(0, RING);
    for (const angle of [0, 1.3, 4]) {
      const points = openWire(ring, angle, 1);
      const { right, up, facing } = planeOf([ring[3]!, ring[4]!, ring[5]!]);
      const from = (p: number[]) => p.map((v, k) => v - ring[k]!);
      const dot = (p: number[], q: number[]) => p.reduce((sum, v, k) => sum + v * q[k]!, 0);
      for (const point of points) {
        const flat = Math.hypot(dot(from(point), right), dot(from(point), up));
        expect(flat).toBeCloseTo(ring[6]!, 4);
        const off = Math.atan2(dot(from(point), up), dot(from(point), right)) - angle;
        expect(Math.abs(Math.atan2(Math.sin(off), Math.cos(off)))).toBeGreaterThan(0.3);
      }
      const ends = [points[0]!, points.at(-1)!].map((point) => dot(from(point), facing));
      expect(Math.abs(ends[0]! - ends[1]!)).toBeGreaterThan(1);
    }
  });

  it("names rings by letters and finds the nearest", () => {
    expect([0, 25, 26, 27].map(letter)).toEqual(["A", "Z", "AA", "AB"]);
    const near = nearest(rings, 0, [0, 1, 2, 3, 20], 3);
    expect(near).toHaveLength(3);
    expect(near).not.toContain(0);
    expect(near).not.toContain(20);
  });
});

describe("one ring's links in a patch", () => {
  it("are as many as the weave says in its middle", () => {
    const shown = swatch(sample.poses[1]!, 5, 1);
    const middle = 2 * 6;
    for (let r = 0; r < 6; r++) {
      expect(linkedIn(shown, sample.weave.links, 0, middle + r).size).toBe(4);
    }
  });
});
