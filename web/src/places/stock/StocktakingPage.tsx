import { useState } from "react";
import { Link } from "react-router";
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { useLots, usePreferences, useStockKinds, useStocktakings } from "../../api/queries";
import type { Kept, LotData, StockKindView, StocktakingView } from "../../api/types";
import { day, many } from "../../quantity/format";
import { useKeptChoice } from "../../shared/kernel/keptChoice";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";
import { amountText, kindWord, movedText } from "../../shared/words/stockWords";
import { shelfChanged } from "./lotWrites";

/** What is typed while going round, on this device until it is taken over; by lot, as typed. */
interface Round {
  id: string;
  typed: Readonly<Record<string, string>>;
}

const NOT_BEGUN: Round = { id: "", typed: {} };

/** What is typed, and taking it over: all of it or nothing. */
function useRound(lots: Kept<LotData>[], kinds: StockKindView[]) {
  const [round, keep] = useKeptChoice<Round>("stocktaking", NOT_BEGUN);
  const [told, setTold] = useState<string | null>(null);
  const counted = lots.filter((lot) => (round.typed[lot.id] ?? "").trim() !== "");
  const type = (lot: string, text: string) =>
    keep({ id: round.id || newId(), typed: { ...round.typed, [lot]: text } }, `counted ${lot}`);
  const send = async (counts: { lot: string; amount: number }[]) => {
    const taking = await call<StocktakingView>("POST", "/api/stocktakings", {
      id: round.id,
      note: "",
      counts,
    });
    keep(NOT_BEGUN, "stocktaking");
    shelfChanged();
    say(`${many(taking.counted, "lot")} counted, ${many(taking.differences.length, "difference")} kept.`);
  };
  const take = async () => {
    const counts = counted.map((lot) => {
      const kind = kinds.find((one) => one.id === lot.data.kind);
      return { lot: lot.id, amount: Number(round.typed[lot.id]!.replace(",", ".")) * perTyped(kind) };
    });
    const wrong = counts.find((one) => !Number.isFinite(one.amount));
    if (wrong) {
      const name = lots.find((lot) => lot.id === wrong.lot)!.data.name;
      setTold(`${name}: "${round.typed[wrong.lot]}" is not a number. Nothing was taken over.`);
      return;
    }
    if (counts.length === 0) {
      setTold("Nothing is counted yet.");
      return;
    }
    try {
      await send(counts);
      setTold(null);
    } catch (failure) {
      setTold(failureWords(failure, "The server is not answering; what you typed is kept on this device."));
    }
  };
  return { typed: round.typed, type, counted: counted.length, take, told };
}

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
        you take it over, and every difference stays to be seen.
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

/** Metres off a spool, grams, pieces. */
const perTyped = (kind: StockKindView | undefined) => (kind?.measure === "LENGTH" ? 1000 : 1);
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
                  inputMode="decimal"
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
