/** Rings as paths. Pure: numbers in, path data out; units are whatever the caller draws in. */

/** A full circle as path data, counter-clockwise so that a second, clockwise one cuts a hole. */
export function circle(cx: number, cy: number, r: number, clockwise = false): string {
  const sweep = clockwise ? 1 : 0;
  return `M${n(cx + r)} ${n(cy)}A${n(r)} ${n(r)} 0 1 ${sweep} ${n(cx - r)} ${n(cy)}A${n(r)} ${n(r)} 0 1 ${sweep} ${n(cx + r)} ${n(cy)}Z`;
}

/** The face of a ring: outer circle with the hole cut out. */
export function annulus(cx: number, cy: number, outer: number, inner: number): string {
  return circle(cx, cy, outer) + circle(cx, cy, inner, true);
}

/** An open ring, the interface's sign: an arc with a gap at the top, {@code gap} in degrees. */
export function openRing(cx: number, cy: number, r: number, gap: number): string {
  const half = (gap / 2) * (Math.PI / 180);
  const x = r * Math.sin(half);
  const y = r * Math.cos(half);
  return `M${n(cx + x)} ${n(cy - y)}A${n(r)} ${n(r)} 0 1 1 ${n(cx - x)} ${n(cy - y)}`;
}

/** A point on a circle, degrees clockwise from the top. */
export function onCircle(cx: number, cy: number, r: number, degrees: number): { x: number; y: number } {
  const angle = (degrees * Math.PI) / 180;
  return { x: cx + r * Math.sin(angle), y: cy - r * Math.cos(angle) };
}

/** The slanted tick that ends a dimension line. */
export function tick(x: number, y: number, half = 5): string {
  return `M${n(x - half)} ${n(y + half)}L${n(x + half)} ${n(y - half)}`;
}

/** Gradient stops across a round wire seen in a ring's face, from inner to outer edge, as offsets of the outer radius. */
export function wireStops(inner: number, outer: number): { inner: number; light: number; outer: number } {
  const from = inner / outer;
  return { inner: from, light: from + (1 - from) * 0.44, outer: 1 };
}

/** A path number: at most two decimals, no idle zeros. */
export function n(value: number): string {
  return String(Math.round(value * 100) / 100);
}
