/** What fails at the bench and what is passed by: what is noted of it, and where hands go on. */
import type { Operation, RunProgress, Skipped, Spoilt, WorkPlan } from "../../api/types";
import { counted, doneAt, placeOf, type Place } from "./rhythm";

type Astray = Pick<RunProgress, "done" | "counts" | "more" | "spoilt" | "skipped">;

const eachTimes = (operation: Operation) => Math.max(1, operation.times);

/** Done to all that is there, and to nothing of its own. */
const OF_ALL = ["finishing", "checking"];

/** An operation and what each of its times went through before, as the core tells it (`Plan.chain`). */
export function chain(plan: WorkPlan, id: string): Operation[] {
  const byId = new Map(plan.operations.map((one) => [one.id, one]));
  const found = new Map<string, Operation>();
  const open = [byId.get(id)!];
  for (let one = open.pop(); one; one = open.pop()) {
    if (!found.has(one.id)) {
      found.set(one.id, one);
      const { times } = one;
      open.push(
        ...one.after
          .map((before) => byId.get(before)!)
          .filter((before) => before.times >= times && !OF_ALL.includes(before.detail.family)),
      );
    }
  }
  return [...found.values()];
}

/** How often of its own times something was lost at an operation, or at what followed from it. */
export function lostAt(plan: WorkPlan, spoilt: readonly Spoilt[], id: string): number {
  return spoilt
    .filter((one) => chain(plan, one.operation).some((at) => at.id === id))
    .reduce((sum, one) => sum + one.times, 0);
}

/** Joints and checks are done to the one copy and then to the other. */
const ONE_BY_ONE = ["PUT_TOGETHER", "INSPECT"];

/** Which of the copies is in hand: each takes the operation's own times. */
export function copyInHand({ first, copies, count, operation }: Place): number {
  const inTurn = operation && ONE_BY_ONE.includes(operation.verb);
  const within = inTurn ? count % Math.max(1, copies) : Math.floor(count / eachTimes(operation!));
  return first + Math.min(Math.max(0, copies - 1), within);
}

/** Done to all that was made before: joined, looked at, finished. */
const isOfAll = ({ verb, detail }: Operation) => ONE_BY_ONE.includes(verb) || detail.family === "finishing";

/** What may come to nothing at an operation: what it is done to; where things made before are joined, any of those. */
export function mayFail(plan: WorkPlan, operation: Operation): Operation[] {
  const earlier = plan.operations.slice(0, plan.operations.indexOf(operation));
  const before = isOfAll(operation)
    ? earlier.filter((one) => !isOfAll(one) && one.times > 0)
    : operation.verb === "PUT_IN"
      ? earlier.filter((one) => operation.after.includes(one.id) && one.times > 0)
      : [];
  if (before.length === 0) {
    return [operation];
  }
  return before.filter((one) => !before.some((other) => other.after.includes(one.id)));
}

/**
 * Something came to nothing: what is there of it is so much less, and the place is where it is begun anew. With `again` false it is not
 * made again: one copy fewer.
 */
export function failed(plan: WorkPlan, progress: Astray, spoilt: Spoilt, again: boolean): Astray {
  const { operation: inHand } = placeOf(plan, progress);
  const done = { ...progress.done };
  const counts = { ...progress.counts };
  for (const operation of chain(plan, spoilt.operation)) {
    if (operation.id !== inHand?.id) {
      const times = eachTimes(operation);
      const whole = (done[operation.id] ?? 0) * times;
      const left = Math.max(0, Math.max(whole, counts[operation.id] ?? 0) - spoilt.times);
      done[operation.id] = Math.floor(left / times);
      counts[operation.id] = left;
    }
  }
  const more = again ? progress.more : progress.more - spoilt.times;
  return { ...progress, done, counts, more, spoilt: [...progress.spoilt, spoilt] };
}

/** What is in hand is passed by, for the copies in hand; what of it was counted stays done. */
export function skipping(plan: WorkPlan, progress: Astray, why: Skipped["why"], said: string): Astray {
  const place = placeOf(plan, progress);
  const { operation, count, times } = place;
  if (!operation || times <= count) {
    return progress;
  }
  const entry = { operation: operation.id, times: times - count, why, said };
  return {
    ...progress,
    done: doneAt(plan, progress, place.at),
    counts: counted(progress, place, count),
    skipped: [...progress.skipped, entry],
  };
}

/** What was passed by, as far as it still is: hands may have gone back for it. */
export function stillSkipped(plan: WorkPlan, { done, spoilt, skipped }: Omit<Astray, "counts">): Skipped[] {
  const passed = new Map<string, number>();
  return skipped.flatMap((entry) => {
    const operation = plan.operations.find((one) => one.id === entry.operation)!;
    const before = passed.get(operation.id) ?? 0;
    const most = (done[operation.id] ?? 0) * eachTimes(operation) + lostAt(plan, spoilt, operation.id);
    const times = Math.min(entry.times, most - before);
    passed.set(operation.id, before + Math.max(0, times));
    return times > 0 ? [{ ...entry, times }] : [];
  });
}
