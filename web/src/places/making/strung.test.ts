import { describe, expect, it } from "vitest";
import { alikeAfter, beadsOf } from "./strung";

const RUNS = [
  { count: 1, lengthMm: 8, widthMm: 8, strands: 2, apart: 1 },
  { count: 3, lengthMm: 4, widthMm: 4, strands: 1, apart: 2 },
  { count: 2, lengthMm: 8, widthMm: 8, strands: 2, apart: 1 },
];

describe("beads of a strand", () => {
  it("come in the order they are threaded, a wire's own one wire after the other", () => {
    const beads = beadsOf(RUNS);
    expect(beads.map((one) => one.atMm)).toEqual([4, 10, 14, 18, 10, 14, 18, 24, 32]);
    expect(beads.map((one) => one.strand)).toEqual([0, 0, 0, 0, 1, 1, 1, 0, 0]);
  });

  it("say how many like the one in hand follow at once", () => {
    const beads = beadsOf(RUNS);
    expect(beads.map((_, at) => alikeAfter(beads, at))).toEqual([0, 2, 1, 0, 2, 1, 0, 1, 0]);
    expect(alikeAfter(beads, 99)).toBe(0);
  });
});
