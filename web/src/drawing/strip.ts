/** The wire strip: a straight wire with its marks, what is bent from which stretch, what is waste. Pure; mm. */
export interface StripMark {
  at: number;
  label: string;
  kind: string;
  /** 0 on the wire's own row, 1 one row further up where labels would run into each other. */
  row: number;
}

/**
 * Puts labels in up to three rows so that none runs into its neighbour.
 *
 * @param pixelsPerMm scale
 * @param labelWidth room a label needs, in pixels
 */
export function layMarks(
  marks: readonly { atMm: number; kind: string }[],
  pixelsPerMm: number,
  labelWidth: number,
  label: (mm: number) => string,
): StripMark[] {
  const ends = [-Infinity, -Infinity, -Infinity];
  return marks.map(({ atMm, kind }) => {
    const x = atMm * pixelsPerMm;
    const free = ends.findIndex((end) => x - labelWidth / 2 > end);
    const row = free === -1 ? ends.indexOf(Math.min(...ends)) : free;
    ends[row] = x + labelWidth / 2;
    return { at: atMm, label: label(atMm), kind, row };
  });
}

/** Scale of a strip: true size when it fits, else as much as goes into the width. */
export function stripScale(lengthMm: number, width: number, truePixelsPerMm: number): number {
  return Math.min(truePixelsPerMm, width / Math.max(1, lengthMm));
}
