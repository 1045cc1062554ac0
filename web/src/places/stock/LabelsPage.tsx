import { useState } from "react";
import { Link } from "react-router";
import { useLots, useStockKinds } from "../../api/queries";
import { many } from "../../quantity/format";
import { kindWord } from "../../shared/words/stockWords";
import { LotLabel } from "./LotLabel";

/** Labels of one kind, or of all, on paper at true size. */
export function LabelsPage() {
  const kinds = useStockKinds().data ?? [];
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
        <select
          className="word-select"
          aria-label="Labels of"
          value={kind}
          onChange={(event) => setKind(event.target.value)}
        >
          <option value="">everything</option>
          {kinds.map((one) => (
            <option key={one.id} value={one.id}>
              {kindWord(one.id)}
            </option>
          ))}
        </select>
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
