/** What has been cut already, and what that leaves to cut and to cut from. */
import type { CutLists, CuttingAssignment, CuttingQuestion } from "../../api/types";

type WireList = CutLists["wires"][number];
type Spool = WireList["spools"][number];

/** What strips turned out to hold, mm by strip: kept on this device until they are cut. */
export type Measured = Readonly<Record<string, number>>;

/** How long a strip is now: as measured, else as the shelf says; null where nobody knows. */
export const lengthNow = (spool: Spool, measured: Measured): number | null =>
  measured[spool.id] ?? spool.lengthMm;

/** How wire is cut. */
export interface Manner {
  /** Each cut takes, mm. */
  kerfMm: number;
  /** What is left from this length on is kept, mm. */
  usefulMm: number;
  /** At a spool's end that is not used, mm. */
  marginMm: number;
  /** The longest that is carried off a strip at once, mm; 0 for no bound. */
  feedMm: number;
}

/** Spools and coils have an end that is bent; an offcut and a straight length have none. */
const hasBadEnd = (spool: Spool) => !spool.offcut && !spool.id.includes("/");

/** How many of the wire's lengths are still to be cut. */
export const toCut = (list: WireList): number =>
  list.lengths.reduce((sum, one) => sum + Math.max(0, one.count - one.cut), 0);

/** The task as it stands now. */
export function taskOf(list: WireList, measured: Measured, manner: Manner): CuttingQuestion {
  const { kerfMm, usefulMm, marginMm, feedMm } = manner;
  return {
    stock: list.spools.flatMap((spool) => {
      const lengthMm = lengthNow(spool, measured);
      const margin = hasBadEnd(spool) ? Math.min(marginMm, lengthMm ?? 0) : 0;
      return lengthMm === null || lengthMm <= 0
        ? []
        : [{ id: spool.id, lengthMm, offcut: spool.offcut, ...(margin > 0 && { marginMm: margin }) }];
    }),
    pieces: list.lengths.map((one) => ({
      id: one.id,
      lengthMm: one.lengthMm,
      count: Math.max(0, one.count - one.cut),
    })),
    kerfMm,
    usefulOffcutMm: usefulMm,
    ...(feedMm > 0 && { feedCapMm: feedMm }),
  };
}

/** A strip of a plan, as it is told to have been cut; null where its lot or its length is no longer known. */
export function cutGiven(
  id: string,
  list: WireList,
  strip: CuttingAssignment,
  measured: Measured,
  { kerfMm, usefulMm }: Manner,
) {
  const spool = list.spools.find((one) => one.id === strip.stockId);
  const heldMm = spool ? lengthNow(spool, measured) : null;
  if (!spool || heldMm === null) {
    return null;
  }
  return {
    id,
    lotId: spool.lot,
    strip: spool.id,
    heldMm,
    kerfMm,
    usefulMm,
    lengths: strip.cuts.flatMap((cut) => {
      const length = list.lengths.find((one) => one.id === cut.pieceId);
      return length
        ? [{ id: length.id, jobId: length.job, lengthMm: length.lengthMm, count: cut.count }]
        : [];
    }),
  };
}
