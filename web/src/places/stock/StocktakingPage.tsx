import { Link } from "react-router";
import { call } from "../../api/client";
import { useLots, usePreferences, useStockKinds, useStocktakings } from "../../api/queries";
import type { Kept, LotData, StockKindView, StocktakingView } from "../../api/types";
import { day, many } from "../../quantity/format";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";
import { amountText, kindWord, movedText } from "../../shared/words/stockWords";
import { shelfChanged } from "./lotWrites";
import { useRound } from "./useRound";

/** Once round the shelf: what there is beside what the books say; the differences are kept. */
export function StocktakingPage() {
  const lots = useLots().data ?? [];
  const kinds = (useStockKinds().data ?? []).filter((kind) => !kind.tool);
  const { typed, type, counted, take, told } = useRound(lots, kinds);
  return (
    <div className="place stocktaking" style={{ maxWidth: "none" }}>
      <p className="no-print">
        <Link className="quiet" to="/stock">
          ← stock and tools
        </Link>
      </p>
      <h1 className="place-title">Take stock</h1>
      <p className="max-w-[60ch]">
        Go round the shelf and type what is there; leave open what you did not count. Nothing changes until
        you take it over, and every difference stays to be seen. What is weighed is typed with a g: 86.7 g,
        with its spool or dish.
      </p>
      {kinds.map((kind) => (
        <KindToCount
          key={kind.id}
          kind={kind}
          lots={lots.filter((lot) => lot.data.kind === kind.id)}
          typed={typed}
          onType={type}
        />
      ))}
      <div className="taking-foot">
        <button className="action" onClick={() => void take()}>
          take over {many(counted, "count")}
        </button>
        {told && (
          <p className="care" role="status">
            {told}
          </p>
        )}
      </div>
      <Takings />
    </div>
  );
}

const unitTyped = (kind: StockKindView) =>
  kind.measure === "LENGTH" ? "m" : kind.measure === "MASS" ? "g" : "";

interface KindProps {
  kind: StockKindView;
  lots: Kept<LotData>[];
  typed: Readonly<Record<string, string>>;
  onType: (lot: string, text: string) => void;
}

function KindToCount({ kind, lots, typed, onType }: KindProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (lots.length === 0) {
    return null;
  }
  return (
    <section aria-label={`Count ${kindWord(kind.id)}`} className="kind-to-count">
      <h2>{kindWord(kind.id)}</h2>
      <ul>
        {lots.map((lot) => (
          <li key={lot.id}>
            <label>
              <span className="count-what">
                <span className="strong">{lot.data.name}</span>
                {lot.data.place && <span className="soft small"> {lot.data.place}</span>}
              </span>
              <span className="soft figures count-books">
                {lot.data.left === null
                  ? "not counted"
                  : `books: ${amountText(kind.measure, lot.data.left, units)}`}
              </span>
              <span>
                <input
                  className="plain-input count-input"
                  aria-label={`There is of ${lot.data.name}`}
                  value={typed[lot.id] ?? ""}
                  onChange={(event) => onType(lot.id, event.target.value)}
                />{" "}
                <span className="soft">{unitTyped(kind)}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}

async function undo(id: string): Promise<void> {
  try {
    await call("POST", `/api/stocktakings/${id}/undo`);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was taken back."));
  }
  shelfChanged();
}

/** Earlier ones, with what differed. */
function Takings() {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const kinds = useStockKinds().data ?? [];
  const takings = useStocktakings().data ?? [];
  if (takings.length === 0) {
    return null;
  }
  const text = (one: StocktakingView["differences"][number]) => {
    const measure = kinds.find((kind) => kind.id === one.kind)?.measure ?? "PIECES";
    return `${one.name} ${movedText(measure, one.more, units)}`;
  };
  return (
    <section aria-label="Earlier stocktakings" className="takings no-print">
      <h2>earlier</h2>
      {takings.map((taking) => (
        <div key={taking.id} className={`taking ${taking.undone ? "is-undone" : ""}`}>
          <p>
            <span className="strong">{day(taking.takenAt)}</span>, {many(taking.counted, "lot")}
            {taking.differences.length === 0 ? ", all as the books said" : ""}
            {taking.worth !== null && taking.differences.length > 0 && `, worth ${taking.worth.toFixed(2)}`}
            {taking.undone && ", taken back"}{" "}
            {!taking.undone && (
              <button className="quiet small" onClick={() => void undo(taking.id)}>
                take back
              </button>
            )}
          </p>
          <p className="soft">{taking.differences.map(text).join(" · ")}</p>
        </div>
      ))}
    </section>
  );
}
