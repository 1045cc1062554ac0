import type { Check, Measurable, Operation } from "../../api/types";
import { joinAt } from "./pair";
import type { Place } from "./rhythm";

/** The check that is in hand; null where all are done, or it is no checking. */
export function checkInHand({ detail }: Pick<Operation, "detail">, place: Place): Check | null {
  return detail.family === "checking" ? (detail.checks[joinAt(place)] ?? null) : null;
}

/** What can be measured now: of checks that of the one in hand, of all else all. */
export function measurableNow(operation: Operation, place: Place): Measurable[] {
  if (operation.detail.family !== "checking") {
    return operation.measurable;
  }
  const check = checkInHand(operation, place);
  return operation.measurable.filter((one) => one.quantity === check?.quantity);
}
