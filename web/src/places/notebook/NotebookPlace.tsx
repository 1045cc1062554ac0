import { refusalWords } from "../../shared/words/refused";
import { useGlance, useNotebook, usePreferences } from "../../api/queries";
import type { NotebookEntry } from "../../api/types";
import type { Units } from "../../quantity/format";
import { HandsLearnt } from "./HandsLearnt";
import { FormBatch } from "./FormBatch";
import { RingBatch } from "./RingBatch";
import { Trend } from "./Trend";
import { Unreadable } from "./BatchHead";
import { PaceLearnt } from "./PaceLearnt";
import { PieceBatch } from "./PieceBatch";
import { WeaveBatch } from "./WeaveBatch";
import { WiresLearnt } from "./WiresLearnt";

/** What was learnt, at a glance; then planned against made, a row a batch. */
export function NotebookPlace() {
  const notebook = useNotebook();
  const learnt = useGlance();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!notebook.data || !learnt.data) {
    return null;
  }
  const batches = notebook.data;
  const spreads = ringSpreads(batches);
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
          {learnt.data.works.length > 0 && <PaceLearnt works={learnt.data.works} />}
          {spreads.length > 1 && <Trend spreads={spreads} units={units} />}
        </div>
      </div>
      {batches.length > 0 && (
        <section className="mt-10">
          <h2 className="mb-2 text-xl font-bold">Planned and made, batch by batch</h2>
          {batches.map((entry) => (
            <Batch key={entry.runId} entry={entry} units={units} />
          ))}
        </section>
      )}
    </div>
  );
}

function Batch({ entry, units }: { entry: NotebookEntry; units: Units }) {
  if (entry.unreadable !== null || !entry.glance?.sketch) {
    return (
      <Unreadable
        name={entry.name}
        reason={entry.unreadable ? refusalWords(entry.unreadable) : "This one is being looked at."}
        startedAt={entry.startedAt}
      />
    );
  }
  const rows = {
    ring: () => entry.kind === "ring" && <RingBatch entry={entry} units={units} />,
    form: () => entry.kind === "form" && <FormBatch entry={entry} units={units} />,
    weave: () => <WeaveBatch entry={entry} />,
    medallion: () => <WeaveBatch entry={entry} />,
    piece: () => <PieceBatch entry={entry} />,
  };
  return rows[entry.kind]();
}

/** How alike the rings of each batch are, latest first. */
function ringSpreads(entries: NotebookEntry[]): number[] {
  return entries.flatMap((entry) =>
    entry.made.filter((made) => made.quantity === "RING_INNER").map((made) => made.spread.standardDeviation),
  );
}
