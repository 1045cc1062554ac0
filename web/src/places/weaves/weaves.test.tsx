import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Note, NoteCode, Tightness } from "../../api/types";
import { arcs, poseAt, cellsFor, swatch, RING } from "../../drawing/weave";
import { PREFERENCES, Refused, serve, show } from "../../test/app";
import { CHAIN, entry, TWO } from "../../test/weaves";
import { innerFor } from "./useWeave";
import { OwnWeaves } from "./OwnWeaves";
import { ShelfPlace } from "./ShelfPlace";
import { noteWords } from "../../shared/words/noteWords";
import { TIGHTNESS } from "./weaveWords";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a cell repeated", () => {
  it("turns and moves a chain's rings about its axis, the middle at the origin", () => {
    const patch = swatch(CHAIN, 3, 1);
    expect(patch.count).toBe(3);
    const xs = [0, 1, 2].map((n) => patch.rings[RING * n]);
    expect(xs).toEqual([-3, 0, 3]);
    const normal = Array.from(patch.rings.slice(RING + 3, RING + 6)).map((v) => Math.round(v * 1e6) / 1e6);
    expect(normal).toEqual([0, -1, 0]);
  });

  it("closes a tube and sets a slanting sheet square", () => {
    const tube = swatch(
      { ...CHAIN, turn: 0, acrossTurn: Math.PI / 3, around: 6, rings: [0, 0, 5, 0, 1, 0, 2] },
      2,
      6,
    );
    expect(tube.count).toBe(12);
    for (let n = 0; n < 12; n++) {
      expect(Math.hypot(tube.rings[RING * n + 1]!, tube.rings[RING * n + 2]!)).toBeCloseTo(5, 5);
    }
    const slant = swatch({ ...CHAIN, turn: 0, second: [1.5, 2.6, 0] }, 6, 8);
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
    const quarters = arcs(swatch(CHAIN, 2, 1));
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
      const code = `weave-${tightness.toLowerCase().replaceAll("_", "-")}` as NoteCode;
      const note: Note = { code, severity: "GOOD", values };
      expect(noteWords(note, "MILLIMETRES")).toMatch(/^[A-Z].*\.$/);
    }
    expect(noteWords({ code: "weave-will-not-close", severity: "STOP", values }, "MILLIMETRES")).toContain(
      "3.50 mm inside or more",
    );
  });
});

describe("weaves of one's own", () => {
  it("are taken in from a file, or refused with the reason", async () => {
    const taken: string[] = [];
    let answer: unknown = new Refused({ code: "weave-not-linked-so", values: { toldNotSo: ["A-B"] } });
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
