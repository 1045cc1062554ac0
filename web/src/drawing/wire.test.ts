import { describe, expect, it } from "vitest";
import { layMarks, readableScale, stripScale } from "./strip";
import { boxOf, line, pieces, seen, seenWire, stretch, union, viewBox } from "./wire";

describe("a wire laid on paper", () => {
  it("keeps lengths face-on and turns up to the top of the page", () => {
    expect(seen(3, 4, 9, "face")).toEqual({ x: 3, y: -4, depth: 9 });
    expect(seen(3, 4, 9, "edge")).toEqual({ x: -9, y: -4, depth: 3 });
    expect(seen(3, 4, 9, "above")).toEqual({ x: 3, y: 9, depth: 4 });
  });

  it("keeps lengths from the corner as a turned page does", () => {
    const a = seen(1, 2, 3, "corner");
    expect(Math.hypot(a.x, a.y, a.depth)).toBeCloseTo(Math.hypot(1, 2, 3), 12);
  });

  it("has a box as wide as the wire is thick", () => {
    const box = boxOf([seenWire([0, 0, 0, 10, 0, 0], "face")], [2]);
    expect(box).toEqual({ x: -1, y: -1, width: 12, height: 2 });
    expect(union(box, { x: 0, y: 0, width: 20, height: 1 })).toEqual({ x: -1, y: -1, width: 21, height: 2 });
    expect(viewBox(box, 1)).toBe("-2 -2 14 4");
  });

  it("stays whole where it lies flat and is cut where it rises, back to front", () => {
    const flat = seenWire([0, 0, 0, 1, 0, 0, 2, 0, 0], "face");
    expect(pieces([flat], [1])).toHaveLength(1);
    const rising = seenWire([0, 0, 2, 1, 0, 1, 2, 0, 0], "face");
    const cut = pieces([rising], [1]);
    expect(cut).toHaveLength(2);
    expect(cut[0]!.depth).toBeLessThan(cut[1]!.depth);
  });

  it("draws as path data", () => {
    expect(line(seenWire([0, 0, 0, 1.23456, -2, 0], "face"))).toBe("M0 0L1.235 2");
  });

  it("is cut to a stretch with its ends put in", () => {
    const points = [0, 0, 0, 10, 0, 0, 20, 0, 0];
    expect(stretch(points, [0, 10, 20], 5, 15)).toEqual([5, 0, 0, 10, 0, 0, 15, 0, 0]);
    expect(stretch(points, [0, 10, 20], 12, 14)).toEqual([12, 0, 0, 14, 0, 0]);
  });
});

describe("the wire strip", () => {
  it("stand in two rows where one does not hold them, every one inside and apart from its neighbours in the row", () => {
    const marks = Array.from({ length: 15 }, (_, i) => ({ atMm: 2 + i * 22, kind: "BEND" }));
    const laid = layMarks(marks, 370 / 335, 40, 370, String);
    for (const row of [0, 1]) {
      const at = laid.filter((mark) => mark.row === row).map((mark) => mark.labelX);
      expect(at.length).toBeGreaterThan(6);
      at.forEach((x, i) => {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(370);
        expect(i === 0 || x - at[i - 1]! >= 40 - 1e-9).toBe(true);
      });
    }
    // leaders keep the marks' order
    const all = laid.map((mark) => mark.labelX);
    expect([...all].sort((a, b) => a - b)).toEqual(all);
    expect(layMarks(marks, 4, 40, 1400, String).every((mark) => mark.row === 0)).toBe(true);
  });

  it("puts labels side by side, in order, each near its mark", () => {
    const marks = [10, 11, 60].map((atMm) => ({ atMm, kind: "BEND" }));
    const laid = layMarks(marks, 4, 40, 1000, (mm) => mm.toFixed(1));
    expect(laid.map((mark) => mark.labelX)).toEqual([22, 62, 240]);
    expect(laid[1]!.label).toBe("11.0");
    expect(layMarks([{ atMm: 249, kind: "TRIM" }], 4, 40, 990, String)[0]!.labelX).toBe(990);
  });

  it("is enlarged until its marks can be told apart, and no further", () => {
    const marks = [10, 11.2, 40].map((atMm) => ({ atMm, kind: "BEND" }));
    expect(readableScale(marks, 80, 1000, 4)).toBe(6);
    expect(readableScale(marks.slice(1), 80, 1000, 4)).toBe(4);
    // no room for that: as wide as it goes
    expect(readableScale(marks, 80, 380, 4)).toBe(4.75);
    expect(readableScale(marks, 500, 1000, 4)).toBe(2);
  });

  it("is true size while it fits and no larger than the room", () => {
    expect(stripScale(80, 1000, 4)).toBe(4);
    expect(stripScale(500, 1000, 4)).toBe(2);
  });
});
