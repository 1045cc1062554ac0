import { Suspense } from "react";
import { createRoutesFromElements, matchRoutes, Navigate, Route, useRoutes } from "react-router";
import { BenchPlace } from "./places/bench/BenchPlace";
import { Frame } from "./shared/shell/Frame";
import { Gate } from "./shared/shell/Gate";
import { fetchNow, place } from "./shared/shell/place";
import { Lost } from "./shared/shell/Lost";
import { Says } from "./shared/kernel/says";
import { Shortcuts } from "./shared/shell/Shortcuts";

const MakingPlace = place(() => import("./places/making/MakingPlace"), "MakingPlace");
const MovedMaking = place(() => import("./places/making/MakingPlace"), "MovedMaking");
const NotebookPlace = place(() => import("./places/notebook/NotebookPlace"), "NotebookPlace");
const SafetyPage = place(() => import("./places/preferences/SafetyPage"), "SafetyPage");
const RunRecord = place(() => import("./places/notebook/record/RunRecord"), "RunRecord");
const SizesFromPhoto = place(() => import("./places/notebook/photo/SizesFromPhoto"), "SizesFromPhoto");
const SpoolPage = place(() => import("./places/notebook/SpoolPage"), "SpoolPage");
const PreferencesPlace = place(() => import("./places/preferences/PreferencesPlace"), "PreferencesPlace");
const PrintSheet = place(() => import("./places/rings/PrintSheet"), "PrintSheet");
const NewRingPlace = place(() => import("./places/rings/RingsDoor"), "NewRingPlace");
const InstrumentsPage = place(() => import("./places/preferences/InstrumentsPage"), "InstrumentsPage");
const RingsDoor = place(() => import("./places/rings/RingsDoor"), "RingsDoor");
const RingsPlace = place(() => import("./places/rings/RingsPlace"), "RingsPlace");
const ShelfTable = place(() => import("./places/rings/ShelfTable"), "ShelfTable");
const CataloguePlace = place(() => import("./places/shapes/CataloguePlace"), "CataloguePlace");
const PracticePlace = place(() => import("./places/practice/PracticePlace"), "PracticePlace");
const ExercisePage = place(() => import("./places/practice/ExercisePage"), "ExercisePage");
const NewShapePlace = place(() => import("./places/shapes/ShapePlace"), "NewShapePlace");
const ShapePlace = place(() => import("./places/shapes/ShapePlace"), "ShapePlace");
const StockPlace = place(() => import("./places/stock/StockPlace"), "StockPlace");
const LotPage = place(() => import("./places/stock/LotPage"), "LotPage");
const CodeDoor = place(() => import("./places/stock/CodeDoor"), "CodeDoor");
const LabelsPage = place(() => import("./places/stock/LabelsPage"), "LabelsPage");
const StocktakingPage = place(() => import("./places/stock/StocktakingPage"), "StocktakingPage");
const TablePage = place(() => import("./places/stock/TablePage"), "TablePage");
const KeptMedallionPlace = place(
  () => import("./places/weaves/medallion/MedallionPlace"),
  "KeptMedallionPlace",
);
const MedallionPlace = place(() => import("./places/weaves/medallion/MedallionPlace"), "MedallionPlace");
const PiecesDoor = place(() => import("./places/pieces/PiecesDoor"), "PiecesDoor");
const NewPiecePlace = place(() => import("./places/pieces/PiecePlace"), "NewPiecePlace");
const PiecePlace = place(() => import("./places/pieces/PiecePlace"), "PiecePlace");
const CuttingPlace = place(() => import("./places/cutting/CuttingPlace"), "CuttingPlace");
const PatchPlace = place(() => import("./places/weaves/patch/PatchPlace"), "PatchPlace");
const ShelfPlace = place(() => import("./places/weaves/ShelfPlace"), "ShelfPlace");
const WeavesPlace = place(() => import("./places/weaves/WeavesPlace"), "WeavesPlace");

const ROUTES = createRoutesFromElements(
  <>
    <Route path="making/form/:id" element={<MovedMaking />} />
    <Route path="making/weave/:id" element={<MovedMaking />} />
    <Route path="making/:id" element={<MakingPlace />} />
    <Route path="print/:id" element={<PrintSheet />} />
    <Route element={<Frame />}>
      <Route index element={<BenchPlace />} />
      <Route path="rings" element={<RingsDoor />} />
      <Route path="rings/new" element={<NewRingPlace />} />
      <Route path="rings/:id" element={<RingsPlace />} />
      <Route path="rings/:id/shelf" element={<ShelfTable />} />
      <Route path="shapes" element={<CataloguePlace />} />
      <Route path="shapes/practice" element={<Navigate to="/practice/ten-loops" replace />} />
      <Route path="practice" element={<PracticePlace />} />
      <Route path="practice/:id" element={<ExercisePage />} />
      <Route path="shapes/new/:form" element={<NewShapePlace />} />
      <Route path="shapes/:id" element={<ShapePlace />} />
      <Route path="weaves" element={<WeavesPlace />} />
      <Route path="weaves/shelf" element={<ShelfPlace />} />
      <Route path="weaves/medallion" element={<MedallionPlace />} />
      <Route path="weaves/medallion/:id" element={<KeptMedallionPlace />} />
      <Route path="weaves/:id" element={<PatchPlace />} />
      <Route path="pieces" element={<PiecesDoor />} />
      <Route path="pieces/new/:starter" element={<NewPiecePlace />} />
      <Route path="pieces/:id" element={<PiecePlace />} />
      <Route path="cutting" element={<CuttingPlace />} />
      <Route path="notebook" element={<NotebookPlace />} />
      <Route path="notebook/photo" element={<SizesFromPhoto />} />
      <Route path="notebook/run/:id" element={<RunRecord />} />
      <Route path="notebook/wire/:id" element={<SpoolPage />} />
      <Route path="stock" element={<StockPlace />} />
      <Route path="stock/lot/:id" element={<LotPage />} />
      <Route path="stock/code/:code" element={<CodeDoor />} />
      <Route path="stock/labels" element={<LabelsPage />} />
      <Route path="stock/stocktaking" element={<StocktakingPage />} />
      <Route path="stock/table" element={<TablePage />} />
      <Route path="stock/:kind" element={<StockPlace />} />
      <Route path="preferences" element={<PreferencesPlace />} />
      <Route path="preferences/instruments" element={<InstrumentsPage />} />
      <Route path="safety" element={<SafetyPage />} />
      <Route path="*" element={<Lost />} />
    </Route>
  </>,
);

/** Begins with the code of what an address shows. */
export function fetchAt(address: string): void {
  fetchNow((matchRoutes(ROUTES, address) ?? []).map((match) => match.route.element));
}

const Shown = () => useRoutes(ROUTES);

export function App() {
  return (
    <Gate>
      <Suspense fallback={null}>
        <Shown />
      </Suspense>
      <Shortcuts />
      <Says />
    </Gate>
  );
}
