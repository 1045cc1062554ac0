import { Link } from "react-router";
import { useLots, useStandings } from "../../api/queries";

/** Lots that run low, by name; nothing where none does. */
export function RunningLow() {
  const lots = useLots().data ?? [];
  const low = new Set((useStandings().data ?? []).filter((one) => one.level?.low).map((one) => one.lot));
  const named = lots.filter((lot) => low.has(lot.id));
  if (named.length === 0) {
    return null;
  }
  return (
    <p className="mt-3" role="note">
      Running low:{" "}
      {named.map((lot, i) => (
        <span key={lot.id}>
          {i > 0 && ", "}
          <Link to={`/stock/lot/${lot.id}`}>{lot.data.name}</Link>
        </span>
      ))}
      .
    </p>
  );
}
