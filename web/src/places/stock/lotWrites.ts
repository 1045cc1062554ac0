/** What is written of lots: made, moved, taken back. Every move has an id made once, so that none counts twice. */
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed } from "../../api/queries";
import type { StockKindView, StockMove } from "../../api/types";
import { blankLot } from "../../shared/kernel/newLot";
import { say } from "../../shared/kernel/says";
import { remember } from "../../shared/kernel/undo";
import { failureWords } from "../../shared/words/refused";
import { kindWord } from "../../shared/words/stockWords";

export function shelfChanged(): void {
  changed("lots", "spools", "stocktakings", "cutting", "bench", "sheet");
}

/** Keeps a new lot of that kind and answers its id; null where it could not be. */
export async function addLot(kind: StockKindView): Promise<string | null> {
  const id = newId();
  const data = blankLot(kind.id, `New ${kindWord(kind.id)}`, kind.blank, kind.tool ? 1 : null);
  try {
    await call("PUT", `/api/lots/${id}`, { version: null, data });
    shelfChanged();
    return id;
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was added."));
    return null;
  }
}

type What = "RECEIVED" | "RETURNED" | "LOST" | "COUNTED";

async function send(lot: string, what: What, amount: number): Promise<string> {
  const id = newId();
  await call<StockMove>("POST", `/api/lots/${lot}/moves`, { id, what, amount, note: "" });
  shelfChanged();
  return id;
}

/** Takes a move back; says so where it could not be. */
export async function takeBack(move: string): Promise<void> {
  try {
    await call("POST", `/api/lots/moves/${move}/undo`);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was taken back."));
  }
  shelfChanged();
}

/** More of a lot, or less; one step back undoes it. Throws where it is refused. */
export async function moveLot(lot: string, what: What, amount: number, label: string): Promise<void> {
  let move = await send(lot, what, amount);
  remember(
    label,
    () => void takeBack(move),
    () => void send(lot, what, amount).then((again) => (move = again)),
  );
}

/** Makes a length of wire a lot of its own and answers its id. Throws where it is refused. */
export async function cutOff(lot: string, lengthMm: number): Promise<string> {
  const id = newId();
  await call("POST", `/api/lots/${lot}/offcuts`, { id, lengthMm });
  shelfChanged();
  return id;
}
