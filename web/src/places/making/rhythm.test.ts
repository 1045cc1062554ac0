import { describe, expect, it } from "vitest";
import { chain, CUT, HOOK, hooks, TRIM } from "../../test/runs";
import type { RunProgress, WorkPlan } from "../../api/types";
import { backward, counts, forward, goneTo, placeOf } from "./rhythm";

type Done = Pick<RunProgress, "done" | "counts">;
const NOTHING: Done = { done: {}, counts: {} };

/** Presses until all is done; every place in turn. */
function pressed(plan: WorkPlan): Done[] {
  const all = [NOTHING];
  while (placeOf(plan, all.at(-1)!).operation && all.length < 10_000) {
    all.push(forward(plan, all.at(-1)!));
  }
  return all;
}

describe("a plan followed press by press", () => {
  const together = [1, 2, 3, 7].flatMap((copies) =>
    [1, 2, copies].map(
      (perGroup) => hooks(Math.min(perGroup, copies), copies, 0, [CUT, HOOK, TRIM]).data.plan,
    ),
  );
  const plans = [
    ...together,
    ...together.filter(({ copies }) => copies > 1).map((plan) => ({ ...plan, ahead: 1 })),
  ];

  it("does every operation over every copy, none before what it waits for", () => {
    for (const plan of [...plans, chain(-2).data.plan]) {
      const all = pressed(plan);
      for (const { done } of all) {
        for (const operation of plan.operations) {
          for (const earlier of operation.after) {
            expect(done[operation.id] ?? 0).toBeLessThanOrEqual(done[earlier] ?? 0);
          }
        }
      }
      expect(Object.values(all.at(-1)!.done)).toEqual(plan.operations.map(() => plan.copies));
    }
  });

  it("is undone press by press the same way back", () => {
    for (const plan of plans) {
      let at = pressed(plan).at(-1)!;
      const places = new Set<number>();
      for (let i = 0; i < 1000 && (placeOf(plan, at).at > 0 || placeOf(plan, at).count > 0); i++) {
        at = backward(plan, at);
        places.add(placeOf(plan, at).at);
      }
      expect(placeOf(plan, at)).toMatchObject({ at: 0, count: 0 });
      expect(places.size).toBe(placeOf(plan, at).places);
    }
  });

  it("finds every place again that it has gone to", () => {
    for (const plan of plans) {
      const { places } = placeOf(plan, NOTHING);
      for (let at = 0; at <= places; at++) {
        expect(placeOf(plan, { done: goneTo(plan, at), counts: {} }).at).toBe(at);
      }
    }
  });

  it("puts rings in one by one, the last one ending it, and takes the last one back", () => {
    const { plan } = chain(0).data;
    const putIn = plan.operations[2]!;
    const last = { done: goneTo(plan, 2), counts: { "put-in": putIn.times - 1 } };
    const done = forward(plan, last);
    expect(placeOf(plan, done).operation).toBeNull();
    expect(placeOf(plan, backward(plan, done))).toMatchObject({ at: 2, count: putIn.times - 1 });
  });

  it("makes the first one by itself where the rest are made by it", () => {
    const plan = { ...hooks(7, 8, 0, [CUT, HOOK, TRIM]).data.plan, ahead: 1 };
    expect(placeOf(plan, NOTHING)).toMatchObject({ first: 0, copies: 1 });
    expect(placeOf(plan, { done: goneTo(plan, 3), counts: {} })).toMatchObject({ first: 1, copies: 7 });
  });

  it("counts only where there is more than one", () => {
    const single = hooks(1, 3).data.plan;
    expect(counts(placeOf(single, NOTHING))).toBe(false);
    const batch = hooks(3, 3).data.plan;
    expect(counts(placeOf(batch, NOTHING))).toBe(true);
  });
});
