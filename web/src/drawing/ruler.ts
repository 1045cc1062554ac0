/** A ruler edge: ticks every millimetre or sixteenth, longer at fives and tens. */

export interface Tick {
  at: number;
  length: number;
  label: string | null;
}

/** Millimetre ticks over {@code lengthMm}; positions in mm. */
export function metricTicks(lengthMm: number): Tick[] {
  return Array.from({ length: Math.floor(lengthMm) + 1 }, (_, mm) => ({
    at: mm,
    length: mm % 10 === 0 ? 11 : mm % 5 === 0 ? 8 : 5,
    label: mm % 10 === 0 && mm > 0 ? String(mm) : null,
  }));
}

/** Sixteenth-inch ticks over {@code lengthMm}; positions in mm. */
export function inchTicks(lengthMm: number): Tick[] {
  const sixteenth = 25.4 / 16;
  return Array.from({ length: Math.floor(lengthMm / sixteenth) + 1 }, (_, i) => ({
    at: i * sixteenth,
    length: i % 16 === 0 ? 11 : i % 8 === 0 ? 9 : i % 4 === 0 ? 7 : 4,
    label: i % 16 === 0 && i > 0 ? String(i / 16) : null,
  }));
}
