import { expect, test } from "vitest";
import { bothOf, fitted, placedParts, wholeBox, type DrawnPiece } from "./board";

const UPRIGHT = [1, 0, 0, 0, 1, 0, 0, 0, 1];
/** A quarter turn about z: x goes up. */
const TURNED = [0, -1, 0, 1, 0, 0, 0, 0, 1];

const BAR: DrawnPiece["shapes"][number] = {
  tubes: [
    { metal: null, diameterMm: 1, points: [0, 0, 0, 10, 0, 0], closed: false, sections: [], holes: [] },
  ],
  solids: [{ kind: "BEAD", centre: [5, 0, 0], axis: [1, 0, 0], diameterMm: 4, lengthMm: 6 }],
};

function drawing(): DrawnPiece {
  return {
    shapes: [BAR],
    shapeOf: [0, 0],
    along: [
      [...UPRIGHT, 0, 0, 0],
      [...UPRIGHT, 10, 0, 0],
    ],
    down: [
      [...TURNED, 0, 0, 0],
      [...TURNED, 0, 10, 2],
    ],
    round: null,
    roundShapeOf: null,
    draped: null,
    drapedShapeOf: null,
  };
}

test("every part is put where the core says, its beads with it", () => {
  const parts = placedParts(drawing(), "along")!;
  expect(parts[1]!.wires[0]!.points).toEqual([10, 0, 0, 20, 0, 0]);
  expect(parts[1]!.solids[0]!.centre).toEqual([15, 0, 0]);
  const down = placedParts(drawing(), "down")!;
  expect(down[1]!.wires[0]!.points).toEqual([0, 10, 2, 0, 20, 2]);
  expect(down[1]!.solids[0]!.axis).toEqual([0, 1, 0]);
});

test("a way it does not lie is none", () => {
  expect(placedParts(drawing(), "round")).toBeNull();
});

test("the second of a pair is the first in a mirror beside it", () => {
  const both = bothOf(placedParts(drawing(), "along")!);
  expect(both).toHaveLength(4);
  // the first ends at 20.5, a line 4 further on is the mirror
  expect(both[2]!.wires[0]!.points).toEqual([49, 0, 0, 39, 0, 0]);
  expect(both[3]!.solids[0]!.axis).toEqual([-1, 0, 0]);
  const own = wholeBox(both.slice(2));
  expect(own.x - 20.5).toBeCloseTo(8);
  expect(wholeBox(both).width).toBeCloseTo(2 * 21 + 8);
});

test("the box holds wires as thick as they are", () => {
  expect(wholeBox(placedParts(drawing(), "along")!)).toEqual({ x: -0.5, y: -3, width: 21, height: 6 });
});

test("a drawing is fitted into its paper and no larger than told", () => {
  const box = { x: -10, y: -5, width: 100, height: 10 };
  const margins = { left: 20, right: 20, top: 10, bottom: 30 };
  const fit = fitted(box, 540, 300, margins);
  expect(fit.scale).toBe(5);
  expect(fit.x + box.x * fit.scale).toBeCloseTo(20);
  expect(fitted(box, 540, 300, margins, 2).scale).toBe(2);
});

test("a closed tube ends where it begins", () => {
  const ring = { ...drawing(), shapes: [{ tubes: [{ ...BAR.tubes[0]!, closed: true }], solids: [] }] };
  const points = placedParts(ring, "along")![0]!.wires[0]!.points;
  expect(points.slice(6, 9)).toEqual(points.slice(0, 3));
});

test("what is hammered and drilled turns with its part, and is mirrored with it", () => {
  const hole = { centre: [9, 0, 0], axis: [0, 0, 1], diameterMm: 1.5, thickMm: 0.6 };
  const flat = [0, 1, 0, 0.8, 0.3];
  const piece = drawing();
  const bar = { ...BAR.tubes[0]!, sections: [...flat, ...flat], holes: [hole] };
  piece.shapes = [{ ...BAR, tubes: [bar, { ...bar, closed: true }] }];
  const [wire, ring] = placedParts(piece, "down")![1]!.wires;
  expect(wire!.sections).toEqual([-1, 0, 0, 0.8, 0.3, -1, 0, 0, 0.8, 0.3]);
  expect(wire!.holes[0]).toEqual({ centre: [0, 19, 2], axis: [0, 0, 1], diameterMm: 1.5 });
  // a ring is a stroke as wide as it is hammered
  expect(ring!.sections).toEqual([]);
  const mirrored = bothOf(placedParts(piece, "down")!)[3]!.wires[0]!;
  expect(mirrored.sections.slice(0, 5)).toEqual([1, 0, 0, 0.8, 0.3]);
  expect(mirrored.holes[0]!.centre[1]).toBe(19);
});
