/**
 * How fast a sheet of 20 000 rings turns, against a bare instanced mesh of as many of the same rings, in one page. A measurement: each
 * frame is drawn and read back, so that nothing is put off. The table is left in the page.
 */
import {
  InstancedMesh,
  Matrix4,
  OrthographicCamera,
  Scene,
  TorusGeometry,
  Vector3,
  WebGLRenderer,
} from "three";
import { toneOf } from "../src/drawing/metals";
import { RING, type Patch } from "../src/drawing/weave";
import { metalMaterial } from "../src/scene/metal";
import { RingScene } from "../src/scene/ringScene";

const COLUMNS = 200;
const ROWS = 100;
const COUNT = COLUMNS * ROWS;
const FRAMES = 6;
const [WIDTH, HEIGHT] = [1000, 500];

function sheet(): Patch {
  const rings = new Float32Array(COUNT * RING);
  for (let n = 0; n < COUNT; n++) {
    const [i, j] = [n % COLUMNS, Math.floor(n / COLUMNS)];
    const lean = j % 2 === 0 ? 0.5 : -0.5;
    rings.set([5.2 * (i + (j % 2) / 2), 2.6 * j, 0, Math.sin(lean), 0, Math.cos(lean), 2.5], RING * n);
  }
  return { rings, count: COUNT };
}

function canvas(): HTMLCanvasElement {
  const made = document.createElement("canvas");
  made.style.width = `${WIDTH}px`;
  made.style.height = `${HEIGHT}px`;
  document.body.append(made);
  return made;
}

const median = (times: number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;

const patch = sheet();
const opened = performance.now();
const dark = { deep: "#111111", body: "#444444", light: "#999999" };
const scene = new RingScene(canvas(), [toneOf("copper")], dark, dark);
scene.resize(WIDTH, HEIGHT);
scene.show(patch, 1);
scene.drawNow();
const openMs = performance.now() - opened;

const ours: number[] = [];
for (let frame = 0; frame < FRAMES; frame++) {
  const from = performance.now();
  scene.turn(0.03, 0.01);
  scene.drawNow();
  ours.push(performance.now() - from);
}
const triangles = scene.drawn;

const bare = new WebGLRenderer({ canvas: canvas(), antialias: true, alpha: true });
bare.setPixelRatio(Math.min(2, window.devicePixelRatio));
bare.setSize(WIDTH, HEIGHT, false);
const world = new Scene();
const [, tubular, radial] = scene.detail;
const mesh = new InstancedMesh(
  new TorusGeometry(2.5, 0.5, tubular, radial),
  metalMaterial(toneOf("copper")),
  COUNT,
);
const matrix = new Matrix4();
for (let n = 0; n < COUNT; n++) {
  matrix.setPosition(patch.rings[RING * n]! - 520, patch.rings[RING * n + 1]! - 130, 0);
  mesh.setMatrixAt(n, matrix);
}
world.add(mesh);
const camera = new OrthographicCamera(-1.12 * 520, 1.12 * 520, 1.12 * 260, -1.12 * 260, -4000, 4000);
const theirs: number[] = [];
for (let frame = 0; frame < FRAMES + 1; frame++) {
  const from = performance.now();
  camera.position.copy(new Vector3(Math.sin(0.03 * frame), 0.2, Math.cos(0.03 * frame)).multiplyScalar(500));
  camera.lookAt(0, 0, 0);
  bare.render(world, camera);
  const gl = bare.getContext();
  gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
  if (frame > 0) {
    theirs.push(performance.now() - from);
  }
}

const told = document.createElement("pre");
told.id = "told";
told.textContent = [
  "| 20 000 rings | ms |",
  "| --- | ---: |",
  `| opened: built and drawn | ${openMs.toFixed(0)} |`,
  `| a frame while turning, median of ${FRAMES} (${triangles} triangles) | ${median(ours).toFixed(0)} |`,
  `| a frame of a bare instanced mesh of the same rings | ${median(theirs).toFixed(0)} |`,
  `| ours against bare | ${(median(ours) / median(theirs)).toFixed(2)}× |`,
].join("\n");
document.body.append(told);
