/** Words about forms: steps, judgements, ends. The codes are the core's. */
import type { Expected, FormJobData, FormStep, FormStepKind } from "../../api/types";
import { plain, sizeText, type Units } from "../../quantity/format";
import { capital } from "./lists";

const VERBS: Record<FormStepKind, string> = {
  CUT: "Cut the wire",
  STRAIGHTEN: "Straighten it",
  HARDEN: "Twist it hard",
  MARK: "Mark it",
  LEAVE: "Leave straight",
  BEND: "Bend",
  LOOP: "Turn the loop",
  WRAP: "Wrap",
  COIL: "Coil",
  SPIRAL: "Curl the spiral",
  FORM: "Form",
  FOLD: "Fold",
  THREAD: "Thread on",
  BALL: "Ball the end",
  DOME: "Dome it",
  STRETCH: "Stretch it",
  PRESS: "Press it narrower",
  ANNEAL: "Anneal",
  CRIMP: "Crimp",
  BIND: "Bind",
  HAMMER: "Hammer",
  DRILL: "Drill",
  SOLDER: "Solder",
  TWIST: "Fan and true",
  TRIM: "Trim the ends",
  FILE: "File the ends",
  GLUE: "Glue",
};

/** Steps whose part says more than a name. */
const PART_IS_PLACE: readonly FormStepKind[] = [
  "LEAVE",
  "BEND",
  "WRAP",
  "COIL",
  "FOLD",
  "BIND",
  "CRIMP",
  "STRAIGHTEN",
  "HARDEN",
  "ANNEAL",
];

export function formStepTitle(step: FormStep): string {
  if (step.kind === "FORM") {
    return step.part.includes(" ") ? capital(step.part) : `Form the ${step.part}`;
  }
  return VERBS[step.kind];
}

/** Which part, which wire. */
export function formStepPart(step: FormStep, wires: number): string {
  const wire = wires > 1 && step.wire ? `, ${step.wire}` : "";
  switch (step.kind) {
    case "CUT":
      return `${step.part.replace("straight", "straightened")}${wire}`;
    case "MARK":
      return step.part === "middle" ? `the middle first${wire}` : `from the first end${wire}`;
    case "FORM":
      return wire.slice(2);
    default:
      return step.part + (PART_IS_PLACE.includes(step.kind) || wires > 1 ? wire : "");
  }
}

/** The number that matters in a step, with its unit. */
export function formStepNumber(
  step: FormStep,
  cutMm: number,
  units: Units,
): { value: number; unit: string; decimals: number; length: boolean } | null {
  const mm = (value: number, decimals = 1) => ({
    value,
    unit: units === "INCHES" ? "in" : "mm",
    decimals,
    length: true,
  });
  switch (step.kind) {
    case "CUT":
      return mm(cutMm);
    case "LEAVE":
    case "CRIMP":
    case "BALL":
      return mm(step.lengthMm);
    case "LOOP":
    case "FORM":
    case "COIL":
      if (step.ownToolMm !== null || step.toolMm !== null) {
        return mm(step.ownToolMm ?? step.toolMm!, 2);
      }
      break;
    case "WRAP":
    case "SPIRAL":
      if (step.turns !== null) {
        return { value: step.turns, unit: "turns", decimals: 2, length: false };
      }
      break;
    case "SOLDER":
      return step.turns === null ? null : { value: step.turns, unit: "joints", decimals: 0, length: false };
    case "BIND":
      return mm(step.lengthMm, 0);
    case "HAMMER":
      return step.flat && mm(step.flat.thickMm, 2);
    default:
      break;
  }
  const degrees = step.heldDegrees ?? step.degrees;
  return degrees === null ? null : { value: degrees, unit: "°", decimals: 0, length: false };
}

/** Nearer than this nobody can grip beside a mark. */
const AT_THE_MARK_MM = 0.15;

/** Of a wire worked from its middle, as it lies on the strip: the first cut end to the left. */
const HALVES = { FIRST: "left", SECOND: "right" } as const;

/** Where to take hold of the wire. */
function gripWords(step: FormStep, units: Units): string {
  const half = step.half && HALVES[step.half];
  if (step.goesOn) {
    return half ? `On the ${half} half, go on where its last bend ends` : "Go on where the last bend ends";
  }
  if (step.fromMiddleMm !== null) {
    if (step.fromMiddleMm < AT_THE_MARK_MM) {
      return half ? `Grip at the middle mark, for the ${half} half` : "Grip at the middle mark";
    }
    return `Grip ${sizeText(step.fromMiddleMm, units, 1)} ${half ? `${half} of` : "from"} the middle mark`;
  }
  return step.gripMm === null ? "" : `Grip at the ${sizeText(step.gripMm, units, 1)} mark`;
}

/** How far to bend, and how far it springs back from there. */
function bendWords({ heldDegrees, degrees }: FormStep): string {
  if (heldDegrees !== null && degrees !== null && heldDegrees - degrees >= 1) {
    return `bend to ${plain(heldDegrees, 0)}°, it springs back to ${plain(degrees, 0)}°`;
  }
  return degrees === null ? "" : `bend ${plain(degrees, 0)}°`;
}

type Said = (step: FormStep, units: Units) => string;

const bent: Said = (step, units) => {
  const grip = gripWords(step, units);
  return grip === ""
    ? "With the tips of the jaw, a little at a time."
    : `${grip}, in the strong back of the jaw: ${bendWords(step)}.`;
};

const turned: Said = (step, units) =>
  `${gripWords(step, units)}; ${bendWords(step)}. ${toolWords(step, units)} Look that it is round and in plane.`;

const hammered: Said = (step, units) =>
  step.flat
    ? `Up to the mark: ${sizeText(step.lengthMm, units, 1)} of wire become about ${sizeText(step.flat.longMm, units, 1)}, ${sizeText(step.flat.wideMm, units, 1)} wide. A little at a time; anneal when it stiffens.`
    : "On the outer curves, a little at a time, never on a crossing; anneal when it stiffens.";

const domed: Said = (step) =>
  step.part.includes("hollow")
    ? "Lay it in the hollow of a block, the punch on it; tap from the rim inward, then one hollow smaller."
    : "Press the middle over a round jaw until it sits on its bead.";

const STEP_WORDS: Record<FormStep["kind"], string | Said> = {
  CUT: "Draw the wire straight, cut with the flush face to the piece. Equal pieces together.",
  STRAIGHTEN: "Roll it under a hardwood block, or draw it through nylon jaws, until it lies without rocking.",
  HARDEN:
    "Twist it in the hand drill, slowly, while you pull; stop before it kinks. Cut the gripped ends off.",
  MARK: "Set every mark on the strip below before bending anything.",
  LEAVE: "Nothing to bend here: the next grip is at its end.",
  BEND: bent,
  FOLD: bent,
  LOOP: turned,
  FORM: turned,
  WRAP: (step) =>
    `Hold the loop flat across in flat jaws. ${plain(step.turns ?? 0, 1)} turns, each close to the last; tuck the end in.`,
  COIL: (step, units) => `${woundWords(step)}, tight against the last one. ${toolWords(step, units)}`,
  SPIRAL: (step) =>
    `Begin with the tips, then hold the spiral flat and push: ${plain(step.turns ?? 0, 2)} turns.`,
  BALL: "This much wire melts into the ball. Hold it upright in the flame's tip.",
  THREAD: "On now, before the end is closed.",
  TRIM: "Flush face to the work; hold both sides of the cut. Look and feel for a sharp end.",
  FILE: "Round and smooth, nothing a thread or fingertip catches on.",
  BIND: "This stretch takes that much wire.",
  HAMMER: hammered,
  DRILL: "Round the end, punch, drill, deburr, then texture.",
  SOLDER: "Ends filed to meet; flux; solder runs to the hotter side. Quench, pickle, rinse, dry.",
  STRETCH: "Pull evenly from both ends; anneal again when stiff.",
  PRESS:
    "In a channel as wide as the band shall be, a little at a time; push so that the outer turns all lean one way.",
  ANNEAL: "Even heat to a dull glow in shaded light, quench, pickle, rinse, dry. It gives again.",
  CRIMP: "Feed straight through the toothed wheels, no twist.",
  DOME: domed,
  TWIST: "Spread the turns evenly, then true them with the fingers.",
  GLUE: "A drop inside, then wipe off what comes out.",
};

/** What to do, in one or two sentences. */
export function formStepWords(step: FormStep, units: Units): string {
  const words = STEP_WORDS[step.kind];
  return typeof words === "string" ? words : words(step, units);
}

function toolWords(step: FormStep, units: Units): string {
  if (step.toolMm === null) {
    return "";
  }
  if (step.ownTool !== null && step.ownInsideMm !== null) {
    return `Your ${step.ownTool} leaves ${sizeText(step.ownInsideMm, units)} inside; ${sizeText(step.toolMm, units)} would be exact.`;
  }
  return `Look for a jaw or rod of ${sizeText(step.toolMm, units)}: it leaves ${sizeText(step.insideMm ?? 0, units)} inside.`;
}

/** What a band about a plan rests on. */
/** From so many on a maker's own outweigh common practice by far. */
const OWN = 20;

export function expectedWords(expected: Expected): string {
  return expected.measurements === 0
    ? "the band is common practice until some are measured"
    : `the band is where 19 in 20 are expected, from ${expected.measurements} of yours${
        expected.measurements < OWN ? " and common practice" : ""
      }`;
}

/** Turns as wound on the rod, where they open to noticeably fewer. */
function woundWords(step: FormStep): string {
  const turns = step.turns ?? 0;
  const wound = step.heldDegrees === null ? turns : step.heldDegrees / 360;
  return wound - turns < 0.1
    ? `${plain(turns, 1)} turns`
    : `${plain(wound, 1)} turns on the rod, which open to ${plain(turns, 1)}`;
}

export function handWord(hand: FormJobData["hand"]): string {
  return { RIGHT: "right", LEFT: "left", PAIRS: "mirrored pairs" }[hand];
}

export function rhythmWord(rhythm: FormJobData["rhythm"]): string {
  return {
    BATCH: "one operation over all",
    TANDEM: "two in tandem",
    ONE_BY_ONE: "one copy at a time",
    FIRST_ALONE: "the first one alone, then the rest by it",
  }[rhythm];
}

export function cuttingWord(cutting: FormJobData["cutting"]): string {
  return { PRE_CUT: "pre-cut lengths", FROM_SPOOL: "from the spool" }[cutting];
}
