import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Note, Tightness, WeaveEntry, WeaveSolved } from "../../api/types";
import { arcs, poseAt, cellsFor, patch, RING, type WeavePose } from "../../drawing/weave";
import { PREFERENCES, Refused, serve, show } from "../../test/app";
import { innerFor } from "./useWeave";
import { OwnWeaves } from "./OwnWeaves";
import { ShelfPlace } from "./ShelfPlace";
import { WeavesPlace } from "./WeavesPlace";
import { TIGHTNESS, weaveNoteWords } from "./weaveWords";

const entry = (id: string, name: string, more: Partial<WeaveEntry> = {}): WeaveEntry => ({
  id,
  name,
  unit: "ring",
  kind: "CHAIN",
  sizes: [{ id: "ring", name: "ring", usualRatio: 1 }],
  ringsInCell: 1,
  links: [0, 0, 1, 0],
  own: null,
  sources: [],
  usualLow: 3.3,
  usualHigh: 4.2,
  aspectRatioMin: 3.27,
  tightFrom: 3.3,
  usualFrom: 3.5,
  usualTo: 4.5,
  floppyFrom: 5.4,
  ...more,
});

const TWO = entry("japanese-4-in-1", "Japanese 4-in-1, square", {
  kind: "SHEET",
  sizes: [
    { id: "flat", name: "flat ring", usualRatio: 1 },
    { id: "upright", name: "upright ring", usualRatio: 0.7 },
  ],
  usualLow: null,
  usualHigh: null,
});

const SOLVED: WeaveSolved = {
  weaveId: "byzantine",
  fits: true,
  tightness: "USUAL",
  aspectRatio: 3.8,
  aspectRatioMin: 3.27,
  playPercent: 12.4,
  tautPitchMm: 6.46,
  shortestPitchMm: 3,
  restPitchMm: 5.7,
  acrossTautMm: null,
  acrossShortestMm: null,
  ringsPerUnit: 6,
  ringsPer100mm: 92.9,
  ringsPerSquareCm: null,
  massPer100mmG: 9.8,
  residualMm: 1e-10,
  linksVerified: true,
  figures: [
    {
      id: "weave-per-100",
      value: 92.9,
      low: 92.9,
      high: 92.9,
      unit: "",
      basis: "EXACT",
      formula: "100 mm / taut cell × rings of a cell",
      worked: "100 / 6.458 × 6 = 92.9",
      source: "",
    },
    {
      id: "weave-taut",
      value: 6.458,
      low: 6.458,
      high: 6.458,
      unit: "mm",
      basis: "THEORY",
      formula: "the longest cell",
      worked: "",
      source: "",
    },
  ],
  notes: [
    { code: "weave-usual", severity: "GOOD", values: { playPercent: 12.4 } },
    { code: "usual-window", severity: "INFO", values: { low: 3.3, high: 4.2 } },
  ],
};

/** One ring about the origin in its own plane, a quarter turn and 3 mm on at each step. */
const CHAIN: WeavePose = {
  pitchMm: 3,
  atRest: false,
  second: [0, 0, 0],
  turn: Math.PI / 2,
  acrossTurn: 0,
  around: 0,
  rings: [0, 0, 0, 0, 0, 1, 2.4],
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a cell repeated", () => {
  it("turns and moves a chain's rings about its axis, the middle at the origin", () => {
    const piece = patch(CHAIN, 3, 1);
    expect(piece.count).toBe(3);
    const xs = [0, 1, 2].map((n) => piece.rings[RING * n]);
    expect(xs).toEqual([-3, 0, 3]);
    const normal = Array.from(piece.rings.slice(RING + 3, RING + 6)).map((v) => Math.round(v * 1e6) / 1e6);
    expect(normal).toEqual([0, -1, 0]);
  });

  it("closes a tube and sets a slanting sheet square", () => {
    const tube = patch(
      { ...CHAIN, turn: 0, acrossTurn: Math.PI / 3, around: 6, rings: [0, 0, 5, 0, 1, 0, 2] },
      2,
      6,
    );
    expect(tube.count).toBe(12);
    for (let n = 0; n < 12; n++) {
      expect(Math.hypot(tube.rings[RING * n + 1]!, tube.rings[RING * n + 2]!)).toBeCloseTo(5, 5);
    }
    const slant = patch({ ...CHAIN, turn: 0, second: [1.5, 2.6, 0] }, 6, 8);
    const xs = Array.from({ length: slant.count }, (_, n) => slant.rings[RING * n]!);
    expect(Math.max(...xs) - Math.min(...xs)).toBeLessThan(6 * 3 + 3);
  });

  it("shows about the length asked for", () => {
    expect(cellsFor(CHAIN, 30, 10)).toEqual([10, 1]);
    const row = [CHAIN, { ...CHAIN, atRest: true }, CHAIN, CHAIN];
    expect(poseAt(row, null)).toBe(1);
    expect(poseAt(row, 1)).toBe(3);
    expect(poseAt([CHAIN, CHAIN, CHAIN], null)).toBe(1);
    expect(cellsFor({ ...CHAIN, pitchMm: 0 }, 30, 10)).toEqual([1, 1]);
    expect(cellsFor({ ...CHAIN, second: [0, 5, 0] }, 30, 20)).toEqual([10, 4]);
    expect(cellsFor({ ...CHAIN, around: 6 }, 30, 20)).toEqual([10, 6]);
  });

  it("lays quarters of rings from back to front where there is no 3D", () => {
    const quarters = arcs(patch(CHAIN, 2, 1));
    expect(quarters).toHaveLength(8);
    const depths = quarters.map((arc) => arc.depth);
    expect([...depths].sort((a, b) => a - b)).toEqual(depths);
  });
});

describe("inner diameters", () => {
  it("take a weave's usual proportion where none was chosen", () => {
    expect(innerFor(TWO, { wireMm: 1, innerMm: [4] })).toEqual([4, 2.5]);
    expect(innerFor(TWO, { wireMm: 1, innerMm: [4, 3] })).toEqual([4, 3]);
    expect(innerFor(entry("a", "a"), { wireMm: 1, innerMm: [4, 3] })).toEqual([4]);
  });
});

describe("a weave in words", () => {
  it("judges every tightness in a sentence with what works", () => {
    const values = {
      aspectRatio: 3,
      aspectRatioMin: 3.27,
      playPercent: 7,
      tightInnerMm: 3.5,
      looseInnerMm: 4.5,
    };
    for (const tightness of Object.keys(TIGHTNESS) as Tightness[]) {
      const code = `weave-${tightness.toLowerCase().replaceAll("_", "-")}`;
      const note: Note = { code, severity: "GOOD", values };
      expect(weaveNoteWords(note, "MILLIMETRES")).toMatch(/^[A-Z].*\.$/);
    }
    expect(
      weaveNoteWords({ code: "weave-will-not-close", severity: "STOP", values }, "MILLIMETRES"),
    ).toContain("3.50 mm inside or more");
  });
});

describe("the place", () => {
  const base = {
    ...PREFERENCES,
    "GET /api/spools": [],
    "GET /api/metals": [],
    "GET /api/weaves": [entry("byzantine", "byzantine"), TWO],
    "POST /api/weaves/byzantine/judge": SOLVED,
    "POST /api/weaves/japanese-4-in-1/judge": { ...SOLVED, weaveId: "japanese-4-in-1" },
    "POST /api/weaves/byzantine/solve": SOLVED,
    "POST /api/weaves/byzantine/bend": {
      weaveId: "byzantine",
      bends: [
        {
          way: "LENGTH",
          cells: 8,
          ringsInCell: 12,
          residualMm: 0,
          linksVerified: true,
          figure: {
            id: "weave-bend",
            value: 7.3,
            low: 7.3,
            high: 7.3,
            unit: "mm",
            basis: "THEORY",
            formula: "the fewest cells",
            worked: "8 cells",
            source: "rigid rings",
          },
        },
      ],
    },
    "POST /api/weaves/byzantine/poses?": [
      CHAIN,
      { ...CHAIN, pitchMm: 5.6, atRest: true },
      { ...CHAIN, pitchMm: 6.46 },
    ],
    "POST /api/weaves/byzantine/poses": [
      CHAIN,
      { ...CHAIN, pitchMm: 5.6, atRest: true },
      { ...CHAIN, pitchMm: 6.46 },
    ],
    "POST /api/weaves/japanese-4-in-1/solve": { ...SOLVED, weaveId: "japanese-4-in-1" },
    "POST /api/weaves/japanese-4-in-1/poses": [CHAIN],
  };

  it("judges the ring, shows the weave at rest, and pulls it taut", async () => {
    serve(base);
    show(<WeavesPlace />);
    expect((await screen.findByTestId("verdict")).textContent).toBeDefined();
    await waitFor(() => expect(screen.getByTestId("verdict").textContent).toContain("Drapes"));
    const slider = await screen.findByLabelText<HTMLInputElement>("From pushed together to taut");
    expect(slider.value).toBe("1");
    fireEvent.change(slider, { target: { value: "2" } });
    expect(slider.getAttribute("aria-valuetext")).toBe("pitch 6.46 mm");
    expect(screen.getByTestId("weave-figures").textContent).toContain("93");
    fireEvent.click(screen.getByText("a cell, taut"));
    expect(screen.getByText("the longest cell")).toBeTruthy();
    fireEvent.click(screen.getByText("how tightly it bends"));
    fireEvent.click(await screen.findByText("bends round a rod of"));
    expect(screen.getByText("8 cells")).toBeTruthy();
  });

  it("asks for every ring size a weave mixes, and keeps what was chosen", async () => {
    const asked = serve(base);
    const view = show(<WeavesPlace />);
    fireEvent.click(await screen.findByRole("button", { name: /Japanese 4-in-1/ }));
    expect(await screen.findByLabelText("upright ring, inside")).toBeTruthy();
    await waitFor(() =>
      expect(asked.find((one) => one.path === "/api/weaves/japanese-4-in-1/solve")!.body).toMatchObject({
        innerDiameterMm: [3.8, 2.36],
      }),
    );
    view.unmount();
    show(<WeavesPlace />);
    expect(await screen.findByLabelText("upright ring, inside")).toBeTruthy();
  });

  it("shuts what leads on while a ring is refused, names it, and takes the nearest", async () => {
    serve({
      ...base,
      "POST /api/weaves/byzantine/judge": (body: unknown) =>
        (body as { innerDiameterMm: number[] }).innerDiameterMm[0]! > 250
          ? new Refused({
              code: "out-of-range",
              field: "innerDiameterMm",
              value: "300",
              minimum: 0.1,
              maximum: 250,
              unit: "mm",
              detail: "innerDiameterMm is 300 mm.",
            })
          : SOLVED,
      "POST /api/weaves/byzantine/solve": (body: unknown) =>
        (body as { innerDiameterMm: number[] }).innerDiameterMm[0]! > 250
          ? new Refused({ code: "out-of-range", detail: "no" })
          : SOLVED,
    });
    show(<WeavesPlace />);
    const make = await screen.findByRole<HTMLButtonElement>("button", { name: "Count and make a piece" });
    expect(make.disabled).toBe(false);
    const inside = screen.getByLabelText("ring, inside");
    fireEvent.focus(inside);
    fireEvent.change(inside, { target: { value: "300" } });
    fireEvent.blur(inside);
    const alert = await screen.findByRole("alert");
    expect(alert.textContent).toContain("The ring, inside, cannot be 300 mm");
    fireEvent.click(screen.getByRole("button", { name: "take 250 mm" }));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    expect(screen.getByLabelText<HTMLInputElement>("ring, inside").value).toBe("250.00");
  });

  it("says when the ring is beyond the scale of weaves", async () => {
    serve({ ...base, "POST /api/weaves/byzantine/judge": { ...SOLVED, aspectRatio: 11.24 } });
    show(<WeavesPlace />);
    expect((await screen.findByTestId("beyond")).textContent).toContain("11.2, above the scale");
  });

  it("takes a ring by the rod it is wound on, from the same sheet as the Rings place", async () => {
    const rods = [
      { id: "r3", name: "3", diameterMm: 3, closedInnerMm: null },
      { id: "r4", name: "4", diameterMm: 4, closedInnerMm: 4.1234 },
    ];
    const asked = serve({ ...base, "POST /api/rings/sheet": { rods } });
    show(<WeavesPlace />);
    const given = await screen.findByLabelText<HTMLSelectElement>("ring, inside, given by");
    expect([...given.options].map((one) => one.textContent)).toEqual([
      "inside",
      "inside, wound on the 4.0 rod: 4.12 mm",
    ]);
    fireEvent.change(given, { target: { value: "r4" } });
    await waitFor(() =>
      expect(asked.some((one) => JSON.stringify(one.body)?.includes('"innerDiameterMm":[4.1234]'))).toBe(
        true,
      ),
    );
    expect(given.value).toBe("r4");
    expect(given.selectedOptions[0]!.textContent).toBe("inside, wound on the 4.0 rod");
  });

  it("says a ring that cannot be", async () => {
    serve({
      ...base,
      "POST /api/weaves/byzantine/judge": new Refused({
        code: "not-solved",
        detail: "byzantine could not be solved in these proportions.",
      }),
    });
    show(<WeavesPlace />);
    expect((await screen.findByRole("alert")).textContent).toContain("could not be solved");
  });
});

describe("weaves of one's own", () => {
  it("are taken in from a file, or refused with the reason", async () => {
    const taken: string[] = [];
    let answer: unknown = new Refused({ detail: "The rings are not linked as the file says." });
    const asked = serve({ "POST /api/own-weaves": () => answer });
    show(<OwnWeaves weave={entry("byzantine", "byzantine")} onTaken={(id) => taken.push(id)} />);
    expect(screen.queryByText("take it away")).toBeNull();
    const chosen = () => {
      const file = new File(['{"format":"toroid-weave"}'], "own.json");
      Object.defineProperty(file, "text", { value: () => Promise.resolve('{"format":"toroid-weave"}') });
      fireEvent.change(screen.getByLabelText("A weave as a file"), { target: { files: [file] } });
    };
    chosen();
    expect((await screen.findByRole("alert")).textContent).toContain("not linked");
    answer = entry("own", "my own", { own: "o1" });
    chosen();
    await waitFor(() => expect(taken).toEqual(["own"]));
    expect(screen.queryByRole("alert")).toBeNull();
    expect(asked[0]!.method).toBe("POST");
  });

  it("can be taken away again", async () => {
    const asked = serve({ "DELETE /api/own-weaves/o1": null });
    show(<OwnWeaves weave={entry("own", "my own", { own: "o1" })} onTaken={() => {}} />);
    fireEvent.click(screen.getByText("take it away"));
    await waitFor(() => expect(asked.some((one) => one.method === "DELETE")).toBe(true));
  });
});

describe("every weave on every rod", () => {
  it("shows how each sits and takes one to its place", async () => {
    const cell = (mandrelId: string, rod: number, inner: number | null) => ({
      mandrelId,
      mandrelDiameterMm: rod,
      closedInnerMm: inner,
      aspectRatio: inner,
      nominalAspectRatio: rod,
      massPerRingG: null,
      costPerRing: null,
      ringsPossible: null,
      weaves: [],
      refusal: null,
    });
    const asked = serve({
      ...PREFERENCES,
      "POST /api/rings/table": [
        {
          spoolId: "s1",
          name: "Spool 3",
          metal: "copper",
          wireDiameterMm: 1,
          measurements: 0,
          cells: [cell("m1", 3, 3.1), cell("m2", 4, 4.2), cell("m3", 30, null)],
        },
      ],
      "GET /api/weaves": [entry("byzantine", "byzantine"), TWO],
      "POST /api/weaves/shelf": [3.1, 4.2].map((innerDiameterMm, i) => ({
        wireDiameterMm: 1,
        innerDiameterMm,
        aspectRatio: innerDiameterMm,
        weaves: [{ weaveId: "byzantine", tightness: i === 0 ? "WILL_NOT_CLOSE" : "USUAL", playPercent: 4 }],
      })),
    });
    show(<ShelfPlace />);
    expect(await screen.findByRole("button", { name: "byzantine on 3: will not close" })).toBeTruthy();
    expect(screen.getByText("Japanese 4-in-1, square")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "byzantine on 4: drapes" }));
    expect(JSON.parse(localStorage.getItem("toroid-weave")!)).toMatchObject({
      weave: "byzantine",
      innerMm: [4.2],
    });
    expect(asked.find((one) => one.path === "/api/weaves/shelf")!.body).toMatchObject({
      rings: [{ innerDiameterMm: [3.1] }, { innerDiameterMm: [4.2] }],
    });
  });
});
