import { NavLink } from "react-router";
import { useCutters, useLots, useMandrels, useStandings, useStockKinds } from "../../api/queries";
import { kindWord } from "../../shared/words/stockWords";

interface Entry {
  id: string;
  word: string;
  count: number;
  low: number;
}

/** Every kind with how many lots there are, and how many of them run low. */
export function KindRail({ chosen }: { chosen: string }) {
  const kinds = useStockKinds().data ?? [];
  const lots = useLots().data ?? [];
  const low = new Set((useStandings().data ?? []).filter((one) => one.level?.low).map((one) => one.lot));
  const entry = (id: string): Entry => {
    const own = lots.filter((lot) => lot.data.kind === id);
    return { id, word: kindWord(id), count: own.length, low: own.filter((lot) => low.has(lot.id)).length };
  };
  const own = (id: string, word: string, count = 0): Entry => ({ id, word, count, low: 0 });
  const usedUp = kinds.filter((kind) => !kind.tool).map((kind) => entry(kind.id));
  const tools = [
    own("rods", "rods and steps", useMandrels().data?.length),
    own("cutters", "blades and cutters", useCutters().data?.length),
    ...kinds.filter((kind) => kind.tool).map((kind) => entry(kind.id)),
  ];
  return (
    <nav className="kind-rail" aria-label="Kinds of stock">
      <Kinds title="stock" entries={usedUp} chosen={chosen} />
      <Kinds title="tools" entries={tools} chosen={chosen} />
      <p className="kind-ways">
        <NavLink className="quiet" to="/stock/stocktaking">
          take stock
        </NavLink>
        <NavLink className="quiet" to="/stock/table">
          tables in and out
        </NavLink>
        <NavLink className="quiet" to="/stock/labels">
          labels
        </NavLink>
        <NavLink className="quiet" to="/stock/metal-prices">
          metal prices
        </NavLink>
      </p>
    </nav>
  );
}

function Kinds({ title, entries, chosen }: { title: string; entries: Entry[]; chosen: string }) {
  return (
    <>
      <h2>{title}</h2>
      <ul>
        {entries.map((one) => (
          <li key={one.id}>
            <NavLink
              to={one.id === "wire" ? "/stock" : `/stock/${one.id}`}
              end
              aria-current={one.id === chosen ? "page" : undefined}
              className={one.count === 0 ? "none-there" : undefined}
            >
              <span>{one.word}</span>
              {one.low > 0 && <span className="low-mark">{one.low} low</span>}
              <span className="figures">{one.count}</span>
            </NavLink>
          </li>
        ))}
      </ul>
    </>
  );
}
