import { useMemo } from "react";
import type { Kept, RunProgress, WeaveRunData } from "../../api/types";
import { useEditor } from "../../shared/useEditor";

/** The part of a run that is edited while making. */
function progressOf(run: RunProgress): RunProgress {
  return { step: run.step, counts: run.counts, note: run.note };
}

/** Where the maker is, kept at every press. */
export function useWeaveProgress(run: Kept<WeaveRunData>) {
  const kept = useMemo<Kept<RunProgress>>(() => ({ ...run, data: progressOf(run.data) }), [run]);
  const { editor, data, state } = useEditor<RunProgress>("weave-runs", kept, progressOf);
  const { plan, steps, beforehand } = run.data;
  const step = Math.min(data.step, steps);
  const wanted = step === 0 ? plan.preClosed : step === 1 ? plan.opened : 1;
  const count = data.counts[step] ?? 0;
  const go = (to: number) => editor.change({ step: Math.max(0, Math.min(steps, to)) }, `step ${to}`);
  const setCount = (value: number) =>
    editor.change(
      { counts: { ...data.counts, [step]: Math.max(0, Math.min(wanted, Math.round(value))) } },
      "count",
    );
  return {
    editor,
    data,
    state,
    step,
    steps,
    /** Steps of closing and opening before the first ring comes in. */
    beforehand,
    /** Rings in, none while they are closed and opened. */
    ringsIn: Math.max(0, step - beforehand),
    wanted,
    count,
    go,
    setCount,
    setNote: (note: string) => editor.change({ note }, "note"),
  };
}
