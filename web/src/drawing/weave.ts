/** A weave's cell repeated: rings in space from one pose, and their flat picture. Pure. */

/** One cell and how it repeats, as the server tells it. */
export interface WeavePose {
  pitchMm: number;
  /** Whether this is how it lies when nothing pulls or pushes. */
  atRest: boolean;
  second: readonly number[];
  turn: number;
  acrossTurn: number;
  around: number;
  rings: readonly number[];
}

/** Numbers for a ring: centre x, y, z, normal x, y, z, radius. */
export const RING = 7;

export interface Patch {
  /** Centre, normal, radius, ring after ring. */
  rings: Float32Array;
  count: number;
  /** Which of the tones each has; left out where all have the first. */
  tone?: Uint8Array;
  /** Thickness of each ring's wire, mm; left out where all have the one told with the patch. */
  wire?: Float32Array;
  /** Ring of the cell, cell along, cell across of each; left out where nobody asks. */
  keys?: Int32Array;
}

/** Which of the poses is shown: where it was pulled to, 0 to 1, or the one at rest; the middle one where none is. */
export function poseAt(poses: readonly WeavePose[], pull: number | null): number {
  const rest = poses.findIndex((pose) => pose.atRest);
  return pull === null && rest >= 0 ? rest : Math.round((pull ?? 0.5) * (poses.length - 1));
}

/** How many cells to show each way so that a patch is about that long and wide, mm. */
export function cellsFor(pose: WeavePose, lengthMm: number, widthMm: number): [number, number] {
  if (pose.pitchMm === 0) {
    return [1, 1];
  }
  const along = Math.max(2, Math.round(lengthMm / pose.pitchMm));
  const step = Math.abs(pose.second[1] ?? 0);
  const across = pose.around > 0 ? pose.around : step > 0 ? Math.max(1, Math.round(widthMm / step)) : 1;
  return [along, across];
}

/** The rings of so many cells, the middle of them at the origin. Cell (i, j) is turned about x, then moved. */
export function swatch(pose: WeavePose, along: number, across: number): Patch {
  const k = pose.rings.length / RING;
  const count = k * along * across;
  const rings = new Float32Array(count * RING);
  const keys = new Int32Array(count * 3);
  const middle = shift(pose, (along - 1) / 2, pose.around > 0 ? 0 : (across - 1) / 2);
  // a sheet's rows are set back as they slant, so that the patch stays square
  const slant = pose.pitchMm > 0 ? (pose.second[0] ?? 0) / pose.pitchMm : 0;
  let at = 0;
  for (let j = 0; j < across; j++) {
    const back = pose.around > 0 ? 0 : Math.round(slant * (j - (across - 1) / 2));
    for (let i = 0; i < along; i++) {
      for (let r = 0; r < k; r++) {
        keys.set([r, i - back, j], 3 * at);
        image(pose, r, i - back, j, middle, rings, RING * at++);
      }
    }
  }
  return { rings, count, keys };
}

/**
 * The rings of a patch that one of them passes through.
 *
 * @param links ring, other ring, cells along, cells across, link after link
 */
export function linkedIn(
  { keys, count }: Patch,
  links: readonly number[],
  around: number,
  ring: number,
): Set<number> {
  const wrap = (j: number) => (around > 0 ? ((j % around) + around) % around : j);
  const at = new Map<string, number>();
  for (let n = 0; n < count; n++) {
    at.set(`${keys![3 * n]} ${keys![3 * n + 1]} ${wrap(keys![3 * n + 2]!)}`, n);
  }
  const [r, i, j] = [keys![3 * ring]!, keys![3 * ring + 1]!, keys![3 * ring + 2]!];
  const found = new Set<number>();
  for (let l = 0; l < links.length; l += 4) {
    const [a, b, di, dj] = [links[l]!, links[l + 1]!, links[l + 2]!, links[l + 3]!];
    const ends = [
      ...(a === r ? [`${b} ${i + di} ${wrap(j + dj)}`] : []),
      ...(b === r ? [`${a} ${i - di} ${wrap(j - dj)}`] : []),
    ];
    ends.forEach((end) => at.has(end) && found.add(at.get(end)!));
  }
  return found;
}

/** Ring r of cell (i, j), moved by −origin, written into `out` at `to`. */
export function image(
  pose: WeavePose,
  r: number,
  i: number,
  j: number,
  origin: readonly number[],
  out: Float32Array,
  to: number,
): void {
  const angle = i * pose.turn + j * pose.acrossTurn;
  const by = shift(pose, i, j);
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const from = RING * r;
  const [y, z] = [pose.rings[from + 1]!, pose.rings[from + 2]!];
  const [ny, nz] = [pose.rings[from + 4]!, pose.rings[from + 5]!];
  out[to] = pose.rings[from]! + by[0]! - origin[0]!;
  out[to + 1] = cos * y - sin * z + by[1]! - origin[1]!;
  out[to + 2] = sin * y + cos * z + by[2]! - origin[2]!;
  out[to + 3] = pose.rings[from + 3]!;
  out[to + 4] = cos * ny - sin * nz;
  out[to + 5] = sin * ny + cos * nz;
  out[to + 6] = pose.rings[from + 6]!;
}

function shift(pose: WeavePose, i: number, j: number): number[] {
  if (pose.around > 0) {
    return [i * pose.pitchMm, 0, 0];
  }
  return [i * pose.pitchMm + j * (pose.second[0] ?? 0), j * (pose.second[1] ?? 0), j * (pose.second[2] ?? 0)];
}

/** A half of a ring seen face-on: an elliptic arc and how near it is. */
export interface Arc {
  d: string;
  depth: number;
  ring: number;
}

/** Rings as arcs on paper, the far halves first, so that near halves pass over them. For where there is no 3D. */
export function arcs(patch: Patch): Arc[] {
  const all: Arc[] = [];
  const steps = 12;
  for (let n = 0; n < patch.count; n++) {
    const [cx, cy, cz, nx, ny, nz, r] = Array.from(patch.rings.slice(RING * n, RING * n + RING)) as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const flat = Math.hypot(nx, ny);
    const u = flat < 1e-6 ? [1, 0, 0] : [-ny / flat, nx / flat, 0];
    const v = [ny * u[2]! - nz * u[1]!, nz * u[0]! - nx * u[2]!, nx * u[1]! - ny * u[0]!];
    for (let half = 0; half < 4; half++) {
      const points: string[] = [];
      let depth = 0;
      for (let s = 0; s <= steps; s++) {
        const angle = ((half + s / steps) * Math.PI) / 2;
        const [c, q] = [r * Math.cos(angle), r * Math.sin(angle)];
        points.push(
          `${(cx + c * u[0]! + q * v[0]!).toFixed(3)} ${(-(cy + c * u[1]! + q * v[1]!)).toFixed(3)}`,
        );
        depth += (cz + c * u[2]! + q * v[2]!) / (steps + 1);
      }
      all.push({ d: `M${points.join("L")}`, depth, ring: n });
    }
  }
  return all.sort((a, b) => a.depth - b.depth);
}
