/** A form in 3D: built once, its wires replaced as they change, drawn only when something did. */
import {
  Box3,
  CylinderGeometry,
  Group,
  DirectionalLight,
  HemisphereLight,
  Mesh,
  MeshBasicMaterial,
  MeshMatcapMaterial,
  MeshPhongMaterial,
  MeshStandardMaterial,
  OrthographicCamera,
  Quaternion,
  Scene,
  SphereGeometry,
  Vector3,
  WebGLRenderer,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import type { Tone } from "../drawing/metals";
import { metalMaterial } from "./metal";
import { tube } from "./tube";

export interface SceneWire {
  points: readonly number[];
  diameterMm: number;
  /** How it is hammered, point by point; nothing for round wire. */
  sections?: readonly number[];
  holes?: readonly SceneHole[];
  /** Drawn in the marking-out colour: the step in hand, a place that cannot be. */
  marked?: boolean;
}

export interface SceneSolid {
  kind: string;
  centre: readonly number[];
  axis: readonly number[];
  diameterMm: number;
  lengthMm: number;
}

export interface SceneHole {
  centre: readonly number[];
  axis: readonly number[];
  diameterMm: number;
  thickMm: number;
}

export interface SceneForm {
  wires: readonly SceneWire[];
  solids: readonly SceneSolid[];
}

const SIDES = 16;

/** A hole is drawn as a plug, this much thicker than its metal. */
const HOLE_PROUD = 1.03;

/** Puts a mesh in its place, its own y axis along the one given. */
function stand(mesh: Mesh, centre: readonly number[], axis: readonly number[] | null): void {
  mesh.position.set(centre[0]!, centre[1]!, centre[2]!);
  if (axis) {
    const along = new Vector3(axis[0]!, axis[1]!, axis[2]!);
    mesh.setRotationFromQuaternion(new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), along));
  }
}

/** Whether this browser can draw in 3D. */
export function canDraw3d(): boolean {
  try {
    const canvas = document.createElement("canvas");
    return canvas.getContext("webgl2") !== null;
  } catch {
    return false;
  }
}

export class WireScene {
  private readonly scene = new Scene();
  private readonly camera = new OrthographicCamera(-1, 1, 1, -1, -4000, 4000);
  private readonly renderer: WebGLRenderer;
  private readonly controls: OrbitControls;
  private readonly form = new Group();
  private readonly bead = new MeshPhongMaterial({
    transparent: true,
    opacity: 0.42,
    depthWrite: false,
    shininess: 70,
    specular: 0xffffff,
  });
  private readonly dark = new MeshBasicMaterial({ color: 0x14181b });
  private readonly marked: MeshStandardMaterial;
  private metal: MeshMatcapMaterial;
  private asked = false;
  private fitted = false;

  constructor(canvas: HTMLCanvasElement, tone: Tone, mark: string, bead: string) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    this.metal = metalMaterial(tone);
    this.marked = new MeshStandardMaterial({ color: mark, emissive: mark, emissiveIntensity: 0.25 });
    this.bead.color.set(bead);
    const lamp = new DirectionalLight(0xffffff, 1.6);
    lamp.position.set(-0.6, 1, 0.9);
    this.scene.add(this.form, new HemisphereLight(0xffffff, 0x8899aa, 2.2), lamp);
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.enableDamping = false;
    this.controls.addEventListener("change", () => this.draw());
  }

  /** Replaces what is shown; keeps the eye where it is but for the first time. */
  show(form: SceneForm): void {
    for (const child of [...this.form.children]) {
      (child as Mesh).geometry.dispose();
      this.form.remove(child);
    }
    for (const wire of form.wires) {
      if (wire.points.length >= 6) {
        const geometry = tube(wire.points, wire.diameterMm / 2, SIDES, wire.sections);
        this.form.add(new Mesh(geometry, wire.marked ? this.marked : this.metal));
      }
      for (const hole of wire.holes ?? []) {
        this.form.add(this.hole(hole));
      }
    }
    for (const solid of form.solids) {
      this.form.add(this.solid(solid));
    }
    if (!this.fitted && this.form.children.length > 0) {
      this.look("corner");
      this.fitted = true;
    }
    this.draw();
  }

  /** Fits the picture to what is shown and to these points besides, from where the eye is. */
  keepRoomFor(wires: readonly (readonly number[])[]): void {
    const box = new Box3().setFromObject(this.form);
    const point = new Vector3();
    for (const points of wires) {
      for (let i = 0; i + 2 < points.length; i += 3) {
        box.expandByPoint(point.set(points[i]!, points[i + 1]!, points[i + 2]!));
      }
    }
    if (!box.isEmpty()) {
      const middle = box.getCenter(new Vector3());
      this.camera.position.add(middle).sub(this.controls.target);
      this.controls.target.copy(middle);
      this.camera.zoom = 1;
      this.camera.updateMatrixWorld();
      this.fit(box);
      this.controls.update();
      this.draw();
    }
  }

  /** A drilled hole, dark on both faces. */
  private hole(hole: SceneHole): Mesh {
    const r = hole.diameterMm / 2;
    const mesh = new Mesh(new CylinderGeometry(r, r, hole.thickMm * HOLE_PROUD, 32), this.dark);
    stand(mesh, hole.centre, hole.axis);
    return mesh;
  }

  private solid(solid: SceneSolid): Mesh {
    const r = solid.diameterMm / 2;
    const cord = solid.kind === "CORD";
    const geometry = cord
      ? new CylinderGeometry(r, r, solid.lengthMm, 32)
      : new SphereGeometry(r, solid.diameterMm > 4 ? 48 : 24, solid.diameterMm > 4 ? 32 : 16);
    const mesh = new Mesh(geometry, solid.kind === "BALL" ? this.metal : this.bead);
    stand(mesh, solid.centre, cord ? solid.axis : null);
    return mesh;
  }

  tone(tone: Tone): void {
    const before = this.metal;
    this.metal = metalMaterial(tone);
    this.form.traverse((child) => {
      if (child instanceof Mesh && child.material === before) {
        child.material = this.metal;
      }
    });
    before.matcap?.dispose();
    before.dispose();
    this.draw();
  }

  /** Turns to a side and fits the form into the picture. */
  look(from: "face" | "edge" | "above" | "corner"): void {
    const box = new Box3().setFromObject(this.form);
    if (box.isEmpty()) {
      return;
    }
    const middle = box.getCenter(new Vector3());
    const way = {
      face: new Vector3(0, 0, 1),
      edge: new Vector3(1, 0, 0),
      above: new Vector3(0, 1, 0.001),
      corner: new Vector3(0.45, 0.4, 0.85),
    }[from].normalize();
    this.controls.target.copy(middle);
    this.camera.position.copy(middle).addScaledVector(way, 500);
    this.camera.up.set(0, 1, 0);
    this.camera.zoom = 1;
    this.camera.lookAt(middle);
    this.camera.updateMatrixWorld();
    this.fit(box);
    this.controls.update();
    this.draw();
  }

  private fit(box: Box3): void {
    const seen = new Box3();
    const corner = new Vector3();
    const inverse = this.camera.matrixWorld.clone().invert();
    for (let i = 0; i < 8; i++) {
      corner.set(i & 1 ? box.max.x : box.min.x, i & 2 ? box.max.y : box.min.y, i & 4 ? box.max.z : box.min.z);
      seen.expandByPoint(corner.applyMatrix4(inverse));
    }
    const size = seen.getSize(new Vector3());
    this.half = Math.max(size.x / this.aspect, size.y, 0.5) * 0.56;
    this.frame();
  }

  private half = 10;
  private aspect = 1;

  private frame(): void {
    this.camera.left = -this.half * this.aspect;
    this.camera.right = this.half * this.aspect;
    this.camera.top = this.half;
    this.camera.bottom = -this.half;
    this.camera.updateProjectionMatrix();
  }

  resize(width: number, height: number): void {
    this.aspect = width / Math.max(1, height);
    this.renderer.setSize(width, height, false);
    this.frame();
    this.draw();
  }

  /** Turns by keys, radians. */
  turn(across: number, up: number): void {
    const offset = this.camera.position.clone().sub(this.controls.target);
    offset.applyAxisAngle(new Vector3(0, 1, 0), across);
    const side = new Vector3().crossVectors(new Vector3(0, 1, 0), offset).normalize();
    const tilted = offset.clone().applyAxisAngle(side, up);
    if (Math.abs(tilted.clone().normalize().y) < 0.995) {
      offset.copy(tilted);
    }
    this.camera.position.copy(this.controls.target).add(offset);
    this.camera.lookAt(this.controls.target);
    this.controls.update();
    this.draw();
  }

  private draw(): void {
    if (!this.asked) {
      this.asked = true;
      requestAnimationFrame(() => {
        this.asked = false;
        this.renderer.render(this.scene, this.camera);
      });
    }
  }

  dispose(): void {
    this.show({ wires: [], solids: [] });
    this.controls.dispose();
    this.metal.matcap?.dispose();
    this.metal.dispose();
    this.marked.dispose();
    this.dark.dispose();
    this.bead.dispose();
    this.renderer.dispose();
  }
}
