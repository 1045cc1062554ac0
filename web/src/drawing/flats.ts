/** Wire hammered flat, as outlines on paper. Pure. */
import { seen, type Flat, type Look } from "./wire";

/** Numbers for each point in a wire's sections: width's direction x, y, z, half the width, half the thickness. */
export const SECTION = 5;

/** A wire's round stretches, each its own run of points; all of it where nothing is hammered. */
export function roundParts(points: readonly number[], sections: readonly number[]): (readonly number[])[] {
  if (sections.length === 0) {
    return [points];
  }
  const parts: number[][] = [];
  let part: number[] = [];
  for (let i = 0; i < points.length / 3; i++) {
    if (sections[SECTION * i + 3]! - sections[SECTION * i + 4]! < 1e-6) {
      part.push(...points.slice(3 * i, 3 * i + 3));
    } else {
      parts.push(part);
      part = [];
    }
  }
  parts.push(part);
  return parts.filter((one) => one.length > 3);
}

/** The outlines of the hammered stretches of a wire, as seen, with their way from and to what is round; each a closed run of points. */
export function flatOutlines(points: readonly number[], sections: readonly number[], look: Look): Flat[][] {
  const outlines: Flat[][] = [];
  let left: Flat[] = [];
  let right: Flat[] = [];
  const close = () => {
    if (left.length > 1) {
      outlines.push([...left, ...right.reverse()]);
    }
    left = [];
    right = [];
  };
  const count = sections.length / SECTION;
  const flat = (i: number) =>
    i >= 0 && i < count && sections[SECTION * i + 3]! - sections[SECTION * i + 4]! >= 1e-6;
  for (let i = 0; i < count; i++) {
    // from the round place before to that behind, so that nothing is left out between
    if (!flat(i - 1) && !flat(i) && !flat(i + 1)) {
      close();
      continue;
    }
    const at = seen(points[3 * i]!, points[3 * i + 1]!, points[3 * i + 2]!, look);
    const t = direction(points, i);
    const way = seen(t[0]!, t[1]!, t[2]!, look);
    const long = Math.hypot(way.x, way.y);
    if (long < 1e-6) {
      continue; // looked at along the wire
    }
    const n = { x: -way.y / long, y: way.x / long };
    const half = reach(sections, i, t, n, look);
    left.push({ x: at.x + n.x * half, y: at.y + n.y * half, depth: at.depth });
    right.push({ x: at.x - n.x * half, y: at.y - n.y * half, depth: at.depth });
  }
  close();
  return outlines;
}

/** How far the section reaches to the side, as seen. */
function reach(
  sections: readonly number[],
  i: number,
  t: readonly number[],
  n: { x: number; y: number },
  look: Look,
): number {
  const [ax, ay, az, wide, thick] = sections.slice(SECTION * i, SECTION * (i + 1)) as [
    number,
    number,
    number,
    number,
    number,
  ];
  const across = seen(ax, ay, az, look);
  const through = seen(t[1]! * az - t[2]! * ay, t[2]! * ax - t[0]! * az, t[0]! * ay - t[1]! * ax, look);
  return Math.hypot(wide * (across.x * n.x + across.y * n.y), thick * (through.x * n.x + through.y * n.y));
}

/** The wire's direction at a point, of unit length. */
function direction(points: readonly number[], i: number): number[] {
  const a = 3 * Math.max(0, i - 1);
  const b = 3 * Math.min(points.length / 3 - 1, i + 1);
  const t = [0, 1, 2].map((k) => points[b + k]! - points[a + k]!);
  const long = Math.hypot(...t) || 1;
  return t.map((value) => value / long);
}
