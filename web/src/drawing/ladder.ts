/** The aspect-ratio ladder: windows laid in lanes so that none overlaps, labels pushed apart. */

export interface Window {
  id: string;
  low: number;
  high: number;
}

/** The lane of each window: the first in which it touches none. */
export function lanes(windows: readonly Window[]): Map<string, number> {
  const ends: number[] = [];
  const found = new Map<string, number>();
  for (const window of [...windows].sort((a, b) => a.low - b.low || a.high - b.high)) {
    let lane = ends.findIndex((end) => end < window.low);
    if (lane < 0) {
      lane = ends.length;
    }
    ends[lane] = window.high;
    found.set(window.id, lane);
  }
  return found;
}

/** Pushes wished positions apart to at least {@code gap}, keeping their order and staying within the bounds. */
export function spread(wished: readonly number[], gap: number, low: number, high: number): number[] {
  const order = wished.map((_, i) => i).sort((a, b) => wished[a]! - wished[b]!);
  const placed = new Array<number>(wished.length);
  let floor = low;
  for (const i of order) {
    placed[i] = Math.max(wished[i]!, floor);
    floor = placed[i] + gap;
  }
  let ceiling = high;
  for (const i of [...order].reverse()) {
    placed[i] = Math.min(placed[i]!, ceiling);
    ceiling = placed[i] - gap;
  }
  return placed;
}

/** Where a value stands on a scale, and on which side it is beyond it: then it stands at that end, and is said to. */
export function onScale(
  value: number,
  low: number,
  high: number,
): { at: number; beyond: "below" | "above" | null } {
  return value < low
    ? { at: low, beyond: "below" }
    : value > high
      ? { at: high, beyond: "above" }
      : { at: value, beyond: null };
}
