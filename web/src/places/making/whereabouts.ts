import type { RunData, WorkPlan } from "../../api/types";
import { placeOf, type Place } from "./rhythm";

/** "cut, step 5 of 12, coil 1 of 2", "form, step 3 of 9, all 8 copies", "join, ring 27 of 50". */
export function whereabouts(run: RunData, place: Place = placeOf(run.plan, run)): string {
  const { operation } = place;
  if (!operation) {
    return "done";
  }
  const stage = operation.stage.toLowerCase();
  const { detail } = operation;
  if (detail.family === "weaving") {
    return {
      CLOSE_FIRST: `${stage}, closing beforehand`,
      OPEN_FIRST: `${stage}, opening beforehand`,
      PUT_IN: `${stage}, ring ${place.count + 1} of ${place.times}`,
    }[detail.kind];
  }
  const step = `${stage}, step ${place.index + 1} of ${run.plan.operations.length}`;
  if (detail.family === "rings") {
    return `${step}${detail.coil > 0 && detail.coils > 1 ? `, coil ${detail.coil} of ${detail.coils}` : ""}`;
  }
  if (detail.family === "forming" && detail.of) {
    const { what } = detail.of;
    return `${step}, ${place.times > 1 ? `${place.times} × ` : ""}${what}`;
  }
  return `${step}, ${copiesWords(place, run.plan)}`;
}

function copiesWords({ first, copies }: Place, { copies: all, ahead = 0 }: WorkPlan): string {
  if (ahead > 0 && first < ahead) {
    return `the first of ${all} by itself`;
  }
  if (copies === all) {
    return all === 1 ? "copy 1 of 1" : all === 2 ? "both copies" : `all ${all} copies`;
  }
  return copies > 1
    ? `copies ${first + 1} ${copies > 2 ? "to" : "and"} ${first + copies} of ${all}`
    : `copy ${first + 1} of ${all}`;
}
