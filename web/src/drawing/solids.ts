/** Outlines of what stands with the wire, as seen: beads of any length, spacers, caps. */
import { seen, type Flat, type Look } from "./wire";

export interface DrawnSolid {
  kind: string;
  centre: readonly number[];
  axis: readonly number[];
  diameterMm: number;
  lengthMm: number;
}

const CORNERS = 60;

/** Whether it has flat faces; else it is a ball, stretched or not. */
function flatFaced(kind: string): boolean {
  return kind === "CORD" || kind === "SPACER" || kind === "CAP";
}

/** A ball: a circle from everywhere. */
export function isRound(solid: DrawnSolid): boolean {
  return !flatFaced(solid.kind) && Math.abs(solid.diameterMm - solid.lengthMm) < 1e-9;
}

/** Its outline as seen, closed, mm: the places of its skin furthest out in every direction of the picture. */
export function outlineOf(solid: DrawnSolid, look: Look): Flat[] {
  const [cx, cy, cz] = solid.centre as [number, number, number];
  const axis = solid.axis as [number, number, number];
  // the picture's own directions, in space
  const zero = seen(0, 0, 0, look);
  const by = [seen(1, 0, 0, look), seen(0, 1, 0, look), seen(0, 0, 1, look)];
  const right = by.map((one) => one.x - zero.x);
  const down = by.map((one) => one.y - zero.y);
  const r = solid.diameterMm / 2;
  const half = solid.lengthMm / 2;
  return Array.from({ length: CORNERS }, (_, i) => {
    const angle = (2 * Math.PI * i) / CORNERS;
    const u = [0, 1, 2].map((k) => Math.cos(angle) * right[k]! + Math.sin(angle) * down[k]!);
    const along = u[0]! * axis[0] + u[1]! * axis[1] + u[2]! * axis[2];
    const across = u.map((value, k) => value - along * axis[k]!);
    const norm = Math.hypot(...across);
    const reach = Math.hypot(r * norm, half * along);
    const side = flatFaced(solid.kind) ? (norm < 1e-9 ? 0 : r / norm) : (r * r) / reach;
    const on = flatFaced(solid.kind) ? Math.sign(along) * half : ((half * half) / reach) * along;
    return seen(
      cx + side * across[0]! + on * axis[0],
      cy + side * across[1]! + on * axis[1],
      cz + side * across[2]! + on * axis[2],
      look,
    );
  });
}
