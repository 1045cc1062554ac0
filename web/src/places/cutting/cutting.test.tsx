import { cleanup, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { BuyFirst } from "./BuyFirst";
import type { CutLists } from "../../api/types";
import { cutOf, lengthNow, NOTHING_DONE, taskOf, ticked } from "./cutState";

type WireList = CutLists["wires"][number];

const WIRE: WireList = {
  id: "copper 1",
  metal: "copper",
  diameterMm: 1,
  lengthMm: 560,
  lengths: [
    { id: "j/0", job: "j", jobName: "Hooks", name: "s-hook", rings: 0, lengthMm: 45, count: 8 },
    { id: "j/1", job: "j", jobName: "Hooks", name: "pin", rings: 0, lengthMm: 50, count: 4 },
  ],
  nearMm: [],
  spools: [
    { id: "a", lot: "a", name: "A spool", lengthMm: 3000, offcut: false },
    { id: "b", lot: "b", name: "An end", lengthMm: null, offcut: false },
  ],
};

const STRIP = {
  stockId: "a",
  cuts: [{ pieceId: "j/0", count: 8 }],
  feeds: [],
  usedMm: 360,
  leftMm: 2640,
};

describe("what is left to cut", () => {
  it("is all of it, from every spool whose length is known", () => {
    const task = taskOf(WIRE, NOTHING_DONE, 0.3, 30);
    expect(task.stock).toEqual([{ id: "a", lengthMm: 3000, offcut: false }]);
    expect(task.pieces.map((one) => one.count)).toEqual([8, 4]);
    expect(task).toMatchObject({ kerfMm: 0.3, usefulOffcutMm: 30 });
  });

  it("is less by what was ticked, from what that left of the spool", () => {
    const done = ticked(NOTHING_DONE, STRIP);
    const task = taskOf(WIRE, done, 0, 30);
    expect(task.stock).toEqual([{ id: "a", lengthMm: 2640, offcut: false }]);
    expect(task.pieces.map((one) => one.count)).toEqual([0, 4]);
    expect(cutOf(done, "j/0")).toBe(8);
  });

  it("goes by what a spool was measured to hold, until it is cut from", () => {
    const measured = { ...NOTHING_DONE, measured: { a: 700, b: 120 } };
    expect(WIRE.spools.map((spool) => lengthNow(spool, measured))).toEqual([700, 120]);
    const cut = ticked(measured, { ...STRIP, leftMm: 340 });
    expect(WIRE.spools.map((spool) => lengthNow(spool, cut))).toEqual([340, 120]);
  });

  it("is never less than nothing, whatever became of the job meanwhile", () => {
    const done = ticked(NOTHING_DONE, { ...STRIP, cuts: [{ pieceId: "j/0", count: 11 }] });
    expect(taskOf(WIRE, done, 0, 30).pieces[0]?.count).toBe(0);
  });

  it("has no strip that is used up", () => {
    const done = ticked(NOTHING_DONE, { ...STRIP, leftMm: 0 });
    expect(taskOf(WIRE, done, 0, 30).stock).toEqual([]);
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
