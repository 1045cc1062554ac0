import { cleanup, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { FormingStep, FormStep, Operation } from "../../api/types";
import { press, PREFERENCES, serve, show } from "../../test/app";
import { FORM } from "../../test/form";
import { PIECE } from "../../test/piece";
import { operation, OPERATIONS, run, type Handled } from "../../test/pieceRun";
import { RunPage } from "./RunPage";

beforeEach(() => {
  localStorage.clear();
  serve({
    ...PREFERENCES,
    "GET /api/runs/": { piece: PIECE, forms: { "1": { form: FORM, shapes: [] } }, woven: {} },
    "GET /api/readings/of-run/": [],
    "GET /api/notebook/": null,
    "PUT /api/runs/": (body: unknown) => ({ id: "x", version: 1, data: (body as { data: unknown }).data }),
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("says how many rings of which size are opened", async () => {
  show(<RunPage run={run({}, {})} />);
  expect((await screen.findByTestId("big-number")).textContent).toBe("3rings");
  expect(screen.getByText("4.00 mm inside, 1.00 mm wire")).toBeTruthy();
  expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Open these rings");
});

it("says how thin rings are hammered, with their caution's room", async () => {
  const begun = run({}, {});
  const rings = { what: "ring", part: -1, wireMm: 1.4, insideMm: 7, parts: 11, toMm: 1 };
  Object.assign(begun.data.plan, {
    operations: [operation("hammer-1", { kind: "HAMMER_FIRST", ...rings }), ...OPERATIONS],
  });
  show(<RunPage run={begun} />);
  expect((await screen.findByTestId("big-number")).textContent).toBe("1.00 mmthick, 11 rings");
  expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Hammer these rings flat");
});

it("names the part that is made", async () => {
  show(<RunPage run={run({ "open-1": 1 }, { "open-1": 3 })} />);
  expect((await screen.findByRole("heading", { level: 1 })).textContent).toBe("Make the bead link");
  expect(screen.getByTestId("big-number").textContent).toBe("2to make");
  expect(await screen.findByText("bead-link bead=6")).toBeTruthy();
});

it("tells that the second of a pair is wound the other way, where that is another thing", async () => {
  const begun = run({ "open-1": 1 }, { "open-1": 3 });
  const { data } = begun as { data: { kind: "piece"; facts: { pair: boolean } } };
  data.facts.pair = true;
  Object.assign(begun.data.plan, { copies: 2, perGroup: 1 });
  begun.data.done["make-1"] = 1;
  begun.data.done["put-together"] = 1;
  begun.data.done["open-1"] = 2;
  show(<RunPage run={begun} />);
  expect(await screen.findByText(/mirror image of the first/)).toBeTruthy();
});

it("goes joint by joint as it was frozen with the run", async () => {
  show(<RunPage run={run({ "open-1": 1, "make-1": 1 }, { "put-together": 1 })} />);
  expect(await screen.findByText(/Open ring 2, hang in bead link 1 and bead link 2, close/)).toBeTruthy();
  expect(screen.getByTestId("big-number").textContent).toBe("2of 3");
  press(" ", document.body);
  expect(await screen.findByText(/Open ring 3, hang in bead link 2, close/)).toBeTruthy();
});

const STEP: FormStep = {
  ...FORM.steps[0]!,
  kind: "CUT",
  part: "straight",
  wire: FORM.wires[0]!.name,
  ownTool: null,
  ownToolMm: null,
  ownInsideMm: null,
};

const ofLinks = (step: Partial<FormStep>): FormingStep => ({
  step: { ...STEP, ...step } as unknown as FormingStep["step"],
  own: null,
  of: { what: "bead link", part: 1, number: 0, parts: 2 },
});

it("makes the parts of a piece step by step, so many of each together", async () => {
  const begun = run({ "open-1": 1 }, { "open-1": 3 });
  const cut: Operation = {
    ...operation("make-1-1", { ...OPERATIONS[1]!.detail, family: undefined } as unknown as Handled),
    stage: "CUT",
    verb: "CUT",
    times: 2,
    detail: { family: "forming", ...ofLinks({}) },
  };
  Object.assign(begun.data.plan, { operations: [OPERATIONS[0], cut, OPERATIONS[2]] });
  show(<RunPage run={begun} />);
  expect(await screen.findByText("2 × bead link.")).toBeTruthy();
  expect(screen.getByText(/cut, step 2 of 3, 2 × bead link/)).toBeTruthy();
  const length = FORM.wires[0]!.lengthToCutMm.toFixed(1);
  await waitFor(() => expect(screen.getByTestId("big-number").textContent).toContain(length));
});

it("says what is formed once the neighbour is led in, at the join it belongs to", async () => {
  const begun = run({ "open-1": 1, "make-1": 1 }, { "put-together": 1 });
  const rounds = [
    {
      joins: [2],
      steps: [
        ofLinks({ kind: "WRAP", part: "first loop", turns: 2.5 }),
        ofLinks({ kind: "TRIM", part: "ends" }),
      ],
    },
  ];
  const join = operation("put-together", { ...(OPERATIONS[2]!.detail as Handled), rounds }, [
    "open-1",
    "make-1",
  ]);
  Object.assign(begun.data.plan, { operations: [OPERATIONS[0], OPERATIONS[1], join] });
  show(<RunPage run={begun} />);
  expect(await screen.findByText(/Open ring 2/)).toBeTruthy();
  expect(screen.queryByRole("list", { name: "Then, with it in" })).toBeNull();
  press(" ", document.body);
  const steps = await screen.findByRole("list", { name: "Then, with it in" });
  expect([...steps.children].map((one) => one.textContent)).toEqual([
    expect.stringMatching(/^Wrap.*first loop, 2\.5 turns$/),
    expect.stringMatching(/^Trim.*ends$/),
  ]);
});

it("makes each join to the one of a pair and then to the other, where both are in hand", async () => {
  const begun = run({ "open-1": 2, "make-1": 2 }, { "put-together": 1 });
  (begun as { data: { kind: "piece"; facts: { pair: boolean } } }).data.facts.pair = true;
  Object.assign(begun.data.plan, { copies: 2, perGroup: 2 });
  show(<RunPage run={begun} />);
  await waitFor(() =>
    expect(screen.getByTestId("big-number").textContent).toBe("1of 3, the second of the pair"),
  );
  press(" ", document.body);
  await waitFor(() =>
    expect(screen.getByTestId("big-number").textContent).toBe("2of 3, the first of the pair"),
  );
});

const PICKLES = { kind: "PICKLES" as const, minutes: 10 };
const SOLDER: Operation = {
  ...operation("solder-1", { ...(OPERATIONS[0]!.detail as Handled), kind: "SOLDER_FIRST" }),
  waits: PICKLES,
};

it("fills a wait with the next step, where that is of another part", async () => {
  const begun = run({}, {});
  Object.assign(begun.data.plan, { operations: [SOLDER, OPERATIONS[1], OPERATIONS[2]] });
  show(<RunPage run={begun} />);
  expect(await screen.findByText(/10 min, in the pickle/)).toBeTruthy();
  expect(screen.getByText(/go on meanwhile/)).toBeTruthy();
});

it("names other work in hand where the next step needs what waits", async () => {
  const other = {
    runId: "other",
    finished: false,
    name: "Cloak clasp hooks",
    glance: { next: OPERATIONS[1] },
  };
  const done = { ...other, runId: "done", finished: true, name: "Done long ago" };
  serve({
    ...PREFERENCES,
    "GET /api/runs/": { piece: PIECE, forms: {} },
    "GET /api/readings/of-run/": [],
    "GET /api/bench": [done, other],
  });
  const begun = run({}, {});
  const after = operation("close-1", { ...(OPERATIONS[0]!.detail as Handled), kind: "CLOSE_FIRST" }, [
    "solder-1",
  ]);
  const last = { ...after, id: "make-9", after: ["close-1"] };
  Object.assign(begun.data.plan, { operations: [SOLDER, after, last] });
  show(<RunPage run={begun} />);
  const told = await screen.findByTestId("meanwhile");
  expect(told.textContent).toBe("Meanwhile: Cloak clasp hooks, make the bead link");
  expect(screen.queryByText(/go on meanwhile/)).toBeNull();
});

it("ends with the length that was planned", async () => {
  show(<RunPage run={run({ "open-1": 1, "make-1": 1, "put-together": 1 }, { "put-together": 3 })} />);
  expect(await screen.findByText("Done")).toBeTruthy();
  expect(screen.getByTestId("big-number").textContent).toContain("46.8");
});

it("says what is taken from the shelf, from which lot and where that lies", async () => {
  serve({
    ...PREFERENCES,
    "GET /api/runs/": { piece: PIECE, forms: { "1": { form: FORM, shapes: [] } } },
    "GET /api/readings/of-run/": [],
    "GET /api/notebook/": null,
    "GET /api/lots": [{ id: "g", version: 0, data: { kind: "beads", name: "garnets", place: "drawer 2" } }],
    "GET /api/stock-kinds": [{ id: "beads", measure: "PIECES", facts: [] }],
    "POST /api/cutting/lists": { wires: [{ lengths: [{ lengthMm: 2, cut: 1 }] }], without: [] },
  });
  const begun = run({ "open-1": 1 }, { "open-1": 3 });
  Object.assign(begun.data.plan, {
    operations: OPERATIONS.map((one) =>
      one.id === "make-1" ? { ...one, draws: [{ lot: "g", amount: 2 }] } : one,
    ),
  });
  show(<RunPage run={begun} />);
  await screen.findByText(/cut already/);
  expect(screen.getByText(/^from the shelf/).textContent).toBe(
    "from the shelf: 2 of garnets (drawer 2). 1 is cut already",
  );
});
