import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { speakAs } from "../../shared/kernel/instruments";
import { PREFERENCES, serve, show } from "../../test/app";
import { CUT, hooks } from "../../test/runs";
import { MeasureEntry } from "./MeasureEntry";
import type { Place } from "./rhythm";

const WEIGH = {
  ...CUT,
  id: "inspect",
  measurable: [{ quantity: "WEIGHT" as const, unit: "g", planned: 9, low: 8, high: 10, context: {} }],
};

const place = (operation = CUT): Place => ({
  at: 0,
  places: 1,
  index: 0,
  operation,
  first: 0,
  copies: 1,
  count: 0,
  times: 1,
});

class Line {
  static last: Line | null = null;
  listeners = new Map<string, (event: { data: string }) => void>();
  closed = false;
  constructor(readonly url: string) {
    Line.last = this;
  }
  addEventListener(name: string, hear: (event: { data: string }) => void) {
    this.listeners.set(name, hear);
  }
  close() {
    this.closed = true;
  }
  says(reading: unknown) {
    this.listeners.get("reading")!({ data: JSON.stringify(reading) });
  }
}

let asked: ReturnType<typeof serve>;

beforeEach(() => {
  localStorage.clear();
  Line.last = null;
  vi.stubGlobal("EventSource", Line);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const atTheBench = (there: unknown[]) => {
  asked = serve({
    ...PREFERENCES,
    "GET /api/instruments": there,
    "GET /api/readings/of-run/": [],
    "GET /api/readings/of-form/": { loops: null, cuts: null },
    "PUT /api/readings/": (body: unknown) => body,
  });
};

const kept = () =>
  asked
    .filter((one) => one.method === "PUT")
    .map((one) => (one.body as { data: { value: number } }).data.value);

it("takes what a caliper is pressed for, wherever the cursor is", async () => {
  atTheBench([{ kind: "CALIPER", connected: true }]);
  show(<MeasureEntry run={hooks(1, 1)} operation={CUT} place={place()} />);
  await waitFor(() => expect(Line.last?.url).toBe("/api/instruments/follow"));
  Line.last!.says({ kind: "CALIPER", value: 67.52, steady: true });
  await waitFor(() => expect(kept()).toEqual([67.52]));
  Line.last!.says({ kind: "SCALE", value: 3, steady: true });
  Line.last!.says("nonsense");
  Line.last!.says({ kind: "CALIPER", value: 67.4, steady: true });
  await waitFor(() => expect(kept()).toEqual([67.52, 67.4]));
  cleanup();
  expect(Line.last!.closed).toBe(true);
});

it("shows what lies on the scale, and takes it once it has come to rest", async () => {
  atTheBench([{ kind: "SCALE", connected: true }]);
  show(<MeasureEntry run={hooks(1, 1)} operation={WEIGH} place={place(WEIGH)} />);
  await waitFor(() => expect(Line.last).not.toBeNull());
  Line.last!.says({ kind: "SCALE", value: 8.7, steady: false });
  await waitFor(() =>
    expect(screen.getByTestId("on-the-scale").textContent).toBe("On the scale: 8.7 g not at rest yet"),
  );
  Line.last!.says({ kind: "SCALE", value: 9.31, steady: true });
  fireEvent.click(await screen.findByRole("button", { name: "take it" }));
  await waitFor(() => expect(kept()).toEqual([9.31]));
});

it("hears a stand-in in another window, with nothing on the server", async () => {
  atTheBench([]);
  show(<MeasureEntry run={hooks(1, 1)} operation={CUT} place={place()} />);
  await waitFor(() => expect(asked.some((one) => one.path === "/api/instruments")).toBe(true));
  speakAs({ kind: "CALIPER", value: 66.9, steady: true });
  await waitFor(() => expect(kept()).toEqual([66.9]));
  expect(Line.last).toBeNull();
});
