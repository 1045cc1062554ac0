import { useMemo } from "react";
import type { Kept, RunData, RunProgress, Skipped, Spoilt } from "../../api/types";
import { useEditor } from "../../shared/kernel/useEditor";
import { failed, skipping, stillSkipped } from "./astray";
import { useFollowed } from "./useFollowed";
import { backward, counted, forward, goneTo, placeOf, sized } from "./rhythm";

/** What was kept on a device before such things were noted says nothing of them. */
const AS_PLANNED = { more: 0, spoilt: [], skipped: [] };

/** The part of a run that is edited while making. */
function progressOf(run: RunProgress): RunProgress {
  const { done, counts, more, spoilt, skipped, note } = { ...AS_PLANNED, ...run };
  return { done, counts, more, spoilt, skipped, note };
}

export type Progress = ReturnType<typeof useRunProgress>;

/** Where the maker is, kept at every press. */
export function useRunProgress(run: Kept<RunData>) {
  const kept = useMemo<Kept<RunProgress>>(() => ({ ...run, data: progressOf(run.data) }), [run]);
  const { editor, data: edited, state } = useEditor<RunProgress>("runs", kept, progressOf);
  useFollowed(run.id, editor);
  const data = useMemo(() => progressOf(edited), [edited]);
  const plan = useMemo(() => sized(run.data.plan, data.more), [run.data.plan, data.more]);
  const place = placeOf(plan, data);
  const goTo = (to: Pick<RunProgress, "done" | "counts">, tag: string) => {
    editor.change({ ...to, skipped: stillSkipped(plan, { ...data, ...to }) }, tag);
  };
  return {
    editor,
    data,
    state,
    plan,
    place,
    forward: () => goTo(forward(plan, data), `step ${place.at}`),
    back: () => goTo(backward(plan, data), `step ${place.at}`),
    setCount: (value: number) => editor.change({ counts: counted(data, place, value) }, "count"),
    /** To a count of the operation of that id, everything before it done. */
    goTo: (id: string, count: number) => {
      const at = plan.operations.findIndex((operation) => operation.id === id);
      const done = goneTo(plan, at);
      goTo({ done, counts: counted(data, placeOf(plan, { ...data, done }), count) }, "step back");
    },
    setNote: (note: string) => editor.change({ note }, "note"),
    fail: (spoilt: Spoilt, again: boolean) =>
      editor.change(failed(plan, data, spoilt, again), `failed ${data.spoilt.length}`),
    passBy: (why: Skipped["why"], said: string) => editor.change(skipping(plan, data, why, said), "skipped"),
    /** It did not fail after all: what it took is on the shelf again. */
    takeBack: (at: number) => editor.change({ spoilt: data.spoilt.filter((_, i) => i !== at) }, "taken back"),
    oneMore: () => editor.change({ more: data.more + 1 }, "one more"),
  };
}
