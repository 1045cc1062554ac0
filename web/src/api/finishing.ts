/** How a piece is finished and looked at, as the server tells it. */
import type { Received, Schemas } from "./received";

export type Check = Received<Schemas["Check"]>;
export type Inspected = { checks: Check[] };
/** One check that is measured, by copy, and how far the two of a pair are apart. */
export type Finding = Omit<Received<Schemas["Finding"]>, "check" | "found"> & {
  check: Check;
  found: Received<Schemas["Found"]>[];
};
/** Parts that go into a bath or a barrel alike. */
export type FinishLot = Received<Schemas["Lot"]>;
/** A finish, when it is done, and to what. */
export type FinishWork = Omit<Received<Schemas["FinishWork"]>, "lots"> & { lots: FinishLot[] };
export type FinishStep = { work: FinishWork };
export type Finish = FinishWork["finish"];
/** How a piece is to be finished. */
export type Finishing = { finishes: Finish[]; hardBeads: boolean };
