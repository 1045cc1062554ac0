import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { forget, undo } from "../../shared/kernel/undo";
import { Refused } from "../../test/app";
import { lot, open, sent } from "./shelf.test.fixtures";
import { readCount } from "./useRound";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  forget();
  vi.unstubAllGlobals();
});

describe("stocktaking", () => {
  it("keeps what is typed over a reload, and takes over only what was counted", async () => {
    const [a, b] = [lot(), lot({ name: "Shells" })];
    open("/stock/stocktaking", [a, b]);
    fireEvent.change(await screen.findByLabelText("There is of Pearls"), { target: { value: "37" } });
    cleanup();
    const asked = open("/stock/stocktaking", [a, b], {
      "POST /api/stocktakings": { counted: 1, differences: [{}] },
    });
    const field = await screen.findByLabelText<HTMLInputElement>("There is of Pearls");
    expect(field.value).toBe("37");
    fireEvent.click(screen.getByText("take over 1 count"));
    expect(await screen.findByText("1 lot counted, 1 difference kept.")).toBeTruthy();
    expect(sent(asked, "POST", "/api/stocktakings")[0]).toMatchObject({
      counts: [{ lot: a.id, amount: 37 }],
    });
    expect(screen.getByLabelText<HTMLInputElement>("There is of Pearls").value).toBe("");
  });

  it("is another round when one that was taken over is shown again by a step back", async () => {
    const a = lot();
    const asked = open("/stock/stocktaking", [a], {
      "POST /api/stocktakings": { counted: 1, differences: [] },
    });
    fireEvent.change(await screen.findByLabelText("There is of Pearls"), { target: { value: "37" } });
    fireEvent.click(screen.getByText("take over 1 count"));
    await waitFor(() => expect(sent(asked, "POST", "/api/stocktakings")).toHaveLength(1));
    await waitFor(() => expect(screen.getByText("take over 0 counts")).toBeTruthy());
    act(() => void undo());
    fireEvent.click(await screen.findByText("take over 1 count"));
    await waitFor(() => expect(sent(asked, "POST", "/api/stocktakings")).toHaveLength(2));
    const [first, second] = sent(asked, "POST", "/api/stocktakings") as { id: string }[];
    expect(second!.id).not.toBe(first!.id);
  });

  it("takes over nothing while one count is no number, or none is typed", async () => {
    const asked = open("/stock/stocktaking", [lot()]);
    fireEvent.click(await screen.findByText("take over 0 counts"));
    expect(await screen.findByText("Nothing is counted yet.")).toBeTruthy();
    fireEvent.change(screen.getByLabelText("There is of Pearls"), { target: { value: "a few" } });
    fireEvent.click(screen.getByText("take over 1 count"));
    expect(await screen.findByText(/Pearls: "a few" is not a number/)).toBeTruthy();
    expect(sent(asked, "POST", "/api/stocktakings")).toHaveLength(0);
  });

  it("counts what is typed with a g on the scale", async () => {
    const a = lot();
    const asked = open("/stock/stocktaking", [a], {
      [`POST /api/lots/${a.id}/weigh`]: { amount: 32, gramsPerUnit: 0.25, off: 1 },
      "POST /api/stocktakings": { counted: 1, differences: [] },
    });
    fireEvent.change(await screen.findByLabelText("There is of Pearls"), { target: { value: "12,0 g" } });
    fireEvent.click(screen.getByText("take over 1 count"));
    await waitFor(() => expect(sent(asked, "POST", "/api/stocktakings")).toHaveLength(1));
    expect(sent(asked, "POST", `/api/lots/${a.id}/weigh`)[0]).toEqual({ grossG: 12 });
    expect(sent(asked, "POST", "/api/stocktakings")[0]).toMatchObject({
      counts: [{ lot: a.id, amount: 32 }],
    });
  });

  it("reads a count from what is none", () => {
    expect(["37", "1.5", "1,5", ".5", "86.7g", "86.7 G"].map(readCount)).toEqual([
      { number: 37, weighed: false },
      { number: 1.5, weighed: false },
      { number: 1.5, weighed: false },
      { number: 0.5, weighed: false },
      { number: 86.7, weighed: true },
      { number: 86.7, weighed: true },
    ]);
    expect(["", "a few", "-3", "1.2.3", "3 kg", "1e5"].map(readCount)).toEqual(Array(6).fill(null));
  });

  it("shows earlier ones, and takes one back", async () => {
    const asked = open("/stock/stocktaking", [lot()], {
      "GET /api/stocktakings": [
        {
          id: "t1",
          takenAt: "2026-03-01T10:00:00Z",
          note: "",
          counted: 2,
          differences: [{ lot: "x", name: "Pearls", kind: "beads", more: -3, worth: -1.5 }],
          worth: -1.5,
          undone: false,
        },
      ],
      "POST /api/stocktakings/t1/undo": {},
    });
    expect(await screen.findByText("Pearls −3")).toBeTruthy();
    fireEvent.click(screen.getByText("take back"));
    await waitFor(() => expect(sent(asked, "POST", "/api/stocktakings/t1/undo")).toHaveLength(1));
  });
});

describe("a table taken in", () => {
  const VIEW = { rows: [], added: 0, changed: 0, alike: 0, refused: 0, seal: "s" };
  const ROW = {
    line: 2,
    becomes: "ADDED",
    lot: null,
    kind: "beads",
    name: "Corals",
    changes: [],
    refusal: null,
  };
  const choose = async () => {
    const field = await screen.findByLabelText("Choose a table");
    fireEvent.change(field, { target: { files: [new File(["kind,name\nbeads,Corals\n"], "new.csv")] } });
  };

  it("is looked at first, then taken in as it was looked at", async () => {
    const asked = open("/stock/table", [], {
      "POST /api/stock-table/look": { ...VIEW, rows: [ROW], added: 1 },
      "POST /api/stock-table": {},
    });
    await choose();
    expect(await screen.findByText("Corals")).toBeTruthy();
    expect(asked.some((one) => one.method === "POST" && one.path === "/api/stock-table")).toBe(false);
    fireEvent.click(screen.getByText("take it in"));
    expect(await screen.findByText("new.csv is taken in: 1 lot added, 0 changed.")).toBeTruthy();
    expect(asked.find((one) => one.path === "/api/stock-table")!.body).toMatchObject({
      text: "kind,name\nbeads,Corals\n",
      seal: "s",
    });
  });

  it("is not taken in while a row of it cannot be, and says which and why", async () => {
    open("/stock/table", [], {
      "POST /api/stock-table/look": {
        ...VIEW,
        refused: 1,
        rows: [
          {
            ...ROW,
            becomes: "REFUSED",
            refusal: {
              code: "fact-not-an-option",
              field: "shape",
              value: "egg",
              values: { options: ["round"] },
            },
          },
        ],
      },
    });
    await choose();
    expect(await screen.findByText('Shape cannot be "egg". Say one of: round.')).toBeTruthy();
    expect(screen.queryByText("take it in")).toBeNull();
  });

  it("says so where the file is no table", async () => {
    open("/stock/table", [], { "POST /api/stock-table/look": new Refused({ code: "no-stock-table" }) });
    await choose();
    expect(await screen.findByText(/This is no table/)).toBeTruthy();
  });
});
