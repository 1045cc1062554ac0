import { cleanup, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Check, Finish, FinishWork, Kept, Operation, RunData } from "../../api/types";
import { PREFERENCES, serve, show } from "../../test/app";
import { PIECE } from "../../test/piece";
import { operation, OPERATIONS, run } from "../../test/pieceRun";
import { failed, mayFail } from "./astray";
import { joinsBefore } from "./checks";
import { RunPage } from "./RunPage";

const BARE = { draws: [], measurable: [], cautions: [], waits: null };

const finishing = (finish: Finish, step: Partial<FinishWork>, over: Partial<Operation> = {}): Operation => ({
  ...BARE,
  id: finish.toLowerCase(),
  part: "",
  stage: "FINISH",
  verb: finish,
  times: 1,
  counted: false,
  after: ["open-1", "make-1"],
  detail: { family: "finishing", work: { finish, joined: 3, whole: true, lots: [], ...step } },
  ...over,
});

const HELD: Check = {
  kind: "ON_THE_BODY",
  part: "",
  count: 1,
  quantity: "LENGTH",
  unit: "mm",
  target: 38.2,
  within: 0.5,
  pairWithin: null,
  restMm: 8.6,
};

const TRY_ON: Operation = {
  ...BARE,
  id: "try-on",
  part: "",
  stage: "CHECK",
  verb: "INSPECT",
  times: 1,
  counted: true,
  after: ["put-together"],
  measurable: [{ quantity: "LENGTH", unit: "mm", planned: 38.2, low: 37.7, high: 38.7, context: {} }],
  detail: { family: "checking", checks: [HELD] },
};

const HOOK = {
  kind: "MAKE" as const,
  what: "hook",
  part: 0,
  wireMm: 1.2,
  insideMm: 0,
  parts: 1,
  toMm: null,
};
const [OPENED, MADE] = OPERATIONS as [Operation, Operation];
const joins = (from: number, count: number) =>
  operation(from === 0 ? "put-together" : `put-together-${from}`, {
    kind: "PUT_TOGETHER",
    what: "",
    part: -1,
    wireMm: 0,
    insideMm: 0,
    parts: count,
    toMm: null,
    from,
  });

function begun(operations: Operation[], done: string[], counts: Record<string, number> = {}): Kept<RunData> {
  const made = run(Object.fromEntries(done.map((id) => [id, 1])), counts);
  return { ...made, data: { ...made.data, plan: { ...made.data.plan, operations } } };
}

function open(of: Kept<RunData>) {
  serve({
    ...PREFERENCES,
    "GET /api/runs/": { piece: PIECE, forms: {}, woven: {} },
    "GET /api/readings/of-run/": [],
    [`GET /api/readings/of-run/${of.id}/inspection`]: { findings: [] },
    "GET /api/notebook/": null,
  });
  show(<RunPage run={of} />);
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("tells the barrel by its time, and what is polished by cloth", async () => {
  const lots: FinishWork["lots"] = [
    { going: "WHOLE", what: "ring", first: 0, count: 3 },
    { going: "BEFORE_THREADING", what: "bead link", first: 1, count: 2 },
  ];
  const barrel = finishing(
    "TUMBLE",
    { whole: false, joined: 0, lots },
    { waits: { kind: "TUMBLES", minutes: 90 }, cautions: ["TUMBLER"] },
  );
  open(begun([OPENED, MADE, barrel, joins(0, 3)], ["open-1", "make-1"]));
  expect(await screen.findByRole("heading", { name: "Tumble it" })).toBeTruthy();
  expect(screen.getByTestId("big-number").textContent).toBe("90min");
  expect(screen.getByText(/Not in the barrel, but polished with a cloth: 2 bead links/)).toBeTruthy();
  expect(screen.getByText(/Hearing/)).toBeTruthy();
});

it("holds it to the body before the last join, and says what comes on yet", async () => {
  open(begun([OPENED, MADE, joins(0, 2), TRY_ON, joins(2, 1)], ["open-1", "make-1", "put-together"]));
  expect(await screen.findByRole("heading", { name: "Hold it to the body" })).toBeTruthy();
  expect(screen.getByTestId("big-number").textContent).toBe("38.2mm ± 0.5");
  expect(screen.getByText(/the rest of the row adds 8\.6 mm/)).toBeTruthy();
  expect(await screen.findByText("More or less: one ring 4.0 mm and one bead link 17.4 mm.")).toBeTruthy();
});

it("says what is cut after it, and loses nothing else where that fails", async () => {
  const cut: Operation = { ...operation("make-0-1", HOOK, ["try-on"]), stage: "CUT" };
  const bent: Operation = { ...operation("make-0-2", HOOK, ["make-0-1"]), stage: "FORM" };
  const operations = [OPENED, MADE, joins(0, 2), TRY_ON, cut, bent, joins(2, 1)];
  const held = begun(operations, ["open-1", "make-1", "put-together"]);
  open(held);
  expect(await screen.findByText("The hook is cut after this.")).toBeTruthy();
  const done = Object.fromEntries(operations.slice(0, 6).map((one) => [one.id, 1]));
  const before = { ...held.data, done, counts: {}, more: 0, spoilt: [], skipped: [] };
  const after = failed(
    held.data.plan,
    before,
    { operation: "make-0-2", times: 1, why: "SLIPPED", said: "" } as unknown as Parameters<typeof failed>[2],
    true,
  );
  expect(after.done).toMatchObject({ "open-1": 1, "make-1": 1, "put-together": 1, "try-on": 1 });
  expect(after.done["make-0-1"] ?? 0).toBe(0);
});

it("goes on counting joins where it left off", async () => {
  open(
    begun([OPENED, MADE, joins(0, 1), TRY_ON, joins(1, 2)], ["open-1", "make-1", "put-together", "try-on"], {
      "put-together-1": 1,
    }),
  );
  expect((await screen.findByTestId("big-number")).textContent).toBe("3of 3");
});

it("asks which part failed, whatever was done to all of it since", () => {
  const colour = finishing("COLOUR", {});
  const operations = [OPENED, MADE, joins(0, 1), colour, TRY_ON, joins(1, 2)];
  const plan = { operations } as unknown as RunData["plan"];
  for (const at of [2, 3, 4, 5]) {
    expect(mayFail(plan, operations[at]!).map((one) => one.id)).toEqual(["open-1", "make-1"]);
  }
  expect(joinsBefore(plan, operations[5]!)).toBe(1);
});
