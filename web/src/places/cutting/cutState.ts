/** What has been cut already, and what that leaves to cut and to cut from. */
import type { CutLists, CuttingAssignment, CuttingQuestion } from "../../api/types";

type WireList = CutLists["wires"][number];
type Count = CuttingAssignment["cuts"][number];

/** A strip that was cut from, as it was ticked. */
export interface CutStrip {
  stockId: string;
  cuts: readonly Count[];
  leftMm: number;
}

/** Of one wire: strips ticked as cut, in that order, and what a spool turned out to hold. */
export interface WireDone {
  cut: readonly CutStrip[];
  measured: Readonly<Record<string, number>>;
}

export const NOTHING_DONE: WireDone = { cut: [], measured: {} };

/** How many of a length are cut already. */
export const cutOf = (done: WireDone, id: string): number =>
  done.cut.reduce((sum, strip) => sum + (strip.cuts.find((one) => one.pieceId === id)?.count ?? 0), 0);

/** How long a spool is now: as measured, else as its last cut left it, else as the shelf says; null where nobody knows. */
export function lengthNow(spool: WireList["spools"][number], done: WireDone): number | null {
  const last = done.cut.filter((strip) => strip.stockId === spool.id).at(-1);
  return done.measured[spool.id] ?? last?.leftMm ?? spool.lengthMm;
}

/** The task as it stands now. */
export function taskOf(list: WireList, done: WireDone, kerfMm: number, usefulMm: number): CuttingQuestion {
  return {
    stock: list.spools.flatMap((spool) => {
      const lengthMm = lengthNow(spool, done);
      return lengthMm === null || lengthMm <= 0 ? [] : [{ id: spool.id, lengthMm, offcut: spool.offcut }];
    }),
    pieces: list.lengths.map((one) => ({
      id: one.id,
      lengthMm: one.lengthMm,
      count: Math.max(0, one.count - cutOf(done, one.id)),
    })),
    kerfMm,
    usefulOffcutMm: usefulMm,
  };
}

/** Ticks a strip as cut. What the spool was measured to hold holds no longer. */
export function ticked(done: WireDone, strip: CuttingAssignment): WireDone {
  const measured = Object.fromEntries(Object.entries(done.measured).filter(([id]) => id !== strip.stockId));
  return {
    cut: [...done.cut, { stockId: strip.stockId, cuts: strip.cuts, leftMm: strip.leftMm }],
    measured,
  };
}
