/** A piece as it is asked about: what of its job the core works out. */
import type { PieceJobData } from "../../api/types";

export type PieceAsked = Pick<PieceJobData, "line" | "metal" | "temper" | "body" | "finish" | "sparePercent">;

/** Nothing else of the job: what is said of it changes no answer. */
export const pieceAsked = ({ line, metal, temper, body, finish, sparePercent }: PieceAsked): PieceAsked => ({
  line,
  metal,
  temper,
  body,
  finish: finish ?? null,
  sparePercent,
});
