import { useState } from "react";
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import type { Kept, LotData, ScaleReading, StockKindView, StocktakingView } from "../../api/types";
import { many } from "../../quantity/format";
import { useKeptChoice } from "../../shared/kernel/keptChoice";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";
import { shelfChanged } from "./lotWrites";

/** What is typed while going round, on this device until it is taken over; by lot, as typed. */
interface Round {
  id: string;
  typed: Readonly<Record<string, string>>;
}

/** Rounds taken over: one step back shows what was typed again, as a round of its own. */
const takenOver = new Set<string>();

const NOT_BEGUN: Round = { id: "", typed: {} };

/** A number as typed, and whether it is what a scale says; null where it is none. */
export function readCount(text: string): { number: number; weighed: boolean } | null {
  const [, number, g] = /^(\d*[.,]?\d+)\s*(g)?$/i.exec(text.trim()) ?? [];
  return number === undefined ? null : { number: Number(number.replace(",", ".")), weighed: g !== undefined };
}

/** How much that is: metres off a spool, pieces, grams; what was weighed is counted by the core. */
async function amountOf(lot: Kept<LotData>, kind: StockKindView, text: string): Promise<number | null> {
  const read = readCount(text);
  if (!read) {
    return null;
  }
  // what is counted in grams anyway is told as it is, its dish taken off already
  if (read.weighed && kind.measure !== "MASS") {
    const weighed = await call<ScaleReading>("POST", `/api/lots/${lot.id}/weigh`, { grossG: read.number });
    return weighed.amount;
  }
  return kind.measure === "LENGTH" ? read.number * 1000 : read.number;
}

class NoNumber extends Error {}

/** What is typed, and taking it over: all of it or nothing. */
export function useRound(lots: Kept<LotData>[], kinds: StockKindView[]) {
  const [round, keep] = useKeptChoice<Round>("stocktaking", NOT_BEGUN);
  const [told, setTold] = useState<string | null>(null);
  const counted = lots.filter((lot) => (round.typed[lot.id] ?? "").trim() !== "");
  const fresh = () => round.id === "" || takenOver.has(round.id);
  const type = (lot: string, text: string) =>
    keep({ id: fresh() ? newId() : round.id, typed: { ...round.typed, [lot]: text } }, `counted ${lot}`);
  const send = async () => {
    const counts = [];
    for (const lot of counted) {
      const text = round.typed[lot.id]!;
      const amount = await amountOf(
        lot,
        kinds.find((one) => one.id === lot.data.kind)!,
        text,
      );
      if (amount === null) {
        throw new NoNumber(`${lot.data.name}: "${text}" is not a number. Nothing was taken over.`);
      }
      counts.push({ lot: lot.id, amount });
    }
    const id = fresh() ? newId() : round.id;
    const taking = await call<StocktakingView>("POST", "/api/stocktakings", { id, note: "", counts });
    takenOver.add(id);
    keep(NOT_BEGUN, "stocktaking");
    shelfChanged();
    say(`${many(taking.counted, "lot")} counted, ${many(taking.differences.length, "difference")} kept.`);
  };
  const take = async () => {
    if (counted.length === 0) {
      setTold("Nothing is counted yet.");
      return;
    }
    try {
      await send();
      setTold(null);
    } catch (failure) {
      setTold(
        failure instanceof NoNumber
          ? failure.message
          : failureWords(failure, "The server is not answering; what you typed is kept on this device."),
      );
    }
  };
  return { typed: round.typed, type, counted: counted.length, take, told };
}
