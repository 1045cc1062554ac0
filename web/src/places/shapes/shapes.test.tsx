import { act, cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { useState } from "react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FormAnswer, FormJobData, FormStep, OutlineRow } from "../../api/types";
import { PREFERENCES, Refused, serve, show, type Answers } from "../../testing/app";
import { CataloguePlace } from "./CataloguePlace";
import { FlatView } from "./FlatView";
import { OutlineTable } from "./OutlineTable";
import { OwnTail } from "./OwnTail";
import { ParameterList } from "./ParameterList";
import { Player } from "./Player";
import { PracticePlace } from "./PracticePlace";
import { StartForm } from "./StartForm";
import { WireStrip } from "./WireStrip";

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
  cautions: [],
};

const STEPS: FormStep[] = [
  { ...NOTHING, kind: "CUT", part: "straight", wire: "loop", lengthMm: 0, stage: "CUT" },
  { ...NOTHING, kind: "LEAVE", part: "stem", wire: "loop", lengthMm: 8, gripMm: 0, stage: "FORM" },
  {
    ...NOTHING,
    kind: "LOOP",
    part: "loop",
    wire: "loop",
    lengthMm: 9,
    gripMm: 8,
    insideMm: 2.5,
    toolMm: 2.45,
    degrees: 280,
    heldDegrees: 285,
    stage: "FORM",
  },
];

const FORM: FormAnswer = {
  formId: "plain-loop",
  name: "plain loop",
  wireDiameterMm: 1,
  metal: "copper",
  parameters: { loop: 2.5, style: "over the stem", wraps: 3 },
  lengthInPieceMm: 17,
  lengthToCutMm: 19,
  offcutMm: 2,
  massG: 0.12,
  extentMm: { x: 11, y: 4, z: 1, fromX: 0, fromY: -2, fromZ: -0.5 },
  marks: [],
  steps: STEPS,
  notes: [],
  wires: [
    {
      name: "loop",
      diameterMm: 1,
      lengthInPieceMm: 17,
      lengthToCutMm: 19,
      offcutMm: 2,
      firstTailMm: 0,
      secondTailMm: 2,
      middleMm: 0,
      meltedMm: 0,
      ends: ["FLUSH", "FLUSH"],
      marks: [
        { atMm: 8, kind: "BEND", step: 2 },
        { atMm: 17, kind: "TRIM", step: -1 },
      ],
      stretches: [
        { fromMm: 0, toMm: 8, step: 1 },
        { fromMm: 8, toMm: 17, step: 2 },
      ],
      points: [0, 0, 0, 8, 0, 0, 10, 2, 0],
      alongMm: [0, 8, 17],
    },
  ],
  solids: [],
  figures: [],
  contacts: [],
};

const JOB: FormJobData = {
  name: "Loops",
  formId: "plain-loop",
  spoolId: null,
  metal: "copper",
  temper: "HALF_HARD",
  wireDiameterMm: 1,
  parameters: {},
  hand: "RIGHT",
  pieces: 4,
  rhythm: "BATCH",
  cutting: "PRE_CUT",
  plainFromMm: 1,
  tailFactor: 1,
  note: "",
};

const KEPT = { id: "job-1", version: 3, updatedAt: "", deleted: false, data: JOB };

const parameter = (id: string, name: string, kind: string, more: object = {}) => ({
  id,
  name,
  kind,
  unit: kind === "LENGTH" ? "mm" : "",
  usual: 2.5,
  least: 1.2,
  most: 40,
  choices: [],
  onlyWhen: [],
  reason: "",
  ...more,
});

const CATALOGUE = [
  {
    id: "plain-loop",
    name: "plain loop",
    family: "LOOPS",
    familyName: "loops",
    does: "an eye that opens sideways",
    usualWireMm: 1,
    wireDiameterMm: 1,
    parameters: [
      parameter("loop", "loop, inside", "LENGTH"),
      parameter("style", "loop stands", "CHOICE", { choices: ["over the stem", "wrapped"], usual: 0 }),
      parameter("wraps", "wraps", "COUNT", { usual: 3, least: 1, most: 9, onlyWhen: ["style=wrapped"] }),
    ],
  },
  {
    id: "s-hook",
    name: "S-hook",
    family: "CLASPS",
    familyName: "hooks and clasps",
    does: "two hooks in one wire",
    usualWireMm: 1.2,
    wireDiameterMm: 1.2,
    parameters: [],
  },
];

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/forms/pictures": CATALOGUE.map(({ id }) => ({
    id,
    wires: [{ diameterMm: 1, points: [0, 0, 0, 10, 0, 0] }],
    solids: [],
  })),
  "GET /api/forms": CATALOGUE,
  "GET /api/spools": [],
  "GET /api/bench/forms": [],
  "GET /api/form-jobs": [KEPT],
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the catalogue", () => {
  it("shows each form under what it does, and finds one by any of its words", async () => {
    serve(BASE);
    show(<CataloguePlace />);
    expect(await screen.findByRole("region", { name: "hooks and clasps" })).toBeTruthy();
    expect(screen.getAllByRole("button", { name: /loop|S-hook/ }).length).toBeGreaterThan(1);
    fireEvent.change(screen.getByLabelText("Find a form"), { target: { value: "sideways" } });
    expect(screen.queryByText("S-hook")).toBeNull();
    fireEvent.change(screen.getByLabelText("Find a form"), { target: { value: "anvil" } });
    expect(screen.getByText(/No form is called that/)).toBeTruthy();
  });

  it("keeps a job of the form that is chosen and goes to it", async () => {
    const asked = serve({ ...BASE, "PUT /api/form-jobs/": (body: unknown) => body });
    show(
      <Routes>
        <Route path="/" element={<CataloguePlace />} />
        <Route path="/shapes/:id" element={<p>its place</p>} />
      </Routes>,
    );
    const tile = await screen.findByRole("button", { name: /S-hook/ });
    await waitFor(() => expect(asked.some((one) => one.path === "/api/preferences")).toBe(true));
    fireEvent.click(tile);
    expect(await screen.findByText("its place")).toBeTruthy();
    const put = asked.find((one) => one.method === "PUT")!.body as { version: null; data: FormJobData };
    expect(put.version).toBeNull();
    expect(put.data).toMatchObject({ formId: "s-hook", wireDiameterMm: 1.2, pieces: 2, metal: "copper" });
  });
});

describe("parameters", () => {
  function Sheet() {
    const [data, setData] = useState(JOB);
    return (
      <>
        <ParameterList
          form={{ ...FORM, parameters: { ...FORM.parameters, ...data.parameters } }}
          data={data}
          change={(patch) => setData({ ...data, ...patch })}
          units="MILLIMETRES"
        />
        <output>{JSON.stringify(data.parameters)}</output>
      </>
    );
  }

  it("are live, and can be put back to their usual value", async () => {
    serve(BASE);
    show(<Sheet />);
    const loop = await screen.findByLabelText("loop, inside");
    fireEvent.focus(loop);
    fireEvent.change(loop, { target: { value: "3.1" } });
    fireEvent.blur(loop);
    await waitFor(() =>
      expect(screen.getByRole("status", { hidden: true }).textContent).toBe('{"loop":3.1}'),
    );
    fireEvent.click(screen.getByText("usual 2.5 mm"));
    expect(screen.getByRole("status", { hidden: true }).textContent).toBe("{}");
  });

  it("that would change nothing are not shown", async () => {
    serve(BASE);
    show(<Sheet />);
    const style = await screen.findByLabelText("loop stands");
    expect(screen.queryByLabelText("wraps")).toBeNull();
    fireEvent.change(style, { target: { value: "wrapped" } });
    expect(await screen.findByLabelText("wraps")).toBeTruthy();
  });
});

describe("the free editor", () => {
  it("adds, changes and takes out rows; the last one stays", () => {
    serve(BASE);
    let rows: OutlineRow[] = [{ feedMm: 5, rotateDegrees: 0, bendDegrees: 30, insideRadiusMm: 1 }];
    const view = show(<OutlineTable rows={rows} onRows={(next) => (rows = next)} />);
    expect(screen.getByLabelText<HTMLButtonElement>("Take row 1 out").disabled).toBe(true);
    fireEvent.click(screen.getByText("add a bend"));
    expect(rows).toHaveLength(2);
    view.unmount();
    show(<OutlineTable rows={rows} onRows={(next) => (rows = next)} />);
    fireEvent.click(screen.getByLabelText("Take row 1 out"));
    expect(rows).toEqual([{ feedMm: 10, rotateDegrees: 0, bendDegrees: 30, insideRadiusMm: 1 }]);
  });
});

describe("the player", () => {
  function Bench() {
    const [step, setStep] = useState<number | null>(null);
    const [held, setHeld] = useState(false);
    return <Player form={FORM} step={step} held={held} ready onStep={setStep} onHeld={setHeld} />;
  }

  it("goes step by step, each bend first in the tool and then sprung back", () => {
    serve(BASE);
    show(<Bench />);
    const on = screen.getByLabelText("One step on");
    fireEvent.click(on);
    expect(screen.getByText(/cut straight/)).toBeTruthy();
    fireEvent.click(on);
    fireEvent.click(on);
    fireEvent.click(on);
    expect(screen.getByText(/in the tool/)).toBeTruthy();
    fireEvent.click(on);
    expect(screen.getByText(/sprung back/)).toBeTruthy();
    expect(screen.getByText(/bend to 285°, it springs back to 280°/)).toBeTruthy();
    expect(screen.getByRole("slider").getAttribute("aria-valuenow")).toBe("3");
    fireEvent.keyDown(screen.getByRole("slider"), { key: "ArrowLeft" });
    expect(screen.getByRole("slider").getAttribute("aria-valuetext")).toBe("2, Leave straight");
    fireEvent.click(screen.getByText("done form"));
    expect(screen.queryByText(/sprung back/)).toBeNull();
  });

  it("plays through by itself, lets the last bend spring back and stops", async () => {
    vi.useFakeTimers();
    try {
      serve(BASE);
      show(<Bench />);
      fireEvent.click(screen.getByText("play the bends"));
      for (let i = 0; i < 8; i++) {
        await act(() => vi.advanceTimersByTimeAsync(800));
      }
      expect(screen.getByRole("slider").getAttribute("aria-valuenow")).toBe("3");
      expect(screen.getByText(/sprung back/)).toBeTruthy();
      expect(screen.getByText("play the bends")).toBeTruthy();
    } finally {
      vi.useRealTimers();
    }
  });
});

describe("the wire strip", () => {
  it("says what to cut, what comes back, and sets every mark", () => {
    serve(BASE);
    show(<WireStrip form={FORM} step={2} pieces={4} />);
    expect(screen.getByText(/2.0 mm of it comes back; 4 pieces take 76 mm/)).toBeTruthy();
    const strip = screen.getByTestId("wire-strip");
    expect(within(strip).getByText("8.0")).toBeTruthy();
    expect(within(strip).getByText("17.0")).toBeTruthy();
    expect(strip.querySelector("rect[fill='var(--mark)']")).not.toBeNull();
  });

  it("can be drawn larger than it is, and says so", () => {
    serve(BASE);
    show(<WireStrip form={FORM} step={null} pieces={1} />);
    expect(screen.queryByText(/shown at/)).toBeNull();
    fireEvent.click(screen.getByText("larger"));
    expect(screen.getByText(/shown at \d+ %/)).toBeTruthy();
  });
});

describe("the flat view", () => {
  it("at true size has the screen's own scale and its sizes over all", () => {
    serve({ ...BASE });
    show(
      <FlatView
        wires={[{ diameterMm: 1, points: FORM.wires[0]!.points }]}
        solids={[]}
        form={FORM}
        kind="true"
        dimensioned
      />,
    );
    expect(Number(screen.getByTestId("flat-view").dataset.scale)).toBeCloseTo(96 / 25.4, 6);
    expect(screen.getByText("11.0 mm")).toBeTruthy();
    expect(screen.getByText("4.0 mm")).toBeTruthy();
  });
});

describe("to the bench", () => {
  it("twins make the number even and run in tandem", () => {
    serve(BASE);
    const patches: Partial<FormJobData>[] = [];
    show(
      <StartForm
        kept={KEPT}
        form={FORM}
        data={{ ...JOB, pieces: 5 }}
        change={(patch) => patches.push(patch)}
      />,
    );
    fireEvent.click(screen.getByText("make twins"));
    expect(patches).toEqual([{ hand: "PAIRS", pieces: 6, rhythm: "TANDEM" }]);
  });

  it("says when it cannot be made as it stands", () => {
    serve(BASE);
    const stopped: FormAnswer = {
      ...FORM,
      notes: [{ code: "passes-through", severity: "STOP", values: { atMm: 3, depthMm: 0.2 } }],
    };
    show(<StartForm kept={KEPT} form={stopped} data={JOB} change={() => {}} />);
    expect(screen.getByText(/cannot be made/)).toBeTruthy();
  });

  it("offers the maker's own handling tail once it was measured", async () => {
    const tail = { factor: 1.21, low: 1.1, high: 1.3, measurements: 6 };
    serve({ ...BASE, "GET /api/form-measurements/of-form/plain-loop": { tail, sessions: [] } });
    const patches: Partial<FormJobData>[] = [];
    show(<OwnTail form={FORM} data={JOB} change={(patch) => patches.push(patch)} />);
    fireEvent.click(await screen.findByText("cut to your own tail"));
    expect(patches).toEqual([{ tailFactor: 1.21 }]);
  });
});

describe("loops practised", () => {
  it("are noted one by one and refused where they cannot be", async () => {
    const none = { tail: { factor: 1, low: 1, high: 1, measurements: 0 }, sessions: [] };
    const asked = serve({
      ...BASE,
      "GET /api/form-measurements/of-form/wrapped-loop": none,
      "PUT /api/form-measurements/": (body: unknown) =>
        (body as { data: { value: number } }).data.value < 0
          ? new Refused({ code: "out-of-range", detail: "value is -1 mm; allowed is from 0 to 200 mm." })
          : body,
    });
    show(<PracticePlace />);
    const field = await screen.findByLabelText("loop 1, inside, mm");
    fireEvent.change(field, { target: { value: "2,48" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(asked.filter((one) => one.method === "PUT")).toHaveLength(1));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: { value: 2.48, predicted: 2.5, measured: "LOOP_INSIDE", formId: "wrapped-loop" },
    });
    fireEvent.change(field, { target: { value: "-1" } });
    fireEvent.submit(field.closest("form")!);
    expect((await screen.findByRole("alert")).textContent).toContain("allowed is from 0");
    fireEvent.change(field, { target: { value: "two" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(screen.getByRole("alert").textContent).toContain("is not a number"));
  });
});
