/** Many rings in the round: one instanced torus for each ring size, as fine as it is large on the screen. */
import {
  Box3,
  CatmullRomCurve3,
  CircleGeometry,
  InstancedMesh,
  Matrix4,
  Mesh,
  type MeshMatcapMaterial,
  Plane,
  Quaternion,
  Raycaster,
  TorusGeometry,
  TubeGeometry,
  Vector2,
  Vector3,
} from "three";
import type { Tone } from "../drawing/metals";
import { openWire } from "../drawing/patch";
import { RING, type Patch } from "../drawing/weave";
import { metalMaterial } from "./metal";
import { Stage, type Side } from "./stage";

/**
 * Corners round the wire and round the ring, from how many pixels the ring is across: as few as keep its outline within a fifth of a pixel
 * and its wire's within half of one. Most browsers at a bench have no graphics card to speak of.
 */
export const FINENESS: readonly (readonly [number, number, number])[] = [
  [240, 20, 80],
  [120, 16, 56],
  [60, 12, 44],
  [30, 10, 32],
  [12, 8, 22],
  [0, 5, 12],
];

/** Corners round the wire of a ring shown open. */
const ROUND = 18;

const Z = new Vector3(0, 0, 1);
/** How many times longer than wide a patch is before it is looked at from beside rather than from its corner. */
const LONG = 3;

/** A ring shown open: which, and where. */
export interface OpenAt {
  ring: number;
  angle: number;
}

export class RingScene extends Stage {
  private metals: MeshMatcapMaterial[];
  /** For rings in hand and for those that stand back. */
  private readonly mark: MeshMatcapMaterial;
  private readonly ghost: MeshMatcapMaterial;
  private meshes: InstancedMesh[] = [];
  private opened: Mesh | null = null;
  private shown: { patch: Patch; wireMm: number } | null = null;
  private open: OpenAt | null = null;
  private fineness = -1;
  private chosen: ReadonlySet<number> | null = null;
  private linked: ReadonlySet<number> = new Set();
  private cut: number | null = null;
  private fitted = false;
  private focused = false;
  /** Told after the eye has moved, for what is drawn over the picture. */
  onMoved: (() => void) | null = null;

  constructor(canvas: HTMLCanvasElement, tones: readonly Tone[], mark: Tone, ghost: Tone) {
    super(canvas);
    this.metals = tones.map(metalMaterial);
    this.mark = metalMaterial(mark);
    this.ghost = metalMaterial(ghost);
  }

  /** Replaces the rings; keeps the eye where it is but for the first time. */
  show(patch: Patch, wireMm: number, open: OpenAt | null = null, firstLook: Side | null = null): void {
    this.shown = { patch, wireMm };
    this.open = open;
    this.build();
    if (!this.fitted) {
      const size = this.box().getSize(new Vector3());
      this.look(firstLook ?? (size.x > LONG * Math.max(size.y, size.z) ? "along" : "corner"));
      this.fitted = true;
      this.touched = false;
      this.focused = false;
    }
    this.draw();
  }

  /** Fits the picture anew the next time rings are shown. */
  unfit(): void {
    this.fitted = false;
  }

  /** Some rings in the mark's colour and those they pass through as they are, the rest dimmed; null for none. */
  choose(rings: ReadonlySet<number> | null, linked: ReadonlySet<number>): void {
    const before = this.chosen;
    this.chosen = rings;
    this.linked = linked;
    if (this.shown && (before !== null || rings !== null)) {
      this.build();
    }
    this.draw();
  }

  /** Takes away what is nearer to the eye than that share of the depth; null for nothing. */
  cutAway(share: number | null): void {
    this.cut = share;
    this.clip();
    this.draw();
  }

  tones(tones: readonly Tone[]): void {
    const before = this.metals;
    this.metals = tones.map(metalMaterial);
    if (this.shown) {
      this.build();
    }
    before.forEach(release);
    this.draw();
  }

  /** Brings some rings into the picture, from where the eye is; `room` rings' diameters about them. */
  focus(rings: readonly number[], room: number): void {
    const { patch } = this.shown!;
    const box = new Box3();
    const point = new Vector3();
    for (const n of rings) {
      const r = patch.rings[RING * n + 6]! * (1 + 2 * room);
      for (const side of [-r, r]) {
        point.fromArray(patch.rings, RING * n).addScalar(side);
        box.expandByPoint(point);
      }
    }
    if (!box.isEmpty()) {
      this.focused = true;
      this.settle(box.intersect(this.box()));
    }
  }

  /** The ring under a place in the picture, pixels from its upper left; null for none. */
  at(x: number, y: number): number | null {
    const { width, height } = this.size;
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2((2 * x) / width - 1, 1 - (2 * y) / height), this.camera);
    const hits = ray.intersectObjects(this.meshes, false);
    const hit = hits.find((one) => this.kept(one.point));
    return hit?.instanceId === undefined ? null : (hit.object.userData.places as number[])[hit.instanceId]!;
  }

  private kept(point: Vector3): boolean {
    return this.metals[0]!.clippingPlanes?.every((plane) => plane.distanceToPoint(point) >= 0) ?? true;
  }

  private clip(): void {
    const planes: Plane[] = [];
    if (this.cut !== null) {
      const towards = this.camera.position.clone().sub(this.target).normalize();
      let [low, high] = [Infinity, -Infinity];
      const box = this.box();
      for (let i = 0; i < 8; i++) {
        const corner = new Vector3(
          i & 1 ? box.max.x : box.min.x,
          i & 2 ? box.max.y : box.min.y,
          i & 4 ? box.max.z : box.min.z,
        );
        low = Math.min(low, corner.dot(towards));
        high = Math.max(high, corner.dot(towards));
      }
      planes.push(new Plane(towards.clone().negate(), high - this.cut * (high - low)));
    }
    for (const metal of [...this.metals, this.mark, this.ghost]) {
      metal.clippingPlanes = planes;
    }
    this.clips(planes.length > 0);
  }

  protected override refit(): void {
    if (this.fitted && !this.touched && !this.focused) {
      this.settle(this.box());
    }
  }

  protected override moved(): void {
    if (this.shown && this.wanted() !== this.fineness) {
      this.build();
    }
    if (this.cut !== null) {
      this.clip();
    }
    this.draw();
    this.onMoved?.();
  }

  protected override box(): Box3 {
    const box = new Box3();
    if (this.shown) {
      const { rings, count } = this.shown.patch;
      const point = new Vector3();
      for (let n = 0; n < count; n++) {
        const r = rings[RING * n + 6]! + this.wireOf(n) / 2;
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

  /** Pixels from which it counts, corners round the wire, round the ring: how fine rings are drawn now. */
  get detail(): readonly [number, number, number] {
    return FINENESS[Math.max(0, this.fineness)]!;
  }

  /** Which fineness rings of this size on the screen want. */
  private wanted(): number {
    const across = (2 * (this.shown?.patch.rings[6] ?? 1)) / this.mmPerPixel;
    return FINENESS.findIndex(([pixels]) => across >= pixels);
  }

  private build(): void {
    const { patch } = this.shown!;
    this.clear();
    this.fineness = this.wanted();
    const [, tubular, radial] = FINENESS[this.fineness]!;
    const groups = new Map<
      string,
      { radius: number; wire: number; metal: MeshMatcapMaterial; places: number[] }
    >();
    for (let n = 0; n < patch.count; n++) {
      if (n === this.open?.ring) {
        continue;
      }
      const radius = patch.rings[RING * n + 6]!;
      const metal = this.metalOf(n);
      const wire = this.wireOf(n);
      const key = `${radius} ${wire} ${metal.id}`;
      const group = groups.get(key) ?? { radius, wire, metal, places: [] };
      group.places.push(n);
      groups.set(key, group);
    }
    for (const { radius, wire, metal, places } of groups.values()) {
      const geometry = new TorusGeometry(radius, wire / 2, tubular, radial);
      const mesh = new InstancedMesh(geometry, metal, places.length);
      mesh.frustumCulled = false;
      mesh.userData.places = places;
      this.place(mesh, patch, places);
      this.meshes.push(mesh);
      this.thing.add(mesh);
    }
    this.buildOpen();
  }

  private wireOf(n: number): number {
    const { patch, wireMm } = this.shown!;
    return patch.wire?.[n] ?? wireMm;
  }

  private metalOf(n: number): MeshMatcapMaterial {
    if (this.chosen?.has(n)) {
      return this.mark;
    }
    if (this.chosen !== null && !this.linked.has(n)) {
      return this.ghost;
    }
    return this.metals[Math.min(this.metals.length - 1, this.shown!.patch.tone?.[n] ?? 0)]!;
  }

  private buildOpen(): void {
    if (!this.open || !this.shown) {
      return;
    }
    const { patch } = this.shown;
    const { ring, angle } = this.open;
    const wireMm = this.wireOf(ring);
    const points = openWire(patch.rings.subarray(RING * ring, RING * ring + RING), angle, wireMm).map(
      (point) => new Vector3().fromArray(point),
    );
    const wire = new TubeGeometry(new CatmullRomCurve3(points), 96, wireMm / 2, ROUND);
    this.opened = new Mesh(wire, this.mark);
    for (const [end, before] of [
      [points[0]!, points[1]!],
      [points.at(-1)!, points.at(-2)!],
    ] as const) {
      const face = new Mesh(new CircleGeometry(wireMm / 2, ROUND), this.mark);
      face.position.copy(end);
      face.quaternion.setFromUnitVectors(Z, end.clone().sub(before).normalize());
      this.opened.add(face);
    }
    this.thing.add(this.opened);
  }

  private place(mesh: InstancedMesh, patch: Patch, places: number[]): void {
    const matrix = new Matrix4();
    const turn = new Quaternion();
    const normal = new Vector3();
    places.forEach((n, i) => {
      const at = RING * n;
      normal.set(patch.rings[at + 3]!, patch.rings[at + 4]!, patch.rings[at + 5]);
      turn.setFromUnitVectors(Z, normal);
      matrix.makeRotationFromQuaternion(turn);
      matrix.setPosition(patch.rings[at]!, patch.rings[at + 1]!, patch.rings[at + 2]!);
      mesh.setMatrixAt(i, matrix);
    });
    mesh.instanceMatrix.needsUpdate = true;
  }

  private clear(): void {
    for (const mesh of this.meshes) {
      this.thing.remove(mesh);
      mesh.geometry.dispose();
      mesh.dispose();
    }
    this.meshes = [];
    if (this.opened) {
      this.thing.remove(this.opened);
      this.opened.traverse((one) => one instanceof Mesh && (one as Mesh).geometry.dispose());
      this.opened = null;
    }
  }

  override dispose(): void {
    this.clear();
    [...this.metals, this.mark, this.ghost].forEach(release);
    super.dispose();
  }
}

function release(metal: MeshMatcapMaterial): void {
  metal.matcap?.dispose();
  metal.dispose();
}
