/** Exports opened by independent readers: the glTF validator, a DXF parser, three's STL loader. */
import DxfParser from "dxf-parser";
import { validateBytes } from "gltf-validator";
import { STLLoader } from "three/examples/jsm/loaders/STLLoader.js";
import { describe, expect, it } from "vitest";
import { exported, exportedPiece, solve } from "./server";

const FORMS = ["wrapped-loop", "bead-link", "spiral-flat", "toggle", "coil-on-coil", "fish-hook"];

describe.each(FORMS)("%s", (form) => {
  it("is valid glTF 2.0 of the wire's own size, in metres", async () => {
    const bytes = new Uint8Array(await exported(form, "gltf"));
    const report = await validateBytes(bytes);
    expect(report.issues.numErrors).toBe(0);
    expect(report.issues.numWarnings).toBe(0);
    const gltf = JSON.parse(new TextDecoder().decode(bytes)) as {
      accessors: { min?: number[]; max?: number[] }[];
      nodes: unknown[];
    };
    const answer = await solve(form);
    expect(gltf.nodes).toHaveLength(answer.wires.length);
    const boxes = gltf.accessors.filter((accessor) => accessor.min);
    const wide = Math.max(...boxes.map((b) => b.max![0]!)) - Math.min(...boxes.map((b) => b.min![0]!));
    expect(wide * 1000).toBeGreaterThan(0.9 * Math.min(...answer.wires.map((wire) => wire.diameterMm)));
    expect(wide * 1000).toBeLessThan(answer.extentMm.x + 0.05);
  });

  it("is DXF that another reader finds as long as the wire lies on paper", async () => {
    const text = new TextDecoder().decode(await exported(form, "dxf"));
    const dxf = new DxfParser().parseSync(text)!;
    const answer = await solve(form);
    const lines = dxf.entities.filter((entity) => entity.type === "POLYLINE") as unknown as {
      vertices: { x: number; y: number }[];
    }[];
    expect(lines).toHaveLength(answer.wires.length);
    lines.forEach((line, i) => {
      const length = line.vertices
        .slice(1)
        .reduce((sum, v, k) => sum + Math.hypot(v.x - line.vertices[k]!.x, v.y - line.vertices[k]!.y), 0);
      const flat = flatLength(answer.wires[i]!.points);
      expect(Math.abs(length - flat)).toBeLessThan(0.005 * flat);
      expect(length).toBeLessThanOrEqual(answer.wires[i]!.lengthInPieceMm + 0.01);
    });
  });

  it("is STL whose box another reader finds as large as the form's wires", async () => {
    const geometry = new STLLoader().parse(await exported(form, "stl"));
    geometry.computeBoundingBox();
    const box = geometry.boundingBox!;
    const answer = await solve(form);
    const points = answer.wires.flatMap((wire) => wire.points.filter((_, i) => i % 3 === 1));
    const tall = Math.max(...points) - Math.min(...points);
    expect(box.max.y - box.min.y).toBeGreaterThan(tall);
    expect(box.max.y - box.min.y).toBeLessThan(
      tall + 1.02 * Math.max(...answer.wires.map((w) => w.diameterMm)),
    );
  });
});

describe.each([
  "s-hook - 6 * ring 1/5 - ring 1/6 turns=2",
  "2 * (bead-link - ring 0.8/4) - chain 4/0.8 links=5",
])("the piece %s", (line) => {
  it("is valid glTF 2.0 with a node for each wire and bead", async () => {
    const bytes = new Uint8Array(await exportedPiece(line, "gltf"));
    const report = await validateBytes(bytes);
    expect(report.issues.numErrors).toBe(0);
    expect(report.issues.numWarnings).toBe(0);
  });

  it("is STL another reader takes, all of it whole", async () => {
    const geometry = new STLLoader().parse(await exportedPiece(line, "stl"));
    geometry.computeBoundingBox();
    const size = geometry.boundingBox!.max.clone().sub(geometry.boundingBox!.min);
    expect(Math.min(size.x, size.y, size.z)).toBeGreaterThan(1);
    expect(Number.isFinite(size.length())).toBe(true);
  });
});

function flatLength(points: number[]): number {
  let sum = 0;
  for (let i = 3; i + 2 < points.length; i += 3) {
    sum += Math.hypot(points[i]! - points[i - 3]!, points[i + 1]! - points[i - 2]!);
  }
  return sum;
}
