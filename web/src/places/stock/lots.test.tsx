import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Kept, LotData, Standing, StockKindView } from "../../api/types";
import { PREFERENCES, Refused, serve, show, typeInto, type Answers } from "../../test/app";
import { Says } from "../../shared/kernel/says";
import { forget, undo } from "../../shared/kernel/undo";
import { CodeDoor } from "./CodeDoor";
import { LotPage } from "./LotPage";
import { StockPlace } from "./StockPlace";
import { StocktakingPage } from "./StocktakingPage";
import { TablePage } from "./TablePage";

const fact = (id: string, more: Partial<StockKindView["facts"][number]>): StockKindView["facts"][number] => ({
  id,
  type: "NUMBER",
  unit: "mm",
  minimum: 0.2,
  maximum: 50,
  optional: false,
  options: [],
  ...more,
});
const BEADS: StockKindView = {
  id: "beads",
  measure: "PIECES",
  tool: false,
  facts: [
    fact("shape", { type: "CHOICE", unit: "", options: ["round", "cube"] }),
    fact("across", {}),
    fact("density", { unit: "g/cm³", optional: true }),
    fact("withstands", { type: "CHOICES", unit: "", optional: true, options: ["pickle", "torch"] }),
  ],
  blank: { shape: "round", across: 6 },
};
const JAWS: StockKindView = {
  id: "tapered-jaws",
  measure: "PIECES",
  tool: true,
  facts: [fact("tip", {}), fact("marks", { type: "NUMBERS", optional: true })],
  blank: { tip: 1.2 },
};

let next = 0;
function lot(more: Partial<LotData> = {}): Kept<LotData> {
  return {
    id: `lot-${next++}`,
    version: 3,
    updatedAt: "2026-03-01T10:00:00Z",
    deleted: false,
    data: {
      kind: "beads",
      name: "Pearls",
      facts: { shape: "round", across: 6 },
      left: 40,
      unitPrice: 0.5,
      boughtOn: null,
      useBy: null,
      tareG: null,
      lowMark: 50,
      place: "drawer 3",
      note: "",
      ...more,
    },
  };
}

function standing(of: Kept<LotData>, more: Partial<Standing> = {}): Standing {
  return {
    lot: of.id,
    code: "7KQ2F4XM",
    level: { left: 40, overdrawn: 0, reserved: 12, free: 28, low: true },
    gramsPerUnit: 0.25,
    worth: 20,
    ...more,
  };
}

function open(at: string, lots: Kept<LotData>[], answers: Answers = {}) {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/stock-kinds": [BEADS, JAWS],
    "GET /api/lots": lots,
    "GET /api/lots/standings": lots.map((one) => standing(one)),
    "GET /api/metals": [],
    "GET /api/mandrels": [],
    "GET /api/cutters": [],
    "GET /api/stocktakings": [],
    "GET /api/notebook": [],
    ...Object.fromEntries(lots.map((one) => [`GET /api/lots/${one.id}/moves`, []])),
    "PUT /api/lots/": (body: unknown) => ({
      ...lots[0]!,
      version: 4,
      data: (body as { data: LotData }).data,
    }),
    ...answers,
  });
  show(
    <>
      <Routes>
        <Route path="/stock/lot/:id" element={<LotPage />} />
        <Route path="/stock/code/:code" element={<CodeDoor />} />
        <Route path="/stock/stocktaking" element={<StocktakingPage />} />
        <Route path="/stock/table" element={<TablePage />} />
        <Route path="/stock/:kind" element={<StockPlace />} />
      </Routes>
      <Says />
    </>,
    at,
  );
  return asked;
}

const sent = (asked: ReturnType<typeof open>, method: string, path: string) =>
  asked.filter((one) => one.method === method && one.path.startsWith(path)).map((one) => one.body);

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  forget();
  vi.unstubAllGlobals();
});

describe("the shelf", () => {
  it("tells each lot by its facts, what is put by and what runs low", async () => {
    open("/stock/beads", [lot()]);
    const row = await screen.findByRole("link", { name: /Pearls/ });
    await waitFor(() => expect(row.textContent).toContain("low: buy more"));
    expect(row.textContent).toContain("round · across 6.00 mm");
    expect(row.textContent).toContain("12 put by · worth 20.00");
    expect(screen.getByText("1 low")).toBeTruthy();
  });

  it("says what was taken beyond what there was, and what is past its day", async () => {
    const past = lot({ useBy: "2020-01-01", left: 0 });
    open("/stock/beads", [past], {
      "GET /api/lots/standings": [
        standing(past, { level: { left: 0, overdrawn: 5, reserved: 0, free: 0, low: false } }),
      ],
    });
    expect(await screen.findByText(/more was taken than there was/)).toBeTruthy();
    expect(screen.getByText(/to be used by 2020-01-01: past/)).toBeTruthy();
  });

  it("adds a lot with what its kind begins with, and opens it", async () => {
    const asked = open("/stock/beads", []);
    fireEvent.click(await screen.findByText("add a lot"));
    await waitFor(() => expect(sent(asked, "PUT", "/api/lots/")).toHaveLength(1));
    expect(sent(asked, "PUT", "/api/lots/")[0]).toMatchObject({
      version: null,
      data: { kind: "beads", facts: { shape: "round", across: 6 }, left: null },
    });
  });
});

describe("a lot", () => {
  it("keeps its facts as they are said, and unsaid", async () => {
    const one = lot({ facts: { shape: "round", across: 6, density: 2.5, withstands: ["pickle"] } });
    const asked = open(`/stock/lot/${one.id}`, [one]);
    await screen.findByLabelText("across");
    typeInto("across", "8");
    typeInto("density", "");
    fireEvent.click(screen.getByLabelText("torch"));
    fireEvent.change(screen.getByLabelText("shape"), { target: { value: "cube" } });
    await waitFor(() =>
      expect(sent(asked, "PUT", "/api/lots/").at(-1)).toMatchObject({
        data: { facts: { shape: "cube", across: 8, withstands: ["pickle", "torch"] } },
      }),
    );
    expect((sent(asked, "PUT", "/api/lots/").at(-1) as { data: LotData }).data.facts).not.toHaveProperty(
      "density",
    );
  });

  it("takes pen marks one after another, in their order", async () => {
    const one = lot({ kind: "tapered-jaws", facts: { tip: 1.2, marks: [9] } });
    const asked = open(`/stock/lot/${one.id}`, [one]);
    await screen.findByLabelText("pen marks from the tip, another");
    typeInto("pen marks from the tip, another", "4.5");
    await waitFor(() =>
      expect(sent(asked, "PUT", "/api/lots/").at(-1)).toMatchObject({ data: { facts: { marks: [4.5, 9] } } }),
    );
  });

  it("is moved by hand under an id of its own, and the step is taken back", async () => {
    const one = lot();
    const asked = open(`/stock/lot/${one.id}`, [one], {
      [`POST /api/lots/${one.id}/moves`]: {},
      "POST /api/lots/moves/": {},
    });
    fireEvent.click(await screen.findByText("came in"));
    fireEvent.change(screen.getByLabelText("so much came in"), { target: { value: "25" } });
    fireEvent.click(screen.getByText("take it"));
    await waitFor(() => expect(sent(asked, "POST", `/api/lots/${one.id}/moves`)).toHaveLength(1));
    const move = sent(asked, "POST", `/api/lots/${one.id}/moves`)[0] as { id: string };
    expect(move).toMatchObject({ what: "RECEIVED", amount: 25 });
    await waitFor(() => expect(screen.queryByText("take it")).toBeNull());
    undo();
    await waitFor(() => expect(sent(asked, "POST", `/api/lots/moves/${move.id}/undo`)).toHaveLength(1));
  });

  it("is counted on a scale, and says how far that may be off", async () => {
    const one = lot({ tareG: 4 });
    const asked = open(`/stock/lot/${one.id}`, [one], {
      [`POST /api/lots/${one.id}/weigh`]: { amount: 32, gramsPerUnit: 0.25, off: 1.6 },
      [`POST /api/lots/${one.id}/moves`]: {},
    });
    fireEvent.click(await screen.findByText("weigh"));
    expect(screen.getByText(/a piece weighs 0.25 g; tare 4 g/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText(/the scale says/), { target: { value: "12,0" } });
    fireEvent.click(screen.getByText("take it"));
    expect(await screen.findByText("0.25 g a piece: 32, within 2.")).toBeTruthy();
    expect(sent(asked, "POST", `/api/lots/${one.id}/moves`)[0]).toMatchObject({
      what: "COUNTED",
      amount: 32,
    });
  });

  it("says why something cannot be, and keeps what was typed", async () => {
    const one = lot();
    open(`/stock/lot/${one.id}`, [one], {
      [`POST /api/lots/${one.id}/moves`]: new Refused({
        code: "counted-in-whole-ones",
        field: "amount",
        value: "1.5",
      }),
    });
    fireEvent.click(await screen.findByText("lost"));
    const field = screen.getByLabelText<HTMLInputElement>("so much was lost or spoilt");
    fireEvent.change(field, { target: { value: "much" } });
    fireEvent.click(screen.getByText("take it"));
    expect(await screen.findByText('"much" is not a number. Nothing was changed.')).toBeTruthy();
    fireEvent.change(field, { target: { value: "1.5" } });
    fireEvent.click(screen.getByText("take it"));
    expect(await screen.findByText(/counted in whole ones/)).toBeTruthy();
    expect(field.value).toBe("1.5");
  });

  it("is found by the code on its label; a code of none is said so", async () => {
    const one = lot();
    open("/stock/code/7KQ2F4XM", [one], {
      "GET /api/lot-codes/7KQ2F4XM": { code: "7KQ2F4XM", lots: [one.id] },
    });
    expect(await screen.findByDisplayValue("Pearls")).toBeTruthy();
    cleanup();
    open("/stock/code/7KQ2F4XN", [one], {
      "GET /api/lot-codes/": new Refused({ code: "unknown-lot-code", value: "7KQ2F4XN" }),
    });
    expect(await screen.findByText(/No lot has the code "7KQ2F4XN"/)).toBeTruthy();
  });
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

  it("takes over nothing while one count is no number, or none is typed", async () => {
    const asked = open("/stock/stocktaking", [lot()]);
    fireEvent.click(await screen.findByText("take over 0 counts"));
    expect(await screen.findByText("Nothing is counted yet.")).toBeTruthy();
    fireEvent.change(screen.getByLabelText("There is of Pearls"), { target: { value: "a few" } });
    fireEvent.click(screen.getByText("take over 1 count"));
    expect(await screen.findByText(/Pearls: "a few" is not a number/)).toBeTruthy();
    expect(sent(asked, "POST", "/api/stocktakings")).toHaveLength(0);
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
