import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Check, Finding, Kept, Operation, RunData } from "../../api/types";
import { press, PREFERENCES, serve, show } from "../../test/app";
import { PIECE, PIECE_JOB } from "../../test/piece";
import { RunPage } from "./RunPage";

const LENGTH: Check = {
  kind: "LENGTH",
  part: "",
  count: 1,
  quantity: "LENGTH",
  unit: "mm",
  target: 30.3,
  within: 0.5,
  pairWithin: 0.5,
  restMm: null,
};
const BY_EYE = { quantity: null, unit: null, target: null, within: null, pairWithin: null, restMm: null };
const WRAPS: Check = {
  ...BY_EYE,
  kind: "WRAPS_EQUAL",
  part: "bead link",
  count: 4,
  unit: "wraps",
  target: 3,
};
const PAIR: Check = { ...BY_EYE, kind: "PAIR_MIRRORED", part: "", count: 1 };

const INSPECT: Operation = {
  id: "inspect",
  part: "",
  stage: "CHECK",
  verb: "INSPECT",
  times: 3,
  counted: true,
  after: [],
  draws: [],
  measurable: [{ quantity: "LENGTH", unit: "mm", planned: 30.3, low: 29.8, high: 30.8, context: {} }],
  cautions: [],
  waits: null,
  detail: { family: "checking", checks: [LENGTH, WRAPS, PAIR] },
};

let runs = 0;

function drops(count: number): Kept<RunData> {
  return {
    id: `drops-${++runs}`,
    version: 0,
    updatedAt: "",
    deleted: false,
    data: {
      kind: "piece",
      facts: { job: PIECE_JOB.data, lengthMm: 30.3, hangsMm: 30.3, weightG: 2.4, parts: 3, pair: true },
      jobId: "p1",
      name: "Evening drops",
      lotId: null,
      plan: { operations: [INSPECT], copies: 2, perGroup: 2 },
      done: {},
      counts: { inspect: count },
      note: "",
      drawn: {},
      startedAt: "",
      finishedAt: null,
    } as unknown as RunData,
  };
}

const found = (values: number[], apart: number | null): Finding => ({
  check: LENGTH,
  found: values.map((value, copy) => ({
    copy,
    value,
    off: value - LENGTH.target!,
    passes: Math.abs(value - LENGTH.target!) <= LENGTH.within!,
  })),
  apart,
  matches: apart === null ? null : apart <= LENGTH.pairWithin!,
});

let findings: Finding[] = [];

beforeEach(() => {
  localStorage.clear();
  findings = [];
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const atTheBench = () =>
  serve({
    ...PREFERENCES,
    "GET /api/runs/": { piece: PIECE, forms: {} },
    "GET /api/readings/of-run/": [],
    [`GET /api/readings/of-run/drops-${runs + 1}/inspection`]: { findings },
    "GET /api/notebook/": null,
    "PUT /api/runs/": (body: unknown) => ({ id: "x", version: 1, data: (body as { data: unknown }).data }),
    "PUT /api/readings/": (body: unknown) => body,
  });

const title = () => screen.getByRole("heading", { level: 1 }).textContent;

it("asks for one check after another, of the one and then of the other", async () => {
  atTheBench();
  show(<RunPage run={drops(0)} />);
  expect(title()).toBe("Measure its length");
  expect((await screen.findByTestId("big-number")).textContent).toBe("30.3mm ± 0.5");
  expect(screen.getByText("The first of the pair.")).toBeTruthy();
  press(" ", document.body);
  await waitFor(() => expect(screen.getByText("The second of the pair.")).toBeTruthy());
  press(" ", document.body);
  await waitFor(() => expect(title()).toBe("Bead link: compare the wraps, 4 in all"));
  expect(screen.getByTestId("big-number").textContent).toBe("3turns");
  expect(screen.queryByLabelText(/Measured/)).toBeNull();
});

it("notes what is measured of the copy in hand, and holds it against plan and twin", async () => {
  findings = [found([30.6, 29.9], 0.7)];
  const asked = atTheBench();
  show(<RunPage run={drops(1)} />);
  expect((await screen.findByTestId("found")).textContent).toBe(
    "29.9 mm: within what is allowed, 0.4 mm off. The two are 0.7 mm apart: not a pair yet.",
  );
  expect(screen.getByText(/^Too long: look for a ring/)).toBeTruthy();
  const field = screen.getByLabelText("Measured, long, pulled taut");
  fireEvent.change(field, { target: { value: "30.2" } });
  fireEvent.submit(field.closest("form")!);
  await waitFor(() =>
    expect(asked.some((one) => one.method === "PUT" && one.path.includes("/readings/"))).toBe(true),
  );
  expect(asked.find((one) => one.path.includes("/readings/") && one.method === "PUT")!.body).toMatchObject({
    data: { operation: "inspect", quantity: "LENGTH", value: 30.2, copy: 1, lost: 0 },
  });
});

it("says nothing of what is to be done while what was measured passes", async () => {
  findings = [found([30.4], null)];
  atTheBench();
  show(<RunPage run={drops(0)} />);
  expect((await screen.findByTestId("found")).textContent).toBe(
    "30.4 mm: within what is allowed, 0.1 mm off. ",
  );
  expect(screen.queryByText(/^Too long/)).toBeNull();
});

it("does not tell of the second what was measured of the first", async () => {
  findings = [found([30.4], null)];
  const asked = atTheBench();
  show(<RunPage run={drops(1)} />);
  await waitFor(() => expect(asked.some((one) => one.path.endsWith("/inspection"))).toBe(true));
  await waitFor(() => expect(screen.getByText("The second of the pair.")).toBeTruthy());
  expect(screen.queryByTestId("found")).toBeNull();
});

it("looks at a pair from both sides", async () => {
  atTheBench();
  show(<RunPage run={drops(5)} />);
  await waitFor(() => expect(title()).toBe("Hold the two side by side, seen from behind"));
});
