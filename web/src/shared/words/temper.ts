import type { Temper } from "../../api/types";

export function temperWord(temper: Temper): string {
  return { DEAD_SOFT: "dead soft", HALF_HARD: "half hard", HARD: "hard", SPRING: "spring" }[temper];
}
