import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { RunProgress, WorkPlan } from "../../api/types";
import { serve, show } from "../../test/app";
import { AT_THE_BENCH, chain as weave, CUT, forming, HOOK, hooks, TRIM } from "../../test/runs";
import { chain, failed, mayFail, skipping, stillSkipped } from "./astray";
import { forward, goneTo, placeOf, sized } from "./rhythm";
import { RunPage } from "./RunPage";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

type At = Omit<RunProgress, "note">;
const NOTHING: At = { done: {}, counts: {}, more: 0, spoilt: [], skipped: [] };
const broke = (operation: string, times = 1) => ({ operation, times, why: "BROKE" as const, said: "" });

/** Numbers that look thrown, the same each time. */
function dice(seed: number) {
  let at = seed;
  return (sides: number) => {
    at = (at * 1103515245 + 12345) % 2147483648;
    return Math.floor((at / 2147483648) * sides);
  };
}

function inOrder(plan: WorkPlan, { done }: At) {
  for (const operation of plan.operations) {
    for (const earlier of operation.after) {
      expect(done[operation.id] ?? 0).toBeLessThanOrEqual(done[earlier] ?? 0);
    }
  }
}

const solder = { ...forming(2, { kind: "SOLDER", part: "ring" }), times: 6, id: "solder", after: ["close"] };
const RINGS: WorkPlan = {
  operations: [
    { ...CUT, id: "wind", after: [] },
    { ...CUT, id: "close", times: 6, after: ["wind"] },
    solder,
    { ...CUT, id: "open", times: 4, after: ["wind"] },
    { ...HOOK, id: "join", verb: "PUT_TOGETHER", times: 9, after: ["wind", "close", "solder", "open"] },
  ],
  copies: 1,
  perGroup: 1,
};

describe("what fails at the bench", () => {
  it("is made anew from its first step, and then all goes on where it was", () => {
    const { plan } = hooks(10, 10, 0, [CUT, HOOK, TRIM]).data;
    const at: At = { ...NOTHING, done: goneTo(plan, 1), counts: { "step-1": 10, "step-2": 4 } };
    const after = failed(plan, at, broke("step-2"), true);
    expect(placeOf(plan, after)).toMatchObject({ index: 0, count: 9, times: 10 });
    const cutAgain = { ...after, ...forward(plan, { ...after, ...forward(plan, after) }) };
    expect(placeOf(plan, cutAgain)).toMatchObject({ index: 1, count: 4, times: 10 });
  });

  it("is one fewer where it is not made again", () => {
    const { plan } = hooks(3, 3, 0, [CUT, HOOK, TRIM]).data;
    const at: At = { ...NOTHING, done: goneTo(plan, 1), counts: { "step-1": 3 } };
    const after = failed(plan, at, broke("step-2"), false);
    expect(placeOf(sized(plan, after.more), after)).toMatchObject({ index: 1, times: 2 });
  });

  it("costs a soldered ring its closing too, and not its coil", () => {
    expect(chain(RINGS, "solder").map((one) => one.id)).toEqual(["solder", "close"]);
    const at: At = { ...NOTHING, done: { wind: 1, close: 1 }, counts: { close: 6, solder: 2 } };
    const after = failed(RINGS, at, broke("solder"), true);
    expect(after.done).toMatchObject({ wind: 1, close: 0 });
    expect(after.counts).toMatchObject({ close: 5, solder: 2 });
  });

  it("is made again without all that came after it", () => {
    const done = { wind: 1, close: 1, solder: 1, open: 1, join: 0 };
    let at: At = { ...NOTHING, done, counts: { close: 6, solder: 6, open: 4, join: 5 } };
    at = failed(RINGS, at, broke("solder"), true);
    const passed = [];
    for (let press = 0; press < 4; press++) {
      passed.push(placeOf(RINGS, at).operation!.id);
      at = { ...at, ...forward(RINGS, at) };
    }
    expect(passed).toEqual(["close", "close", "solder", "solder"]);
    expect(placeOf(RINGS, at)).toMatchObject({ count: 5, times: 9 });
  });

  it("may be, where things are joined, each of what was made before", () => {
    expect(mayFail(RINGS, RINGS.operations[4]!).map((one) => one.id)).toEqual(["solder", "open"]);
    const { plan } = weave(3).data;
    expect(mayFail(plan, plan.operations[2]!).map((one) => one.verb)).toEqual(["CLOSE_FIRST", "OPEN_FIRST"]);
  });

  it("never stops a plan from being made to its end, whatever fails and is passed by", () => {
    const plans = [
      RINGS,
      ...[1, 2, 5].flatMap((copies) =>
        [1, 2].map((group) => hooks(Math.min(group, copies), copies, 0, [CUT, HOOK, TRIM]).data.plan),
      ),
    ];
    for (let seed = 1; seed <= 200; seed++) {
      const roll = dice(seed);
      const first = plans[seed % plans.length]!;
      let at = NOTHING;
      for (let press = 0; press < 400; press++) {
        const plan = sized(first, at.more);
        const place = placeOf(plan, at);
        if (!place.operation) {
          break;
        }
        const chance = roll(12);
        if (chance === 0 && at.spoilt.length < 8) {
          const which = mayFail(plan, place.operation);
          const again = roll(2) === 0 || plan.copies < 2;
          at = failed(plan, at, broke(which[roll(which.length)]!.id), again);
        } else if (chance === 1) {
          at = skipping(plan, at, "LATER", "");
        } else {
          at = { ...at, ...forward(plan, at) };
        }
        at = { ...at, skipped: stillSkipped(sized(first, at.more), at) };
        inOrder(plan, at);
      }
      const plan = sized(first, at.more);
      expect(placeOf(plan, at).operation).toBeNull();
      expect(plan.operations.map((one) => at.done[one.id])).toEqual(plan.operations.map(() => plan.copies));
    }
  });

  it("is not passed by any more once hands go back for it", () => {
    const { plan } = hooks(1, 2, 0, [CUT, HOOK, TRIM]).data;
    const at = skipping(plan, { ...NOTHING, done: goneTo(plan, 2) }, "LATER", "");
    expect(at.skipped).toHaveLength(1);
    expect(stillSkipped(plan, { ...at, done: goneTo(plan, 3) })).toHaveLength(1);
    expect(stillSkipped(plan, { ...at, done: goneTo(plan, 2) })).toHaveLength(0);
  });
});

describe("noted at the bench", () => {
  it("asks why, wants words for another reason, and begins anew", async () => {
    const run = hooks(1, 2, 1);
    const asked = serve(AT_THE_BENCH);
    show(<RunPage run={run} />);
    fireEvent.click(screen.getByRole("button", { name: /one failed/ }));
    fireEvent.click(screen.getByRole("radio", { name: "something else" }));
    expect(screen.getByRole("button", { name: "make it again" })).toHaveProperty("disabled", true);
    fireEvent.change(screen.getByRole("textbox", { name: "In your words" }), {
      target: { value: "the cat" },
    });
    fireEvent.click(screen.getByRole("button", { name: "make it again" }));
    expect(screen.getByRole("heading", { level: 1 }).textContent).toMatch(/cut/i);
    expect(screen.getByRole("button", { name: /one failed \(1 so far\)/ })).toBeTruthy();
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "PUT").at(-1)?.body).toMatchObject({
        data: {
          done: { "step-1": 0 },
          spoilt: [{ operation: "step-2", times: 1, why: "OTHER", said: "the cat" }],
        },
      }),
    );
  });

  it("skips with a reason, and says so at the end", () => {
    serve(AT_THE_BENCH);
    show(<RunPage run={hooks(1, 1, 1)} />);
    fireEvent.click(screen.getByRole("button", { name: "skip this" }));
    fireEvent.click(screen.getByRole("radio", { name: "done already" }));
    fireEvent.click(screen.getByRole("button", { name: "skip it" }));
    const list = screen.getByRole("list", { name: "Other than planned" });
    expect(within(list).getByText(/Skipped: .*done already/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "make one more" }));
    expect(screen.getByRole("heading", { level: 1 }).textContent).toMatch(/cut/i);
  });
});
