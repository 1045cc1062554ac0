import { expect, it } from "vitest";
import { tube } from "./tube";

/** Volume inside a closed skin, by the divergence theorem. */
function volume(geometry: ReturnType<typeof tube>): number {
  const p = geometry.getAttribute("position").array;
  const index = geometry.getIndex()!.array;
  let six = 0;
  for (let i = 0; i < index.length; i += 3) {
    const [a, b, c] = [index[i]! * 3, index[i + 1]! * 3, index[i + 2]! * 3];
    six +=
      p[a]! * (p[b + 1]! * p[c + 2]! - p[b + 2]! * p[c + 1]!) -
      p[a + 1]! * (p[b]! * p[c + 2]! - p[b + 2]! * p[c]!) +
      p[a + 2]! * (p[b]! * p[c + 1]! - p[b + 1]! * p[c]!);
  }
  return six / 6;
}

it("a straight wire's skin holds a prism of its sides", () => {
  const skin = tube([0, 0, 0, 5, 0, 0, 10, 0, 0], 0.5, 16);
  const prism = (16 / 2) * 0.25 * Math.sin((2 * Math.PI) / 16) * 10;
  expect(volume(skin)).toBeCloseTo(prism, 4);
});

it("a ring's skin holds about the torus it is", () => {
  const points = Array.from({ length: 241 }, (_, i) => {
    const a = (2 * Math.PI * i) / 240;
    return [4 * Math.cos(a), 4 * Math.sin(a), 0];
  }).flat();
  const torus = 2 * Math.PI * Math.PI * 4 * 0.25;
  expect(volume(tube(points, 0.5, 32)) / torus).toBeCloseTo(1, 1);
});
