/** Patches of weaves opened by independent readers: the glTF validator, three's STL loader and matrices. */
import { validateBytes } from "gltf-validator";
import { Box3, Matrix4, Quaternion, Vector3 } from "three";
import { STLLoader } from "three/examples/jsm/loaders/STLLoader.js";
import { describe, expect, it } from "vitest";
import { counted, exportedPatch } from "./server";

const PATCHES: [string, Record<string, unknown>][] = [
  ["byzantine", { wireDiameterMm: 1, innerDiameterMm: [3.8], units: 4 }],
  ["european-4-in-1", { wireDiameterMm: 1.2, innerDiameterMm: [5], rows: 5, columns: 6 }],
  [
    "japanese-6-in-1",
    {
      wireDiameterMm: 0.8,
      innerDiameterMm: [3.6, 2.3],
      rows: 2,
      columns: 2,
      outline: "DIAMOND",
      colours: { palette: ["copper", "#2f6f8f"], by: "RING", sequence: [1, 0, 0, 0], painted: [] },
    },
  ],
];

describe.each(PATCHES)("%s", (weave, question) => {
  it("is valid glTF 2.0: a node for each ring, a mesh for each size and colour", async () => {
    const bytes = new Uint8Array(await exportedPatch(weave, "gltf", question));
    const report = await validateBytes(bytes);
    expect(report.issues.numErrors).toBe(0);
    expect(report.issues.numWarnings).toBe(0);
    const gltf = JSON.parse(new TextDecoder().decode(bytes)) as { nodes: unknown[]; meshes: unknown[] };
    expect(gltf.nodes).toHaveLength((await counted(weave, question)).total);
    expect(gltf.meshes).toHaveLength(weave === "japanese-6-in-1" ? 2 : 1);
  });

  it("is as large in STL as it was counted, and in glTF as in STL", async () => {
    const geometry = new STLLoader().parse(await exportedPatch(weave, "stl", question));
    geometry.computeBoundingBox();
    const box = geometry.boundingBox!;
    const { rest } = await counted(weave, question);
    const sizes: [number, number][] = [
      [box.max.x - box.min.x, rest.lengthMm],
      [box.max.y - box.min.y, rest.widthMm],
      [box.max.z - box.min.z, rest.heightMm],
    ];
    for (const [skin, told] of sizes) {
      // corners lie on the wire, so the skin is a little small and never too large
      expect(skin).toBeLessThanOrEqual(told + 1e-3);
      expect(skin).toBeGreaterThan(0.985 * told);
    }
    const text = new TextDecoder().decode(await exportedPatch(weave, "gltf", question));
    const other = boxOf(JSON.parse(text) as Gltf);
    expect(Math.abs(1000 * (other.max.x - other.min.x) - sizes[0]![0])).toBeLessThan(0.01 * sizes[0]![1]);
    expect(Math.abs(1000 * (other.max.y - other.min.y) - sizes[1]![0])).toBeLessThan(0.01 * sizes[1]![1]);
  });
});

interface Gltf {
  nodes: {
    mesh: number;
    translation: [number, number, number];
    rotation: [number, number, number, number];
  }[];
  meshes: { primitives: { attributes: { POSITION: number } }[] }[];
  accessors: { bufferView: number; count: number }[];
  bufferViews: { byteOffset: number }[];
  buffers: { uri: string }[];
}

/** The box about every node's corners, placed and turned as glTF says. */
function boxOf(gltf: Gltf): Box3 {
  const bytes = Buffer.from(gltf.buffers[0]!.uri.split(",")[1]!, "base64");
  const box = new Box3();
  const corner = new Vector3();
  for (const node of gltf.nodes) {
    const accessor = gltf.accessors[gltf.meshes[node.mesh]!.primitives[0]!.attributes.POSITION]!;
    const from = gltf.bufferViews[accessor.bufferView]!.byteOffset;
    const matrix = new Matrix4().compose(
      new Vector3(...node.translation),
      new Quaternion(...node.rotation),
      new Vector3(1, 1, 1),
    );
    for (let n = 0; n < accessor.count; n++) {
      const at = from + 12 * n;
      corner.set(bytes.readFloatLE(at), bytes.readFloatLE(at + 4), bytes.readFloatLE(at + 8));
      box.expandByPoint(corner.applyMatrix4(matrix));
    }
  }
  return box;
}
