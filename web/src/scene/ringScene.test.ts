import { InstancedMesh, Matrix4, Mesh, Vector3, type Object3D, type Scene, type TorusGeometry } from "three";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { toneOf } from "../drawing/metals";
import { RING } from "../drawing/weave";
import { FINENESS, RingScene } from "./ringScene";

/** Stands in for the part of three that needs a graphics card: counts what it is asked to draw. */
const drawn: Scene[] = [];
vi.mock("three", async (original) => {
  const { withoutCard } = await import("../test/three");
  return withoutCard(await original<typeof import("three")>(), (scene) => drawn.push(scene));
});
vi.mock("./metal", async () => {
  const { MeshMatcapMaterial } = await import("three");
  return { metalMaterial: () => new MeshMatcapMaterial() };
});

/** Rings of radius 3 in a row, every second of radius 2 where asked for, facing by turns front and up. */
function row(count: number, sizes = 1) {
  const rings = new Float32Array(RING * count);
  for (let n = 0; n < count; n++) {
    rings.set([5 * n, 0, 0, 0, n % 2, 1 - (n % 2), sizes > 1 && n % 2 ? 2 : 3], RING * n);
  }
  return { rings, count, tone: new Uint8Array(count).map((_, n) => n % 2) };
}

const frames: FrameRequestCallback[] = [];
function settle(): void {
  for (const frame of frames.splice(0)) {
    frame(0);
  }
}

function scene(tones = 1) {
  const metals = ["copper", "sterling-silver"].slice(0, tones).map(toneOf);
  const made = new RingScene(document.createElement("canvas"), metals, toneOf("brass"), toneOf("steel"));
  made.resize(800, 600);
  return made;
}

function instanced(): InstancedMesh[] {
  settle();
  const found: InstancedMesh[] = [];
  drawn.at(-1)!.traverse((one: Object3D) => one instanceof InstancedMesh && found.push(one as InstancedMesh));
  return found;
}

const rings = (meshes: InstancedMesh[]) => meshes.reduce((sum, mesh) => sum + mesh.count, 0);

describe("rings in the round", () => {
  beforeEach(() => {
    drawn.length = 0;
    frames.length = 0;
    vi.stubGlobal("requestAnimationFrame", (frame: FrameRequestCallback) => frames.push(frame));
  });

  it("are one instanced mesh for each size and metal, however many there are", () => {
    const one = scene();
    one.show(row(5000), 1);
    expect(instanced()).toHaveLength(1);
    expect(rings(instanced())).toBe(5000);
    const two = scene(2);
    two.show(row(400, 2), 1);
    expect(instanced()).toHaveLength(2);
    expect(rings(instanced())).toBe(400);
  });

  it("lie where the pose says, facing as it says", () => {
    const made = scene();
    made.show(row(2), 1);
    const matrix = new Matrix4();
    instanced()[0]!.getMatrixAt(1, matrix);
    expect(new Vector3().setFromMatrixPosition(matrix).toArray()).toEqual([5, 0, 0]);
    const normal = new Vector3(0, 0, 1).transformDirection(matrix);
    expect(normal.y).toBeCloseTo(1, 6);
  });

  it("are drawn when something changed, once, and never in a loop of their own", () => {
    const made = scene();
    made.show(row(20), 1);
    made.choose(new Set([3]), new Set([2]));
    made.turn(0.1, 0);
    settle();
    const before = drawn.length;
    expect(before).toBe(1);
    settle();
    settle();
    expect(drawn).toHaveLength(before);
    expect(frames).toHaveLength(0);
  });

  it("are finer the larger they are on the screen", () => {
    const made = scene();
    made.show(row(3), 1);
    const near = made.detail;
    const many = scene();
    many.show(row(2000), 1);
    expect(near[1]).toBeGreaterThan(many.detail[1]);
    const { parameters } = instanced()[0]!.geometry as TorusGeometry;
    expect([parameters.radialSegments, parameters.tubularSegments]).toEqual(many.detail.slice(1));
  });

  it("are as round as an eye can tell, however large", () => {
    /** How far the middle of a chord lies within its circle, pixels. */
    const within = (radius: number, corners: number) => radius * (1 - Math.cos(Math.PI / corners));
    // the heaviest wire rings close round is a third of the hole's width: a fifth of the whole
    const largest = [400, ...FINENESS.map(([across]) => across)];
    FINENESS.forEach(([, wire, ring], at) => {
      const across = largest[at]!;
      expect(within(across / 2, ring), `${across} px`).toBeLessThan(0.21);
      expect(within(across / 10, wire), `${across} px`).toBeLessThan(0.51);
    });
  });

  it("stand out when chosen, keep their metal when linked, stand back otherwise", () => {
    const made = scene();
    made.show(row(10), 1);
    made.choose(new Set([4]), new Set([3, 5]));
    const counts = instanced()
      .map((mesh) => mesh.count)
      .sort((a, b) => a - b);
    expect(counts).toEqual([1, 2, 7]);
    made.choose(null, new Set());
    expect(instanced()).toHaveLength(1);
  });

  it("are shown open as a wire of their own", () => {
    const made = scene();
    made.show(row(6), 1, { ring: 2, angle: 0.5 });
    expect(rings(instanced())).toBe(5);
    const wires: Mesh[] = [];
    drawn
      .at(-1)!
      .traverse((one) => one instanceof Mesh && !(one instanceof InstancedMesh) && wires.push(one as Mesh));
    // the wire and the faces its ends were cut with
    expect(wires.map((one) => one.geometry.type)).toEqual([
      "TubeGeometry",
      "CircleGeometry",
      "CircleGeometry",
    ]);
    const [first, second] = wires.slice(1).map((face) => face.getWorldPosition(new Vector3()));
    expect(first!.distanceTo(second!)).toBeGreaterThan(1);
    expect(first!.distanceTo(second!)).toBeLessThan(4);
    const box =
      wires[0]!.geometry.boundingBox ??
      (wires[0]!.geometry.computeBoundingBox(), wires[0]!.geometry.boundingBox!);
    expect(box.min.x).toBeGreaterThan(10 - 3 - 1);
    expect(box.max.x).toBeLessThan(10 + 3 + 1);
  });

  it("are found under the finger, and not where there is none", () => {
    const made = scene();
    made.show(row(5), 1);
    made.look("face");
    settle();
    for (const n of [0, 2, 4]) {
      // on the wire, up to the right of the ring's middle
      const [x, y] = made.project(5 * n + 3 * Math.cos(1.2), 3 * Math.sin(1.2), 0);
      expect(made.at(x, y)).toBe(n);
    }
    const [x, y] = made.project(0, 1.2, 0);
    expect(made.at(x, y)).toBeNull();
    expect(made.at(2, 2)).toBeNull();
  });

  it("are not found where they are cut away", () => {
    const made = scene();
    const two = { rings: new Float32Array([0, 0, 4, 0, 0, 1, 3, 0, 0, -4, 0, 0, 1, 3]), count: 2 };
    made.show(two, 1);
    made.look("face");
    const [x, y] = made.project(3 * Math.cos(1.2), 3 * Math.sin(1.2), 4);
    expect(made.at(x, y)).toBe(0);
    made.cutAway(0.5);
    expect(made.at(x, y)).toBe(1);
    made.cutAway(null);
    expect(made.at(x, y)).toBe(0);
  });

  it("fit the picture above the tools, and are brought near when asked for", () => {
    const made = scene();
    made.show(row(30), 1);
    made.look("face");
    for (const n of [0, 29]) {
      const [x, y] = made.project(5 * n, 0, 0);
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(800);
      expect(y).toBeCloseTo((600 - 38) / 2, 0);
    }
    const far = made.mmPerPixel;
    made.focus([10, 11], 0.5);
    expect(made.mmPerPixel).toBeLessThan(far / 3);
    const [x] = made.project(52.5, 0, 0);
    expect(x).toBeCloseTo(400, 0);
  });

  it("keep the eye where it is while they change, until told to fit anew", () => {
    const made = scene();
    made.show(row(30), 1);
    const before = made.mmPerPixel;
    made.show(row(4), 1);
    expect(made.mmPerPixel).toBe(before);
    made.unfit();
    made.show(row(4), 1);
    expect(made.mmPerPixel).toBeLessThan(before / 2);
  });

  it("tell who listens when the eye has moved", () => {
    const made = scene();
    const moved = vi.fn();
    made.onMoved = moved;
    made.show(row(3), 1);
    moved.mockClear();
    made.turn(0.2, 0.1);
    expect(moved).toHaveBeenCalled();
  });

  it("let go of what they held", () => {
    const made = scene();
    made.show(row(3), 1, { ring: 1, angle: 0 });
    const geometry = instanced()[0]!.geometry;
    const gone = vi.fn();
    geometry.addEventListener("dispose", gone);
    made.dispose();
    expect(gone).toHaveBeenCalledOnce();
  });
});
