/** A workshop as open JSON, looked through: what would become of its rows, as the server tells it. */
import type { Received, Schemas } from "./received";
import type { Refusal } from "./types";

export type RowsLaid = Omit<Received<Schemas["RowsLaid"]>, "refused"> & {
  refused: { key: string; named: string | null; why: Refusal }[];
};
export type WorkshopLaid = { mark: string; tables: RowsLaid[] };
