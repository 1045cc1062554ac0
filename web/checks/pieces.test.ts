/** Pieces of weaves opened by independent readers: the glTF validator, three's STL and glTF loaders. */
import { validateBytes } from "gltf-validator";
import { Box3, type Object3D } from "three";
import { GLTFLoader } from "three/examples/jsm/loaders/GLTFLoader.js";
import { STLLoader } from "three/examples/jsm/loaders/STLLoader.js";
import { describe, expect, it } from "vitest";
import { counted, exportedPiece } from "./server";

const PIECES: [string, Record<string, unknown>][] = [
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

describe.each(PIECES)("%s", (weave, question) => {
  it("is valid glTF 2.0: a node for each ring, a mesh for each size and colour", async () => {
    const bytes = new Uint8Array(await exportedPiece(weave, "gltf", question));
    const report = await validateBytes(bytes);
    expect(report.issues.numErrors).toBe(0);
    expect(report.issues.numWarnings).toBe(0);
    const gltf = JSON.parse(new TextDecoder().decode(bytes)) as { nodes: unknown[]; meshes: unknown[] };
    expect(gltf.nodes).toHaveLength((await counted(weave, question)).total);
    expect(gltf.meshes).toHaveLength(weave === "japanese-6-in-1" ? 2 : 1);
  });

  it("is as large in STL as it was counted, and in glTF as in STL", async () => {
    const geometry = new STLLoader().parse(await exportedPiece(weave, "stl", question));
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
    const text = new TextDecoder().decode(await exportedPiece(weave, "gltf", question));
    const scene = await new Promise<Object3D>((done, failed) =>
      new GLTFLoader().parse(text, "", (gltf) => done(gltf.scene), failed),
    );
    const other = new Box3().setFromObject(scene, true);
    expect(Math.abs(1000 * (other.max.x - other.min.x) - sizes[0]![0])).toBeLessThan(0.01 * sizes[0]![1]);
    expect(Math.abs(1000 * (other.max.y - other.min.y) - sizes[1]![0])).toBeLessThan(0.01 * sizes[1]![1]);
  });
});
