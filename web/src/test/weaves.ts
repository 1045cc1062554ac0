/** For tests: a weave or two, one of them solved, and a cell of it. */
import type { WeaveEntry, WeaveSolved } from "../api/types";
import type { WeavePose } from "../drawing/weave";

export const entry = (id: string, name: string, more: Partial<WeaveEntry> = {}): WeaveEntry => ({
  id,
  name,
  unit: "ring",
  kind: "CHAIN",
  sizes: [{ id: "ring", name: "ring", usualRatio: 1 }],
  ringsInCell: 1,
  links: [0, 0, 1, 0],
  own: null,
  sources: [],
  usualLow: 3.3,
  usualHigh: 4.2,
  aspectRatioMin: 3.27,
  tightFrom: 3.3,
  usualFrom: 3.5,
  usualTo: 4.5,
  floppyFrom: 5.4,
  ...more,
});

export const TWO = entry("japanese-4-in-1", "Japanese 4-in-1, square", {
  kind: "SHEET",
  sizes: [
    { id: "flat", name: "flat ring", usualRatio: 1 },
    { id: "upright", name: "upright ring", usualRatio: 0.7 },
  ],
  usualLow: null,
  usualHigh: null,
});

export const SOLVED: WeaveSolved = {
  weaveId: "byzantine",
  fits: true,
  tightness: "USUAL",
  aspectRatio: 3.8,
  aspectRatioMin: 3.27,
  playPercent: 12.4,
  tautPitchMm: 6.46,
  shortestPitchMm: 3,
  restPitchMm: 5.7,
  acrossTautMm: null,
  acrossShortestMm: null,
  ringsPerUnit: 6,
  ringsPer100mm: 92.9,
  ringsPerSquareCm: null,
  massPer100mmG: 9.8,
  residualMm: 1e-10,
  linksVerified: true,
  figures: [
    {
      id: "weave-per-100",
      value: 92.9,
      low: 92.9,
      high: 92.9,
      unit: "",
      basis: "EXACT",
      formula: "100 mm / taut cell × rings of a cell",
      worked: "100 / 6.458 × 6 = 92.9",
      source: "",
    },
    {
      id: "weave-taut",
      value: 6.458,
      low: 6.458,
      high: 6.458,
      unit: "mm",
      basis: "THEORY",
      formula: "the longest cell",
      worked: "",
      source: "",
    },
  ],
  notes: [
    { code: "weave-usual", severity: "GOOD", values: { playPercent: 12.4 } },
    { code: "usual-window", severity: "INFO", values: { low: 3.3, high: 4.2 } },
  ],
};

/** One ring about the origin in its own plane, a quarter turn and 3 mm on at each step. */
export const CHAIN: WeavePose = {
  pitchMm: 3,
  atRest: false,
  second: [0, 0, 0],
  turn: Math.PI / 2,
  acrossTurn: 0,
  around: 0,
  rings: [0, 0, 0, 0, 0, 1, 2.4],
};
