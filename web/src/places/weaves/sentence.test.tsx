import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Kept, PieceCount, WeaveEntry, WeaveInHand, WeaveJobData } from "../../api/types";
import type { Editor } from "../../shared/editor";
import { PREFERENCES, Refused, serve, show } from "../../test/app";
import sample from "../../test/piece.json";
import { redo, undo } from "../../shared/undo";
import { WeavesInHand } from "../bench/WeavesInHand";
import { MedallionPlace } from "./MedallionPlace";
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
} as WeaveEntry;

const NOTHING = { lengthMm: null, units: null, rows: null, columns: null, rowCounts: null } as const;

function job(piece: Partial<WeaveJobData["piece"]>): WeaveJobData {
  return {
    name: "Rope of the tide",
    weaveId: "byzantine",
    spoolId: null,
    metal: "copper",
    wireDiameterMm: 1,
    innerDiameterMm: [3.8],
    piece: {
      ...NOTHING,
      outline: "EVEN",
      sheet: "ROWS",
      doubling: "TOGETHER",
      hold: 4,
      sparePercent: 5,
      ...piece,
    },
    colours: { palette: ["copper", "#112233"], by: "RING", sequence: [0], painted: [] },
    note: "",
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

const type = (label: string, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
};

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
    type("Rows", "7");
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
    type("upright ring, inside", "2.6");
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
    [{ refusal: "There is no such weave." }, "cannot be made as it stands", "mend it"],
  ] satisfies [Partial<WeaveInHand>, string, string][])("says what comes next: %j", (more, words, go) => {
    serve({});
    show(<WeavesInHand hands={[hand(more)]} />);
    expect(screen.getByText(words)).toBeTruthy();
    expect(screen.getByText(go)).toBeTruthy();
  });

  it("begins a run and goes to it, or says why not", async () => {
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

describe("a medallion", () => {
  const ANSWER = {
    ringCount: [61, 2],
    perUnit: 6,
    hub: {},
    hubInnerDiameterMm: 5.92,
    preClosed: { upperBound: 33, upperBoundExact: true, thisOrder: 28, inHand: 28, hold: 4 },
    opened: 35,
    stages: [
      { role: "ARM", part: 0, closed: 4, opened: 1, through: 4 },
      { role: "ARM", part: 1, closed: 4, opened: 1, through: 4 },
      { role: "HUB", part: 6, closed: 0, opened: 2, through: 12 },
      { role: "TIE", part: 7, closed: 0, opened: 1, through: 4 },
      { role: "BAIL", part: 8, closed: 0, opened: 1, through: 2 },
    ],
    beside: [
      { role: "TIE", part: 7 },
      { role: "ARM", part: 0 },
    ],
    figures: [
      ["hub-inside", 5.92, "mm"],
      ["piece-rings", 63, ""],
      ["piece-mass", 6.9, "g"],
    ].map(([id, value, unit]) => ({
      id,
      value,
      low: value,
      high: value,
      unit,
      basis: "THEORY",
      formula: "as it is",
      worked: `worked ${id}`,
      source: "rings",
    })),
  };

  it("says first how large the larger ring has to be, and keeps what was chosen", async () => {
    const asked = serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN, SHEET],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": ANSWER,
    });
    show(<MedallionPlace />);
    expect((await screen.findByTestId("hub-size")).textContent).toContain("5.92");
    expect(screen.getByText("61 small rings, 2 larger rings")).toBeTruthy();
    const order = [...screen.getByLabelText("In this order").children].map((one) => one.textContent);
    expect(order).toEqual([
      "Arm 1 of 6 4 closed, 1 opened",
      "Arm 2 4 closed, 1 opened",
      "Larger rings 2 rings, through 12 each",
      "Ties 1 ring, through 4",
      "Bail 1 ring, through 2",
    ]);
    expect(screen.getByText(/look first at the ties next to it and arm 1's end/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "larger ring, inside" }));
    expect(screen.getByText("worked hub-inside")).toBeTruthy();
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain("6 arms about a larger ring");
    // only chains make arms
    expect(screen.getByLabelText<HTMLSelectElement>("Chain").options).toHaveLength(1);
    type("Arms", "4");
    fireEvent.change(screen.getByLabelText("Ties"), { target: { value: "free" } });
    expect(await screen.findByLabelText(/4 arms about/)).toBeTruthy();
    expect(asked.at(-1)!.body).toMatchObject({ arms: 4, tied: false });
    expect(JSON.parse(localStorage.getItem("toroid-medallion")!)).toMatchObject({ arms: 4, tied: false });
  });

  it("says why it cannot be", async () => {
    serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": new Refused({
        code: "hub-too-thick",
        detail: "The larger ring's wire does not go through.",
      }),
    });
    show(<MedallionPlace />);
    expect((await screen.findByRole("alert")).textContent).toContain("does not go through");
  });

  it("cuts its rings: small ones and larger ones, each in its own wire", async () => {
    const asked = serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": ANSWER,
      "PUT /api/ring-jobs/": (body: unknown) => ({ id: "r", version: 0, ...(body as object) }),
    });
    show(<MedallionPlace />);
    fireEvent.click(await screen.findByRole("button", { name: "Cut its rings" }));
    const jobs = () =>
      asked
        .filter((one) => one.method === "PUT" && one.path.startsWith("/api/ring-jobs/"))
        .map((one) => (one.body as { data: object }).data);
    await waitFor(() => expect(jobs()).toHaveLength(2));
    expect(jobs()[0]).toMatchObject({ ringCount: 61, aimValue: 3.8, wireDiameterMm: 1, convention: "INNER" });
    expect(jobs()[1]).toMatchObject({ ringCount: 2, aimValue: 5.92, wireDiameterMm: 1.2, spoolId: null });
  });

  it("is undone choice by choice", async () => {
    const asked = serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": ANSWER,
    });
    show(<MedallionPlace />);
    fireEvent.change(await screen.findByLabelText("Bail"), { target: { value: "none" } });
    fireEvent.change(screen.getByLabelText("Ties"), { target: { value: "free" } });
    const last = () => asked.filter((one) => one.path.endsWith("/composition")).at(-1)!.body;
    await waitFor(() => expect(last()).toMatchObject({ bail: false, tied: false }));
    act(() => void undo());
    expect(screen.getByLabelText<HTMLSelectElement>("Ties").value).toBe("tied");
    act(() => void undo());
    expect(screen.getByLabelText<HTMLSelectElement>("Bail").value).toBe("bail");
    act(() => void redo());
    expect(screen.getByLabelText<HTMLSelectElement>("Bail").value).toBe("none");
    expect(JSON.parse(localStorage.getItem("toroid-medallion")!)).toMatchObject({ bail: false, tied: true });
  });
});
