import { cleanup, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FirstOne, Kept, RunData } from "../../api/types";
import { serve, show } from "../../test/app";
import { AT_THE_BENCH, CUT, HOOK, hooks, TRIM } from "../../test/runs";
import { RunPage } from "./RunPage";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const FIRST: FirstOne = {
  tail: { factor: 0.5, low: 0.4, high: 0.7, measurements: 3 },
  targets: [
    { operation: "step-1", quantity: "CUT_LENGTH", planned: 66.4, target: 59.5 },
    { operation: "step-2", quantity: "LOOP_INSIDE", planned: 7, target: 7.2 },
  ],
};

/** Eight hooks, the first one alone, at a place of their rhythm. */
function at(place: number): Kept<RunData> {
  const run = hooks(7, 8, 0, [CUT, HOOK, TRIM]);
  const plan = { ...run.data.plan, ahead: 1 };
  const done = { "step-1": 0, "step-2": 0, "step-3": 0 };
  const steps = Object.keys(done) as (keyof typeof done)[];
  steps.forEach((step, i) => {
    done[step] = place >= 3 ? (place > 3 + i ? 8 : 1) : place > i ? 1 : 0;
  });
  return { ...run, data: { ...run.data, plan, done } };
}

const answers = { ...AT_THE_BENCH, "GET /api/readings/of-run/": [] };

describe("the first one is the master of the rest", () => {
  it("asks that it be measured, and is told by the plan itself", () => {
    const asked = serve(answers);
    show(<RunPage run={at(0)} />);
    expect(screen.getByText(/the first of 8 by itself/)).toBeTruthy();
    expect(screen.getByText(/measure it/)).toBeTruthy();
    expect(screen.getByTestId("big-number").textContent).toContain("66.4");
    expect(asked.some((one) => one.path.endsWith("/first-one"))).toBe(false);
  });

  it("says what the rest are cut to, large, and beside it what was planned", async () => {
    const run = at(3);
    serve({ ...answers, [`GET /api/readings/of-run/${run.id}/first-one`]: FIRST });
    show(<RunPage run={run} />);
    expect(screen.getByText(/copies 2 to 8 of 8/)).toBeTruthy();
    await waitFor(() => expect(screen.getByTestId("big-number").textContent).toContain("59.5"));
    expect(screen.getByTestId("by-the-first").textContent).toMatch(/planned 66\.4/);
  });

  it("has a loop made as the first one has it", async () => {
    const run = at(4);
    serve({ ...answers, [`GET /api/readings/of-run/${run.id}/first-one`]: FIRST });
    show(<RunPage run={run} />);
    expect((await screen.findByTestId("by-the-first")).textContent).toMatch(
      /7\.20 mm.*make the rest like it/,
    );
  });
});
