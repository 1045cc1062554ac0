import { useMemo } from "react";
import type { FormRunData, Kept, RunProgress } from "../../api/types";
import { useEditor } from "../../shared/useEditor";

/** The part of a run that is edited while making; a run as the server tells it calls the step a place. */
function progressOf(run: RunProgress | FormRunData): RunProgress {
  return { step: "place" in run ? run.place : run.step, counts: run.counts, note: run.note };
}

/** Where the maker is in a batch, kept at every press. */
export function useFormProgress(run: Kept<FormRunData>) {
  const kept = useMemo<Kept<RunProgress>>(() => ({ ...run, data: progressOf(run.data) }), [run]);
  const { editor, data, state } = useEditor<RunProgress>("form-runs", kept, progressOf);
  const { plan, places } = run.data;
  const place = Math.min(data.step, places);
  const group = Math.floor(place / plan.steps.length);
  const times = Math.min(plan.perGroup, plan.job.pieces - group * plan.perGroup);
  const count = data.counts[place] ?? 0;
  const go = (to: number) => editor.change({ step: Math.max(0, Math.min(places, to)) }, `step ${to}`);
  const setCount = (value: number) =>
    editor.change(
      { counts: { ...data.counts, [place]: Math.max(0, Math.min(times, Math.round(value))) } },
      "count",
    );
  return {
    editor,
    data,
    state,
    place,
    places,
    /** From 0; the group of pieces in hand. */
    group,
    /** Which of the piece's steps. */
    index: place % plan.steps.length,
    step: place < places ? plan.steps[place % plan.steps.length]! : null,
    times,
    count,
    go,
    setCount,
    setNote: (note: string) => editor.change({ note }, "note"),
  };
}
