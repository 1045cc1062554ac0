/** What is looked at when a piece is done: what it is, how it is told right, what is done where it is not. */
import type { Check, Finding } from "../../api/types";
import { many, plain, sizeText, type Units } from "../../quantity/format";
import { capital } from "./lists";

interface Words {
  title: (check: Check, again: boolean) => string;
  how: string | ((check: Check, units: Units) => string);
  else: string;
}

const WORDS: Record<Check["kind"], Words> = {
  ON_THE_BODY: {
    title: () => "Hold it to the body",
    how: ({ restMm }, units) =>
      restMm !== null && restMm > 0.05
        ? `Lay it round, still open: the rest of the row adds ${sizeText(restMm, units, 1)}. Measure it pulled taut.`
        : "Lay it round, still open, its ends held together. Does it lie as it should? Measure it, pulled taut.",
    else: "Too long: take a ring or a link out now. Too short: put one in. Nothing is closed yet.",
  },
  LENGTH: {
    title: () => "Measure its length",
    how: "Pulled taut along a ruler, from the inside of the first loop to the inside of the last.",
    else: "Too long: look for a ring or a loop pulled oval, then take a ring out next to the clasp. Too short: look for a twisted loop, then put one in.",
  },
  WEIGHT: {
    title: () => "Weigh it",
    how: "All of it on the scale, nothing else.",
    else: "Far off: another wire or bead than planned went in. Look at the spools' labels.",
  },
  RINGS_FLUSH: {
    title: ({ count }) => `Feel along ${many(count, "ring")}`,
    how: ({ count }) =>
      `Ends flush and in line: draw a thread of wool round ${count === 1 ? "it" : "each"}; it must not catch.`,
    else: "Take it in two pliers, move the ends past each other and back until they meet and spring together.",
  },
  LOOPS_CLOSED: {
    title: ({ part, count }) =>
      `${capital(part)}: look at the ${count > 1 ? `loops, ${count} in all` : "loop"}`,
    how: "Closed, round, and in one plane with the stem.",
    else: "Turn it back on the jaw it was made on. Open and close sideways only.",
  },
  WRAPS_EQUAL: {
    title: ({ part, count }) => `${capital(part)}: compare the wraps${count > 1 ? `, ${count} in all` : ""}`,
    how: "As many turns on each, tight against each other, the end pressed down.",
    else: "Press a standing end down with flat pliers. One turn too few is seen: make that part again.",
  },
  ENDS_SMOOTH: {
    title: ({ part, count }) => `${capital(part)}: feel the ends${count > 1 ? ` of all ${count}` : ""}`,
    how: "Draw it over the back of your hand: nothing scratches.",
    else: "File and round the end, from the outside in.",
  },
  CRIMPS_HOLD: {
    title: ({ count }) => `Pull at ${many(count, "crimp")}`,
    how: "A firm pull with two fingers; the strand does not move in it.",
    else: "Cut it off and crimp anew with a new one: a crimp pressed twice breaks.",
  },
  MOVES_FREELY: {
    title: ({ count }) => (count > 1 ? `Move all ${count} joints` : "Move the joint"),
    how: "Hung from one end and shaken, every part falls into its place.",
    else: "A ring too small for its neighbours binds: change it for the next size.",
  },
  CLASP_HOLDS: {
    title: () => "Close the clasp and pull",
    how: "It closes with one hand, and a firm pull does not open it.",
    else: "Close the hook's mouth a little, harden it with a few taps, or give it a smaller eye.",
  },
  COLOUR_EVEN: {
    title: () => "Look at its colour",
    how: "In daylight, from all sides: as dark and as even as you want it, no bare place where fingers held it.",
    else: "Wipe off wax and grease, dip again what is too light; rub back what is too dark.",
  },
  PAIR_MIRRORED: {
    title: (_, again) => `Hold the two side by side, seen from ${again ? "behind" : "the front"}`,
    how: "Mirror images: the same way up, loops turned away from each other alike.",
    else: "Turn the one that looks the wrong way; one wound the same way as its twin is made again.",
  },
};

/** @param again of the second of a pair, looked at after the first */
export const checkTitle = (check: Check, again = false): string => WORDS[check.kind].title(check, again);
export function checkHow(check: Check, units: Units): string {
  const { how } = WORDS[check.kind];
  return typeof how === "string" ? how : how(check, units);
}
export const checkElse = ({ kind }: Check): string => WORDS[kind].else;

/** A figure of a check in the maker's unit: "172.4 mm", "9.3 g", "3 turns". */
export function checkFigure({ unit }: Pick<Check, "unit">, value: number, units: Units): string {
  switch (unit) {
    case "mm":
      return sizeText(value, units, 1);
    case "g":
      return `${plain(value, 2)} g`;
    default:
      return many(value, "turn");
  }
}

/** "0.6 mm too long", "as planned within 0.4 mm". */
export function foundWords(check: Check, one: Finding["found"][number], units: Units): string {
  const off = checkFigure(check, Math.abs(one.off), units);
  const way = check.kind === "WEIGHT" ? ["too heavy", "too light"] : ["too long", "too short"];
  return one.passes ? `within what is allowed, ${off} off` : `${off} ${one.off > 0 ? way[0] : way[1]}`;
}

/** "the two are 0.3 mm apart: a pair"; empty until both are measured. */
export function apartWords({ apart, matches, check }: Finding, units: Units): string {
  return apart === null
    ? ""
    : `The two are ${checkFigure(check, apart, units)} apart: ${matches ? "a pair" : "not a pair yet"}.`;
}
