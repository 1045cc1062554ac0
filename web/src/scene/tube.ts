/** A wire's skin for the screen: rings of corners along its middle line, carried without twist, ends closed. */
import { BufferAttribute, BufferGeometry } from "three";

/**
 * @param points x, y, z after one another, mm
 * @param radius of the wire, mm
 * @param sides corners of a ring
 */
export function tube(points: readonly number[], radius: number, sides: number): BufferGeometry {
  const count = points.length / 3;
  const position = new Float32Array((count * sides + 2 * (sides + 1)) * 3);
  const normal = new Float32Array(position.length);
  const frame = new Carrier(points);
  let at = 0;
  for (let i = 0; i < count; i++) {
    frame.go(i);
    for (let k = 0; k < sides; k++) {
      const angle = (2 * Math.PI * k) / sides;
      const c = Math.cos(angle);
      const s = Math.sin(angle);
      for (let a = 0; a < 3; a++) {
        const out = c * frame.n[a]! + s * frame.b[a]!;
        position[at] = points[3 * i + a]! + radius * out;
        normal[at++] = out;
      }
    }
  }
  const index = walls(count, sides);
  at = cap(points, 0, -1, position, normal, at, sides, index, count);
  cap(points, count - 1, 1, position, normal, at, sides, index, count);
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(position, 3));
  geometry.setAttribute("normal", new BufferAttribute(normal, 3));
  geometry.setIndex(index);
  return geometry;
}

function walls(count: number, sides: number): number[] {
  const index: number[] = [];
  for (let i = 0; i + 1 < count; i++) {
    for (let k = 0; k < sides; k++) {
      const a = i * sides + k;
      const b = i * sides + ((k + 1) % sides);
      index.push(a, b, a + sides, b, b + sides, a + sides);
    }
  }
  return index;
}

function cap(
  points: readonly number[],
  i: number,
  way: number,
  position: Float32Array,
  normal: Float32Array,
  from: number,
  sides: number,
  index: number[],
  count: number,
): number {
  const t = direction(points, i, count);
  const ring = i * sides * 3;
  const first = from / 3;
  let at = from;
  for (let k = -1; k < sides; k++) {
    for (let a = 0; a < 3; a++) {
      position[at] = k < 0 ? points[3 * i + a]! : position[ring + 3 * k + a]!;
      normal[at++] = way * t[a]!;
    }
  }
  for (let k = 0; k < sides; k++) {
    const a = first + 1 + k;
    const b = first + 1 + ((k + 1) % sides);
    index.push(first, way > 0 ? a : b, way > 0 ? b : a);
  }
  return at;
}

function direction(points: readonly number[], i: number, count: number): number[] {
  const t = [0, 0, 0];
  along(points, i, count, t);
  return t;
}

/** The wire's direction at a point, into {@code t}. */
function along(points: readonly number[], i: number, count: number, t: number[]): void {
  const a = 3 * Math.max(0, i - 1);
  const b = 3 * Math.min(count - 1, i + 1);
  t[0] = points[b]! - points[a]!;
  t[1] = points[b + 1]! - points[a + 1]!;
  t[2] = points[b + 2]! - points[a + 2]!;
  shorten(t);
}

/** Makes a vector of unit length. */
function shorten(v: number[]): void {
  const length = Math.sqrt(v[0]! * v[0]! + v[1]! * v[1]! + v[2]! * v[2]!) || 1;
  v[0]! /= length;
  v[1]! /= length;
  v[2]! /= length;
}

/** Carries a normal along the wire by the smallest turn from one direction to the next. */
class Carrier {
  readonly n = [0, 1, 0];
  readonly b = [0, 0, 1];
  private readonly t = [1, 0, 0];
  private readonly points: readonly number[];

  constructor(points: readonly number[]) {
    this.points = points;
  }

  go(i: number): void {
    const { n, b, t } = this;
    along(this.points, i, this.points.length / 3, t);
    if (i === 0) {
      n[0] = 0;
      n[1] = Math.abs(t[2]!) < 0.9 ? 0 : 1;
      n[2] = 1 - n[1];
    }
    const on = n[0]! * t[0]! + n[1]! * t[1]! + n[2]! * t[2]!;
    n[0]! -= on * t[0]!;
    n[1]! -= on * t[1]!;
    n[2]! -= on * t[2]!;
    shorten(n);
    b[0] = t[1]! * n[2]! - t[2]! * n[1]!;
    b[1] = t[2]! * n[0]! - t[0]! * n[2]!;
    b[2] = t[0]! * n[1]! - t[1]! * n[0]!;
  }
}
