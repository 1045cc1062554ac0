import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FormRunData, FormStep, Kept } from "../../api/types";
import { PREFERENCES, serve, show, type Answers } from "../../test/app";
import { FORM } from "../../test/form";
import { FormEntry, measuredIn } from "./FormEntry";
import { FormRunPage } from "./FormRunPage";

const NOTHING = {
  gripMm: null,
  fromMiddleMm: null,
  insideMm: null,
  toolMm: null,
  ownTool: null,
  ownToolMm: null,
  ownInsideMm: null,
  degrees: null,
  heldDegrees: null,
  turns: null,
  flat: null,
  goesOn: false,
  wire: "hook",
};

const CUT: FormStep = {
  ...NOTHING,
  kind: "CUT",
  part: "straight",
  lengthMm: 0,
  stage: "CUT",
  cautions: ["GLASSES_ENDS_FLY"],
};
const HOOK: FormStep = {
  ...NOTHING,
  kind: "FORM",
  part: "hook",
  lengthMm: 22,
  gripMm: 30,
  insideMm: 7,
  toolMm: 6.7,
  degrees: 180,
  heldDegrees: 187,
  stage: "FORM",
  cautions: [],
};

let runs = 0;

function run(perGroup: number, pieces: number, place = 0): Kept<FormRunData> {
  runs++;
  return {
    id: `run-${runs}`,
    version: 0,
    updatedAt: "",
    deleted: false,
    data: {
      jobId: "job",
      place,
      places: Math.ceil(pieces / perGroup) * 2,
      counts: {},
      wireUsedMm: 0,
      startedAt: "2026-11-20T10:00:00Z",
      finishedAt: null,
      note: "",
      plan: {
        form: "hook, curled tip",
        metal: "yellow-brass",
        wireDiameterMm: 1.2,
        perGroup,
        finished: null,
        steps: [CUT, HOOK],
        wires: [
          {
            metal: null,
            name: "hook",
            diameterMm: 1.2,
            lengthInPieceMm: 61.5,
            lengthToCutMm: 66.4,
            tailMm: 4.9,
          },
        ],
        job: {
          name: "Cloak hooks",
          formId: "hook-curled",
          spoolId: null,
          metal: "yellow-brass",
          temper: "HARD",
          wireDiameterMm: 1.2,
          parameters: {},
          hand: "RIGHT",
          pieces,
          rhythm: "BATCH",
          cutting: "PRE_CUT",
          plainFromMm: 1,
          tailFactor: 1,
          note: "",
        },
      },
    },
  };
}

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/form-measurements/of-run/": [],
  "GET /api/form-runs/": { form: FORM, shapes: [] },
  "GET /api/notebook/forms": [],
  "PUT /api/form-runs/": (body: unknown) => ({ id: "x", version: 1, data: (body as { data: unknown }).data }),
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("what is shown of a form in making", () => {
  it("is what was frozen with the run: nothing is worked out anew", async () => {
    const asked = serve(BASE);
    const marking = run(3, 3);
    marking.data.plan.steps = [{ ...CUT, kind: "MARK", wire: "loop" }, HOOK];
    show(<FormRunPage run={marking} />);
    const marks = await screen.findByLabelText("Marks from the first cut end");
    expect(marks.textContent).toContain(FORM.wires[0]!.marks[0]!.atMm.toFixed(1));
    expect(asked.some((one) => one.path.endsWith("/form"))).toBe(true);
    expect(asked.filter((one) => one.path.endsWith("/solve") || one.path.endsWith("/forming"))).toEqual([]);
  });
});

describe("a batch", () => {
  it("counts every piece of a step before the next, by Space and back by Backspace", async () => {
    const asked = serve(BASE);
    show(<FormRunPage run={run(3, 3)} />);
    expect(screen.getByText(/all 3 pieces/)).toBeTruthy();
    expect(screen.getByTestId("big-number").textContent).toContain("66.4");
    expect(screen.getByText(/Glasses on/)).toBeTruthy();
    for (let i = 0; i < 3; i++) {
      fireEvent.keyDown(document.body, { key: " " });
    }
    expect(screen.getByRole("button", { name: "Next" })).toBeTruthy();
    fireEvent.keyDown(document.body, { key: "Backspace" });
    expect(screen.getByRole("button", { name: "One more" })).toBeTruthy();
    fireEvent.keyDown(document.body, { key: " " });
    fireEvent.keyDown(document.body, { key: " " });
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Form the hook");
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
  });

  it("one piece at a time goes from piece to piece", () => {
    serve(BASE);
    show(<FormRunPage run={run(1, 2, 1)} />);
    expect(screen.getByText(/piece 1 of 2/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Next" }));
    expect(screen.getByText(/piece 2 of 2/)).toBeTruthy();
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Cut the wire");
  });

  it("pairs go in tandem", () => {
    serve(BASE);
    show(<FormRunPage run={run(2, 4, 2)} />);
    expect(screen.getByText(/pieces 3 and 4 of 4/)).toBeTruthy();
  });

  it("a digit begins a measurement", () => {
    serve(BASE);
    show(<FormRunPage run={run(3, 3)} />);
    fireEvent.keyDown(document.body, { key: "6" });
    expect(document.activeElement?.id).toBe("measured");
  });
});

describe("a measurement", () => {
  it("is asked for where there is one", () => {
    const { plan } = run(3, 3).data;
    expect(measuredIn(CUT, plan)).toEqual(["CUT_LENGTH"]);
    expect(measuredIn(HOOK, plan)).toEqual(["LOOP_INSIDE"]);
    expect(measuredIn({ ...CUT, kind: "TRIM" }, plan)).toEqual(["OFFCUT", "SHORT", "MINUTES"]);
    expect(measuredIn({ ...CUT, kind: "GLUE" }, plan)).toEqual([]);
    expect(measuredIn({ ...CUT, kind: "HAMMER" }, plan)).toEqual([]);
    const flat = { thickMm: 0.5, wideMm: 1.9, longMm: 6 };
    expect(measuredIn({ ...CUT, kind: "HAMMER", flat }, plan)).toEqual(["FLAT_WIDE"]);
  });

  it("of a flat's width goes with the thickness it was hammered to", async () => {
    const asked = serve({ ...BASE, "PUT /api/form-measurements/": (body: unknown) => body });
    const flat = { thickMm: 0.5, wideMm: 1.9, longMm: 6 };
    show(<FormEntry run={run(3, 3)} step={{ ...CUT, kind: "HAMMER", flat }} />);
    const field = screen.getByLabelText("Measured, flat, wide");
    fireEvent.change(field, { target: { value: "1.85" } });
    fireEvent.submit(field.closest("form")!);
    const noted = () => asked.filter((one) => `${one.method} ${one.path}`.startsWith("PUT /api/form-m"));
    await waitFor(() => expect(noted()).toHaveLength(1));
    expect(noted()[0]!.body).toMatchObject({
      data: { value: 1.85, predicted: 1.9, tailMm: 0.5, measured: "FLAT_WIDE", wireMm: 1.2 },
    });
  });

  it("of a cut length goes with what stays in the piece and the form's own tail", async () => {
    const asked = serve({ ...BASE, "PUT /api/form-measurements/": (body: unknown) => body });
    show(<FormEntry run={run(3, 3)} step={CUT} />);
    const field = screen.getByLabelText(/Measured/);
    fireEvent.change(field, { target: { value: "67,5" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() =>
      expect(asked.some((one) => one.path.startsWith("/api/form-measurements/"))).toBe(true),
    );
    const put = asked.find((one) => one.method === "PUT")!.body as { data: object };
    expect(put.data).toMatchObject({ measured: "CUT_LENGTH", value: 67.5, predicted: 61.5, tailMm: 4.9 });
  });

  it("in the other tongue is read by the server", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/quantity/length": { millimetres: 6.35, understoodAs: "1/4 in" },
      "PUT /api/form-measurements/": (body: unknown) => body,
    });
    show(<FormEntry run={run(3, 3)} step={HOOK} />);
    const field = screen.getByLabelText(/Measured/);
    fireEvent.change(field, { target: { value: "1/4in" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: { measured: "LOOP_INSIDE", value: 6.35, predicted: 7, tailMm: null },
    });
  });
});
