/** The usual cautions of the trade, on one page: each caution shown at a step stands here too, with what belongs to it. */
import type { Operation } from "../../api/types";

type Caution = Operation["cautions"][number];

export interface SafetySection {
  name: string;
  /** Shown at steps; told here in the same words. */
  cautions: readonly Caution[];
  more: readonly string[];
}

/** What is done where a caution is shown. */
export const AT: Record<Caution, string> = {
  GLASSES_ENDS_FLY: "Cutting",
  COIL_WHIPS: "A coil let go",
  POWER_WINDING: "Winding under power",
  SAW_BLADE: "Sawing",
  HARD_WIRE_CRACKS: "Hard wire on a small rod",
  CARRIED_WIRE_KINKS: "Winding by hand",
  SHARP_POINTS: "Flush cuts",
  TORCH: "Heating",
  DRILLING: "Drilling",
  HAMMERING: "Hammering",
  GLUE: "Glue",
  SULPHUR: "Colouring",
  TUMBLER: "Tumbling",
  FINGERS_IN_WHEELS: "Crimping wheels",
  WORN_IN_AN_EAR: "In a pierced ear",
};

export const COMES_FIRST =
  "Local rules, your supplier's data sheets and trained instruction come first. This page is no training for a torch, an acid or a machine.";

export const SAFETY: readonly SafetySection[] = [
  {
    name: "Eyes and hands",
    cautions: [
      "GLASSES_ENDS_FLY",
      "SAW_BLADE",
      "COIL_WHIPS",
      "POWER_WINDING",
      "DRILLING",
      "HAMMERING",
      "TUMBLER",
      "FINGERS_IN_WHEELS",
      "SHARP_POINTS",
    ],
    more: [],
  },
  {
    name: "Wire",
    cautions: ["HARD_WIRE_CRACKS", "CARRIED_WIRE_KINKS"],
    more: ["A spool let go unwinds by itself: tie its end."],
  },
  {
    name: "Fire",
    cautions: ["TORCH"],
    more: [
      "A fireproof block, nothing near that burns, an extinguisher at hand. Gas checked for leaks, and off when done. Never leave a flame lit.",
      "Galvanised, cadmium-bearing, coated, plated, enamelled or unknown wire is never heated: its fumes are poisonous. Cadmium-free solder only.",
      "Aluminium, titanium and stainless are not soldered this way.",
    ],
  },
  {
    name: "Pickle",
    cautions: [],
    more: [
      "Acid into water, never water into acid. Warm, not boiling; lid, gloves, glasses, ventilation.",
      "No steel in it: tongs of copper, brass or plastic. Rinse, neutralise, dry. Disposal by local rules.",
    ],
  },
  {
    name: "Patina, glue, sealing",
    cautions: ["SULPHUR", "GLUE"],
    more: ["Sealing and plating by their data sheets; plating baths may be poisonous."],
  },
  {
    name: "Whoever wears it",
    cautions: ["WORN_IN_AN_EAR"],
    more: [
      "Nickel: EU REACH, Annex XVII, entry 27 allows posts in a pierced part 0.2, other lasting contact with skin 0.5 µg/cm²/week (measured by EN 1811).",
      "A necklace that does not break away can strangle, in sleep and at play. Small parts are not for small children.",
    ],
  },
];
