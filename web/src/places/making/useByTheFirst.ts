import { useFirstOne } from "../../api/queries";
import type { FirstOne, Kept, Operation, RunData } from "../../api/types";
import { aheadOf, type Place } from "./rhythm";

type Target = FirstOne["targets"][number];

/** By what the first one came out at, the operation in hand is done; nothing while the first one itself is made. */
export function useByTheFirst(run: Kept<RunData>, operation: Operation, place: Place): Target[] {
  const ahead = aheadOf(run.data.plan);
  const rest = ahead > 0 && place.first >= ahead;
  const { data } = useFirstOne(run.id, rest);
  return rest && data ? data.targets.filter((one) => one.operation === operation.id) : [];
}

/** The same operation, aiming where the first one came out. */
export const aimedAt = (operation: Operation, targets: readonly Target[]): Operation => ({
  ...operation,
  measurable: operation.measurable.map((one) => ({
    ...one,
    planned: targets.find((target) => target.quantity === one.quantity)?.target ?? one.planned,
  })),
});

/** Whether the first one is in hand, by which the rest are made. */
export const isTheFirst = (run: Kept<RunData>, place: Place): boolean => place.first < aheadOf(run.data.plan);
