/** Codes turned into a colleague's sentences. The one place for words about judgements, cautions and refusals. */
import type { Caution, CutData, RingJobData, StepKind, WeaveView } from "../../api/types";
import { capital, listed } from "./lists";
import { plain } from "../../quantity/format";

export function windingWord(winding: RingJobData["winding"]): string {
  return {
    TURNED: "rod turned by hand",
    POWERED: "rod turned by drill",
    CARRIED: "wire carried round",
  }[winding];
}

export function cutWord(cut: CutData): string {
  if (cut.method === "saw") {
    return `saw, kerf ${plain(cut.kerfMm ?? 0)}`;
  }
  if (cut.method === "flush") {
    return cut.flipped === false ? "cutters, not flipped" : `cutters, trim ${plain(cut.trimMm ?? 0)}`;
  }
  return "not cut";
}

/** Beyond this a ring is a hoop or a link: no weave holds its shape with it. */
const HOOP_FROM = 9;

const SITS: Record<NonNullable<WeaveView["fit"]>, string> = {
  WILL_NOT_CLOSE: "would not close",
  ON_THE_EDGE: "would be on the edge",
  TIGHT: "would be tight",
  USUAL: "drapes",
  LOOSE: "would hang loose",
  FLOPPY: "would be floppy",
};

/**
 * What this ring is good for, as solved: where it drapes, what habit takes it for besides, and the nearest thing on the shelf for what it
 * does not suit.
 */
export function weaveWords(
  weaves: readonly WeaveView[],
  ring: { aspectRatio: number; nominalAspectRatio: number },
): { good: string | null; habit: string | null; other: string | null } {
  if (ring.aspectRatio > HOOP_FROM) {
    return {
      good: null,
      habit: "So wide for its wire it is a hoop or a link, not a ring for weaving.",
      other: null,
    };
  }
  const good = weaves.filter((weave) => weave.fit === "USUAL");
  const habit = weaves.filter(
    (weave) =>
      weave.fit !== null &&
      weave.fit !== "USUAL" &&
      ring.nominalAspectRatio >= weave.low &&
      ring.nominalAspectRatio <= weave.high,
  );
  const cured = weaves.filter((weave) => weave.fit !== "USUAL" && weave.betterMandrelMm !== null);
  const pick = cured.find((weave) => weave.id === "byzantine") ?? cured[0];
  return {
    good:
      good.length > 0
        ? `Drapes in ${listed(good.slice(0, 5).map((weave) => weave.name))}.`
        : weaves.some((weave) => weave.fit !== null)
          ? "No weave on the ladder drapes with such a ring."
          : "The weaves are being solved.",
    habit:
      habit.length === 0
        ? null
        : `Habit also takes it for ${listed(habit.slice(0, 3).map((weave) => `${weave.name} (it ${SITS[weave.fit!]})`))}.`,
    other: pick?.fit
      ? `${capital(pick.name)} ${SITS[pick.fit]}: take the ${plain(pick.betterMandrelMm!)} rod.`
      : null,
  };
}

export function stepTitle(kind: StepKind): string {
  return {
    WIND: "Wind the coil",
    SPRING_BACK: "Let it spring back",
    SLIDE_OFF: "Slide it off",
    MEASURE_COIL: "Measure the coil",
    CUT: "Cut the rings",
    CLOSE: "Close them",
    MEASURE_RINGS: "Measure the rings",
  }[kind];
}

export function cautionWords(caution: Caution): string {
  return {
    GLASSES_ENDS_FLY: "Glasses on: cut ends fly. Hold both sides of the cut.",
    COIL_WHIPS: "Keep hold of the end: a hard coil whips as it lets go.",
    POWER_WINDING: "Slow speed, no gloves, hair and sleeves back.",
    SAW_BLADE: "Glasses on, fingers off the line: blades break. Hold the last rings in parallel pliers.",
    HARD_WIRE_CRACKS: "This wire is hard for so small a rod: anneal it first.",
    CARRIED_WIRE_KINKS: "Carried round, wire twists: about 1.5 m at a time, and let it turn in the hand.",
    SHARP_POINTS: "The pointed ends are sharp: turn them inward or trim them.",
    TORCH:
      "Torch: ventilate, bare bench, hair and sleeves back, water at hand. Quench before touching. Never heat plated, coated or unknown wire.",
    DRILLING: "Glasses on. Small work in a clamp, never in fingers.",
    HAMMERING: "Glasses and hearing. Outer curves, never crossings.",
    GLUE: "Ventilate, and mind the supplier's data sheet.",
    SULPHUR: "Ventilate, gloves and glasses. No acid near it: together they give a poisonous gas.",
    TUMBLER: "Hearing, lid shut fast, plug out before you open it.",
    FINGERS_IN_WHEELS: "Fingers clear: toothed wheels draw them in.",
    WORN_IN_AN_EAR:
      "Round and smooth, nothing that scratches. Nickel release: EN 1811 sets 0.2 µg/cm²/week for a pierced ear.",
  }[caution];
}
