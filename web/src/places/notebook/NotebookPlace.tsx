import { useFormNotebook, useGlance, useNotebook, usePreferences } from "../../api/queries";
import type { FormEntry, NotebookEntry } from "../../api/types";
import { HandsLearnt } from "./HandsLearnt";
import { FormBatch } from "./FormBatch";
import { RingBatch } from "./RingBatch";
import { Trend } from "./Trend";
import { Unreadable } from "./BatchHead";
import { WiresLearnt } from "./WiresLearnt";

/** What was learnt, at a glance; then planned against made, a row a batch. */
export function NotebookPlace() {
  const notebook = useNotebook();
  const forms = useFormNotebook();
  const learnt = useGlance();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!notebook.data || !forms.data || !learnt.data) {
    return null;
  }
  const measured = notebook.data.filter((entry) => entry.rings !== null);
  const batches = byDate(notebook.data, forms.data);
  return (
    <div className="place">
      <h1 className="place-title">Notebook</h1>
      {batches.length === 0 && (
        <p className="mt-3 max-w-prose">
          What you make is noted here by itself: wind one coil, measure it, and this page says how far the
          plan was off.
        </p>
      )}
      <div className="mt-4 grid gap-x-14 gap-y-8 min-[1080px]:grid-cols-[1.65fr_1fr]">
        {learnt.data.wires.length > 0 && <WiresLearnt wires={learnt.data.wires} />}
        <div className="grid content-start gap-y-8">
          {learnt.data.forms.length > 0 && <HandsLearnt forms={learnt.data.forms} units={units} />}
          {measured.length > 1 && <Trend entries={measured} units={units} />}
        </div>
      </div>
      {batches.length > 0 && (
        <section className="mt-10">
          <h2 className="mb-2 text-xl font-bold">Planned and made, batch by batch</h2>
          {batches.map((entry) =>
            entry.unreadable ? (
              <Unreadable
                key={entry.runId}
                name={entry.name}
                reason={entry.unreadable}
                startedAt={entry.startedAt}
              />
            ) : "form" in entry ? (
              <FormBatch key={entry.runId} entry={entry} units={units} />
            ) : (
              <RingBatch key={entry.runId} entry={entry} units={units} />
            ),
          )}
        </section>
      )}
    </div>
  );
}

/** Rings and shapes together, latest first. */
function byDate(rings: NotebookEntry[], forms: FormEntry[]): (NotebookEntry | FormEntry)[] {
  return [...rings, ...forms].sort((a, b) => b.startedAt.localeCompare(a.startedAt));
}
