import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { press, serve, show } from "../../test/app";
import { AT_THE_BENCH, CUT, forming, HOOK, hooks } from "../../test/runs";
import { Timers } from "../../shared/shell/Timers";
import { takeUpMoment } from "../../shared/kernel/moment";
import { setTimer } from "../../shared/kernel/timers";
import { RunPage } from "./RunPage";

const TIMED = forming(
  2,
  { kind: "TRIM", part: "tail" },
  {
    measurable: [{ quantity: "MINUTES", unit: "min", planned: 4, low: 2, high: 8, context: { timings: 3 } }],
  },
);

let wall = 1_000_000_000;

beforeEach(() => {
  localStorage.clear();
  takeUpMoment();
  vi.spyOn(Date, "now").mockImplementation(() => wall);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

const noted = (asked: ReturnType<typeof serve>) =>
  asked.filter((one) => one.method === "PUT" && one.path.startsWith("/api/readings/")).map((one) => one.body);

describe("the watch", () => {
  it("notes a copy from its first step to its last, for each of those in hand, over a reload", async () => {
    const asked = serve(AT_THE_BENCH);
    const run = hooks(1, 2, 0, [CUT, TIMED]);
    show(<RunPage run={run} />);
    press("s", document.body);
    expect(screen.getByTestId("watch").textContent).toBe("0:00");
    wall += 90_000;
    press("ArrowRight", document.body);
    expect(noted(asked)).toEqual([]);
    cleanup();
    show(<RunPage run={{ ...run, data: { ...run.data, done: { "step-1": 1 } } }} />);
    expect(screen.getByText(/by 3 timings of yours/)).toBeTruthy();
    wall += 30_000;
    press(" ", document.body);
    await waitFor(() => expect(noted(asked)).toHaveLength(1));
    expect(noted(asked)[0]).toMatchObject({ data: { quantity: "MINUTES", operation: "step-2", value: 2 } });
    // the next copy's lap has begun
    expect(screen.getByTestId("watch").textContent).toBe("0:00");
  });

  it("notes nothing where it was begun in the middle, gone back, or stood still", async () => {
    const asked = serve(AT_THE_BENCH);
    show(<RunPage run={hooks(1, 1, 1, [CUT, TIMED])} />);
    fireEvent.click(screen.getByRole("button", { name: "time it" }));
    expect(screen.getByText(/begun in the middle/)).toBeTruthy();
    wall += 60_000;
    press("s", document.body);
    wall += 600_000;
    press("s", document.body);
    expect(screen.getByTestId("watch").textContent).toBe("1:00");
    press("ArrowLeft", document.body);
    press(" ", document.body);
    press(" ", document.body);
    await screen.findByRole("heading", { name: "Done" });
    expect(noted(asked)).toEqual([]);
  });
});

describe("timers at the bench", () => {
  it("T types one, what waits is offered, and one that is up says so in the title until it is done", async () => {
    serve(AT_THE_BENCH);
    const glue = forming(1, { kind: "GLUE", part: "cup" }, { waits: { kind: "GLUE_SETS", minutes: 1440 } });
    show(<RunPage run={hooks(1, 1, 0, [glue, HOOK])} />);
    press("t", document.body);
    const field = screen.getByLabelText<HTMLInputElement>(/Timer/);
    expect(document.activeElement).toBe(field);
    expect(field.value).toBe("1440 glue");
    fireEvent.change(field, { target: { value: "soon" } });
    fireEvent.submit(field.closest("form")!);
    expect(screen.getByRole("alert").textContent).toContain("Minutes first");
    fireEvent.change(field, { target: { value: "10 pickle" } });
    fireEvent.submit(field.closest("form")!);
    expect(screen.getByLabelText("Timers").textContent).toContain("pickle 10:00");
    const title = document.title;
    wall += 11 * 60_000;
    await screen.findByText("is up");
    await waitFor(() => expect(document.title).toBe("pickle: up"));
    fireEvent.click(screen.getByRole("button", { name: "Stop pickle" }));
    expect(screen.queryByLabelText("Timers")).toBeNull();
    await waitFor(() => expect(document.title).toBe(title));
  });

  it("are there after a reload", () => {
    setTimer(5, "quench");
    show(<Timers />);
    expect(screen.getByLabelText("Timers").textContent).toContain("quench 5:00");
  });
});
