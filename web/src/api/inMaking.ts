/** What is shown of a piece beside the bench, as it stood when its run began. */
import type { FormInMaking, PatchView, PieceAnswer } from "./types";

/** A weave as part of a piece, as it is put together. */
export interface WovenInMaking extends Pick<PatchView, "steps" | "preClosed"> {
  /** Seven numbers for each: centre, normal, radius, mm. */
  rings: number[];
  wiresMm: number[];
}
export interface PieceInMaking {
  piece: PieceAnswer;
  forms: Record<string, FormInMaking>;
  woven: Record<string, WovenInMaking>;
}
