import { beforeAll, describe, expect, it, vi } from "vitest";
import { marksOf, pictureBox } from "./marks";
import { paintMarks } from "./paint";

const WIRES = [{ diameterMm: 1, points: [0, 0, 0, 10, 0, 0] }];
const BEAD = { kind: "BEAD", centre: [5, 0, 0], axis: [1, 0, 0], diameterMm: 4, lengthMm: 4 };
const COLOURS = { sheet: "#fff", ink: "#000", soft: "#888" };

function pen() {
  const widths: number[] = [];
  const stops: [number, string][] = [];
  const transforms: number[][] = [];
  const said = {
    lineWidth: 0,
    lineJoin: "",
    strokeStyle: "" as unknown,
    fillStyle: "" as unknown,
    setTransform: (...given: number[]) => transforms.push(given),
    clearRect: vi.fn(),
    stroke: () => widths.push(said.lineWidth),
    fill: vi.fn(),
    createRadialGradient: () => ({ addColorStop: (at: number, colour: string) => stops.push([at, colour]) }),
  };
  return { pen: said as unknown as CanvasRenderingContext2D, said, widths, stops, transforms };
}

beforeAll(() => {
  globalThis.Path2D ??= class {
    ellipse(): void {}
  } as unknown as typeof Path2D;
});

describe("painting", () => {
  it("strokes a wire three times, each narrower, and a bead's glass once", () => {
    const { pen: on, said, widths, stops } = pen();
    const marks = marksOf(WIRES, [BEAD], "copper", "face");
    paintMarks(on, { width: 240, height: 120 }, pictureBox(WIRES, [BEAD], "face"), marks, COLOURS);
    expect(widths).toEqual([1, 0.78, 0.22, 0.12]);
    expect(said.fill).toHaveBeenCalledTimes(1);
    expect(stops.map(([at]) => at)).toEqual([0, 0.55, 1]);
    expect(stops[0]![1]).toContain("#fff");
  });

  it("puts the whole box in the middle, at one scale", () => {
    const { pen: on, transforms } = pen();
    const box = pictureBox(WIRES, [], "face");
    paintMarks(on, { width: 110, height: 110 }, box, [], COLOURS);
    const [scale, , , same, left, top] = transforms.at(-1)!;
    expect(scale).toBeCloseTo(10);
    expect(same).toBe(scale);
    expect(left! + scale! * (box.x + box.width / 2)).toBeCloseTo(55);
    expect(top! + scale! * (box.y + box.height / 2)).toBeCloseTo(55);
    expect(scale! * box.width).toBeLessThanOrEqual(110 + 1e-9);
  });
});
