import type { CoilLosses } from "../../api/exercises";
import { memo, useDeferredValue, useState } from "react";
import { Link } from "react-router";
import { useGlance, useNotebook, usePreferences } from "../../api/queries";
import { SearchField } from "../../shared/shell/SearchField";
import { Batch } from "./Batch";
import type { AtAGlance, NotebookEntry } from "../../api/types";
import { many, plain, type Units } from "../../quantity/format";
import { HandsLearnt } from "./HandsLearnt";
import { Trend } from "./Trend";
import { PaceLearnt } from "./PaceLearnt";
import { WiresLearnt } from "./WiresLearnt";

/** What was learnt, at a glance; then planned against made, a row a batch. */
export function NotebookPlace() {
  const [words, setWords] = useState("");
  const searched = useDeferredValue(words.trim());
  const notebook = useNotebook(searched);
  const learnt = useGlance();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!notebook.data || !learnt.data) {
    return null;
  }
  const batches = notebook.data.pages.flatMap((page) => page.entries);
  const empty = batches.length === 0 && searched === "";
  return (
    <div className="place">
      <div className="flex flex-wrap items-baseline gap-6">
        <h1 className="place-title">Notebook</h1>
        <Link to="/notebook/photo" className="quiet">
          sizes from a photo
        </Link>
      </div>
      {empty && (
        <p className="mt-3 max-w-prose">
          What you make is noted here by itself: wind one coil, measure it, and this page says how far the
          plan was off.
        </p>
      )}
      <Learnt learnt={learnt.data} units={units} />
      {!empty && (
        <Batches
          {...{ words, batches, units }}
          onWords={setWords}
          onEarlier={notebook.hasNextPage ? () => void notebook.fetchNextPage() : null}
        />
      )}
    </div>
  );
}

/** Drawn once: what is looked for below changes nothing here. */
const Learnt = memo(function Learnt({ learnt, units }: { learnt: AtAGlance; units: Units }) {
  const spreads = learnt.rings.map((batch) => batch.standardDeviation);
  return (
    <div className="mt-4 grid gap-x-14 gap-y-8 min-[1080px]:grid-cols-[1.65fr_1fr]">
      {learnt.wires.length > 0 && <WiresLearnt wires={learnt.wires} />}
      <div className="grid content-start gap-y-8">
        {learnt.forms.length > 0 && <HandsLearnt forms={learnt.forms} units={units} />}
        {learnt.works.length > 0 && <PaceLearnt works={learnt.works} />}
        {learnt.coils.measurements > 0 && <CoilsLearnt coils={learnt.coils} />}
        {spreads.length > 1 && <Trend spreads={spreads} units={units} />}
      </div>
    </div>
  );
});

function CoilsLearnt({ coils }: { coils: CoilLosses }) {
  return (
    <section>
      <h2 className="text-xl font-bold">What your coils lose</h2>
      <p>
        <strong className="figures text-xl">{plain(coils.turns, 1)} turns</strong> each, give or take{" "}
        {plain(coils.halfWidth, 1)}, from {many(coils.measurements, "coil")}: plan {coils.perEnd} at each end.
      </p>
    </section>
  );
}

interface BatchesProps {
  words: string;
  onWords: (words: string) => void;
  batches: NotebookEntry[];
  units: Units;
  onEarlier: (() => void) | null;
}

/** A row a batch, newest first; those alone that have all the words looked for. */
function Batches({ words, onWords, batches, units, onEarlier }: BatchesProps) {
  return (
    <section className="mt-10" aria-label="Batch by batch">
      <div className="batches-head">
        <h2 className="text-xl font-bold">Planned and made, batch by batch</h2>
        <SearchField
          label="Find a batch"
          placeholder="find a batch: name, metal, note"
          words={words}
          onWords={onWords}
        />
      </div>
      {batches.map((entry) => (
        <Batch key={entry.runId} entry={entry} units={units} />
      ))}
      {batches.length === 0 && (
        <p className="soft mt-4" role="status">
          No batch has all of these words in its name, its note or what was made.
        </p>
      )}
      {onEarlier && (
        <button className="quiet mt-4" onClick={onEarlier}>
          earlier ones
        </button>
      )}
    </section>
  );
}
