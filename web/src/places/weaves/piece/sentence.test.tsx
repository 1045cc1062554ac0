import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Kept, PieceCount, WeaveEntry, WeaveInHand, WeaveJobData } from "../../../api/types";
import type { Editor } from "../../../shared/editor";
import { PREFERENCES, serve, show, typeInto } from "../../../test/app";
import sample from "../../../test/piece.json";
import { CHAIN_JOB } from "../../../test/weaveJob";
import { WeavesInHand } from "../../bench/WeavesInHand";
import { PieceSentence } from "./PieceSentence";

const COUNT = sample.count as unknown as PieceCount;
const CHAIN = sample.weave as unknown as WeaveEntry;
const SHEET = { ...CHAIN, id: "european-4-in-1", name: "European 4-in-1", kind: "SHEET" } as WeaveEntry;
const TWO_SIZES = {
  ...SHEET,
  sizes: [
    { id: "flat", name: "flat ring", usualRatio: 1 },
    { id: "upright", name: "upright ring", usualRatio: 0.7 },
  ],
};

const NOTHING = { lengthMm: null, units: null, rows: null, columns: null, rowCounts: null } as const;

function job(piece: Partial<WeaveJobData["piece"]>): WeaveJobData {
  return {
    ...CHAIN_JOB,
    piece: { ...CHAIN_JOB.piece, ...NOTHING, ...piece },
    colours: { palette: ["copper", "#112233"], by: "RING", sequence: [0], painted: [] },
  };
}

function say(data: WeaveJobData, weave: WeaveEntry, count: PieceCount = COUNT) {
  const patches: Partial<WeaveJobData>[] = [];
  serve({
    ...PREFERENCES,
    "GET /api/spools": [],
    "GET /api/metals": [
      { id: "copper", name: "copper", tempers: ["HALF_HARD"] },
      { id: "aluminium", name: "aluminium", tempers: ["HALF_HARD"] },
    ],
  });
  show(
    <PieceSentence
      editor={{} as Editor<WeaveJobData>}
      kept={{} as Kept<WeaveJobData>}
      data={data}
      state={{ kind: "saved" }}
      weave={weave}
      count={count}
      change={(patch) => patches.push(patch)}
    />,
  );
  return patches;
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("how much of a chain", () => {
  it("is said by its length or by its units, one turning into the other", () => {
    const patches = say(job({ lengthMm: 180 }), CHAIN);
    fireEvent.change(screen.getByLabelText("How much"), { target: { value: "units" } });
    expect(patches[0]!.piece).toMatchObject({ units: sample.count.units, lengthMm: null });
  });

  it("takes a length for units as it comes out now", () => {
    const patches = say(job({ units: 4 }), CHAIN);
    fireEvent.change(screen.getByLabelText("How much"), { target: { value: "length" } });
    expect(patches[0]!.piece).toMatchObject({
      units: null,
      lengthMm: Math.round(sample.count.taut.lengthMm),
    });
  });

  it("takes its first colour along to another metal, and leaves the others", async () => {
    const patches = say(job({ units: 4 }), CHAIN);
    await screen.findByText("aluminium");
    expect(screen.queryByLabelText("Temper")).toBeNull();
    fireEvent.change(screen.getByLabelText("Metal"), { target: { value: "aluminium" } });
    expect(patches[0]).toMatchObject({
      metal: "aluminium",
      colours: { palette: ["aluminium", "#112233"] },
    });
  });
});

describe("how much of a sheet", () => {
  it("is said by rows and what follows them", () => {
    const patches = say(job({ rows: 5, columns: 6 }), SHEET);
    typeInto("Rows", "7");
    expect(patches[0]!.piece).toMatchObject({ rows: 7, columns: 6 });
    fireEvent.change(screen.getByLabelText("How rows follow each other"), { target: { value: "DIAMOND" } });
    expect(patches[1]!.piece).toMatchObject({ outline: "DIAMOND" });
  });

  it("becomes a list of rows, each of its own count", () => {
    const patches = say(job({ rows: 3, columns: 6 }), SHEET, { ...COUNT, rowCounts: [6, 6, 6] });
    fireEvent.change(screen.getByLabelText("How rows follow each other"), { target: { value: "LIST" } });
    expect(patches[0]!.piece!.rowCounts).toEqual([6, 6, 6]);
  });

  it("takes only whole counts in its list, and puts back what is none", () => {
    const patches = say(job({ rowCounts: [3, 4, 5] }), SHEET);
    const list = screen.getByLabelText<HTMLInputElement>("Rings in each row");
    fireEvent.change(list, { target: { value: "3 4, 5;6" } });
    fireEvent.blur(list);
    expect(patches[0]!.piece!.rowCounts).toEqual([3, 4, 5, 6]);
    fireEvent.change(list, { target: { value: "3 four" } });
    fireEvent.blur(list);
    expect(patches).toHaveLength(1);
    expect(list.value).toBe("3 4 5");
    fireEvent.click(screen.getByText("all alike"));
    expect(patches[1]!.piece).toMatchObject({ rowCounts: null, rows: 3, columns: 3 });
  });

  it("asks for every ring size", () => {
    const data = { ...job({ rows: 3, columns: 6 }), innerDiameterMm: [4, 3] };
    const patches = say(data, TWO_SIZES);
    typeInto("upright ring, inside", "2.6");
    expect(patches[0]!.innerDiameterMm).toEqual([4, 2.6]);
  });
});

describe("weaves on the bench", () => {
  const hand = (more: Partial<WeaveInHand>): WeaveInHand => ({
    job: { id: "w1", version: 0, updatedAt: "", deleted: false, data: job({ units: 4 }) },
    weave: "byzantine",
    runId: null,
    finished: false,
    step: 0,
    steps: 14,
    ring: 0,
    rings: 12,
    total: 26,
    preClosed: 14,
    opened: 12,
    count: 0,
    refusal: null,
    ...more,
  });

  it.each([
    [{}, "not begun: close 14, open 12", "begin"],
    [{ runId: "r1", count: 5 }, "next: close rings, 5 of 14", "go on"],
    [{ runId: "r1", step: 1, count: 3 }, "next: open rings, 3 of 12", "go on"],
    [{ runId: "r1", step: 6, ring: 5 }, "next: ring 5 of 12", "go on"],
    [{ runId: "r1", step: 14, finished: true }, "made and noted", "make again"],
    [{ refusal: "There is no such weave." }, "There is no such weave.", "mend it"],
  ] satisfies [Partial<WeaveInHand>, string, string][])("says what comes next: %j", (more, words, go) => {
    serve({});
    show(<WeavesInHand hands={[hand(more)]} />);
    expect(screen.getByText(words)).toBeTruthy();
    expect(screen.getByText(go)).toBeTruthy();
  });

  it("begins a run and goes to it, or says why not", () => {
    const asked = serve({ "POST /api/weave-jobs/w1/runs": { id: "r9" } });
    show(<WeavesInHand hands={[hand({})]} />);
    fireEvent.click(screen.getByRole("button", { name: "Begin: Rope of the tide" }));
    expect(asked[0]!.path).toBe("/api/weave-jobs/w1/runs");
    expect(screen.queryByText("weaves")).toBeTruthy();
  });

  it("is silent where there are none", () => {
    serve({});
    show(<WeavesInHand hands={[]} />);
    expect(screen.queryByText("weaves")).toBeNull();
  });
});
