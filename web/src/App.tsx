import { Route, Routes } from "react-router";
import { BenchPlace } from "./places/bench/BenchPlace";
import { FormMakingPlace } from "./places/making/FormMakingPlace";
import { MakingPlace } from "./places/making/MakingPlace";
import { WeaveMakingPlace } from "./places/making/WeaveMakingPlace";
import { NotebookPlace } from "./places/notebook/NotebookPlace";
import { SpoolPage } from "./places/notebook/SpoolPage";
import { PreferencesPlace } from "./places/preferences/PreferencesPlace";
import { PrintSheet } from "./places/rings/PrintSheet";
import { NewRingPlace, RingsDoor } from "./places/rings/RingsDoor";
import { RingsPlace } from "./places/rings/RingsPlace";
import { ShelfTable } from "./places/rings/ShelfTable";
import { CataloguePlace } from "./places/shapes/CataloguePlace";
import { PracticePlace } from "./places/shapes/PracticePlace";
import { NewShapePlace, ShapePlace } from "./places/shapes/ShapePlace";
import { StockPlace } from "./places/stock/StockPlace";
import { MedallionPlace } from "./places/weaves/medallion/MedallionPlace";
import { PiecePlace } from "./places/weaves/piece/PiecePlace";
import { ShelfPlace } from "./places/weaves/ShelfPlace";
import { WeavesPlace } from "./places/weaves/WeavesPlace";
import { Frame } from "./shared/Frame";
import { Gate } from "./shared/Gate";
import { Lost } from "./shared/Lost";
import { Says } from "./shared/says";
import { Shortcuts } from "./shared/Shortcuts";

export function App() {
  return (
    <Gate>
      <Routes>
        <Route path="making/form/:id" element={<FormMakingPlace />} />
        <Route path="making/weave/:id" element={<WeaveMakingPlace />} />
        <Route path="making/:id" element={<MakingPlace />} />
        <Route path="print/:id" element={<PrintSheet />} />
        <Route element={<Frame />}>
          <Route index element={<BenchPlace />} />
          <Route path="rings" element={<RingsDoor />} />
          <Route path="rings/new" element={<NewRingPlace />} />
          <Route path="rings/:id" element={<RingsPlace />} />
          <Route path="rings/:id/shelf" element={<ShelfTable />} />
          <Route path="shapes" element={<CataloguePlace />} />
          <Route path="shapes/practice" element={<PracticePlace />} />
          <Route path="shapes/new/:form" element={<NewShapePlace />} />
          <Route path="shapes/:id" element={<ShapePlace />} />
          <Route path="weaves" element={<WeavesPlace />} />
          <Route path="weaves/shelf" element={<ShelfPlace />} />
          <Route path="weaves/medallion" element={<MedallionPlace />} />
          <Route path="weaves/:id" element={<PiecePlace />} />
          <Route path="notebook" element={<NotebookPlace />} />
          <Route path="notebook/wire/:id" element={<SpoolPage />} />
          <Route path="stock" element={<StockPlace />} />
          <Route path="preferences" element={<PreferencesPlace />} />
          <Route path="*" element={<Lost />} />
        </Route>
      </Routes>
      <Shortcuts />
      <Says />
    </Gate>
  );
}
