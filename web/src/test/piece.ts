/** A bracelet of two links between three rings, as the server tells it; for tests. */
import type { Kept, PieceAnswer, PieceJobData } from "../api/types";

const UPRIGHT = [1, 0, 0, 0, 1, 0, 0, 0, 1];
const at = (x: number) => [...UPRIGHT, x, 0, 0];

export const PIECE_LINE = "ring 1/4 - 2 * (bead-link bead=6 - ring 1/4)";

export const PIECE_JOB: Kept<PieceJobData> = {
  id: "p1",
  version: 3,
  updatedAt: "2026-11-01T10:00:00Z",
  deleted: false,
  data: {
    name: "Deckhand's bracelet",
    line: PIECE_LINE,
    spoolId: null,
    metal: "copper",
    temper: "HALF_HARD",
    body: { part: "WRIST", girthMm: 165, easeMm: 12 },
    finish: null,
    sparePercent: 5,
    note: "",
  },
};

const ring = (parent: number): PieceAnswer["parts"][number] => ({
  name: "ring",
  written: parent < 0 ? 0 : 2,
  form: null,
  turned: false,
  parent,
  depth: 0,
  spanMm: 4,
  weightG: 0.1,
  handed: false,
});
const link = (parent: number): PieceAnswer["parts"][number] => ({
  ...ring(parent),
  name: "bead link",
  written: 1,
  form: "bead-link",
  spanMm: 17.4,
  handed: true,
});
const joint = (a: number, maker: number): PieceAnswer["joints"][number] => ({
  a,
  b: a + 1,
  // rings and links in turn
  portA: a % 2 === 0 ? "ring" : "second loop",
  portB: a % 2 === 0 ? "first loop" : "ring",
  way: "OPENED",
  maker,
  opens: "SIDEWAYS",
  freeDegrees: 37,
});

export const PIECE: PieceAnswer = {
  line: PIECE_LINE,
  pair: false,
  shape: "ROW",
  finishedLengthMm: 46.8,
  restLengthMm: 40.2,
  hangsMm: 47.3,
  targetLengthMm: 195.8,
  remainderMm: -149,
  draped: null,
  cuff: null,
  weakest: { part: 0, staysOpenN: 9.82, wantedN: 30 },
  thickMm: 6,
  weightG: 2.4,
  wireMm: 168.6,
  minutes: 14,
  minutesWithin: 2,
  timings: 0,
  canBeMade: true,
  worn: {
    cornerRadiusMm: 9,
    insideGirthMm: 40,
    easeMm: -125,
    standsOffMm: [0, 1.4, 0, 1.4, 0],
    tooLong: [],
    closure: "HOOK",
  },
  cures: [
    {
      change: "REPEATS",
      what: "",
      from: 0,
      by: 3,
      line: "ring 1/4 - 5 * (bead-link bead=6 - ring 1/4)",
      lengthMm: 111,
      offMm: -84.8,
    },
  ],
  mends: [],
  finishes: [],
  written: [
    {
      name: "ring",
      line: "ring 1/4",
      form: null,
      fields: [
        { id: "wire", value: 1 },
        { id: "inside", value: 4 },
        { id: "turns", value: 1 },
        { id: "soldered", value: false },
      ],
      times: 1,
      repeat: 1,
      group: -1,
      hangsFrom: -1,
      depth: 0,
    },
    {
      name: "bead link",
      line: "bead-link bead=6",
      form: "bead-link",
      fields: [
        { id: "wire", value: 0.8 },
        { id: "bead", value: 6 },
      ],
      times: 2,
      repeat: 2,
      group: 1,
      hangsFrom: -1,
      depth: 0,
    },
    {
      name: "ring",
      line: "ring 1/4",
      form: null,
      fields: [
        { id: "wire", value: 1 },
        { id: "inside", value: 4 },
      ],
      times: 2,
      repeat: 2,
      group: 1,
      hangsFrom: -1,
      depth: 0,
    },
  ],
  parts: [ring(-1), link(0), ring(1), link(2), ring(3)],
  joints: [joint(0, 0), joint(1, 2), joint(2, 2), joint(3, 4)],
  assemblyOrder: [
    { act: "MAKE", part: 1, joints: [] },
    { act: "MAKE", part: 3, joints: [] },
    { act: "OPEN_AND_CLOSE", part: 0, joints: [0] },
    { act: "OPEN_AND_CLOSE", part: 2, joints: [1, 2] },
    { act: "OPEN_AND_CLOSE", part: 4, joints: [3] },
  ],
  facing: [0, 90, 0, 90, 0],
  edgeOn: [],
  faults: [],
  rings: [
    {
      wireDiameterMm: 1,
      innerDiameterMm: 4,
      turns: 1,
      soldered: false,
      hammeredMm: null,
      beadMm: null,
      count: 3,
      preClosed: 0,
      ready: false,
      spare: 1,
    },
  ],
  cutList: [{ form: "bead link", wire: "link", diameterMm: 0.8, metal: "copper", lengthMm: 84.3, count: 2 }],
  bought: [{ kind: "BEAD", name: "bead", sizesMm: [6, 6, 1], amount: 2 }],
  wires: [
    { metal: "copper", diameterMm: 0.8, lengthMm: 168.6, spools: 1, lacksMm: 68.6, cost: 0.2 },
    { metal: "copper", diameterMm: 1, lengthMm: 62.8, spools: 0, lacksMm: 62.8, cost: null },
  ],
  wireCost: null,
  hangs: null,
  drawing: {
    shapes: [
      {
        tubes: [
          { metal: null, diameterMm: 1, points: [0, 0, 0, 4, 0, 0], closed: false, sections: [], holes: [] },
        ],
        solids: [],
      },
      {
        tubes: [
          {
            metal: null,
            diameterMm: 0.8,
            points: [0, 0, 0, 17.4, 0, 0],
            closed: false,
            sections: [],
            holes: [],
          },
        ],
        solids: [],
      },
    ],
    shapeOf: [0, 1, 0, 1, 0],
    along: [at(0), at(4), at(21.4), at(25.5), at(42.8)],
    down: [at(0), at(4), at(21.4), at(25.5), at(42.8)],
    round: [at(0), at(4), at(21.4), at(25.5), at(42.8)],
    roundShapeOf: [0, 1, 0, 1, 0],
    draped: null,
    drapedShapeOf: null,
  },
};
