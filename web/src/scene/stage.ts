/** What every picture in the round shares: a camera that turns about the thing, light, and drawing only when something changed. */
import {
  Box3,
  DirectionalLight,
  Group,
  HemisphereLight,
  type Matrix4,
  OrthographicCamera,
  Scene,
  Vector3,
  WebGLRenderer,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";

/** Whether this browser can draw in 3D. */
export function canDraw3d(): boolean {
  try {
    const canvas = document.createElement("canvas");
    return canvas.getContext("webgl2") !== null;
  } catch {
    return false;
  }
}

/** The strip along the lower edge where tools lie: nothing is fitted there. */
const FOOT_PX = 38;

export type Side = "face" | "edge" | "above" | "corner" | "along";

const WAYS: Record<Side, [number, number, number]> = {
  face: [0, 0, 1],
  edge: [1, 0, 0],
  above: [0, 1, 0.001],
  corner: [0.45, 0.4, 0.85],
  along: [0.08, 0.34, 0.94],
};

export class Stage {
  protected readonly scene = new Scene();
  protected readonly thing = new Group();
  protected readonly camera = new OrthographicCamera(-1, 1, 1, -1, -4000, 4000);
  private readonly renderer: WebGLRenderer;
  private readonly controls: OrbitControls;
  private asked = false;
  /** Whether whoever looks has moved the eye. */
  protected touched = false;
  private half = 10;
  private aspect = 1;

  constructor(canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    const lamp = new DirectionalLight(0xffffff, 1.6);
    lamp.position.set(-0.6, 1, 0.9);
    this.scene.add(this.thing, new HemisphereLight(0xffffff, 0x8899aa, 2.2), lamp);
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.enableDamping = false;
    this.controls.addEventListener("change", () => this.moved());
    this.controls.addEventListener("start", () => {
      this.touched = true;
    });
  }

  /** Whether whoever looks has come nearer or gone farther by themselves. */
  protected near(): boolean {
    return Math.abs(this.camera.zoom - 1) > 1e-6;
  }

  /** Called when the eye has moved. */
  protected moved(): void {
    this.draw();
  }

  /** What is shown, for fitting it into the picture. */
  protected box(): Box3 {
    return new Box3().setFromObject(this.thing);
  }

  /** Where the eye looks at. */
  protected get target(): Vector3 {
    return this.controls.target;
  }

  /** The picture's size, pixels. */
  protected get size(): { width: number; height: number } {
    const { clientWidth, clientHeight } = this.renderer.domElement;
    return { width: Math.max(1, clientWidth), height: Math.max(1, clientHeight) };
  }

  /** Whether the material's cutting planes count. */
  protected clips(wanted: boolean): void {
    this.renderer.localClippingEnabled = wanted;
  }

  /** Where a place in space is in the picture, pixels from its upper left. */
  project(x: number, y: number, z: number): [number, number, number] {
    const { width, height } = this.size;
    const seen = new Vector3(x, y, z).project(this.camera);
    return [((seen.x + 1) / 2) * width, ((1 - seen.y) / 2) * height, seen.z];
  }

  /** How many mm one pixel shows. */
  get mmPerPixel(): number {
    return this.tall / this.camera.zoom / Math.max(1, this.renderer.domElement.clientHeight);
  }

  /** Turns to a side and fits the thing into the picture. */
  look(from: Side): void {
    const box = this.box();
    if (box.isEmpty()) {
      return;
    }
    const middle = box.getCenter(new Vector3());
    this.controls.target.copy(middle);
    this.camera.position.copy(middle).addScaledVector(new Vector3(...WAYS[from]).normalize(), 500);
    this.camera.up.set(0, 1, 0);
    this.camera.zoom = 1;
    this.camera.lookAt(middle);
    this.camera.updateMatrixWorld();
    this.fit(box);
    this.controls.update();
    this.moved();
  }

  /** Fits the picture to a box from where the eye is. */
  protected settle(box: Box3): void {
    const middle = box.getCenter(new Vector3());
    this.camera.position.add(middle).sub(this.controls.target);
    this.controls.target.copy(middle);
    this.camera.zoom = 1;
    this.camera.updateMatrixWorld();
    this.fit(box);
    this.controls.update();
    this.moved();
  }

  private fit(box: Box3): void {
    const seen = this.seen(box, this.camera.matrixWorld.clone().invert());
    const middle = seen.getCenter(new Vector3()).setZ(0).applyMatrix4(this.camera.matrixWorld);
    const aside = middle.sub(this.camera.position);
    this.camera.position.add(aside);
    this.controls.target.add(aside);
    this.camera.updateMatrixWorld();
    const size = seen.getSize(new Vector3());
    const { width, height } = this.size;
    this.half = Math.max(size.x / (width / Math.max(1, height - FOOT_PX)), size.y, 0.5) * 0.56;
    this.frame();
  }

  /** What has to be in the picture, as the eye sees it: at the most the box that holds it. */
  protected seen(box: Box3, toEye: Matrix4): Box3 {
    const seen = new Box3();
    const corner = new Vector3();
    for (let i = 0; i < 8; i++) {
      corner.set(i & 1 ? box.max.x : box.min.x, i & 2 ? box.max.y : box.min.y, i & 4 ? box.max.z : box.min.z);
      seen.expandByPoint(corner.applyMatrix4(toEye));
    }
    return seen;
  }

  /** How much is seen from top to bottom, mm: twice the half, and the strip the tools lie on. */
  private get tall(): number {
    const { height } = this.size;
    return (2 * this.half * height) / Math.max(1, height - FOOT_PX);
  }

  private frame(): void {
    this.camera.left = (-this.tall / 2) * this.aspect;
    this.camera.right = (this.tall / 2) * this.aspect;
    this.camera.top = this.tall / 2;
    this.camera.bottom = -this.tall / 2;
    const { width, height } = this.size;
    this.camera.setViewOffset(width, height, 0, FOOT_PX / 2, width, height);
  }

  resize(width: number, height: number): void {
    this.aspect = width / Math.max(1, height);
    this.renderer.setSize(width, height, false);
    this.frame();
    this.refit();
    this.moved();
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
    this.touched = true;
    this.camera.position.copy(this.controls.target).add(offset);
    this.camera.lookAt(this.controls.target);
    this.controls.update();
    this.moved();
  }

  /** Drawn once, however often it is asked for before the next frame. */
  protected draw(): void {
    if (!this.asked) {
      this.asked = true;
      requestAnimationFrame(() => {
        this.asked = false;
        this.renderer.render(this.scene, this.camera);
      });
    }
  }

  /** The picture has another shape: fits the thing anew where that does not undo what whoever looks did. */
  protected refit(): void {}

  /** Draws at once and waits until it is there; for measuring. */
  drawNow(): void {
    this.renderer.render(this.scene, this.camera);
    const gl = this.renderer.getContext();
    gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
  }

  /** Triangles in the last picture. */
  get drawn(): number {
    return this.renderer.info.render.triangles;
  }

  dispose(): void {
    this.controls.dispose();
    this.renderer.dispose();
  }
}
