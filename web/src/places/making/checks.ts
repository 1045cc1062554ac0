import type { Check, Measurable, Operation, WorkPlan } from "../../api/types";
import { joinAt } from "./pair";
import type { Place } from "./rhythm";

/** The check that is in hand; null where all are done, or it is no checking. */
export function checkInHand({ detail }: Pick<Operation, "detail">, place: Place): Check | null {
  return detail.family === "checking" ? (detail.checks[joinAt(place)] ?? null) : null;
}

/** How many joins are made before an operation. */
export function joinsBefore({ operations }: WorkPlan, { id }: Operation): number {
  return operations
    .slice(
      0,
      operations.findIndex((one) => one.id === id),
    )
    .filter((one) => one.verb === "PUT_TOGETHER")
    .reduce((sum, one) => sum + one.times, 0);
}

/** What can be measured now: of checks that of the one in hand, of all else all. */
export function measurableNow(operation: Operation, place: Place): Measurable[] {
  if (operation.detail.family !== "checking") {
    return operation.measurable;
  }
  const check = checkInHand(operation, place);
  return operation.measurable.filter((one) => one.quantity === check?.quantity);
}
