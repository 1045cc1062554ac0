import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Glance, InHand } from "../../api/types";
import { refusal, PREFERENCES, serve, show } from "../../test/app";
import { chain, CUT, HOOK } from "../../test/runs";
import { BenchPlace } from "./BenchPlace";

const [CLOSE, OPEN, PUT_IN] = chain(0).data.plan.operations;

const NOT_BEGUN: Glance<"weave"> = {
  sketch: { weave: "byzantine", metal: "copper", total: 26, preClosed: 14, opened: 12, putIn: 13 },
  thread: null,
  next: null,
  index: 0,
  steps: 3,
  copiesDone: 0,
  copies: 1,
  count: 0,
  times: 0,
  counted: 0,
  toCount: 39,
  share: 0,
  toDraw: {},
  draws: {},
  failed: [],
  passed: [],
  refusal: null,
};

const weave = (more: Partial<InHand>, glance: Partial<Glance<"weave">> = {}): InHand =>
  ({
    jobId: "w1",
    kind: "weave",
    name: "Rope of the tide",
    runId: null,
    finished: false,
    touchedAt: "2026-11-20T10:00:00Z",
    lacks: [],
    ...more,
    glance: { ...NOT_BEGUN, ...glance },
  }) as InHand;

function lay(...hands: InHand[]) {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/bench": hands,
    "GET /api/spools": [],
    "GET /api/forms/pictures": [],
    "POST /api/jobs/weave/w1/runs": { id: "r9" },
  });
  show(<BenchPlace />);
  return asked;
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the bench", () => {
  it("says what runs low on the shelf, and leads there", async () => {
    const level = { left: 1, overdrawn: 0, reserved: 0, free: 1, low: true };
    serve({
      ...PREFERENCES,
      "GET /api/bench": [weave({})],
      "GET /api/spools": [],
      "GET /api/forms/pictures": [],
      "GET /api/lots": [
        { id: "l1", data: { name: "Shell discs" } },
        { id: "l2", data: { name: "Pearls" } },
      ],
      "GET /api/lots/standings": [
        { lot: "l1", level },
        { lot: "l2", level: { ...level, low: false } },
      ],
    });
    show(<BenchPlace />);
    const low = await screen.findByRole("link", { name: "Shell discs" });
    expect(low.getAttribute("href")).toBe("/stock/lot/l1");
    expect(screen.queryByText("Pearls")).toBeNull();
  });

  it.each([
    [weave({}), "not begun: close 14, open 12", "begin"],
    [
      weave({ runId: "r1" }, { next: null, refusal: refusal("unreadable-plan") }),
      /plan this run began with cannot be read/,
      "go on",
    ],
    [weave({ runId: "r1", finished: true }), "made and noted", "make again"],
    [weave({}, { sketch: null, refusal: refusal("unknown-weave") }), /There is no such weave/, "mend it"],
  ])("says what comes next of a row", async (hand, words, go) => {
    lay(hand);
    expect(await screen.findByText(words)).toBeTruthy();
    expect(screen.getByText(go)).toBeTruthy();
  });

  it.each([
    [{ next: CLOSE!, count: 5, times: 14 }, "next: close these first, 5 of 14"],
    [{ next: OPEN!, count: 3, times: 12 }, "next: open these, 3 of 12"],
    [{ next: PUT_IN!, count: 4, times: 13 }, "next: ring 5 of 13"],
    [{ next: CUT, count: 0, times: 1 }, "next: cut the wire"],
    [{ next: HOOK, count: 2, times: 8 }, "next: form the hook, 2 of 8"],
  ])("says how far a run is: %#", async (glance, words) => {
    lay(weave({ runId: "r0", jobId: "w0" }, { next: PUT_IN!, times: 9 }), weave({ runId: "r1" }, glance));
    expect(await screen.findByText(words)).toBeTruthy();
  });

  it("puts what was touched last first, large, whatever it is", async () => {
    lay(weave({ runId: "r1" }, { next: PUT_IN!, count: 4, times: 13 }));
    expect((await screen.findByRole("region", { name: "In hand" })).textContent).toContain(
      "Put the rings in",
    );
    expect(screen.getByText("4 of 13 done")).toBeTruthy();
    expect(screen.getByRole("link", { name: "Go on" }).getAttribute("href")).toBe("/making/r1");
  });

  it("begins a run and goes to it", async () => {
    const asked = lay(weave({}));
    fireEvent.click(await screen.findByRole("button", { name: "Begin: Rope of the tide" }));
    expect(asked.at(-1)!.path).toBe("/api/jobs/weave/w1/runs");
  });

  it("shows a job that is still being looked at, and asks again", async () => {
    lay({ ...weave({}), glance: null });
    expect(await screen.findByText("being looked at")).toBeTruthy();
  });
});
