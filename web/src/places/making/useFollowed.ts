import { useEffect } from "react";
import * as z from "zod/mini";
import { changed } from "../../api/queries";
import type { Kept, RunProgress } from "../../api/types";
import type { Editor } from "../../shared/kernel/editor";

const MOVED = z.object({
  id: z.string(),
  version: z.number(),
  updatedAt: z.string(),
  deleted: z.boolean(),
  data: z.object({
    done: z.record(z.string(), z.number()),
    counts: z.record(z.string(), z.number()),
    more: z.number(),
    spoilt: z.array(z.unknown()),
    skipped: z.array(z.unknown()),
    note: z.string(),
  }),
});

/** Another screen at the same run goes on: this one shows it, unless something here is not kept yet. */
export function useFollowed(runId: string, editor: Editor<RunProgress>): void {
  useEffect(() => {
    if (typeof EventSource === "undefined") {
      return;
    }
    const source = new EventSource(`/api/runs/${runId}/follow`);
    source.addEventListener("progress", ({ data }: MessageEvent<string>) => {
      const told = MOVED.safeParse(JSON.parse(data));
      if (told.success) {
        editor.refresh(told.data as Kept<RunProgress>);
      }
    });
    source.addEventListener("reading", () => changed("readings", "springback"));
    return () => source.close();
  }, [runId, editor]);
}
