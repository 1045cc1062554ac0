/** For tests: a run of hooks and a run of a byzantine chain, as the server tells them. */
import { PREFERENCES, type Answers } from "./app";
import { FORM } from "./form";
import type { FormFacts, FormStep, Kept, Operation, RunData } from "../api/types";
import { goneTo } from "../places/making/rhythm";
import sample from "./patch.json";
import { CHAIN_JOB } from "./weaveJob";

const NO_STEP = {
  gripMm: null,
  fromMiddleMm: null,
  insideMm: null,
  toolMm: null,
  degrees: null,
  heldDegrees: null,
  turns: null,
  flat: null,
  goesOn: false,
  half: null,
  id: -1,
  wire: "hook",
};

type Bare = Omit<FormStep, "ownTool" | "ownToolMm" | "ownInsideMm"> & { id: number };

export function forming(
  at: number,
  step: Partial<Bare> & Pick<Bare, "kind" | "part">,
  more: Partial<Operation> = {},
): Operation {
  return {
    id: `step-${at}`,
    part: step.part,
    stage: "FORM",
    verb: step.kind,
    times: 1,
    counted: true,
    after: at === 1 ? [] : [`step-${at - 1}`],
    draws: [],
    measurable: [],
    cautions: [],
    waits: null,
    detail: {
      family: "forming",
      own: null,
      step: { ...NO_STEP, lengthMm: 0, ...step, readies: false } as never,
    },
    ...more,
  };
}

const measured = (
  quantity: Operation["measurable"][number]["quantity"],
  planned: number | null,
  unit = "mm",
) => ({
  quantity,
  unit,
  planned,
  low: null,
  high: null,
});

export const CUT = forming(
  1,
  { kind: "CUT", part: "straight" },
  { stage: "CUT", cautions: ["GLASSES_ENDS_FLY"], measurable: [measured("CUT_LENGTH", 66.4)] },
);
export const HOOK = forming(
  2,
  {
    kind: "FORM",
    part: "hook",
    lengthMm: 22,
    gripMm: 30,
    insideMm: 7,
    toolMm: 6.7,
    degrees: 180,
    heldDegrees: 187,
  },
  { measurable: [measured("LOOP_INSIDE", 7)] },
);
export const TRIM = forming(
  3,
  { kind: "TRIM", part: "tail" },
  { measurable: [measured("OFFCUT", 4.9), measured("SHORT", 4.9), measured("MINUTES", null, "min")] },
);

let runs = 0;

function kept(data: RunData): Kept<RunData> {
  runs++;
  return { id: `run-${runs}`, version: 0, updatedAt: "", deleted: false, data };
}

const NOT_BEGUN = {
  jobId: "job",
  lotId: null,
  done: {},
  counts: {},
  more: 0,
  spoilt: [],
  skipped: [],
  drawn: {},
  startedAt: "2026-11-20T10:00:00Z",
  finishedAt: null,
  note: "",
};

/** Hooks, so many over each step, at a place of their rhythm. */
export function hooks(
  perGroup: number,
  copies: number,
  place = 0,
  operations: Operation[] = [CUT, HOOK],
): Kept<RunData> {
  const plan = { operations, copies, perGroup };
  const facts: FormFacts = {
    form: "hook, curled tip",
    metal: "yellow-brass",
    wireDiameterMm: 1.2,
    finished: null,
    wires: [
      {
        metal: null,
        lot: null,
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
      copies: copies,
      rhythm: "BATCH",
      cutting: "PRE_CUT",
      plainFromMm: 1,
      tailFactor: 1,
      lots: {},
      note: "",
    },
  };
  return kept({ ...NOT_BEGUN, kind: "form", name: "Cloak hooks", facts, plan, done: goneTo(plan, place) });
}

/** The sample chain, so many rings put in; negative while rings are closed and opened beforehand. */
export function chain(ringsIn: number): Kept<RunData> {
  const preClosed = sample.count.preClosed.inHand;
  const { opened } = sample.count;
  const putIn = sample.patch.steps.length;
  const handled = (id: string, verb: "CLOSE_FIRST" | "OPEN_FIRST" | "PUT_IN", times: number): Operation => ({
    id,
    part: "",
    stage: "JOIN",
    verb,
    times,
    counted: true,
    after: verb === "PUT_IN" ? ["close-first", "open-first"] : [],
    draws: [],
    measurable: [],
    cautions: [],
    waits: null,
    detail: { family: "weaving", kind: verb, rings: times },
  });
  const plan = {
    operations: [
      handled("close-first", "CLOSE_FIRST", preClosed),
      handled("open-first", "OPEN_FIRST", opened),
      handled("put-in", "PUT_IN", putIn),
    ],
    copies: 1,
    perGroup: 1,
  };
  return kept({
    ...NOT_BEGUN,
    kind: "weave",
    name: CHAIN_JOB.name,
    facts: { job: CHAIN_JOB, weave: "byzantine", total: sample.count.total, preClosed, opened, putIn },
    plan,
    done: goneTo(plan, ringsIn < 0 ? 2 + ringsIn : 2),
    counts: { "put-in": Math.max(0, ringsIn) },
  });
}

/** What the server answers while a form is made; what is kept comes back as it was sent. */
export const AT_THE_BENCH: Answers = {
  ...PREFERENCES,
  "GET /api/readings/of-run/": [],
  "GET /api/runs/": { form: FORM, shapes: [] },
  "GET /api/notebook/": null,
  "PUT /api/readings/": (body: unknown) => ({ id: "m", version: 0, data: (body as { data: unknown }).data }),
  "PUT /api/runs/": (body: unknown) => ({ id: "x", version: 1, data: (body as { data: unknown }).data }),
};
