/** A form in 3D: built once, its wires replaced as they change, drawn only when something did. */
import { Box3, type Matrix4, Mesh, MeshMatcapMaterial, MeshStandardMaterial, Vector3 } from "three";
import type { Tone } from "../drawing/metals";
import { metalMaterial } from "./metal";
import {
  beadMaterial,
  holeMaterial,
  holeSkin,
  isMetal,
  type SceneHole,
  type SceneSolid,
  solidSkin,
} from "./solid";
import { Stage } from "./stage";
import { tube } from "./tube";

export interface SceneWire {
  points: readonly number[];
  diameterMm: number;
  /** How it is hammered, point by point; nothing for round wire. */
  sections?: readonly number[];
  holes?: readonly SceneHole[];
  /** Drawn in the marking-out colour: the step in hand, a place that cannot be. */
  marked?: boolean;
  /** Of another metal than the form. */
  tone?: Tone;
}

export interface SceneForm {
  wires: readonly SceneWire[];
  solids: readonly SceneSolid[];
}

const SIDES = 16;

/** A thing that has changed by less keeps its picture. */
const SAME_SIZE = 0.02;

export class WireScene extends Stage {
  private readonly bead = beadMaterial();
  private readonly dark = holeMaterial();
  private readonly marked: MeshStandardMaterial;
  private metal: MeshMatcapMaterial;
  private readonly others = new Map<string, MeshMatcapMaterial>();
  /** How large the thing was when the picture was last fitted to it, mm; 0 before the first time. */
  private fittedTo = 0;
  private roomFor: readonly (readonly number[])[] = [];

  constructor(canvas: HTMLCanvasElement, tone: Tone, mark: string, bead: string) {
    super(canvas);
    this.metal = metalMaterial(tone);
    this.marked = new MeshStandardMaterial({ color: mark, emissive: mark, emissiveIntensity: 0.25 });
    this.bead.color.set(bead);
  }

  /**
   * Replaces what is shown. The eye keeps its direction; the picture is fitted anew when the thing has grown or shrunk and whoever looks has
   * not come nearer.
   */
  show(form: SceneForm): void {
    for (const child of [...this.thing.children]) {
      (child as Mesh).geometry.dispose();
      this.thing.remove(child);
    }
    for (const wire of form.wires) {
      if (wire.points.length >= 6) {
        const geometry = tube(wire.points, wire.diameterMm / 2, SIDES, wire.sections);
        this.thing.add(new Mesh(geometry, wire.marked ? this.marked : this.metalOf(wire)));
      }
      for (const hole of wire.holes ?? []) {
        this.thing.add(new Mesh(holeSkin(hole), this.dark));
      }
    }
    for (const solid of form.solids) {
      this.thing.add(this.solid(solid));
    }
    if (this.thing.children.length > 0) {
      this.grown();
    }
    this.draw();
  }

  /** A metal is made once and kept: few are ever shown. */
  private metalOf(wire: SceneWire): MeshMatcapMaterial {
    if (!wire.tone) {
      return this.metal;
    }
    const kept = this.others.get(wire.tone.body) ?? metalMaterial(wire.tone);
    this.others.set(wire.tone.body, kept);
    return kept;
  }

  protected override refit(): void {
    if (this.fittedTo > 0 && !this.near()) {
      this.settle(this.box());
    }
  }

  /** By what is drawn, not by the box about it: a slanting coil would be drawn small. */
  protected override seen(box: Box3, toEye: Matrix4): Box3 {
    const seen = new Box3();
    const point = new Vector3();
    this.thing.updateMatrixWorld(true);
    this.thing.traverse((child) => {
      if (child instanceof Mesh) {
        const places = (child as Mesh).geometry.getAttribute("position");
        for (let i = 0; i < places.count; i++) {
          point.fromBufferAttribute(places, i).applyMatrix4(child.matrixWorld);
          seen.expandByPoint(point.applyMatrix4(toEye));
        }
      }
    });
    for (const points of this.roomFor) {
      for (let i = 0; i + 2 < points.length; i += 3) {
        seen.expandByPoint(point.set(points[i]!, points[i + 1]!, points[i + 2]).applyMatrix4(toEye));
      }
    }
    return seen.isEmpty() ? super.seen(box, toEye) : seen;
  }

  private grown(): void {
    const box = this.box();
    const size = box.getSize(new Vector3()).length();
    if (this.fittedTo === 0) {
      this.look("corner");
    } else if (this.near() || Math.abs(size / this.fittedTo - 1) < SAME_SIZE) {
      return;
    } else {
      this.settle(box);
    }
    this.fittedTo = size;
  }

  /** Fits the picture to what is shown and to these points besides, from where the eye is. */
  keepRoomFor(wires: readonly (readonly number[])[]): void {
    this.roomFor = wires;
    const box = new Box3().setFromObject(this.thing);
    const point = new Vector3();
    for (const points of wires) {
      for (let i = 0; i + 2 < points.length; i += 3) {
        box.expandByPoint(point.set(points[i]!, points[i + 1]!, points[i + 2]));
      }
    }
    if (!box.isEmpty()) {
      this.settle(box);
    }
  }

  /** A drilled hole, dark on both faces. */
  private solid(solid: SceneSolid): Mesh {
    return new Mesh(solidSkin(solid), isMetal(solid) ? this.metal : this.bead);
  }

  tone(tone: Tone): void {
    const before = this.metal;
    this.metal = metalMaterial(tone);
    this.thing.traverse((child) => {
      if (child instanceof Mesh && child.material === before) {
        child.material = this.metal;
      }
    });
    before.matcap?.dispose();
    before.dispose();
    this.draw();
  }

  override dispose(): void {
    this.show({ wires: [], solids: [] });
    this.metal.matcap?.dispose();
    this.metal.dispose();
    for (const other of this.others.values()) {
      other.matcap?.dispose();
      other.dispose();
    }
    this.marked.dispose();
    this.dark.dispose();
    this.bead.dispose();
    super.dispose();
  }
}
