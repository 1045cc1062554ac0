/** Words about forms: steps, judgements, ends. The codes are the core's. */
import type { Expected, FormJobData, FormStep, FormStepKind, Note } from "../api/types";
import { many, plain, sizeText, type Units } from "../quantity/format";
import { capital, noteWords } from "./words";

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

/** What to do, in one or two sentences. */
export function formStepWords(step: FormStep, units: Units): string {
  const grip = step.goesOn
    ? "Go on where the last bend ends"
    : step.fromMiddleMm !== null
      ? step.fromMiddleMm < AT_THE_MARK_MM
        ? "Grip at the middle mark"
        : `Grip ${sizeText(step.fromMiddleMm, units, 1)} from the middle mark`
      : step.gripMm !== null
        ? `Grip at the ${sizeText(step.gripMm, units, 1)} mark`
        : "";
  const held =
    step.heldDegrees !== null && step.degrees !== null && step.heldDegrees - step.degrees >= 1
      ? `bend to ${plain(step.heldDegrees, 0)}°, it springs back to ${plain(step.degrees, 0)}°`
      : step.degrees !== null
        ? `bend ${plain(step.degrees, 0)}°`
        : "";
  switch (step.kind) {
    case "CUT":
      return "Draw the wire straight, cut with the flush face to the piece. Equal pieces together.";
    case "STRAIGHTEN":
      return "Roll it under a hardwood block, or draw it through nylon jaws, until it lies without rocking.";
    case "HARDEN":
      return "Twist it in the hand drill, slowly, while you pull; stop before it kinks. Cut the gripped ends off.";
    case "MARK":
      return "Set every mark on the strip below before bending anything.";
    case "LEAVE":
      return "Nothing to bend here: the next grip is at its end.";
    case "BEND":
    case "FOLD":
      return `${grip}, in the strong back of the jaw: ${held}.`;
    case "LOOP":
    case "FORM":
      return `${grip}; ${held}. ${toolWords(step, units)} Look that it is round and in plane.`;
    case "WRAP":
      return `Hold the loop flat across in flat jaws. ${plain(step.turns ?? 0, 1)} turns, each close to the last; tuck the end in.`;
    case "COIL":
      return `${woundWords(step)}, tight against the last one. ${toolWords(step, units)}`;
    case "SPIRAL":
      return `Begin with the tips, then hold the spiral flat and push: ${plain(step.turns ?? 0, 2)} turns.`;
    case "BALL":
      return `This much wire melts into the ball. Hold it upright in the flame's tip.`;
    case "THREAD":
      return `On now, before it is closed: ${step.part}.`;
    case "TRIM":
      return "Flush face to the work; hold both sides of the cut. Look and feel for a sharp end.";
    case "FILE":
      return "Round and smooth, nothing a thread or fingertip catches on.";
    case "BIND":
      return `This stretch takes that much wire. ${capital(step.part)}.`;
    case "HAMMER":
      return step.flat
        ? `Up to the mark: ${sizeText(step.lengthMm, units, 1)} of wire become about ${sizeText(step.flat.longMm, units, 1)}, ${sizeText(step.flat.wideMm, units, 1)} wide. A little at a time; anneal when it stiffens.`
        : "On the outer curves, a little at a time, never on a crossing; anneal when it stiffens.";
    case "DRILL":
      return "Round the end, punch, drill, deburr, then texture.";
    case "SOLDER":
      return "Ends filed to meet; flux; solder runs to the hotter side. Quench, pickle, rinse, dry.";
    case "STRETCH":
      return "Pull evenly from both ends; anneal again when stiff.";
    case "PRESS":
      return "In a channel as wide as the band shall be, a little at a time; push so that the outer turns all lean one way.";
    case "ANNEAL":
      return "Even heat to a dull glow in shaded light, quench, pickle, rinse, dry. It gives again.";
    case "CRIMP":
      return "Feed straight through the toothed wheels, no twist.";
    case "DOME":
      return step.part.includes("hollow")
        ? "Lay it in the hollow of a block, the punch on it; tap from the rim inward, then one hollow smaller."
        : "Press the middle over a round jaw until it sits on its bead.";
    case "TWIST":
      return "Spread the turns evenly, then true them with the fingers.";
    case "GLUE":
      return "A drop inside, wipe, leave a day.";
  }
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
export function expectedWords(expected: Expected): string {
  return expected.measurements === 0
    ? "the band is common practice until five are measured"
    : `the band is where 19 in 20 of yours fall, from ${expected.measurements}`;
}

/** Turns as wound on the rod, where they open to noticeably fewer. */
function woundWords(step: FormStep): string {
  const turns = step.turns ?? 0;
  const wound = step.heldDegrees === null ? turns : step.heldDegrees / 360;
  return wound - turns < 0.1
    ? `${plain(turns, 1)} turns`
    : `${plain(wound, 1)} turns on the rod, which open to ${plain(turns, 1)}`;
}

/** A judgement on a form, as a sentence. */
export function formNoteWords(note: Note, units: Units): string {
  const v = note.values as Record<string, number>;
  const mm = (key: string, decimals = 2) => sizeText(v[key] ?? 0, units, decimals);
  switch (note.code) {
    case "passes-through":
      return note.values.what === "BEAD_IN_BEAD"
        ? `The beads lie ${mm("depthMm")} in one another: smaller beads, or more room between them.`
        : note.values.what === "WIRE_IN_BEAD"
          ? `The wire would lie ${mm("depthMm")} in a bead, ${mm("atMm", 1)} along. Make room there: a smaller bead, a longer neck, thinner wire.`
          : `The wire would pass through itself ${mm("atMm", 1)} along, by ${mm("depthMm")}. Make room there: a larger loop, a longer neck, thinner wire.`;
    case "bead-hole-small":
      return `The bead does not go on: its ${mm("holeMm")} hole must take ${v.passes === 1 ? "one pass" : `${v.passes} passes`} of ${mm("wireMm")} wire, ${mm("neededMm")}. Thinner wire or another bead.`;
    case "bead-hole-bow":
      return `The bead does not go round the bow: over its ${mm("longMm", 1)} the wire rises, so its ${mm("holeMm")} hole needs ${mm("neededMm")}. A shorter bead, a larger hole, thinner wire.`;
    case "wraps-do-not-fit":
      return `${v.wraps} wraps need a neck of ${mm("needMm")}; this one has ${mm("neckMm")}.`;
    case "plain-loop-holds":
      return `An open loop in this wire holds ${plain(v.staysOpenN!, 1)} N (${plain(v.staysOpenGf!, 0)} g) before it stays open.`;
    case "plain-loop-opens":
      return `A plain loop stays open from ${plain(v.staysOpenN!, 1)} N (${plain(v.staysOpenGf!, 0)} g) in this wire: fine for light work, wrap it for more.`;
    case "rule-always-wrap":
      return `Your rule is to wrap every loop. Left plain, this one stays open from ${plain(v.staysOpenN!, 1)} N (${plain(v.staysOpenGf!, 0)} g).`;
    case "rule-plain-from":
      return `Your rule is plain loops from ${mm("fromMm")} wire up; this is ${mm("wireMm")}. Left plain, it stays open from ${plain(v.staysOpenN!, 1)} N (${plain(v.staysOpenGf!, 0)} g).`;
    case "usual-plain-from":
      return `The usual advice is plain loops from ${mm("fromMm")} wire up, some say 0.8; this is ${mm("wireMm")}. Left plain, it stays open from ${plain(v.staysOpenN!, 1)} N (${plain(v.staysOpenGf!, 0)} g). Preferences ask for your own rule.`;
    case "wrap-this-loop":
      return `At ${mm("wireMm")} an open loop lets go: wrap it.`;
    case "spiral-wider-than-bead":
      return `The spiral is ${mm("widthMm", 1)} across, wider than its ${mm("beadMm", 1)} bead.`;
    case "toggle-falls-through":
      return `A ${mm("barMm", 1)} bar falls back through a ${mm("ringMm", 1)} ring: make it ${mm("betterMm", 1)}.`;
    case "toggle-does-not-pass":
      return `The bar cannot pass on end: with what follows it needs ${mm("needsMm", 1)}, the ring has ${mm("ringMm", 1)}.`;
    case "eye-too-small":
      return `The hook does not go through a ${mm("eyeMm")} eye: ${mm("neededMm")} at least.`;
    case "nothing-goes-through":
      return `What it carries is ${mm("throughMm")} thick and does not go through a ${mm("insideMm")} loop: ${mm("neededMm")} at least.`;
    case "cord-end-loose":
      return `Wound on ${mm("rodMm")} it springs to ${mm("insideMm")} and slides off a ${mm("cordMm")} cord: wind it on a little less.`;
    case "chain-long":
      return `${many(v.links!, "link")} hang ${mm("lengthMm", 1)} long, taut, from loop to loop inside.`;
    case "springs-off":
      return `On a ${mm("toolMm")} tool it springs to ${mm("insideMm")} inside.`;
    case "coil-too-tight":
      return `Sprung to ${mm("insideMm")} inside it does not slide onto ${mm("onMm")}: wind it on ${mm("rodMm")} or a little more.`;
    case "link-too-short":
      return `The link is too short to turn up: ${mm("neededMm", 1)} at least.`;
    case "ear-wire-thick":
      return `${mm("wireMm")} is thick for an ear: ${mm("mostMm")} is the usual most, 0.7 better for many.`;
    case "flat-too-narrow":
      return `Hammered so, the flat is ${mm("wideMm")} wide; a ${mm("holeMm")} hole with 1 mm around it needs ${mm("neededMm")}. Hammer to ${mm("thickMm")}, or take a finer ring.`;
    case "flat-grows":
      return (
        `Hammered to ${mm("thickMm")}, ${mm("tookMm", 1)} of wire become a flat about ${mm("longMm", 1)} long and ${mm("wideMm", 1)} wide: approximate, measure the first one.` +
        (v.holeMm ? ` Drill ${mm("holeMm")}.` : "")
      );
    case "wheels-take":
      return `Toothed wheels take ${mm("fromMm", 1)} to ${mm("toMm", 1)}; this wire is ${mm("wireMm")}.`;
    case "crimp-shortens":
      return `Crimped it is ${mm("longMm", 0)} long, ${plain(100 * (v.share ?? 0), 0)} % of its wire.`;
    case "coil-on-coil-longer":
      return `Finished about ${mm("lengthMm", 1)} long, between ${mm("lowMm", 1)} and ${mm("highMm", 1)} by how loosely it is bent; the least it can be is ${mm("leastMm", 1)}. The core is cut for the longest. Measure the first one made and the rest are planned by it.`;
    case "fine-turns-stagger":
      return `On the inside of the bend the fine turns lean and stagger; drawn they lie evenly, through one another there. Side by side in one layer they would need ${plain(v.oneLayerPercent!, 0)} % more than the least.`;
    case "small-beads":
      return `${v.least === v.each ? v.each : `${v.least} to ${v.each}`} small beads over each big one, ${v.all} in all.`;
    case "bead-in-wave":
      return `Between the waves there is room for ${mm("mostMm", 1)}, not for a bead of ${mm("beadMm", 1)}: smaller beads, or higher waves.`;
    case "head-goes-through":
      return `The head is ${mm("headMm")} wide and goes through a ${mm("holeMm")} hole: a smaller hole beside it, or another end.`;
    case "small-bead-large":
      return `Beads of ${mm("smallMm", 1)} make no arc over one of ${mm("beadMm", 1)}: up to ${mm("mostMm", 1)}.`;
    case "turns-crowd":
      return `${v.turns} turns of ${mm("wireMm")} take ${mm("needMm", 1)}, a wave is ${mm("waveMm", 1)}: finer binding wire or longer waves.`;
    case "beads-crowd":
      return `Beads of ${mm("beadMm", 1)} do not lie side by side in waves of ${mm("waveMm", 1)}: beads up to ${mm("waveMm", 1)}, or longer waves.`;
    case "course-by-hand":
      return `The ${String(note.values.wire)} takes its exact course by hand: its length counts, its drawing is only near${v.depthMm ? `, up to ${mm("depthMm")} inside what it lies on` : ""}.`;
    case "wound-wider":
      return `Wind the coils on ${mm("rodMm")}: pressed narrower by ${plain(v.narrowerPercent!, 0)} % they are ${mm("insideMm")} across.`;
    case "too-springy-beyond":
      return `This wire only flexes on anything larger than ${mm("largestMm", 1)}: anneal it for wide bends.`;
    case "crosses-itself":
      return `It crosses itself ${v.places === 1 ? "once" : `${v.places} times`}, lifted there by the wire's ${mm("wireMm")}: ${
        {
          LATER_OVER: "what comes later passes over",
          LATER_UNDER: "what comes later passes under",
          IN_TURN: "what comes later passes over and under in turn",
        }[String(note.values.rule)] ?? ""
      }. Bend it flat, then ease one pass over the other.`;
    case "also-annealed":
      return "Annealed, it bends and springs back as dead soft wire by the handbook; what your coils taught was of the wire as bought.";
    case "also-hardened":
      return "Twisted hard, it is reckoned one temper harder than bought: our estimate. Measure the first bend.";
    case "also-soldered":
      return `${capital(many(v.joints!, "joint"))} to solder: a chip of about 2 mm of strip for each.`;
    case "also-soldered-beads":
      return "No bead withstands the torch: solder before anything is threaded, or leave it open.";
    case "also-hammered":
      return "Keep off the crossings and the last millimetres beside a loop; hammering opens loops a little, close them again.";
    case "also-domed":
      return "It is drawn flat. Doming takes nothing from the wire; over all it comes out a little narrower: measure the first.";
    case "anneal-first":
      return `The tightest bend stretches the outside by ${plain(v.strainPercent!, 0)} %: anneal first, or it may crack.`;
    default:
      return noteWords(note, units);
  }
}

export function handWord(hand: FormJobData["hand"]): string {
  return { RIGHT: "right", LEFT: "left", PAIRS: "mirrored pairs" }[hand];
}

export function rhythmWord(rhythm: FormJobData["rhythm"]): string {
  return {
    BATCH: "one operation over all",
    TANDEM: "two in tandem",
    ONE_BY_ONE: "one piece at a time",
  }[rhythm];
}

export function cuttingWord(cutting: FormJobData["cutting"]): string {
  return { PRE_CUT: "pre-cut lengths", FROM_SPOOL: "from the spool" }[cutting];
}
