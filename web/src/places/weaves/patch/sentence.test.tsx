import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Kept, PatchCount, WeaveEntry, WeaveJobData } from "../../../api/types";
import type { Editor } from "../../../shared/kernel/editor";
import { PREFERENCES, serve, show, typeInto } from "../../../test/app";
import sample from "../../../test/patch.json";
import { CHAIN_JOB } from "../../../test/weaveJob";
import { PatchSentence } from "./PatchSentence";

const COUNT = sample.count as unknown as PatchCount;
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

function job(patch: Partial<WeaveJobData["patch"]>): WeaveJobData {
  return {
    ...CHAIN_JOB,
    patch: { ...CHAIN_JOB.patch, ...NOTHING, ...patch },
    colours: { palette: ["copper", "#112233"], by: "RING", sequence: [0], painted: [] },
  };
}

function say(data: WeaveJobData, weave: WeaveEntry, count: PatchCount = COUNT) {
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
    <PatchSentence
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
    expect(patches[0]!.patch).toMatchObject({ units: sample.count.units, lengthMm: null });
  });

  it("takes a length for units as it comes out now", () => {
    const patches = say(job({ units: 4 }), CHAIN);
    fireEvent.change(screen.getByLabelText("How much"), { target: { value: "length" } });
    expect(patches[0]!.patch).toMatchObject({
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
    expect(patches[0]!.patch).toMatchObject({ rows: 7, columns: 6 });
    fireEvent.change(screen.getByLabelText("How rows follow each other"), { target: { value: "DIAMOND" } });
    expect(patches[1]!.patch).toMatchObject({ outline: "DIAMOND" });
  });

  it("becomes a list of rows, each of its own count", () => {
    const patches = say(job({ rows: 3, columns: 6 }), SHEET, { ...COUNT, rowCounts: [6, 6, 6] });
    fireEvent.change(screen.getByLabelText("How rows follow each other"), { target: { value: "LIST" } });
    expect(patches[0]!.patch!.rowCounts).toEqual([6, 6, 6]);
  });

  it("takes only whole counts in its list, and puts back what is none", () => {
    const patches = say(job({ rowCounts: [3, 4, 5] }), SHEET);
    const list = screen.getByLabelText<HTMLInputElement>("Rings in each row");
    fireEvent.change(list, { target: { value: "3 4, 5;6" } });
    fireEvent.blur(list);
    expect(patches[0]!.patch!.rowCounts).toEqual([3, 4, 5, 6]);
    fireEvent.change(list, { target: { value: "3 four" } });
    fireEvent.blur(list);
    expect(patches).toHaveLength(1);
    expect(list.value).toBe("3 4 5");
    fireEvent.click(screen.getByText("all alike"));
    expect(patches[1]!.patch).toMatchObject({ rowCounts: null, rows: 3, columns: 3 });
  });

  it("asks for every ring size", () => {
    const data = { ...job({ rows: 3, columns: 6 }), innerDiameterMm: [4, 3] };
    const patches = say(data, TWO_SIZES);
    typeInto("upright ring, inside", "2.6");
    expect(patches[0]!.innerDiameterMm).toEqual([4, 2.6]);
  });
});
