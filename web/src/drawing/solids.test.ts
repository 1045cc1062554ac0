import { describe, expect, it } from "vitest";
import { outlineOf, type DrawnSolid } from "./solids";

const solid = (part: Partial<DrawnSolid>): DrawnSolid => ({
  kind: "BEAD",
  centre: [2, 3, 1],
  axis: [1, 0, 0],
  diameterMm: 8,
  lengthMm: 8,
  ...part,
});
const wide = (one: DrawnSolid, look: "face" | "edge" | "corner") => {
  const xs = outlineOf(one, look).map((at) => at.x);
  return Math.max(...xs) - Math.min(...xs);
};
const high = (one: DrawnSolid, look: "face" | "edge" | "corner") => {
  const ys = outlineOf(one, look).map((at) => at.y);
  return Math.max(...ys) - Math.min(...ys);
};

describe("a bead's outline", () => {
  it("of a round one is a circle from everywhere", () => {
    for (const look of ["face", "edge", "corner"] as const) {
      expect(wide(solid({}), look)).toBeCloseTo(8, 1);
      expect(high(solid({}), look)).toBeCloseTo(8, 1);
    }
  });

  it("of a long one is as long as it is along its hole, and round seen down it", () => {
    const long = solid({ lengthMm: 14 });
    expect(wide(long, "face")).toBeCloseTo(14, 6);
    expect(high(long, "face")).toBeCloseTo(8, 6);
    expect(wide(long, "edge")).toBeCloseTo(8, 6);
  });

  it("of a spacer has flat faces: all its height at its very ends", () => {
    const spacer = solid({ kind: "SPACER", lengthMm: 1 });
    expect(wide(spacer, "face")).toBeCloseTo(1, 6);
    const ends = outlineOf(spacer, "face").filter((at) => Math.abs(at.x - 2.5) < 1e-6);
    expect(Math.max(...ends.map((at) => at.y)) - Math.min(...ends.map((at) => at.y))).toBeGreaterThan(7.9);
  });
});
