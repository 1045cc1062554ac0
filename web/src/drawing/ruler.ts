/**
 * A ruler edge: ticks every millimetre or sixteenth where there is room for them, longer at fives and tens; figures no closer than
 * can be read.
 */
import { MM_PER_INCH } from "../quantity/inches";

export interface Tick {
  at: number;
  length: number;
  label: string | null;
}

/** Least room of one figure and of one tick, px. */
export const FIGURE_PX = 34;
const TICK_PX = 2.5;
const MOST_TICKS = 4000;

/** Steps of a metric edge, mm, and how many make the next longer tick. */
const METRIC = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];
/** Steps of an inch edge, inches. */
const INCHES = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 5, 10, 20, 50, 100];

/** Millimetre ticks over {@code lengthMm} at {@code pixelsPerMm}; positions in mm. */
export function metricTicks(lengthMm: number, pixelsPerMm: number): Tick[] {
  const step = roomy(METRIC, TICK_PX / pixelsPerMm, lengthMm);
  const labelled = roomy(METRIC, FIGURE_PX / pixelsPerMm, lengthMm);
  return Array.from({ length: Math.floor(lengthMm / step) + 1 }, (_, i) => {
    const mm = i * step;
    return {
      at: mm,
      length: mm % (10 * step) === 0 ? 11 : mm % (5 * step) === 0 ? 8 : 5,
      label: mm % labelled === 0 && mm > 0 ? String(mm) : null,
    };
  });
}

/** Inch ticks, sixteenths at best, over {@code lengthMm} at {@code pixelsPerMm}; positions in mm. */
export function inchTicks(lengthMm: number, pixelsPerMm: number): Tick[] {
  const inches = lengthMm / MM_PER_INCH;
  const step = roomy(INCHES, TICK_PX / (MM_PER_INCH * pixelsPerMm), inches);
  const labelled = Math.max(1, roomy(INCHES, FIGURE_PX / (MM_PER_INCH * pixelsPerMm), inches));
  return Array.from({ length: Math.floor(inches / step) + 1 }, (_, i) => {
    const at = i * step;
    return {
      at: at * MM_PER_INCH,
      length: at % 1 === 0 ? 11 : at % 0.5 === 0 ? 9 : at % 0.25 === 0 ? 7 : 4,
      label: at % labelled === 0 && at > 0 ? String(at) : null,
    };
  });
}

/** The finest of these steps that leaves room. */
function roomy(steps: number[], least: number, length: number): number {
  return steps.find((step) => step >= least && length / step < MOST_TICKS) ?? steps.at(-1)!;
}
