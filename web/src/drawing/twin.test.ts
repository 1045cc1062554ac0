import { expect, it } from "vitest";
import { acrossOf, mirrorBeside, twinOf, twinWire } from "./twin";

const WIRE = {
  diameterMm: 1,
  metal: "copper",
  points: [2, 1, 7, 5, 3, 7],
  sections: [1, 0, 0, 0.8, 0.3, 0.6, 0.8, 0, 0.5, 0.5],
  holes: [{ centre: [3, 2, 7], axis: [0.6, 0, 0.8], diameterMm: 0.9 }],
};

it("turns left and right about an upright mirror, and nothing else", () => {
  const twin = twinWire(WIRE, 10);
  expect(twin.points).toEqual([18, 1, 7, 15, 3, 7]);
  expect(twin.sections).toEqual([-1, 0, 0, 0.8, 0.3, -0.6, 0.8, 0, 0.5, 0.5]);
  expect(twin.holes).toEqual([{ centre: [17, 2, 7], axis: [-0.6, 0, 0.8], diameterMm: 0.9 }]);
  expect(twin.metal).toBe("copper");
  expect(twinOf({ kind: "BEAD", centre: [4, 0, 1], axis: [1, 0, 0] }, 0)).toEqual({
    kind: "BEAD",
    centre: [-4, 0, 1],
    axis: [-1, 0, 0],
  });
});

it("twice is the first again", () => {
  expect(twinWire(twinWire(WIRE, 3), 3)).toEqual(WIRE);
});

it("stands twins beside each other with room between", () => {
  const span = acrossOf([WIRE]);
  expect(span).toEqual({ x: 1.5, width: 4 });
  const twin = twinWire(WIRE, mirrorBeside(span));
  expect(acrossOf([twin]).x).toBeGreaterThan(span.x + span.width + 2);
  expect(acrossOf([twin]).width).toBeCloseTo(4, 9);
});
