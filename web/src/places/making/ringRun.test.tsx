import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Kept, RingStep, RunData, RunProgress } from "../../api/types";
import bench from "../../test/bench.json";
import { press, PREFERENCES, CHOICES, Refused, serve, show, type Answers } from "../../test/app";
import { cautionWords } from "../../shared/words/words";
import { MakingPlace } from "./MakingPlace";
import { goneTo } from "./rhythm";

const RUN = bench.run as unknown as Kept<Extract<RunData, { kind: "ring" }>>;
const STEPS = RUN.data.plan.operations;
const FACTS = RUN.data.facts;

let next = 0;

/** A run of two coils of 84 rings on a 6 mm rod, at a step. */
function at(step: number, more: Partial<RunProgress> = {}, answers: Answers = {}) {
  const id = `ring-run-${next++}`;
  const kept = {
    ...RUN,
    id,
    version: 0,
    data: { ...RUN.data, done: goneTo(RUN.data.plan, step), counts: {}, ...more },
  };
  const asked = serve({
    ...PREFERENCES,
    [`GET /api/runs/${id}`]: kept,
    [`PUT /api/runs/${id}`]: (body: unknown) => ({
      ...kept,
      version: 1,
      data: { ...kept.data, ...(body as { data: object }).data },
    }),
    "GET /api/readings/of-run": [],
    [`GET /api/spools/${FACTS.job.spoolId}/springback`]: bench.springback,
    "PUT /api/readings/": (body: unknown) => ({
      id: "m",
      version: 0,
      deleted: false,
      ...(body as object),
    }),
    ...answers,
  });
  show(
    <Routes>
      <Route path="/making/:id" element={<MakingPlace />} />
      <Route path="/notebook" element={<p>the notebook</p>} />
    </Routes>,
    `/making/${id}`,
  );
  return { id, asked };
}

const big = async () => (await screen.findByTestId("big-number")).textContent;
const indexOf = (kind: RingStep["kind"]) => STEPS.findIndex((step) => step.verb === kind);

describe("making rings", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it.each([
    ["WIND", "90turns", "On the 6.00 mm rod", "Wind the coil"],
    ["SPRING_BACK", "86.7turns", "opens to 6.28 mm inside", "Let it spring back"],
    ["SLIDE_OFF", "105mm", "press it close", "Slide it off"],
    ["MEASURE_COIL", "8.68mm", "Expected across the outside", "Measure the coil"],
    ["CUT", "0of 84 rings", "One press for each ring", "Cut the rings"],
    ["CLOSE", "168rings", "Never pull them apart", "Close them"],
    ["MEASURE_RINGS", "6.20mm", "from all along the coil", "Measure the rings"],
  ] as const)("says and draws %s", async (kind, number, words, title) => {
    at(indexOf(kind));
    expect(await big()).toBe(number);
    expect(screen.getByRole("heading", { name: title })).toBeTruthy();
    expect(document.body.textContent).toContain(words);
    const drawing = screen.getByRole("img", { name: "The step, drawn" });
    expect(drawing.querySelectorAll("path, rect, circle").length).toBeGreaterThan(4);
  });

  it("says which coil of how many, and the cautions of the step", async () => {
    at(4);
    expect(await screen.findByText("cut, step 5 of 12, coil 1 of 2")).toBeTruthy();
    expect(STEPS[4]!.cautions.length).toBeGreaterThan(0);
    for (const caution of STEPS[4]!.cautions) {
      expect(screen.getByText(cautionWords(caution))).toBeTruthy();
    }
  });

  it("counts every ring before the next step, and takes one back", async () => {
    const { asked } = at(4, { counts: { "coil-1/cut": 82 } });
    expect(await big()).toBe("82of 84 rings");
    fireEvent.click(screen.getByRole("button", { name: "One more" }));
    press(" ");
    expect(await big()).toBe("84of 84 rings");
    press("Backspace");
    expect(await big()).toBe("83of 84 rings");
    fireEvent.click(screen.getByRole("button", { name: "One more" }));
    fireEvent.click(screen.getByRole("button", { name: "Next" }));
    expect(await screen.findByRole("heading", { name: "Wind the coil" })).toBeTruthy();
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "PUT").at(-1)!.body).toMatchObject({
        data: { done: { "coil-1/cut": 1, "coil-2/wind": 0 }, counts: { "coil-1/cut": 84 } },
      }),
    );
  });

  it("draws the coil shorter as rings come off it", async () => {
    at(4, { counts: { "coil-1/cut": 0 } });
    await big();
    const turns = () => screen.getByRole("img", { name: "The step, drawn" }).querySelectorAll("rect").length;
    const whole = turns();
    cleanup();
    at(4, { counts: { "coil-1/cut": 60 } });
    await big();
    expect(turns()).toBeLessThan(whole / 2);
  });

  it("takes what a caliper types, and says what the spool has learnt by it", async () => {
    const taken = { id: "m1", version: 0, updatedAt: "", deleted: false };
    const { asked } = at(
      3,
      {},
      {
        "GET /api/readings/of-run": [
          {
            ...taken,
            data: { operation: "coil-1/measure-coil", quantity: "COIL_OUTER", value: 8.7, planned: 8.68 },
          },
        ],
      },
    );
    fireEvent.change(await screen.findByLabelText("Measured, outside"), { target: { value: "8,71" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() =>
      expect(asked.some((one) => one.path.startsWith("/api/readings/") && one.method === "PUT")).toBe(true),
    );
    const sent = asked.find((one) => one.path.startsWith("/api/readings/") && one.method === "PUT")!;
    expect(sent.body).toMatchObject({
      data: { quantity: "COIL_OUTER", value: 8.71, operation: "coil-1/measure-coil" },
    });
    expect((await screen.findByTestId("learnt")).textContent).toContain("On this rod the spool now promises");
    expect(screen.getByLabelText<HTMLInputElement>("Measured, outside").value).toBe("");
  });

  it("keeps which side is measured", async () => {
    const { asked } = at(3);
    await big();
    fireEvent.click(screen.getByLabelText("inside"));
    fireEvent.change(screen.getByLabelText("Measured, inside"), { target: { value: "6.3" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: { quantity: "COIL_INNER", value: 6.3 },
    });
    expect(localStorage.getItem("toroid:measured:MEASURE_COIL")).toBe("COIL_INNER");
  });

  it("reads a bare number as inches where the workshop measures in inches", async () => {
    const { asked } = at(
      3,
      {},
      {
        "GET /api/preferences": {
          id: "p",
          version: 0,
          updatedAt: "",
          deleted: false,
          data: { ...CHOICES, units: "INCHES" },
        },
      },
    );
    await waitFor(() => expect(screen.getByTestId("big-number").textContent).toContain("in"));
    fireEvent.change(screen.getByLabelText("Measured, outside"), { target: { value: "0.343" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const sent = asked.find((one) => one.method === "PUT")!.body as { data: { value: number } };
    expect(sent.data.value).toBeCloseTo(0.343 * 25.4, 9);
  });

  it("says what the server refuses, and keeps what was typed", async () => {
    at(
      3,
      {},
      {
        "PUT /api/readings/": new Refused({
          code: "out-of-range",
          field: "value",
          value: "870",
          maximum: 500,
          unit: "mm",
        }),
      },
    );
    fireEvent.change(await screen.findByLabelText("Measured, outside"), { target: { value: "870" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    expect((await screen.findByRole("alert")).textContent).toContain("at most 500 mm");
    expect(screen.getByLabelText<HTMLInputElement>("Measured, outside").value).toBe("870");
  });

  it("says that only the server reads gauges, when it is away", async () => {
    at(
      3,
      {},
      {
        "POST /api/quantity/length": () => {
          throw new TypeError("gone");
        },
      },
    );
    fireEvent.change(await screen.findByLabelText("Measured, outside"), { target: { value: "11/32in" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    expect((await screen.findByRole("alert")).textContent).toContain("Type a bare number");
    expect(screen.getByLabelText<HTMLInputElement>("Measured, outside").value).toBe("11/32in");
  });

  it("ends with planned against made, and keeps the note", async () => {
    const { id, asked } = at(
      STEPS.length,
      {},
      {
        "GET /api/notebook/": { ...bench.done, runId: `ring-run-${next}` },
      },
    );
    expect(await screen.findByText("Done")).toBeTruthy();
    await waitFor(() => expect(document.body.textContent).toContain("inside, as made"));
    expect(document.body.textContent).toContain("Planned 6.20 mm");
    fireEvent.change(document.querySelector("textarea")!, { target: { value: "rod 6 wound loose" } });
    await waitFor(() =>
      expect(
        asked.filter((one) => one.path === `/api/runs/${id}` && one.method === "PUT").at(-1)?.body,
      ).toMatchObject({
        data: { note: "rod 6 wound loose" },
      }),
    );
    expect(screen.getByRole("link", { name: "Notebook" })).toBeTruthy();
  });

  it("says that a run is not there", async () => {
    serve(PREFERENCES);
    show(
      <Routes>
        <Route path="/making/:id" element={<MakingPlace />} />
      </Routes>,
      "/making/nowhere",
    );
    await waitFor(() => expect(document.body.textContent).not.toBe(""));
  }, 12000);

  it("puts rings left over on the shelf as they were made, once", async () => {
    const { asked } = at(STEPS.length, {}, { "GET /api/notebook/": null, "PUT /api/lots/": {} });
    const field = await screen.findByLabelText("Rings left over");
    fireEvent.change(field, { target: { value: "some" } });
    fireEvent.click(screen.getByText("put them on the shelf"));
    expect(await screen.findByText(/"some" is no number of rings/)).toBeTruthy();
    fireEvent.change(field, { target: { value: "14" } });
    fireEvent.click(screen.getByText("put them on the shelf"));
    expect(await screen.findByText(/14 are on the shelf/)).toBeTruthy();
    const kept = asked.filter((one) => one.path.startsWith("/api/lots/"));
    expect(kept).toHaveLength(1);
    expect(kept[0]!.body).toMatchObject({
      data: {
        kind: "rings",
        left: 14,
        facts: {
          metal: FACTS.job.metal,
          wire: FACTS.job.wireDiameterMm,
          inside: FACTS.sizes.closedInnerMm,
          from: "wound",
        },
      },
    });
  });
});
