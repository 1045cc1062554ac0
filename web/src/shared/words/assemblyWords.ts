/** Steps of an assembly in words, and the letters its rings are called by. */
import type { PatchStep } from "../../api/types";
import { letter } from "../../drawing/patch";
import { many } from "../../quantity/format";
import { listed } from "./lists";

const FACING = 25;
const ON_EDGE = 65;

/** What happens, in a few words. */
export function stepHead(step: PatchStep): string {
  if (step.closed) {
    return "Lay a closed ring down";
  }
  const through = step.through.length;
  const taken = step.pickUp.length;
  const way =
    taken === 0 ? `hrough ${many(through, "ring")}` : `hrough ${through}, take ${taken} closed along`;
  return step.over.length === 0 ? `T${way}` : `Slip ${many(step.over.length, "captive")} on, then t${way}`;
}

/** Letters of the rings a step goes through, in turn from its opening. */
export function lettersOf(step: PatchStep): Map<number, string> {
  return new Map(step.passages.map((passage, at) => [passage.ring, letter(at)]));
}

/** The way its open end goes, and how the ring lies. */
export function stepWay(step: PatchStep): string {
  const lies =
    step.leanDegrees < FACING
      ? "It lies facing you"
      : step.leanDegrees > ON_EDGE
        ? "It stands on edge"
        : "It leans";
  if (step.closed) {
    return `${lies}. What comes next goes through it.`;
  }
  const letters = lettersOf(step);
  const runs: { towards: boolean; names: string[] }[] = [];
  for (const passage of step.passages) {
    const last = runs[runs.length - 1];
    if (last && last.towards === passage.towards) {
      last.names.push(letters.get(passage.ring)!);
    } else {
      runs.push({ towards: passage.towards, names: [letters.get(passage.ring)!] });
    }
  }
  const way = runs.map(
    (run) => `${run.towards ? "towards you" : "away from you"} through ${listed(run.names)}`,
  );
  const captives =
    step.over.length === 0
      ? ""
      : ` ${step.over.length === 1 ? "The captive lies" : "Each captive lies"} round the place where they link.`;
  return `${lies}. From its opening, anticlockwise: ${way.join(", then ")}.${captives} Close it.`;
}
