/** What is said of the shelf: kinds, what lots are told by, amounts, moves. What has no word of its own here is called by its id. */
import type { Facts, FactView, StockKindView, StockMove } from "../../api/types";
import { mass, plain, sizeText, wireLength, type Units } from "../../quantity/format";

const KINDS: Record<string, string> = {
  beads: "beads and stones",
  crimps: "crimps and covers",
  punches: "punches and drills",
  formers: "formers and blocks",
  coilers: "winders",
  jigs: "peg boards",
  baths: "baths and tumblers",
};

const FACTS: Record<string, string> = {
  each: "length of one",
  what: "which",
  "grams-each": "weight of one",
  "grams-a-metre": "weight of a metre",
  "loop-inside": "loop, inside",
  "loop-wire": "loop, wire",
  takes: "takes up to",
  from: "came",
  outside: "outside",
  smallest: "from",
  largest: "to",
  marks: "pen marks from the tip",
  tip: "at the tip",
  back: "at the back",
  strands: "strands",
};

/** Why a lot holds more, or less. */
export const MOVED: Record<StockMove["why"], string> = {
  COUNTED: "counted or weighed",
  USED: "used by a run",
  RECEIVED: "came in",
  RETURNED: "came back",
  LOST: "lost or spoilt",
  SPLIT: "cut off as an offcut",
  CUT: "cut",
  CUT_AWAY: "fell away as it was cut",
  WAS_CUT: "was cut before",
  UNDONE: "taken back",
};

const spaced = (id: string) => id.replaceAll("-", " ");

export const kindWord = (id: string): string => KINDS[id] ?? spaced(id);
export const factWord = (id: string): string => FACTS[id] ?? spaced(id);
export const optionWord = (id: string): string => spaced(id);

/** So much of a lot, as its kind is counted. */
export function amountText(measure: StockKindView["measure"], amount: number, units: Units): string {
  return measure === "LENGTH"
    ? wireLength(amount, units)
    : measure === "MASS"
      ? mass(amount)
      : plain(amount, 0);
}

/** The same with its sign, for what came or went. */
export function movedText(measure: StockKindView["measure"], amount: number, units: Units): string {
  return `${amount < 0 ? "−" : "+"}${amountText(measure, Math.abs(amount), units)}`;
}

/** What prices and scales speak of: a metre, a gram, a piece. */
export const priceFor: Record<StockKindView["measure"], string> = {
  LENGTH: "a metre",
  MASS: "a gram",
  PIECES: "a piece",
};

/** One fact as words; empty where it is not said. */
function factText(fact: FactView, value: Facts[string] | undefined, units: Units): string {
  if (value === null || value === undefined) {
    return "";
  }
  if (Array.isArray(value)) {
    return value.map((one) => (typeof one === "number" ? plain(one) : spaced(one))).join(", ");
  }
  if (typeof value === "number") {
    return fact.unit === "mm" ? sizeText(value, units) : `${plain(value)} ${fact.unit}`.trim();
  }
  return fact.options.length > 0 ? spaced(value) : value;
}

/** What a lot is told by, in one line: choices and sizes by themselves, all else by its name. */
export function factsLine(kind: StockKindView, facts: Facts, units: Units): string {
  return kind.facts
    .map((fact) => [fact, factText(fact, facts[fact.id], units)] as const)
    .filter(([fact, text]) => text !== "" && !(fact.id === "loops-open" || fact.id === "links-open"))
    .map(([fact, text]) =>
      fact.type === "CHOICE" || fact.type === "WORD" || fact.type === "CHOICES"
        ? text
        : `${factWord(fact.id)} ${text}`,
    )
    .join(" · ");
}
