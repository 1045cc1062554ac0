/** Many rings in the round: one instanced torus for each ring size, as fine as it is large on the screen. */
import {
  Box3,
  Color,
  InstancedMesh,
  Matrix4,
  type MeshMatcapMaterial,
  Quaternion,
  TorusGeometry,
  Vector3,
} from "three";
import type { Tone } from "../drawing/metals";
import { RING, type Patch } from "../drawing/weave";
import { metalMaterial } from "./metal";
import { Stage } from "./stage";

/** Corners round the wire and round the ring, by how many pixels the ring is across. */
const FINENESS: readonly [number, number, number][] = [
  [60, 18, 72],
  [24, 12, 40],
  [9, 8, 20],
  [0, 5, 12],
];

const PLAIN = new Color(1, 1, 1);
const Z = new Vector3(0, 0, 1);

export class RingScene extends Stage {
  private metal: MeshMatcapMaterial;
  private readonly mark: Color;
  private readonly dim: Color;
  private meshes: InstancedMesh[] = [];
  private shown: { patch: Patch; wireMm: number } | null = null;
  private fineness = -1;
  private chosen: number | null = null;
  private linked: ReadonlySet<number> = new Set();
  private fitted = false;

  constructor(canvas: HTMLCanvasElement, tone: Tone, mark: string, dim: string) {
    super(canvas);
    this.metal = metalMaterial(tone);
    this.mark = new Color(mark);
    this.dim = new Color(dim);
  }

  /** Replaces the rings; keeps the eye where it is but for the first time. */
  show(patch: Patch, wireMm: number): void {
    this.shown = { patch, wireMm };
    this.build();
    if (!this.fitted) {
      this.look("corner");
      this.fitted = true;
    }
    this.draw();
  }

  /** Fits the picture anew the next time rings are shown. */
  unfit(): void {
    this.fitted = false;
  }

  /** One ring and those it passes through stand out; null for none. */
  choose(ring: number | null, linked: ReadonlySet<number>): void {
    this.chosen = ring;
    this.linked = linked;
    this.paint();
    this.draw();
  }

  tone(tone: Tone): void {
    const before = this.metal;
    this.metal = metalMaterial(tone);
    for (const mesh of this.meshes) {
      mesh.material = this.metal;
    }
    before.matcap?.dispose();
    before.dispose();
    this.draw();
  }

  protected override moved(): void {
    if (this.shown && this.wanted() !== this.fineness) {
      this.build();
    }
    this.draw();
  }

  protected override box(): Box3 {
    const box = new Box3();
    if (this.shown) {
      const { rings, count } = this.shown.patch;
      const point = new Vector3();
      for (let n = 0; n < count; n++) {
        const r = rings[RING * n + 6]! + this.shown.wireMm / 2;
        for (const side of [-1, 1]) {
          for (let a = 0; a < 3; a++) {
            const lean = rings[RING * n + 3 + a]!;
            point.setComponent(
              a,
              rings[RING * n + a]! + side * r * Math.sqrt(Math.max(0.05, 1 - lean * lean)),
            );
          }
          box.expandByPoint(point);
        }
      }
    }
    return box;
  }

  /** Which fineness rings of this size on the screen want. */
  private wanted(): number {
    const across = (2 * (this.shown?.patch.rings[6] ?? 1)) / this.mmPerPixel;
    return FINENESS.findIndex(([pixels]) => across >= pixels);
  }

  private build(): void {
    const { patch, wireMm } = this.shown!;
    this.clear();
    this.fineness = this.wanted();
    const [, tubular, radial] = FINENESS[this.fineness]!;
    const sizes = [...new Set(Array.from({ length: patch.count }, (_, n) => patch.rings[RING * n + 6]!))];
    for (const radius of sizes) {
      const places: number[] = [];
      for (let n = 0; n < patch.count; n++) {
        if (patch.rings[RING * n + 6] === radius) {
          places.push(n);
        }
      }
      const geometry = new TorusGeometry(radius, wireMm / 2, tubular, radial);
      const mesh = new InstancedMesh(geometry, this.metal, places.length);
      mesh.frustumCulled = false;
      mesh.userData.places = places;
      this.place(mesh, patch, places);
      this.meshes.push(mesh);
      this.thing.add(mesh);
    }
    this.paint();
  }

  private place(mesh: InstancedMesh, patch: Patch, places: number[]): void {
    const matrix = new Matrix4();
    const turn = new Quaternion();
    const normal = new Vector3();
    places.forEach((n, i) => {
      const at = RING * n;
      normal.set(patch.rings[at + 3]!, patch.rings[at + 4]!, patch.rings[at + 5]!);
      turn.setFromUnitVectors(Z, normal);
      matrix.makeRotationFromQuaternion(turn);
      matrix.setPosition(patch.rings[at]!, patch.rings[at + 1]!, patch.rings[at + 2]!);
      mesh.setMatrixAt(i, matrix);
    });
    mesh.instanceMatrix.needsUpdate = true;
  }

  private paint(): void {
    for (const mesh of this.meshes) {
      (mesh.userData.places as number[]).forEach((n, i) => {
        const colour =
          this.chosen === null
            ? PLAIN
            : n === this.chosen
              ? this.mark
              : this.linked.has(n)
                ? PLAIN
                : this.dim;
        mesh.setColorAt(i, colour);
      });
      if (mesh.instanceColor) {
        mesh.instanceColor.needsUpdate = true;
      }
    }
  }

  private clear(): void {
    for (const mesh of this.meshes) {
      this.thing.remove(mesh);
      mesh.geometry.dispose();
      mesh.dispose();
    }
    this.meshes = [];
  }

  override dispose(): void {
    this.clear();
    this.metal.matcap?.dispose();
    this.metal.dispose();
    super.dispose();
  }
}
