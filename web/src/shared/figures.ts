import type { Figure } from "../api/types";

/** What figures are called, and how many decimals they are shown with. */
export const FIGURE_NAMES: Record<string, string> = {
  wire: "wire",
  mandrel: "rod",
  "inner-sprung": "sprung off the rod",
  "inner-closed": "inside, closed",
  "outer-closed": "outside, closed",
  springback: "springs open by",
  "aspect-ratio": "aspect ratio, true",
  "aspect-ratio-nominal": "aspect ratio, nominal",
  "wire-per-ring": "wire in one ring",
  "mass-per-ring": "one ring weighs",
  "rings-per-100g": "rings in 100 g",
  "rings-per-metre": "rings from a metre",
  strain: "stretch at the outer fibre",
  "opening-force": "pulls open at",
  "stays-open-force": "stays open from",
  "use-threshold": "asked for that use",
  "turns-to-wind": "turns to wind",
  "coil-length": "coil on the rod",
  "wire-total": "wire in all",
  "mass-total": "weight of that wire",
  "length-in-piece": "in the piece",
  "length-to-cut": "to cut",
  offcut: "comes back as offcut",
  "mass-in-piece": "weighs",
  "weave-aspect-ratio": "this ring, true",
  "weave-aspect-ratio-min": "smallest aspect ratio",
  "weave-play": "play",
  "weave-taut": "a cell, taut",
  "weave-rest": "at rest",
  "weave-shortest": "pushed together",
  "weave-across": "across, taut",
  "weave-bend": "bends round a rod of",
  "weave-per-100": "rings in 100 mm",
  "weave-mass-per-100": "100 mm weigh",
  "weave-per-square": "rings in a square cm",
  "hub-inside": "larger ring, inside",
  "composition-arm": "rings in an arm",
  "composition-unit": "rings in one unit more",
  "composition-ties": "ties and bail",
  "piece-rings": "rings in all",
  "piece-opened": "to open",
  "piece-pre-closed": "to close first",
  "piece-pre-closed-order": "to close, any hands",
  "piece-pre-closed-most": "to close at most",
  "piece-spare": "spare on top",
  "piece-length": "outside to outside",
  "piece-length-rest": "at rest",
  "piece-width": "across",
  "piece-wire": "wire in the rings",
  "piece-mass": "weighs",
};

export const BASIS_WORDS: Record<string, string> = {
  EXACT: "follows exactly from the others",
  THEORY: "theory with handbook values",
  MEASURED: "theory fitted to your own measurements",
  PRACTICE: "a rule of the trade",
  GIVEN: "given",
};

/** A form's figure by its id; undefined where it has none. */
export function figureOf(form: { figures: Figure[] }, id: string): Figure | undefined {
  return form.figures.find((one) => one.id === id);
}
