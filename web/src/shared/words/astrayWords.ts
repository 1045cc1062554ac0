/** What fails at the bench and what is passed by, in words. */
import type { Skipped, Spoilt } from "../../api/types";

/** In the order they are offered. */
export const SPOILT: Record<Spoilt["why"], string> = {
  BROKE: "it broke",
  BENT_WRONG: "bent wrong",
  MARKED: "marked by a tool",
  WRONG_SIZE: "wrong size",
  MELTED: "it melted",
  LOST: "lost",
  OTHER: "something else",
};

export const SKIPPED: Record<Skipped["why"], string> = {
  NOT_NEEDED: "not needed here",
  DONE_BEFORE: "done already",
  NO_TOOL: "no tool for it",
  LATER: "later",
  OTHER: "another reason",
};

/** The reason alone, or the maker's own words where they say more. */
export const reasonWords = <W extends string>(words: Record<W, string>, why: W, said: string): string =>
  said.trim() === "" ? words[why] : why === "OTHER" ? said.trim() : `${words[why]}, ${said.trim()}`;
