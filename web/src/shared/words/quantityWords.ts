/** What can be measured, in words. A quantity without words does not compile. */
import type { Measurable, Quantity } from "../../api/types";

const WORDS: Record<Quantity, string> = {
  COIL_INNER: "inside",
  COIL_OUTER: "outside",
  RING_INNER: "inside",
  RING_OUTER: "outside",
  CUT_LENGTH: "really cut",
  LOOP_INSIDE: "loop, inside",
  WRAPS: "wraps",
  OFFCUT: "offcut",
  MINUTES: "minutes for one",
  FINISHED: "finished, long",
  SHORT: "did not reach, short by",
  FLAT_WIDE: "flat, wide",
  LENGTH: "long, pulled taut",
  WEIGHT: "grams",
  JOINT: "joint, by eye",
  RECALLED: "from memory",
  YIELD: "good rings of this coil",
};

export const measuredWords = (quantity: Quantity): string => WORDS[quantity];

/** Whether it is told in the maker's own unit of length. */
export const isLength = ({ unit }: Pick<Measurable, "unit">): boolean => unit === "mm";

/** Counts and minutes are no lengths. */
export const countsOnly = (quantity: Quantity): boolean =>
  quantity === "WRAPS" || quantity === "MINUTES" || quantity === "WEIGHT" || quantity === "YIELD";

const WORKS: Record<string, string> = {
  WIND: "winding coils",
  CUT: "cutting rings",
  CLOSE: "closing rings",
  OPEN: "opening rings",
  PUT_IN: "putting rings in",
  SOLDER: "soldering",
  HAMMER: "hammering",
  THREAD: "threading beads",
  JOIN: "joining parts",
  COLOUR: "colouring",
  RUB_BACK: "rubbing back",
  TUMBLE: "tumbling",
  SEAL: "waxing",
};

/** What work was timed; the making of a form is called by it elsewhere. */
export const workWords = (work: string): string => WORKS[work] ?? "making one";

/** What was made of a quantity, told apart from others in one table: "coil, inside", "minutes, winding coils". */
export function madeWords(quantity: Quantity, work: string | null): string {
  switch (quantity) {
    case "COIL_INNER":
      return "coil, inside";
    case "YIELD":
      return "good rings of a coil";
    case "RING_INNER":
      return "ring, inside";
    case "MINUTES":
      return `minutes, ${workWords(work ?? "")}`;
    default:
      return WORDS[quantity];
  }
}
