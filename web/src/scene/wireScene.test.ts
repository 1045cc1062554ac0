import { describe, expect, it, vi } from "vitest";
import { toneOf } from "../drawing/metals";
import { WireScene } from "./wireScene";

vi.mock("three", async (original) => {
  const { withoutCard } = await import("../test/three");
  return withoutCard(await original<typeof import("three")>());
});
vi.mock("./metal", async () => {
  const { MeshMatcapMaterial } = await import("three");
  return { metalMaterial: () => new MeshMatcapMaterial() };
});

const [WIDTH, HEIGHT, FOOT] = [800, 600, 38];

/** A helix about z. */
function coil(turns: number, pitch: number, radius = 3): number[] {
  const points: number[] = [];
  for (let i = 0; i <= turns * 24; i++) {
    const angle = (2 * Math.PI * i) / 24;
    points.push(radius * Math.cos(angle), radius * Math.sin(angle), (pitch * i) / 24);
  }
  return points;
}

function scene() {
  const made = new WireScene(document.createElement("canvas"), toneOf("copper"), "#233f93", "#535c63");
  made.resize(WIDTH, HEIGHT);
  return made;
}

const show = (made: WireScene, points: number[]) =>
  made.show({ wires: [{ points, diameterMm: 1 }], solids: [] });

/** How much of the picture's room the wire takes, the larger of across and up; and whether all of it is in. */
function room(made: WireScene, points: number[], width = WIDTH, height = HEIGHT) {
  const seen = [];
  for (let i = 0; i + 2 < points.length; i += 3) {
    seen.push(made.project(points[i]!, points[i + 1]!, points[i + 2]!));
  }
  const [xs, ys] = [seen.map(([x]) => x), seen.map(([, y]) => y)];
  const share = Math.max(
    (Math.max(...xs) - Math.min(...xs)) / width,
    (Math.max(...ys) - Math.min(...ys)) / (height - FOOT),
  );
  const inside = Math.min(...xs) >= 0 && Math.max(...xs) <= width && Math.min(...ys) >= 0;
  return { share, inside: inside && Math.max(...ys) <= height };
}

describe("a wire in the round", () => {
  it.each([
    ["short", coil(4, 1)],
    ["long and slanting to the eye", coil(90, 1)],
    ["wide", coil(2, 1, 30)],
  ])("fills its picture: %s", (_, points) => {
    const made = scene();
    show(made, points);
    const { share, inside } = room(made, points);
    expect(inside).toBe(true);
    expect(share).toBeGreaterThan(0.7);
    made.dispose();
  });

  it("is fitted anew when it grows, shrinks, or the picture changes its shape", () => {
    const made = scene();
    show(made, coil(5, 1));
    for (const turns of [60, 8, 200, 3]) {
      show(made, coil(turns, 1));
      const { share, inside } = room(made, coil(turns, 1));
      expect(inside, `${turns} turns`).toBe(true);
      expect(share, `${turns} turns`).toBeGreaterThan(0.7);
    }
    made.resize(300, 700);
    const { share, inside } = room(made, coil(3, 1), 300, 700);
    expect(inside).toBe(true);
    expect(share).toBeGreaterThan(0.6);
    made.dispose();
  });

  it("keeps its side when it is turned and then grows", () => {
    const made = scene();
    show(made, coil(10, 1));
    made.look("edge");
    const before = made.project(0, 0, 1)[0] - made.project(0, 0, 0)[0];
    show(made, coil(100, 1));
    const after = made.project(0, 0, 1)[0] - made.project(0, 0, 0)[0];
    expect(Math.sign(after)).toBe(Math.sign(before));
    expect(Math.abs(after)).toBeLessThan(Math.abs(before));
    made.dispose();
  });

  it("keeps room for the whole wire while it is formed", () => {
    const made = scene();
    show(made, coil(5, 1));
    const straight = [0, 0, 0, 200, 0, 0];
    made.keepRoomFor([straight]);
    expect(room(made, straight).inside).toBe(true);
    expect(room(made, straight).share).toBeGreaterThan(0.6);
    made.dispose();
  });
});
