/** A whole piece in the round: every different shape skinned once and drawn as often as it is there; drawn only when something changed. */
import {
  type BufferGeometry,
  Color,
  InstancedMesh,
  type Material,
  Matrix4,
  MeshMatcapMaterial,
  Raycaster,
  Vector2,
} from "three";
import { mergeGeometries } from "three/examples/jsm/utils/BufferGeometryUtils.js";
import { SECTION } from "../drawing/flats";
import { placesOf, type DrawnPiece, type Way } from "../drawing/board";
import type { Tone } from "../drawing/metals";
import { metalMaterial } from "./metal";
import { beadMaterial, holeMaterial, holeSkin, isMetal, solidSkin } from "./solid";
import { Stage, type Side } from "./stage";
import { tube } from "./tube";

type Shape = DrawnPiece["shapes"][number];

/** Corners round a wire: fewer where there are many. */
const SIDES = 14;
const SIDES_OF_MANY = 7;
const MANY = 120;

/** What a part in hand is tinted with. */
const PLAIN = new Color(1, 1, 1);

const BEAD = "bead";
const HOLE = "hole";

export class PieceScene extends Stage {
  private readonly bead = beadMaterial();
  private readonly dark = holeMaterial();
  private readonly toneOf: (metal: string) => Tone;
  private readonly mark: Color;
  private readonly metals = new Map<string, MeshMatcapMaterial>();
  private shown: { drawing: DrawnPiece; way: Way; metal: string } | null = null;

  constructor(canvas: HTMLCanvasElement, toneOf: (metal: string) => Tone, mark: string, bead: string) {
    super(canvas);
    this.toneOf = toneOf;
    this.mark = new Color(mark);
    this.bead.color.set(bead);
  }

  /** Replaces the piece; the eye stays where it is unless it lies another way. */
  show(drawing: DrawnPiece, way: Way, metal: string, first: Side): void {
    const before = this.shown;
    this.shown = { drawing, way, metal };
    this.clear();
    const { places, shapeOf } = placesOf(drawing, way);
    drawing.shapes.forEach((shape, number) => {
      const parts = shapeOf.flatMap((own, part) => (own === number ? [part] : []));
      if (parts.length > 0) {
        this.add(shape, parts, places, metal);
      }
    });
    if (before?.way !== way) {
      this.look(first);
      this.touched = false;
    } else if (!this.touched && !this.near()) {
      this.settle(this.box());
    }
    this.draw();
  }

  /** One mesh for each metal of the shape, and one for its beads. */
  private add(
    shape: Shape,
    parts: readonly number[],
    places: readonly (readonly number[])[],
    metal: string,
  ): void {
    for (const [kind, skins] of skinned(shape, metal)) {
      const whole = mergeGeometries(skins);
      skins.forEach((skin) => skin.dispose());
      const mesh = new InstancedMesh(whole, this.material(kind), parts.length);
      parts.forEach((part, i) => mesh.setMatrixAt(i, matrix(places[part]!)));
      mesh.userData["parts"] = parts;
      mesh.computeBoundingBox();
      mesh.computeBoundingSphere();
      this.thing.add(mesh);
    }
  }

  private material(kind: string): Material {
    if (kind === BEAD) {
      return this.bead;
    }
    if (kind === HOLE) {
      return this.dark;
    }
    const kept = this.metals.get(kind) ?? metalMaterial(this.toneOf(kind));
    this.metals.set(kind, kept);
    return kept;
  }

  /** Tints some parts; none where there are none. */
  choose(chosen: ReadonlySet<number>): void {
    for (const mesh of this.meshes()) {
      (mesh.userData["parts"] as number[]).forEach((part, i) =>
        mesh.setColorAt(i, chosen.has(part) ? this.mark : PLAIN),
      );
      if (mesh.instanceColor) {
        mesh.instanceColor.needsUpdate = true;
      }
    }
    this.draw();
  }

  /** Which part is there in the picture, pixels from its upper left; null for none. */
  at(x: number, y: number): number | null {
    const { width, height } = this.size;
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2((2 * x) / width - 1, 1 - (2 * y) / height), this.camera);
    const hit = ray.intersectObjects(this.meshes(), false)[0];
    return hit?.instanceId === undefined
      ? null
      : ((hit.object.userData["parts"] as number[])[hit.instanceId] ?? null);
  }

  private meshes(): InstancedMesh[] {
    return this.thing.children.filter((child): child is InstancedMesh => child instanceof InstancedMesh);
  }

  protected override refit(): void {
    if (this.shown && !this.near()) {
      this.settle(this.box());
    }
  }

  private clear(): void {
    for (const mesh of this.meshes()) {
      mesh.geometry.dispose();
      mesh.dispose();
      this.thing.remove(mesh);
    }
  }

  override dispose(): void {
    this.clear();
    for (const metal of this.metals.values()) {
      metal.matcap?.dispose();
      metal.dispose();
    }
    this.bead.dispose();
    this.dark.dispose();
    super.dispose();
  }
}

/** The skins of a shape by what they are of. */
function skinned(shape: Shape, metal: string): Map<string, BufferGeometry[]> {
  const skins = new Map<string, BufferGeometry[]>();
  const put = (kind: string, skin: BufferGeometry) => {
    skin.deleteAttribute("uv");
    skins.set(kind, [...(skins.get(kind) ?? []), skin]);
  };
  const sides = shape.tubes.length > MANY ? SIDES_OF_MANY : SIDES;
  for (const { points, closed, diameterMm, metal: own, sections, holes } of shape.tubes) {
    const round = (values: readonly number[], each: number) =>
      closed ? [...values, ...values.slice(0, each)] : values;
    const whole = round(points, 3);
    if (whole.length >= 6) {
      put(own ?? metal, tube(whole, diameterMm / 2, sides, round(sections, SECTION)));
    }
    holes.forEach((hole) => put(HOLE, holeSkin(hole)));
  }
  for (const solid of shape.solids) {
    put(isMetal(solid) ? metal : BEAD, solidSkin(solid));
  }
  return skins;
}

/** A place of the drawing: three rows of its turn, then where it is. */
function matrix(place: readonly number[]): Matrix4 {
  const at = (n: number) => place[n]!;
  return new Matrix4().set(
    ...([at(0), at(1), at(2), at(9)] as const),
    ...([at(3), at(4), at(5), at(10)] as const),
    ...([at(6), at(7), at(8), at(11)] as const),
    ...([0, 0, 0, 1] as const),
  );
}
