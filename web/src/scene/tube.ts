/** A wire's skin for the screen: rings of corners along its middle line, carried without twist, ends closed. */
import { BufferAttribute, BufferGeometry } from "three";
import { SECTION } from "../drawing/flats";

/**
 * @param points x, y, z after one another, mm
 * @param radius of the wire, mm
 * @param sides corners of a ring
 * @param sections at each point the width's direction, half the width, half the thickness; nothing for round wire
 */
export function tube(
  points: readonly number[],
  radius: number,
  sides: number,
  sections: readonly number[] = [],
): BufferGeometry {
  const count = points.length / 3;
  const position = new Float32Array((count * sides + 2 * (sides + 1)) * 3);
  const normal = new Float32Array(position.length);
  const index = new Uint32Array(6 * sides * (count - 1) + 6 * sides);
  rings(points, radius, sides, position, normal);
  if (sections.length > 0) {
    hammer(points, radius, sides, sections, position);
  }
  let at = walls(count, sides, index);
  at = cap(points, 0, sides, position, normal, index, at);
  cap(points, count - 1, sides, position, normal, index, at);
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(position, 3));
  geometry.setAttribute("normal", new BufferAttribute(normal, 3));
  geometry.setIndex(new BufferAttribute(index, 1));
  if (sections.length > 0) {
    geometry.computeVertexNormals();
  }
  return geometry;
}

/** A ring of corners about every point. */
function rings(
  points: readonly number[],
  radius: number,
  sides: number,
  position: Float32Array,
  normal: Float32Array,
): void {
  const cosines = Array.from({ length: sides }, (_, k) => Math.cos((2 * Math.PI * k) / sides));
  const sines = Array.from({ length: sides }, (_, k) => Math.sin((2 * Math.PI * k) / sides));
  const carrier = new Carrier(points);
  const { n, b } = carrier;
  let at = 0;
  for (let i = 0; i < points.length; i += 3) {
    carrier.go(i / 3);
    for (let k = 0; k < sides; k++) {
      const c = cosines[k]!;
      const s = sines[k]!;
      for (let a = 0; a < 3; a++) {
        const out = c * n[a]! + s * b[a]!;
        position[at] = points[i + a]! + radius * out;
        normal[at++] = out;
      }
    }
  }
}

/** Moves the corners of hammered stretches out and in, to a boxy section with rounded edges. */
function hammer(
  points: readonly number[],
  radius: number,
  sides: number,
  sections: readonly number[],
  position: Float32Array,
): void {
  const count = points.length / 3;
  for (let i = 0; i < count; i++) {
    const s = SECTION * i;
    const [wide, thick] = [sections[s + 3]!, sections[s + 4]!];
    if (wide - thick < 1e-6) {
      continue;
    }
    const a = [sections[s]!, sections[s + 1]!, sections[s + 2]!];
    const t = direction(points, i, count);
    const c = [t[1]! * a[2]! - t[2]! * a[1]!, t[2]! * a[0]! - t[0]! * a[2]!, t[0]! * a[1]! - t[1]! * a[0]!];
    for (let k = 0; k < sides; k++) {
      const at = 3 * (i * sides + k);
      let u = 0;
      let v = 0;
      for (let x = 0; x < 3; x++) {
        const out = (position[at + x]! - points[3 * i + x]!) / radius;
        u += out * a[x]!;
        v += out * c[x]!;
      }
      const across = wide * boxy(u);
      const through = thick * boxy(v);
      for (let x = 0; x < 3; x++) {
        position[at + x] = points[3 * i + x]! + across * a[x]! + through * c[x]!;
      }
    }
  }
}

function boxy(x: number): number {
  return Math.sign(x) * Math.sqrt(Math.abs(x));
}

/** Triangles from ring to ring; answers where the next go. */
function walls(count: number, sides: number, index: Uint32Array): number {
  let at = 0;
  for (let i = 0; i + 1 < count; i++) {
    for (let k = 0; k < sides; k++) {
      const a = i * sides + k;
      const b = i * sides + ((k + 1) % sides);
      index[at++] = a;
      index[at++] = b;
      index[at++] = a + sides;
      index[at++] = b;
      index[at++] = b + sides;
      index[at++] = a + sides;
    }
  }
  return at;
}

/** Closes the first or the last end flat; answers where the next triangles go. */
function cap(
  points: readonly number[],
  i: number,
  sides: number,
  position: Float32Array,
  normal: Float32Array,
  index: Uint32Array,
  from: number,
): number {
  const count = points.length / 3;
  const way = i === 0 ? -1 : 1;
  const t = direction(points, i, count);
  const ring = i * sides * 3;
  const first = count * sides + (i === 0 ? 0 : sides + 1);
  let corner = 3 * first;
  for (let k = -1; k < sides; k++) {
    for (let a = 0; a < 3; a++) {
      position[corner] = k < 0 ? points[3 * i + a]! : position[ring + 3 * k + a]!;
      normal[corner++] = way * t[a]!;
    }
  }
  let at = from;
  for (let k = 0; k < sides; k++) {
    const a = first + 1 + k;
    const b = first + 1 + ((k + 1) % sides);
    index[at++] = first;
    index[at++] = way > 0 ? a : b;
    index[at++] = way > 0 ? b : a;
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
