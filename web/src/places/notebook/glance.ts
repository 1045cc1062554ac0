/** Scales of the notebook's first look. */

/** Round steps from 0 to the first that reaches {@code most}; four to eight of them. */
export function ticks(most: number): number[] {
  const step = [0.5, 1, 2, 5, 10, 20, 50].find((one) => most / one <= 7) ?? 100;
  return Array.from({ length: Math.ceil(most / step - 1e-9) + 1 }, (_, i) => i * step);
}

/** A place on a scale from 0 to {@code end}, as CSS takes it. */
export function share(value: number, end: number): string {
  return `${Math.max(0, Math.min(100, (100 * value) / end)).toFixed(2)}%`;
}
