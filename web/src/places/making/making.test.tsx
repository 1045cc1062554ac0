import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { press, serve, show } from "../../test/app";
import { FORM } from "../../test/form";
import { AT_THE_BENCH, CUT, forming, HOOK, hooks, TRIM } from "../../test/runs";
import { MeasureEntry } from "./MeasureEntry";
import type { Place } from "./rhythm";
import { RunPage } from "./RunPage";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("what is shown of a form in making", () => {
  it("is what was frozen with the run: nothing is worked out anew", async () => {
    const asked = serve(AT_THE_BENCH);
    const mark = forming(1, { kind: "MARK", part: "middle", wire: "loop" }, { stage: "CUT" });
    show(<RunPage run={hooks(3, 3, 0, [mark, HOOK])} />);
    const marks = await screen.findByLabelText("Marks from the first cut end");
    expect(marks.textContent).toContain(FORM.wires[0]!.marks[0]!.atMm.toFixed(1));
    expect(asked.some((one) => one.path.endsWith("/shown"))).toBe(true);
    expect(asked.filter((one) => one.path.endsWith("/solve") || one.path.endsWith("/forming"))).toEqual([]);
  });
});

describe("a batch", () => {
  it("counts every copy of a step before the next, by Space and back by Backspace", async () => {
    const asked = serve(AT_THE_BENCH);
    show(<RunPage run={hooks(3, 3)} />);
    expect(screen.getByText(/all 3 copies/)).toBeTruthy();
    expect(screen.getByTestId("big-number").textContent).toContain("66.4");
    expect(screen.getByText(/Glasses on/)).toBeTruthy();
    for (let i = 0; i < 3; i++) {
      press(" ", document.body);
    }
    expect(screen.getByRole("button", { name: "Next" })).toBeTruthy();
    press("Backspace", document.body);
    expect(screen.getByRole("button", { name: "One more" })).toBeTruthy();
    press(" ", document.body);
    press(" ", document.body);
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Form the hook");
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "PUT").at(-1)?.body).toMatchObject({
        data: { done: { "step-1": 3, "step-2": 0 }, counts: { "step-1": 3 } },
      }),
    );
  });

  it("one copy at a time goes from copy to copy", () => {
    serve(AT_THE_BENCH);
    show(<RunPage run={hooks(1, 2, 1)} />);
    expect(screen.getByText(/copy 1 of 2/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Next" }));
    expect(screen.getByText(/copy 2 of 2/)).toBeTruthy();
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Cut the wire");
  });

  it("pairs go in tandem", () => {
    serve(AT_THE_BENCH);
    show(<RunPage run={hooks(2, 4, 2)} />);
    expect(screen.getByText(/copies 3 and 4 of 4/)).toBeTruthy();
  });

  it("a digit begins a measurement", () => {
    serve(AT_THE_BENCH);
    show(<RunPage run={hooks(3, 3)} />);
    press("6", document.body);
    expect(document.activeElement?.id).toBe("measured");
  });
});

/** The third of three copies in hand, the first two done. */
const HERE: Place = { at: 0, places: 9, index: 0, operation: CUT, first: 0, copies: 3, count: 2, times: 3 };

describe("a measurement", () => {
  it("is told by reference: the run, the step, what was measured, what it came to", async () => {
    const asked = serve({ ...AT_THE_BENCH, "PUT /api/readings/": (body: unknown) => body });
    const run = hooks(3, 3);
    Object.assign(run.data, {
      spoilt: [{ operation: "step-2", times: 1, why: "BROKE", said: "", copy: 0 }],
    });
    show(<MeasureEntry run={run} operation={CUT} place={HERE} />);
    const field = screen.getByLabelText("Measured, really cut");
    fireEvent.change(field, { target: { value: "67,5" } });
    fireEvent.submit(field.closest("form")!);
    const noted = () => asked.filter((one) => one.method === "PUT");
    await waitFor(() => expect(noted()).toHaveLength(1));
    const { data } = noted()[0]!.body as { data: Record<string, unknown> };
    expect(data).toMatchObject({
      runId: run.id,
      operation: "step-1",
      quantity: "CUT_LENGTH",
      value: 67.5,
      note: "",
      copy: 2,
      lost: 1,
    });
    expect(Object.keys(data).sort()).toEqual([
      "copy",
      "lost",
      "note",
      "operation",
      "quantity",
      "runId",
      "takenAt",
      "value",
    ]);
  });

  it("offers what the step's plan measures, and remembers which was taken", () => {
    serve(AT_THE_BENCH);
    const run = hooks(3, 3, 0, [CUT, HOOK, TRIM]);
    show(<MeasureEntry run={run} operation={TRIM} place={HERE} />);
    expect(screen.getAllByRole("radio").map((one) => one.parentElement?.textContent)).toEqual([
      "offcut",
      "did not reach, short by",
      "minutes for one",
    ]);
    fireEvent.click(screen.getByLabelText("minutes for one"));
    cleanup();
    show(<MeasureEntry run={run} operation={TRIM} place={HERE} />);
    expect(screen.getByLabelText<HTMLInputElement>("minutes for one").checked).toBe(true);
  });

  it("in the other tongue is read by the server", async () => {
    const asked = serve({
      ...AT_THE_BENCH,
      "POST /api/quantity/length": { millimetres: 6.35, understoodAs: "1/4 in" },
      "PUT /api/readings/": (body: unknown) => body,
    });
    show(<MeasureEntry run={hooks(3, 3)} operation={HOOK} place={HERE} />);
    const field = screen.getByLabelText(/Measured/);
    fireEvent.change(field, { target: { value: "1/4in" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: { quantity: "LOOP_INSIDE", value: 6.35 },
    });
  });

  it("taken here before is told with what was planned", async () => {
    serve({
      ...AT_THE_BENCH,
      "GET /api/readings/of-run/": [
        { id: "m", deleted: false, data: { operation: "step-3", quantity: "OFFCUT", value: 3.2 } },
        { id: "n", deleted: false, data: { operation: "step-2", quantity: "OFFCUT", value: 9 } },
        { id: "o", deleted: true, data: { operation: "step-3", quantity: "OFFCUT", value: 8 } },
      ],
      "GET /api/readings/of-form/": { loops: null, cuts: null },
    });
    show(<MeasureEntry run={hooks(3, 3, 0, [CUT, HOOK, TRIM])} operation={TRIM} place={HERE} />);
    expect((await screen.findByTestId("noted")).textContent).toBe(
      "1 measurement, the last 3.20; planned 4.90.",
    );
  });
});
