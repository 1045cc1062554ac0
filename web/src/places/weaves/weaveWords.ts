/** Weaves in words. */
import type { Note, Tightness, WeaveEntry } from "../../api/types";
import { plain, sizeText, type Units } from "../../quantity/format";

export const TIGHTNESS: Record<Tightness, string> = {
  WILL_NOT_CLOSE: "will not close",
  ON_THE_EDGE: "on the edge",
  TIGHT: "tight",
  USUAL: "drapes",
  LOOSE: "loose",
  FLOPPY: "floppy",
};

export const KINDS: Record<WeaveEntry["kind"], string> = {
  CHAIN: "Chains",
  SHEET: "Sheets",
  TUBE: "Tubes",
  FINITE: "Rosettes",
};

/** What is to be said of a weave in the maker's rings. */
export function weaveNoteWords(note: Note, units: Units): string {
  const v = note.values as Record<string, number>;
  const ratio = plain(v.aspectRatio ?? 0);
  const least = plain(v.aspectRatioMin ?? 0);
  const inner = (key: string) => sizeText(v[key] ?? 0, units);
  switch (note.code) {
    case "weave-will-not-close":
      return `Will not close: these rings have aspect ratio ${ratio}, the weave needs ${least}. In this wire take ${inner("tightInnerMm")} inside or more.`;
    case "weave-captive-slips":
      return `The captives would slip off: ${inner("innerMm")} inside, and the rings they lie round are only ${inner("outerMm")} outside. Take captives narrower than that.`;
    case "weave-on-the-edge":
      return `On the edge: aspect ratio ${ratio} against ${least}. Round, exact rings may just close; ${inner("tightInnerMm")} inside is safe.`;
    case "weave-tight":
      return `Tight: wire ${plain(v.playPercent!, 0)} % thicker would still go in. Stiff, and slow to close at the end.`;
    case "weave-usual":
      return `Drapes and keeps its pattern: wire ${plain(v.playPercent!, 0)} % thicker would still go in.`;
    case "weave-loose":
      return `Loose: ${plain(v.playPercent!, 0)} % play. Up to ${inner("looseInnerMm")} inside the pattern would hold better.`;
    case "weave-floppy":
      return `Floppy: ${plain(v.playPercent!, 0)} % play, the pattern no longer holds its shape. Take ${inner("looseInnerMm")} inside or less.`;
    case "pitch-not-reached":
      return `The ${String(note.values.which)} pitch was not found: the solver did not come to rest there, so no figure is given.`;
    case "usual-window":
      return `Usually made at nominal ${plain(v.low!, 1)} to ${plain(v.high!, 1)} (common practice, mandrel ÷ wire).`;
    default:
      return note.code;
  }
}
