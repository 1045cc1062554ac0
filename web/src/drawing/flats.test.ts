import { describe, expect, it } from "vitest";
import { tube } from "../scene/tube";
import { flatOutlines, roundParts } from "./flats";

/** A wire of 2 mm along x, round to 4 mm, then flat 4 by 0.5 with its width along y. */
const POINTS = [0, 0, 0, 4, 0, 0, 5, 0, 0, 8, 0, 0];
const ROUND = [0, 1, 0, 1, 1];
const FLAT = [0, 1, 0, 2, 0.25];
const SECTIONS = [...ROUND, ...ROUND, ...FLAT, ...FLAT];

describe("hammered wire", () => {
  it("keeps its round stretch and shows its width face-on, its thickness from above", () => {
    expect(roundParts(POINTS, SECTIONS)).toEqual([[0, 0, 0, 4, 0, 0]]);
    const face = flatOutlines(POINTS, SECTIONS, "face");
    expect(face).toHaveLength(1);
    expect(Math.max(...face[0]!.map((p) => Math.abs(p.y)))).toBeCloseTo(2, 9);
    // it begins where the round stretch ends, as wide as that
    expect(face[0]!.filter((p) => p.x === 4).map((p) => Math.abs(p.y))).toEqual([1, 1]);
    const above = flatOutlines(POINTS, SECTIONS, "above");
    expect(Math.max(...above[0]!.filter((p) => p.x > 4).map((p) => Math.abs(p.y)))).toBeCloseTo(0.25, 9);
  });

  it("shows nothing when looked at along the wire, and nothing where all is round", () => {
    expect(flatOutlines(POINTS, SECTIONS, "edge")).toEqual([]);
    expect(flatOutlines(POINTS, [], "face")).toEqual([]);
    expect(roundParts(POINTS, [])).toEqual([POINTS]);
  });

  it("has a skin as wide and as thick as its section", () => {
    const geometry = tube(POINTS, 1, 16, SECTIONS);
    geometry.computeBoundingBox();
    const box = geometry.boundingBox!;
    expect(box.max.y).toBeCloseTo(2, 5);
    const position = geometry.getAttribute("position");
    const last = Array.from({ length: 16 }, (_, k) => position.getZ(3 * 16 + k));
    expect(Math.max(...last)).toBeCloseTo(0.25, 5);
    expect(Array.from(position.array).every(Number.isFinite)).toBe(true);
  });
});
