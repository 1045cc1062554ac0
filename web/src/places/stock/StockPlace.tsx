import { CutterTable } from "./CutterTable";
import { MandrelTable } from "./MandrelTable";
import { SpoolTable } from "./SpoolTable";

/** Wire and tools; every cell is its own input, and saved as it is typed. */
export function StockPlace() {
  return (
    <div className="place">
      <h1 className="place-title">Stock and tools</h1>
      <SpoolTable />
      <MandrelTable />
      <CutterTable />
    </div>
  );
}
