import { describe, expect, it } from "vitest";
import { coilSegments, turnEdges } from "./coil";
import { lanes, spread } from "./ladder";
import { toneOf } from "./metals";
import { annulus, onCircle, openRing, wireStops } from "./ring";
import { FIGURE_PX, inchTicks, metricTicks } from "./ruler";

describe("ring paths", () => {
  it("cuts the hole the other way round, so that it stays open under either fill rule", () => {
    const [outer, inner] = annulus(0, 0, 10, 6).split("Z");
    expect(outer).toContain("0 1 0");
    expect(inner).toContain("0 1 1");
    expect(inner).toContain("A6 6");
  });

  it("opens a ring at the top by the gap asked for", () => {
    const [start] = openRing(0, 0, 10, 60).split("A");
    expect(start).toBe("M5 -8.66");
  });

  it("places points clockwise from the top", () => {
    const right = onCircle(5, 5, 10, 90);
    expect(right.x).toBeCloseTo(15, 12);
    expect(right.y).toBeCloseTo(5, 12);
  });

  it("lights the crown of the wire, between its edges", () => {
    const stops = wireStops(3, 4);
    expect(stops.inner).toBe(0.75);
    expect(stops.light).toBeGreaterThan(0.75);
    expect(stops.light).toBeLessThan(1);
  });
});

describe("the coil strip", () => {
  const coil = { rings: 20, turnsWound: 24, spoiltTurns: 2, leadMm: 25, tailMm: 40, woundLengthMm: 25 };

  it("shows every turn wound once", () => {
    const segments = coilSegments(coil, 3, 1);
    expect(segments.reduce((sum, s) => sum + s.turns, 0)).toBeCloseTo(24, 9);
    expect(segments.map((s) => s.part)).toEqual(["lead", "spoilt", "keep", "spare", "spoilt", "tail"]);
  });

  it("leaves no gap and no overlap", () => {
    const segments = coilSegments(coil, 3, 1);
    segments.slice(1).forEach((segment, i) => expect(segment.from).toBeCloseTo(segments[i]!.to, 9));
  });

  it("is at true scale: a turn is one pitch", () => {
    const keep = coilSegments(coil, 0, 1).find((s) => s.part === "keep")!;
    expect(keep.to - keep.from).toBeCloseTo(keep.turns * (25 / 25), 9);
    expect(turnEdges(keep)).toHaveLength(Math.round(keep.turns));
  });

  it("caps what is drawn of a very long coil", () => {
    const long = { ...coil, rings: 5000, turnsWound: 5002, woundLengthMm: 5003 };
    expect(turnEdges(coilSegments(long, 0, 1).find((s) => s.part === "keep")!)).toHaveLength(400);
  });
});

describe("the ladder", () => {
  it("gives overlapping windows lanes of their own and shares where they do not touch", () => {
    const lane = lanes([
      { id: "a", low: 3, high: 5 },
      { id: "b", low: 4, high: 6 },
      { id: "c", low: 5.5, high: 6 },
    ]);
    expect(lane.get("a")).not.toBe(lane.get("b"));
    expect(lane.get("c")).toBe(lane.get("a"));
  });

  it("spreads labels without changing their order or leaving the frame", () => {
    const placed = spread([50, 51, 52, 10], 19, 0, 100);
    const sorted = [placed[3]!, placed[0]!, placed[1]!, placed[2]!];
    sorted.slice(1).forEach((y, i) => expect(y - sorted[i]!).toBeGreaterThanOrEqual(19 - 1e-9));
    expect(Math.max(...placed)).toBeLessThanOrEqual(100);
  });
});

describe("the ruler", () => {
  it("has a tick for every millimetre and a label for every ten", () => {
    const ticks = metricTicks(85.6, 3.78);
    expect(ticks).toHaveLength(86);
    expect(ticks.filter((t) => t.label).map((t) => t.label)).toEqual([
      "10",
      "20",
      "30",
      "40",
      "50",
      "60",
      "70",
      "80",
    ]);
  });

  it("has no figure that touches the next, at any length and scale", () => {
    for (let k = 0; k < 300; k++) {
      const lengthMm = 10 ** (0.5 + (k % 20) / 4.5);
      const scale = 10 ** (-1.8 + k / 80);
      for (const ticks of [metricTicks(lengthMm, scale), inchTicks(lengthMm, scale)]) {
        const at = ticks.filter((t) => t.label).map((t) => t.at * scale);
        at.slice(1).forEach((x, i) => expect(x - at[i]!).toBeGreaterThanOrEqual(FIGURE_PX - 1e-9));
        expect(ticks.length).toBeLessThanOrEqual(4001);
      }
    }
  });

  it("has sixteenths of exactly 25.4/16 mm", () => {
    const ticks = inchTicks(60, 3.78);
    expect(ticks[16]!.at).toBeCloseTo(25.4, 12);
    expect(ticks.filter((t) => t.label).map((t) => t.label)).toEqual(["1", "2"]);
  });
});

it("has a colour for an unknown metal too", () => {
  expect(toneOf("unobtainium").body).toMatch(/^#/);
  expect(toneOf("copper")).not.toEqual(toneOf("sterling-silver"));
});
