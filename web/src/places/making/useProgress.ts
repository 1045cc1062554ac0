import { useMemo } from "react";
import type { Kept, RunData, RunProgress } from "../../api/types";
import { useEditor } from "../../shared/useEditor";

/** The part of a run that is edited while making. */
function progressOf(run: RunProgress): RunProgress {
  return { step: run.step, counts: run.counts, note: run.note };
}

/** Where the maker is, kept at every press. */
export function useProgress(run: Kept<RunData>) {
  const kept = useMemo<Kept<RunProgress>>(() => ({ ...run, data: progressOf(run.data) }), [run]);
  const { editor, data, state } = useEditor<RunProgress>("runs", kept, progressOf);
  const steps = run.data.plan.steps;
  const step = Math.min(data.step, steps.length);
  const count = data.counts[step] ?? 0;
  const go = (to: number) => editor.change({ step: Math.max(0, Math.min(steps.length, to)) }, `step ${to}`);
  const setCount = (value: number) => {
    const most = steps[step]?.count ?? 0;
    editor.change(
      { counts: { ...data.counts, [step]: Math.max(0, Math.min(most, Math.round(value))) } },
      "count",
    );
  };
  return {
    editor,
    data,
    state,
    step,
    count,
    go,
    setCount,
    setNote: (note: string) => editor.change({ note }, "note"),
  };
}
