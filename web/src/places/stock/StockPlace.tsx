import { useParams } from "react-router";
import { useStockKinds } from "../../api/queries";
import { Lost } from "../../shared/shell/Lost";
import { CutterTable } from "./CutterTable";
import { KindRail } from "./KindRail";
import { LotShelf } from "./LotShelf";
import { MandrelTable } from "./MandrelTable";
import { MetalPriceList } from "./MetalPriceList";
import { SpoolTable } from "./SpoolTable";

/** The shelf: one kind at a time, each cell its own input, saved as it is typed. */
export function StockPlace() {
  const kind = useParams().kind ?? "wire";
  return (
    <div className="place stock-place" style={{ maxWidth: "none" }}>
      <h1 className="place-title">Stock and tools</h1>
      <div className="stock-body">
        <KindRail chosen={kind} />
        <div className="min-w-0">
          <OfKind kind={kind} />
        </div>
      </div>
    </div>
  );
}

function OfKind({ kind }: { kind: string }) {
  const kinds = useStockKinds().data;
  if (kind === "wire") {
    return <SpoolTable />;
  }
  if (kind === "rods") {
    return <MandrelTable />;
  }
  if (kind === "cutters") {
    return <CutterTable />;
  }
  if (kind === "metal-prices") {
    return <MetalPriceList />;
  }
  const known = kinds?.find((one) => one.id === kind);
  return known ? <LotShelf key={kind} kind={known} /> : kinds ? <Lost /> : null;
}
