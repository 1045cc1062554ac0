/** Bringing a backup, or another workshop, in: what is done of it so far. */
import { useState } from "react";
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { WorkshopLaid } from "../../api/brought";
import type { BroughtBackup } from "../../api/types";
import { failureWords } from "../../shared/words/refused";
import { standsAnew } from "./standsAnew";

export type Doing =
  | { is: "nothing" }
  | { is: "looking" | "putting" | "adding" }
  | { is: "looked"; backup: BroughtBackup }
  | { is: "laid"; laid: WorkshopLaid }
  | { is: "failed"; words: string };

export function useBringingIn() {
  const [doing, setDoing] = useState<Doing>({ is: "nothing" });
  const failed = (failure: unknown, away: string) =>
    setDoing({ is: "failed", words: failureWords(failure, away) });
  const look = async <T>(path: string, file: Blob | undefined, then: (told: T) => Doing) => {
    setDoing({ is: "looking" });
    try {
      setDoing(then(await call<T>("PUT", path, file ?? "", undefined, "application/octet-stream")));
    } catch (failure) {
      failed(failure, "The server is not answering; nothing was changed.");
    }
  };
  const keep = async (path: string, which: object) => {
    try {
      await call("POST", path, which);
    } catch (failure) {
      changed("backups");
      failed(failure, "The server is not answering. Look whether it is in before you try again.");
      return;
    }
    await standsAnew();
    window.location.assign("/");
  };
  return {
    doing,
    leave: () => setDoing({ is: "nothing" }),

    /** @param path of a file brought, or of one kept here */
    look: (path: string, file?: Blob) =>
      look<BroughtBackup>(path, file, (backup) => ({ is: "looked", backup })),

    /** A workshop as open JSON: what would become of each of its rows. */
    lookThrough: (file: Blob) =>
      look<WorkshopLaid>("/api/backups/brought.json", file, (laid) => ({ is: "laid", laid })),

    /** In the place of all there is; then everything is read anew. */
    putIn: (madeAt: string) => {
      setDoing({ is: "putting" });
      return keep("/api/backups/put-in", { madeAt });
    },

    /** Beside what there is. */
    add: (mark: string) => {
      setDoing({ is: "adding" });
      return keep("/api/backups/add", { mark });
    },
  };
}
