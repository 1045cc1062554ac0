/** For tests: one form, its job, a catalogue of two. */
import type { FormAnswer, FormJobData, FormStep } from "../api/types";
import { PREFERENCES, type Answers } from "./app";

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
  half: null,
};

export const STEPS: FormStep[] = [
  { ...NOTHING, kind: "CUT", part: "straight", wire: "loop", lengthMm: 0 },
  { ...NOTHING, kind: "LEAVE", part: "stem", wire: "loop", lengthMm: 8, gripMm: 0 },
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
  },
];

export const FORM: FormAnswer = {
  formId: "plain-loop",
  name: "plain loop",
  wireDiameterMm: 1,
  metal: "copper",
  parameters: { loop: 2.5, style: "over the stem", wraps: 3 },
  lengthInPieceMm: 17,
  lengthToCutMm: 19,
  forCopiesMm: 76,
  offcutMm: 2,
  massG: 0.12,
  extentMm: { x: 11, y: 4, z: 1, fromX: 0, fromY: -2, fromZ: -0.5 },
  marks: [],
  steps: STEPS,
  notes: [],
  wires: [
    {
      name: "loop",
      metal: "copper",
      ownMetal: false,
      diameterMm: 1,
      spoolFromMm: 0.97,
      spoolToMm: 1.03,
      lengthInPieceMm: 17,
      lengthToCutMm: 19,
      forCopiesMm: 76,
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
        { fromMm: 0, toMm: 8, wireFromMm: 0, wireToMm: 8, step: 1 },
        { fromMm: 8, toMm: 17, wireFromMm: 8, wireToMm: 17, step: 2 },
      ],
      points: [0, 0, 0, 8, 0, 0, 10, 2, 0],
      alongMm: [0, 8, 17],
      sections: [],
      holes: [],
    },
  ],
  solids: [],
  figures: [],
  contacts: [],
  handed: false,
};

const FIGURES = [
  "length-to-cut",
  "length-in-piece",
  "offcut",
  "mass-in-piece",
  "wire-for-copies",
  "wire-1-to-cut",
  "step-2",
].map((id) => ({
  id,
  value: 1,
  low: 1,
  high: 1,
  unit: "mm",
  basis: "EXACT" as const,
  formula: `formula of ${id}`,
  worked: "",
  source: "",
}));
/** The form with every figure it shows. */
export const WHOLE: FormAnswer = { ...FORM, figures: FIGURES };

export const JOB: FormJobData = {
  name: "Loops",
  formId: "plain-loop",
  spoolId: null,
  metal: "copper",
  temper: "HALF_HARD",
  wireDiameterMm: 1,
  parameters: {},
  hand: "RIGHT",
  copies: 4,
  rhythm: "BATCH",
  cutting: "PRE_CUT",
  plainFromMm: 1,
  tailFactor: 1,
  lots: {},
  note: "",
};

export const KEPT = { id: "job-1", version: 3, updatedAt: "", deleted: false, data: JOB };

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

export const CATALOGUE = [
  {
    id: "plain-loop",
    name: "plain loop",
    family: "LOOPS",
    familyName: "loops",
    does: "an eye that opens sideways",
    alsoCalled: [],
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
    alsoCalled: [],
    usualWireMm: 1.2,
    wireDiameterMm: 1.2,
    parameters: [],
  },
];

export const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/forms/pictures": CATALOGUE.map(({ id }) => ({
    id,
    wires: [{ diameterMm: 1, points: [0, 0, 0, 10, 0, 0] }],
    solids: [],
  })),
  "GET /api/forms": CATALOGUE,
  "GET /api/spools": [],
  "GET /api/jobs/form": [KEPT],
};

/** What nothing measured yet has taught. */
export const UNTAUGHT = {
  tail: { factor: 1, low: 1, high: 1, measurements: 0 },
  loops: { halfWidthMm: 0.1, measurements: 0 },
  cuts: { halfWidthMm: 1, measurements: 0 },
  sessions: [],
};
