/** For tests: a run of a piece, its operations opened, made and put together. */
import type { Kept, Operation, PartsHandled, RunData } from "../api/types";
import { PIECE_JOB } from "./piece";

export type Handled = Omit<PartsHandled, "rounds" | "strung" | "from"> &
  Partial<Pick<PartsHandled, "rounds" | "strung" | "from">>;

/** One of a piece's, of that detail. */
export function operation(id: string, detail: Handled, after: string[] = []): Operation {
  return {
    id,
    part: detail.what,
    stage: "JOIN",
    verb: detail.kind,
    times: detail.parts,
    counted: true,
    after,
    draws: [],
    measurable: [],
    cautions: [],
    waits: null,
    detail: { family: "joining", rounds: [], strung: [], from: 0, ...detail },
  };
}

export const OPERATIONS = [
  operation("open-1", {
    kind: "OPEN_FIRST",
    what: "ring",
    part: -1,
    wireMm: 1,
    insideMm: 4,
    parts: 3,
    toMm: null,
  }),
  operation("make-1", {
    kind: "MAKE",
    what: "bead link",
    part: 1,
    wireMm: 0.8,
    insideMm: 0,
    parts: 2,
    toMm: null,
  }),
  operation(
    "put-together",
    { kind: "PUT_TOGETHER", what: "", part: -1, wireMm: 0, insideMm: 0, parts: 3, toMm: null },
    ["open-1", "make-1"],
  ),
];

let runs = 0;

/** A run of the bracelet that far. */
export function run(done: Record<string, number>, counts: Record<string, number>): Kept<RunData> {
  return {
    id: `piece-run-${++runs}`,
    version: 0,
    updatedAt: "",
    deleted: false,
    data: {
      kind: "piece",
      facts: {
        job: PIECE_JOB.data,
        lengthMm: 46.8,
        hangsMm: 47.3,
        weightG: 2.4,
        parts: 5,
        pair: false,
      },
      jobId: "p1",
      name: "Deckhand's bracelet",
      lotId: null,
      plan: { operations: OPERATIONS, copies: 1, perGroup: 1 },
      done,
      counts,
      note: "",
      drawn: {},
      startedAt: "",
      finishedAt: null,
    } as unknown as RunData,
  };
}
