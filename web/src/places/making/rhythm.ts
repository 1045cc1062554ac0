/** Where the hands are in a plan: groups of copies one after another, every operation over the whole group before the next. */
import type { Operation, RunProgress, WorkPlan } from "../../api/types";

export interface Place {
  /** Along the rhythm, from 0; as many as there are places when all is done. */
  at: number;
  places: number;
  /** Which of a copy's operations, from 0. */
  index: number;
  operation: Operation | null;
  /** The first copy in hand, from 0, and how many are done together. */
  first: number;
  copies: number;
  /** How often the operation is done over the copies in hand, and how often it is to be. */
  count: number;
  times: number;
}

type Done = Pick<RunProgress, "done" | "counts">;

/** The plan over the copies that are made: those beyond come after those planned. */
export function sized(plan: WorkPlan, more: number): WorkPlan {
  const copies = plan.copies + more;
  const ahead = Math.min(plan.ahead ?? 0, copies - 1);
  return more === 0 ? plan : { ...plan, copies, ahead, perGroup: Math.min(plan.perGroup, copies) };
}

/** Copies made by themselves before all others. */
export const aheadOf = (plan: WorkPlan) => plan.ahead ?? 0;

const groups = (plan: WorkPlan) =>
  Math.ceil((plan.copies - aheadOf(plan)) / plan.perGroup) + (aheadOf(plan) > 0 ? 1 : 0);

function copiesThrough(plan: WorkPlan, group: number): number {
  const ahead = aheadOf(plan);
  const others = ahead > 0 ? group - 1 : group;
  return group <= 0 ? 0 : Math.min(plan.copies, ahead + others * plan.perGroup);
}

/** The first place that is not done. */
export function placeOf(plan: WorkPlan, progress: Done): Place {
  const steps = plan.operations.length;
  const places = groups(plan) * steps;
  let at = places;
  for (let place = places - 1; place >= 0; place--) {
    const through = copiesThrough(plan, Math.floor(place / steps) + 1);
    if ((progress.done[plan.operations[place % steps]!.id] ?? 0) < through) {
      at = place;
    }
  }
  return placeAt(plan, progress, at);
}

function placeAt(plan: WorkPlan, progress: Done, at: number): Place {
  const steps = plan.operations.length;
  const group = Math.floor(at / steps);
  const first = copiesThrough(plan, group);
  const copies = copiesThrough(plan, group + 1) - first;
  const operation = at < groups(plan) * steps ? plan.operations[at % steps]! : null;
  const times = operation ? copies * operation.times : 0;
  const counted = operation ? (progress.counts[operation.id] ?? 0) - first * operation.times : 0;
  return {
    at,
    places: groups(plan) * steps,
    index: at % steps,
    operation,
    first,
    copies,
    // one alone is not counted
    count: times > 1 ? Math.max(0, Math.min(times, counted)) : 0,
    times,
  };
}

/** Everything before that place done, nothing from it on. */
export function goneTo(plan: WorkPlan, at: number): Record<string, number> {
  const steps = plan.operations.length;
  const to = Math.max(0, Math.min(groups(plan) * steps, at));
  return Object.fromEntries(
    plan.operations.map((operation, i) => {
      const through = Math.floor(to / steps) + (i < to % steps ? 1 : 0);
      return [operation.id, copiesThrough(plan, through)];
    }),
  );
}

/** The operation at that place done, and what is done already left so: made again, a part is not followed by all that came after it. */
export function doneAt(plan: WorkPlan, progress: Pick<Done, "done">, at: number): Record<string, number> {
  const through = goneTo(plan, at + 1);
  return Object.fromEntries(
    Object.entries(through).map(([id, copies]) => [id, Math.max(copies, progress.done[id] ?? 0)]),
  );
}

/** The counts with so many noted at that place. */
export function counted(progress: Done, place: Place, count: number): Record<string, number> {
  const { operation, first, times } = place;
  if (!operation) {
    return progress.counts;
  }
  const within = Math.max(0, Math.min(times, Math.round(count)));
  return { ...progress.counts, [operation.id]: first * operation.times + within };
}

/** Whether the maker counts here, one press for each. */
export const counts = (place: Place) =>
  place.operation !== null && place.operation.counted && place.times > 1;

/** Whether the last of them is the end of it: no press more. */
export const flows = (operation: Operation) => operation.verb === "PUT_IN";

/** Whether a press onward ends the operation. */
export function leaves(place: Place): boolean {
  const { operation, count, times } = place;
  return operation !== null && (!counts(place) || count >= times || (flows(operation) && count + 1 >= times));
}

/** One press onward. */
export function forward(plan: WorkPlan, progress: Done): Done {
  const place = placeOf(plan, progress);
  if (!place.operation) {
    return progress;
  }
  const more = counts(place) && place.count < place.times;
  const noted = more ? { ...progress, counts: counted(progress, place, place.count + 1) } : progress;
  const last = flows(place.operation) && place.count + 1 >= place.times;
  return more && !last ? noted : { ...noted, done: doneAt(plan, progress, place.at) };
}

/** One press back. */
export function backward(plan: WorkPlan, progress: Done): Done {
  const place = placeOf(plan, progress);
  if (counts(place) && place.count > 0) {
    return { ...progress, counts: counted(progress, place, place.count - 1) };
  }
  if (place.at === 0) {
    return progress;
  }
  const done = goneTo(plan, place.at - 1);
  const before = placeAt(plan, progress, place.at - 1);
  const again = before.operation && flows(before.operation) ? before.times - 1 : null;
  return { done, counts: again === null ? progress.counts : counted(progress, before, again) };
}
