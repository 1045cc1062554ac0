/** For tests: a shelf of two kinds, and its pages. */
import { Route, Routes } from "react-router";
import type { Kept, LotData, Standing, StockKindView } from "../../api/types";
import { Says } from "../../shared/kernel/says";
import { PREFERENCES, serve, show, type Answers, type Asked } from "../../test/app";
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
export function lot(more: Partial<LotData> = {}): Kept<LotData> {
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

export function standing(of: Kept<LotData>, more: Partial<Standing> = {}): Standing {
  return {
    lot: of.id,
    code: "7KQ2F4XM",
    level: { left: 40, overdrawn: 0, reserved: 12, free: 28, low: true },
    gramsPerUnit: 0.25,
    worth: 20,
    ...more,
  };
}

export function open(at: string, lots: Kept<LotData>[], answers: Answers = {}) {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/stock-kinds": [BEADS, JAWS],
    "GET /api/lots": lots,
    "GET /api/lots/standings": lots.map((one) => standing(one)),
    "GET /api/metals": [],
    "GET /api/mandrels": [],
    "GET /api/cutters": [],
    "GET /api/stocktakings": [],
    "GET /api/runs/names": {},
    ...Object.fromEntries(lots.map((one) => [`GET /api/lots/${one.id}/moves`, []])),
    ...Object.fromEntries(lots.map((one) => [`GET /api/lots/${one.id}/put-by`, []])),
    "GET /api/bench": [],
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

export const sent = (asked: Asked[], method: string, path: string) =>
  asked.filter((one) => one.method === method && one.path.startsWith(path)).map((one) => one.body);
