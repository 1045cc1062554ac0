/** Bringing a backup in: what is done of it so far. */
import { useState } from "react";
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { BroughtBackup } from "../../api/types";
import { failureWords } from "../../shared/words/refused";
import { standsAnew } from "./standsAnew";

export type Doing =
  | { is: "nothing" }
  | { is: "looking" | "putting" }
  | { is: "looked"; backup: BroughtBackup }
  | { is: "failed"; words: string };

export function useBringingIn() {
  const [doing, setDoing] = useState<Doing>({ is: "nothing" });
  const failed = (failure: unknown, away: string) =>
    setDoing({ is: "failed", words: failureWords(failure, away) });
  return {
    doing,
    leave: () => setDoing({ is: "nothing" }),

    /** @param path of a file brought, or of one kept here */
    look: async (path: string, file?: Blob) => {
      setDoing({ is: "looking" });
      try {
        const type = "application/octet-stream";
        setDoing({
          is: "looked",
          backup: await call<BroughtBackup>("PUT", path, file ?? "", undefined, type),
        });
      } catch (failure) {
        failed(failure, "The server is not answering; nothing was changed.");
      }
    },

    /** In the place of all there is; then everything is read anew. */
    putIn: async (madeAt: string) => {
      setDoing({ is: "putting" });
      try {
        await call("POST", "/api/backups/put-in", { madeAt });
      } catch (failure) {
        changed("backups");
        failed(failure, "The server is not answering. Look whether it is in before you try again.");
        return;
      }
      await standsAnew();
      window.location.assign("/");
    },
  };
}
