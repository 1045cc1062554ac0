import { useMemo } from "react";
import type { Kept, RunData, RunProgress } from "../../api/types";
import { useEditor } from "../../shared/kernel/useEditor";
import { backward, counted, forward, goneTo, placeOf } from "./rhythm";

/** The part of a run that is edited while making. */
function progressOf(run: RunProgress): RunProgress {
  return { done: run.done, counts: run.counts, note: run.note };
}

export type Progress = ReturnType<typeof useRunProgress>;

/** Where the maker is, kept at every press. */
export function useRunProgress(run: Kept<RunData>) {
  const kept = useMemo<Kept<RunProgress>>(() => ({ ...run, data: progressOf(run.data) }), [run]);
  const { editor, data, state } = useEditor<RunProgress>("runs", kept, progressOf);
  const { plan } = run.data;
  const place = placeOf(plan, data);
  return {
    editor,
    data,
    state,
    place,
    forward: () => editor.change(forward(plan, data), `step ${place.at}`),
    back: () => editor.change(backward(plan, data), `step ${place.at}`),
    setCount: (value: number) => editor.change({ counts: counted(data, place, value) }, "count"),
    /** To a count of the operation of that id, everything before it done. */
    goTo: (id: string, count: number) => {
      const at = plan.operations.findIndex((operation) => operation.id === id);
      const done = goneTo(plan, at);
      editor.change({ done, counts: counted(data, placeOf(plan, { ...data, done }), count) }, "step back");
    },
    setNote: (note: string) => editor.change({ note }, "note"),
  };
}
