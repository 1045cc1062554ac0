/** The wire strip: a straight wire with its marks, what is bent from which stretch, what is waste. Pure; mm. */
import { spread } from "./ladder";

interface Marked {
  atMm: number;
  kind: string;
}

export interface StripMark {
  at: number;
  label: string;
  kind: string;
  /** Where the label's middle stands, pixels from the strip's beginning: over its mark, or aside where labels would meet. */
  labelX: number;
  /** 0 nearest to the wire; 1 above that, where one row does not hold them all. */
  row: 0 | 1;
}

/**
 * Puts the labels side by side in one row, each as near to its mark as its neighbours let it; leaders keep their order and do not cross.
 * Where a row does not hold them all every second one stands above, its leader between two of the lower ones.
 *
 * @param pixelsPerMm scale
 * @param labelWidth room a label needs, in pixels
 * @param width of the strip, in pixels
 */
export function layMarks(
  marks: readonly Marked[],
  pixelsPerMm: number,
  labelWidth: number,
  width: number,
  label: (mm: number) => string,
): StripMark[] {
  const at = marks.map((mark) => mark.atMm * pixelsPerMm);
  const crowded = marks.length * labelWidth > width;
  const gap = crowded ? labelWidth / 2 : labelWidth;
  const onward = spread(at, gap, 0, width);
  const back = spread(
    at.map((x) => width - x),
    gap,
    0,
    width,
  );
  // pushed one way and the other, and the middle of both: a crowd spreads evenly about itself
  return marks.map(({ atMm, kind }, i) => ({
    at: atMm,
    label: label(atMm),
    kind,
    labelX: (onward[i]! + width - back[i]!) / 2,
    row: crowded && i % 2 === 1 ? 1 : 0,
  }));
}

/** Marks nearer than this on the screen are one line to the eye, pixels. */
export const APART = 6;

/** The smallest distance of two marks on the screen, pixels. */
export function nearest(marks: readonly Marked[], pixelsPerMm: number): number {
  const at = marks.map((mark) => mark.atMm * pixelsPerMm).sort((a, b) => a - b);
  return Math.min(Infinity, ...at.slice(1).map((one, i) => one - at[i]!));
}

const STEPS = [1, 1.5, 2, 3, 4, 6, 8, 12, 20, 40];

/**
 * Scale of a strip whose marks can be told apart: true size while they are, else the first larger one at which they are, as far as the
 * width goes.
 */
export function readableScale(
  marks: readonly Marked[],
  lengthMm: number,
  width: number,
  truePixelsPerMm: number,
): number {
  const widest = width / Math.max(1, lengthMm);
  const larger = STEPS.map((step) => step * truePixelsPerMm).filter((scale) => scale <= widest);
  return (
    larger.find((scale) => nearest(marks, scale) >= APART) ??
    stripScale(lengthMm, width, larger.length === 0 ? truePixelsPerMm : widest)
  );
}

/** Scale of a strip: true size when it fits, else as much as goes into the width. */
export function stripScale(lengthMm: number, width: number, truePixelsPerMm: number): number {
  return Math.min(truePixelsPerMm, width / Math.max(1, lengthMm));
}
