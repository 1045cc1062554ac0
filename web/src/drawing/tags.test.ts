import { describe, expect, it } from "vitest";
import sample from "../test/patch.json";
import { laid, nearest, some, there } from "./patch";
import { tagPlaces, type Seen } from "./tags";
import { RING } from "./weave";

const rings = laid(sample.poses[1]!, sample.patch.rings);
const all = there(sample.patch.steps, sample.patch.steps.length);
const patch = some(rings, all, sample.patch.colours);
const SCALE = 14;

/** From the front, and turned by an angle about the chain's axis. */
const project =
  (angle: number) =>
  (x: number, y: number, z: number): Seen => {
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    return [SCALE * x, -SCALE * (c * y - s * z), -(s * y + c * z)];
  };

describe("letters on rings", () => {
  it.each([0, 0.4, 1.2, 2.5])("lie on their own wire, apart, seen from %f", (angle) => {
    const seen = project(angle);
    const tagged = nearest(
      patch.rings,
      20,
      all.map((_, at) => at),
      10,
    );
    const places = tagPlaces(patch, tagged, seen, SCALE * 0.9);
    expect(places).toHaveLength(10);
    places.forEach((place, at) => {
      const [x, y, z, , , , r] = patch.rings.subarray(RING * tagged[at]!, RING * tagged[at]! + RING);
      const middle = seen(x!, y!, z!);
      const off = Math.hypot(place[0] - middle[0], place[1] - middle[1], SCALE * (place[2] - middle[2]));
      expect(off).toBeCloseTo(SCALE * r!, 3);
      for (const other of places.slice(at + 1)) {
        expect(Math.hypot(place[0] - other[0], place[1] - other[1])).toBeGreaterThan(14);
      }
    });
  });

  it("are not put where another ring's wire lies over", () => {
    // a ring lying over the other's upper half
    const two = {
      rings: new Float32Array([0, 0, 0, 0, 0, 1, 4, 0, 4, 2, 0, 0, 1, 4]),
      count: 2,
    };
    const [place] = tagPlaces(two, [0], project(0), 10);
    const near = Array.from({ length: 360 }, (_, k) => {
      const a = (k * Math.PI) / 180;
      return project(0)(4 * Math.cos(a), 4 + 4 * Math.sin(a), 2);
    });
    expect(Math.min(...near.map((p) => Math.hypot(p[0] - place![0], p[1] - place![1])))).toBeGreaterThan(10);
  });

  it("have a place even on a ring that is hidden all round", () => {
    const two = { rings: new Float32Array([0, 0, 0, 0, 0, 1, 4, 0, 0, 2, 0, 0, 1, 4]), count: 2 };
    expect(tagPlaces(two, [0], project(0), 10)).toHaveLength(1);
  });
});
