/** A finish in words: what it is, when it is done, to what, and how. */
import type { Finish, FinishLot, FinishWork } from "../../api/types";
import { many } from "../../quantity/format";
import { capital, listed } from "./lists";

interface Words {
  /** As it is asked for: "coloured". */
  asked: string;
  title: string;
  how: string;
}

const WORDS: Record<Finish, Words> = {
  COLOUR: {
    asked: "coloured",
    title: "Colour it",
    how: "Grease off. Warm bath, seconds at a time, to a shade darker than wanted; cold water, baking soda, rinse, dry. A scrap first.",
  },
  RUB_BACK: {
    asked: "rubbed back",
    title: "Rub it back",
    how: "A fine polishing pad over the raised places only, in one direction; what lies deep keeps its dark.",
  },
  TUMBLE: {
    asked: "tumbled",
    title: "Tumble it",
    how: "Steel shot, water to a finger over it, a drop of soap. Rinse and dry at once: bright, and harder at the surface.",
  },
  SEAL: {
    asked: "waxed",
    title: "Wax it",
    how: "Clean, dry, warm from the hand: wax as thin as breath, on the metal, not on cord or pearl; buff it after a few minutes. The data sheet comes first.",
  },
};

export const finishAsked = (finish: Finish): string => WORDS[finish].asked;
export const finishTitle = ({ finish }: Pick<FinishWork, "finish">): string => WORDS[finish].title;
export const finishHow = ({ finish }: Pick<FinishWork, "finish">): string => WORDS[finish].how;

/** "the hook (curled tip) and 3 rings". */
const lotWords = (lots: readonly FinishLot[]): string =>
  listed(lots.map(({ count, what }) => (count === 1 ? `the ${plainly(what)}` : many(count, plainly(what)))));

/** A name within a list has no comma of its own. */
const plainly = (what: string) => what.replace(/, (.*)$/, " ($1)");

const whole = ({ lots }: FinishWork) => lots.filter((lot) => lot.going === "WHOLE");
const unfinished = ({ lots }: FinishWork) =>
  lots.filter((lot) => lot.going === "HALF" || lot.going === "BEFORE_THREADING");

/** What goes in, and what does not; nothing where it is all of it. */
export function finishParts(work: FinishWork): string[] {
  if (work.whole) {
    return [];
  }
  const all = whole(work).length > 0 ? `${capital(lotWords(whole(work)))}.` : "";
  return [all, finishApart(work)].filter(Boolean);
}

/** What is not done as the rest is: parts that are not made yet, since what comes on them does not withstand it. */
export function finishApart(work: FinishWork): string {
  const lots = unfinished(work);
  if (work.whole || lots.length === 0) {
    return "";
  }
  return work.finish === "TUMBLE"
    ? `Not in the barrel, but polished with a cloth: ${lotWords(lots)}.`
    : `As far as made, nylon jaws after: ${lotWords(lots)}.`;
}

/** Small things get lost in a bath. */
export const LOOSE_RINGS = "Loose rings go on a twisted scrap of copper wire.";

/** When it is done, before the piece is begun: "once all is joined", "after 3 of 9 joins". */
export function finishWhen(work: FinishWork, joins: number): string {
  if (work.whole) {
    return joins > 0 ? "once all is joined" : "when it is made";
  }
  return work.joined > 0 ? `after ${work.joined} of ${many(joins, "join")}` : "before anything is joined";
}
