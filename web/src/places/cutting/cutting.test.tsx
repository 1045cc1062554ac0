import { cleanup, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { BuyFirst } from "./BuyFirst";
import type { CutLists } from "../../api/types";
import { cutGiven, lengthNow, taskOf, toCut } from "./cutState";

type WireList = CutLists["wires"][number];

const WIRE: WireList = {
  id: "copper 1",
  metal: "copper",
  diameterMm: 1,
  lengthMm: 560,
  lengths: [
    { id: "j/0", job: "j", jobName: "Hooks", name: "s-hook", rings: 0, lengthMm: 45, count: 8, cut: 0 },
    { id: "j/1", job: "j", jobName: "Hooks", name: "pin", rings: 0, lengthMm: 50, count: 4, cut: 0 },
  ],
  nearMm: [],
  cuts: [],
  spools: [
    { id: "a", lot: "a", name: "A spool", lengthMm: 3000, offcut: false },
    { id: "b", lot: "b", name: "An end", lengthMm: null, offcut: false },
  ],
};

const MANNER = { kerfMm: 0.3, usefulMm: 30, marginMm: 0, feedMm: 0 };

const STRIP = {
  stockId: "a",
  cuts: [{ pieceId: "j/0", count: 8 }],
  feeds: [],
  usedMm: 360,
  leftMm: 2640,
};

describe("what is left to cut", () => {
  it("is all of it, from every spool whose length is known", () => {
    const task = taskOf(WIRE, {}, MANNER);
    expect(task.stock).toEqual([{ id: "a", lengthMm: 3000, offcut: false }]);
    expect(task.pieces.map((one) => one.count)).toEqual([8, 4]);
    expect(task).toMatchObject({ kerfMm: 0.3, usefulOffcutMm: 30 });
    expect(toCut(WIRE)).toBe(12);
  });

  it("is less by what is cut, and never less than nothing", () => {
    const wire = { ...WIRE, lengths: WIRE.lengths.map((one, i) => ({ ...one, cut: [8, 9][i]! })) };
    expect(taskOf(wire, {}, MANNER).pieces.map((one) => one.count)).toEqual([0, 0]);
    expect(toCut(wire)).toBe(0);
  });

  it("leaves a margin at a spool's end and no other, and carries off no more than is said", () => {
    const spools = [
      ...WIRE.spools,
      { id: "c", lot: "c", name: "An offcut", lengthMm: 300, offcut: true },
      { id: "d/1", lot: "d", name: "A length", lengthMm: 1000, offcut: false },
    ];
    const task = taskOf({ ...WIRE, spools }, {}, { ...MANNER, marginMm: 20, feedMm: 1500 });
    expect(task.stock.map((one) => one.marginMm)).toEqual([20, undefined, undefined]);
    expect(task.feedCapMm).toBe(1500);
  });

  it("goes by what a spool was measured to hold", () => {
    const measured = { a: 700, b: 120 };
    expect(WIRE.spools.map((spool) => lengthNow(spool, measured))).toEqual([700, 120]);
    expect(taskOf(WIRE, { a: 0 }, MANNER).stock).toEqual([]);
  });
});

describe("a strip that is cut", () => {
  it("is told with its lot, what it held, and each length for its job", () => {
    expect(cutGiven("c", WIRE, STRIP, { a: 700 }, MANNER)).toEqual({
      id: "c",
      lotId: "a",
      strip: "a",
      heldMm: 700,
      kerfMm: 0.3,
      usefulMm: 30,
      lengths: [{ id: "j/0", jobId: "j", lengthMm: 45, count: 8 }],
    });
  });

  it("is not told where nobody knows what it held", () => {
    expect(cutGiven("c", WIRE, { ...STRIP, stockId: "b" }, {}, MANNER)).toBeNull();
    expect(cutGiven("c", WIRE, { ...STRIP, stockId: "gone" }, {}, MANNER)).toBeNull();
  });
});

describe("what to buy first", () => {
  const wire = (id: string, metal: string) => ({ ...WIRE, id, metal });
  const open = (lacking: Record<string, { lengthMm: number; frees: number } | null>) => {
    serve({ "GET /api/metals": [{ id: "brass", name: "yellow brass", tempers: [] }] });
    show(
      <BuyFirst
        wires={[wire("a", "copper"), wire("b", "brass"), wire("c", "copper")]}
        lacking={lacking}
        units="MILLIMETRES"
      />,
    );
  };
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("is the wire whose purchase frees most", async () => {
    open({ a: { lengthMm: 1000, frees: 4 }, b: { lengthMm: 2000, frees: 9 }, c: null });
    await waitFor(() =>
      expect(screen.getByRole("status").textContent).toMatch(
        /^2 wires fall short. Buy 2.00 m of .* yellow brass first: no other .* than its 9 lengths.$/,
      ),
    );
  });

  it("is not said where only one wire falls short", () => {
    open({ a: { lengthMm: 1000, frees: 4 }, b: null });
    expect(screen.queryByRole("status")).toBeNull();
  });
});
