/** Weaves in words. */
import type { Tightness, WeaveEntry } from "../../api/types";

export const TIGHTNESS: Record<Tightness, string> = {
  WILL_NOT_CLOSE: "will not close",
  ON_THE_EDGE: "on the edge",
  TIGHT: "tight",
  USUAL: "drapes",
  LOOSE: "loose",
  FLOPPY: "floppy",
};

export const KINDS: Record<WeaveEntry["kind"], string> = {
  CHAIN: "Chains",
  SHEET: "Sheets",
  TUBE: "Tubes",
  FINITE: "Rosettes",
};
