import { useState } from "react";
import { KindChoice } from "./KindChoice";
import { Link } from "react-router";
import { useLots } from "../../api/queries";
import { many } from "../../quantity/format";
import { LotLabel } from "./LotLabel";

/** Labels of one kind, or of all, on paper at true size. */
export function LabelsPage() {
  const all = useLots().data ?? [];
  const [kind, setKind] = useState("");
  const lots = all.filter((lot) => kind === "" || lot.data.kind === kind);
  return (
    <div className="place labels-page" style={{ maxWidth: "none" }}>
      <p className="no-print">
        <Link className="quiet" to="/stock">
          ← stock and tools
        </Link>
      </p>
      <h1 className="place-title no-print">Labels</h1>
      <p className="sentence no-print">
        <span>{many(lots.length, "label")} of</span>
        <KindChoice label="Labels of" kind={kind} onKind={setKind} />
        <button className="action" onClick={() => window.print()}>
          print
        </button>
      </p>
      <p className="soft small no-print">
        62 by 25 mm each. A phone&rsquo;s camera opens the lot by the square code, as long as it reaches this
        address; a hand scanner types the bars: scan one anywhere but in a run, and its lot opens.
      </p>
      <div className="labels-sheet">
        {lots.map((lot) => (
          <LotLabel key={lot.id} lot={lot.id} version={lot.version} name={lot.data.name} />
        ))}
      </div>
    </div>
  );
}
