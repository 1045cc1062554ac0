import type { ExerciseView, PractiseSession, Remark } from "../../api/exercises";
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";

import { press, PREFERENCES, Refused, serve, show, type Answers } from "../../test/app";
import { exerciseWords, remarkWords, seasonWords } from "../../shared/words/exerciseWords";
import { ExercisePage } from "./ExercisePage";
import { PracticePlace } from "./PracticePlace";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const SEASON = { sessions: 0, best: null, changePercent: null, lowPercent: null, highPercent: null };

const LOOPS: ExerciseView = {
  info: { id: "ten-loops", goes: 10, formId: "wrapped-loop", usualWireMm: 0.8, usualSizeMm: 2.5 },
  criteria: [{ id: "inside", quantity: "LOOP_INSIDE", within: 0.1, worst: null }],
  season: SEASON,
  sessions: [],
};
const RINGS: ExerciseView = {
  info: { id: "twenty-rings", goes: 20, formId: null, usualWireMm: null, usualSizeMm: null },
  criteria: [{ id: "joint", quantity: "JOINT", within: 0.5, worst: 3 }],
  season: SEASON,
  sessions: [],
};
const PAIR: ExerciseView = {
  info: { id: "ear-wire-pair", goes: 3, formId: "fish-hook", usualWireMm: 0.8, usualSizeMm: null },
  criteria: [
    { id: "height", quantity: "LENGTH", within: 0.5, worst: null },
    { id: "loop", quantity: "LOOP_INSIDE", within: 0.2, worst: null },
  ],
  season: SEASON,
  sessions: [],
};

function session(more: Partial<PractiseSession> & { remarks?: Remark[] }): PractiseSession {
  return {
    id: "one",
    startedAt: new Date().toISOString(),
    wireMm: null,
    wantedMm: null,
    weaveId: null,
    taken: [],
    whole: true,
    verdict: { done: 20, good: 13, figure: 0.35, spread: null, remarks: more.remarks ?? [] },
    ...more,
  };
}

function open(exercise: ExerciseView, answers: Answers = {}) {
  const { id } = exercise.info;
  const asked = serve({
    ...PREFERENCES,
    [`GET /api/exercises/${id}`]: exercise,
    [`GET /api/exercises/${id}/aims`]: [{ criterion: "inside", mm: 2.5, withinMm: 0.1 }],
    "PUT /api/readings/": (body: unknown) => body,
    ...answers,
  });
  show(
    <Routes>
      <Route path="/practice/:id" element={<ExercisePage />} />
    </Routes>,
    `/practice/${id}`,
  );
  return () => asked.filter((one) => one.method === "PUT").map((one) => (one.body as { data: unknown }).data);
}

describe("loops practised", () => {
  it("are noted one by one and refused where they cannot be", async () => {
    const noted = open(LOOPS, {
      "PUT /api/readings/": (body: unknown) =>
        (body as { data: { value: number } }).data.value < 0
          ? new Refused({ code: "out-of-range", value: "-1", minimum: 0, maximum: 200, unit: "mm" })
          : body,
      "POST /api/quantity/length": new Refused({ code: "unreadable-length", value: "two" }),
    });
    const field = await screen.findByLabelText("loop 1, inside, mm");
    fireEvent.change(field, { target: { value: "2,48" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(noted()).toHaveLength(1));
    expect(noted()[0]).toMatchObject({
      value: 2.48,
      planned: 2.5,
      quantity: "LOOP_INSIDE",
      context: { wireMm: 0.8, practised: { exercise: "ten-loops", criterion: "inside" } },
    });
    fireEvent.change(field, { target: { value: "-1" } });
    fireEvent.submit(field.closest("form")!);
    expect((await screen.findByRole("alert")).textContent).toContain("can be from 0 to 200 mm");
    fireEvent.change(field, { target: { value: "two" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(screen.getByRole("alert").textContent).toContain('"two"'));
  });

  it("go on where they were left, and one that slipped is taken back", async () => {
    const begun = session({ id: "begun", whole: false, wireMm: 0.9, wantedMm: 3 });
    const taken = [{ id: "r1", version: 4, criterion: "inside", value: 3.02, copy: 0 }];
    const noted = open(
      { ...LOOPS, sessions: [{ ...begun, taken }] },
      { "DELETE /api/readings/r1?version=4": {} },
    );
    const field = await screen.findByLabelText("loop 2, inside, mm");
    fireEvent.change(field, { target: { value: "3.05" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(noted()).toHaveLength(1));
    expect(noted()[0]).toMatchObject({ sessionId: "begun", planned: 3, context: { wireMm: 0.9 } });
    fireEvent.click(screen.getByRole("button", { name: "take the last one back" }));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
  });
});

describe("rings practised", () => {
  it("are judged by a press or a key", async () => {
    const noted = open(RINGS);
    fireEvent.click(await screen.findByRole("button", { name: "a gap" }));
    await waitFor(() => expect(noted()).toHaveLength(1));
    expect(noted()[0]).toMatchObject({ quantity: "JOINT", value: 1 });
    expect(noted()[0]).not.toHaveProperty("planned");
    press("3");
    await waitFor(() => expect(noted()).toHaveLength(2));
    expect(noted()[1]).toMatchObject({ value: 2 });
  });

  it("say the share that is flush, the fault there is most of, and what to do", async () => {
    const remarks: Remark[] = [{ pattern: "FAULT", what: "GAP", by: 5, at: null }];
    open({ ...RINGS, sessions: [session({ remarks, whole: false, taken: [] })] });
    expect((await screen.findByTestId("figure")).textContent).toBe("13of 20 flush");
    expect(screen.getByText("5 of 20 show a gap.").parentElement!.textContent).toContain("until they click");
  });
});

describe("a pair practised", () => {
  it("is asked for place by place, the first one whole before its twin", async () => {
    const taken = [
      { id: "a", version: 0, criterion: "height", value: 21, copy: 0 },
      { id: "b", version: 0, criterion: "loop", value: 2.2, copy: 0 },
    ];
    const noted = open({ ...PAIR, sessions: [session({ whole: false, wireMm: 0.8, taken })] });
    const field = await screen.findByLabelText("the second, over all, mm");
    const height = screen.getByRole("rowheader", { name: "over all" }).closest("tr")!;
    expect(within(height).getByText("21.00 mm")).toBeTruthy();
    fireEvent.change(field, { target: { value: "21.9" } });
    fireEvent.submit(field.closest("form")!);
    await waitFor(() => expect(noted()).toHaveLength(1));
    expect(noted()[0]).toMatchObject({ quantity: "LENGTH", value: 21.9, copy: 1 });
  });
});

describe("the exercises", () => {
  it("are listed with their last figure", async () => {
    serve({
      ...PREFERENCES,
      "GET /api/exercises": [LOOPS, { ...RINGS, sessions: [session({})] }],
    });
    show(<PracticePlace />);
    const rings = (await screen.findByText("Twenty closed rings")).closest("a")!;
    expect(rings.textContent).toContain("13of 20");
    expect(screen.getByText("Ten equal loops").closest("a")!.textContent).toContain("not yet");
  });

  it("say which way it goes only where it can be told", () => {
    const said = (season: Partial<ExerciseView["season"]>) =>
      seasonWords({ ...RINGS, season: { ...SEASON, ...season } });
    expect(said({ sessions: 1 })).toBe("1 whole session: four show which way it goes.");
    const told = { sessions: 9, best: 0.1, changePercent: -8, lowPercent: -14, highPercent: -2 };
    expect(said(told)).toBe("Better by 8 % each time (between 2 % and 14 %), from 9 sessions.");
    expect(said({ ...told, highPercent: 3 })).toContain("Neither better nor worse");
    expect(said({ ...told, changePercent: 6, lowPercent: 2, highPercent: 9 })).toContain("Worse by 6 %");
  });

  it("have words for whatever can stand out", () => {
    const each: Record<string, Remark["pattern"][]> = {
      "ten-loops": ["ONE_OFF", "DRIFT", "BIAS", "UNEVEN"],
      "close-coil": ["ONE_OFF", "DRIFT", "BIAS", "UNEVEN"],
    };
    for (const [id, patterns] of Object.entries(each)) {
      for (const pattern of patterns) {
        for (const by of [0.2, -0.2]) {
          const words = remarkWords(id, { pattern, what: "inside", by, at: 6 }, 10, "MILLIMETRES");
          expect(words.said, `${id} ${pattern}`).toMatch(/0\.20 mm/);
          expect(words.mend, `${id} ${pattern} ${by}`).not.toBe("");
        }
      }
    }
    const faults: [string, Remark["pattern"], string][] = [
      ["twenty-rings", "FAULT", "GAP"],
      ["twenty-rings", "FAULT", "STEP"],
      ["twenty-rings", "FAULT", "MARKED"],
      ["twenty-rings", "TIRING", ""],
      ["weave-unit", "FAULT", "WRONG_RINGS"],
      ["weave-unit", "TIRING", ""],
      ["ear-wire-pair", "APART", "height"],
      ["ear-wire-pair", "APART", "bow"],
      ["ear-wire-pair", "APART", "loop"],
    ];
    for (const [id, pattern, what] of faults) {
      const words = remarkWords(id, { pattern, what, by: 3, at: null }, 20, "MILLIMETRES");
      expect(words.mend, `${id} ${pattern} ${what}`).not.toBe("");
      expect(exerciseWords(id).name).not.toBe("An exercise");
    }
  });
});
