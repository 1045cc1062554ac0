import { describe, expect, it, vi } from "vitest";
import type { DrawnPiece } from "../drawing/board";
import { toneOf } from "../drawing/metals";
import { PieceScene } from "./pieceScene";

vi.mock("three", async (original) => {
  const { withoutCard } = await import("../test/three");
  return withoutCard(await original<typeof import("three")>());
});
vi.mock("./metal", async () => {
  const { MeshMatcapMaterial } = await import("three");
  return { metalMaterial: () => new MeshMatcapMaterial() };
});

const RING = Array.from({ length: 24 }, (_, i) => [
  2 * Math.cos((Math.PI * i) / 12),
  2 * Math.sin((Math.PI * i) / 12),
  0,
]).flat();
const at = (x: number) => [1, 0, 0, 0, 1, 0, 0, 0, 1, x, 0, 0];
const BEAD = { kind: "BEAD", centre: [0, 0, 0], axis: [1, 0, 0], diameterMm: 3, lengthMm: 3 };

/** Two rings 20 mm apart, a bead on its wire between. */
const piece: DrawnPiece = {
  shapes: [
    {
      tubes: [{ metal: null, diameterMm: 1, points: RING, closed: true, sections: [], holes: [] }],
      solids: [],
    },
    {
      tubes: [
        { metal: null, diameterMm: 1, points: [-4, 0, 0, 4, 0, 0], closed: false, sections: [], holes: [] },
      ],
      solids: [BEAD],
    },
  ],
  shapeOf: [0, 1, 0],
  along: [at(0), at(10), at(20)],
  down: [at(0), at(0), at(0)],
  round: null,
  roundShapeOf: null,
  draped: null,
  drapedShapeOf: null,
};

function scene() {
  const made = new PieceScene(document.createElement("canvas"), toneOf, "#233f93", "#535c63");
  made.resize(800, 600);
  made.show(piece, "along", "copper", "face");
  return made;
}

describe("a piece in the round", () => {
  it("is all in the picture", () => {
    const made = scene();
    for (const x of [-2.5, 22.5]) {
      const [seen] = made.project(x, 0, 0);
      expect(seen).toBeGreaterThan(0);
      expect(seen).toBeLessThan(800);
    }
    made.dispose();
  });

  it("tells which part is pressed", () => {
    const made = scene();
    const pressed = (x: number, y: number) => {
      const [px, py] = made.project(x, y, 0);
      return made.at(px, py);
    };
    expect(pressed(2, 0)).toBe(0);
    expect(pressed(10, 1)).toBe(1);
    expect(pressed(18, 0)).toBe(2);
    expect(pressed(0, 0)).toBeNull();
    made.dispose();
  });

  it("stays where the eye is when the piece changes, and is fitted anew when it lies another way", () => {
    const made = scene();
    const before = made.project(0, 0, 0);
    made.show({ ...piece }, "along", "copper", "face");
    made.project(0, 0, 0).forEach((value, i) => expect(value).toBeCloseTo(before[i]!, 6));
    made.show(piece, "down", "copper", "face");
    expect(Math.abs(made.project(0, 0, 0)[0] - before[0])).toBeGreaterThan(1);
    made.choose(new Set([1]));
    made.dispose();
  });
});
