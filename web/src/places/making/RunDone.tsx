import { useNotebook, usePreferences } from "../../api/queries";
import type { Kept, RunData } from "../../api/types";
import { many, size, sizeText, wireLength } from "../../quantity/format";
import { RunNote } from "./RunNote";

/** The end of a run: planned against made, and a note for next time. */
export function RunDone({
  run,
  note,
  onNote,
}: {
  run: Kept<RunData>;
  note: string;
  onNote: (note: string) => void;
}) {
  const entry = useNotebook().data?.find((e) => e.runId === run.id);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { plan } = run.data;
  return (
    <main>
      <div>
        <h1>Done</h1>
        {entry?.rings ? (
          <>
            <p className="huge" data-testid="big-number">
              {size(entry.rings.mean, units).value}
              <small>{size(entry.rings.mean, units).unit} inside, as made</small>
            </p>
            <p className="what">
              Planned {sizeText(plan.sizes.closedInnerMm, units)}. {many(entry.rings.count, "ring")} measured,
              spread {size(entry.rings.standardDeviation, units, 3).value} one way.
            </p>
          </>
        ) : (
          <p className="what mt-6">
            No rings were measured. Go back and measure a few: the next prediction gets better by it.
          </p>
        )}
        {entry && (
          <p className="what mt-3">
            {entry.ringsCut} of {entry.ringsPlanned} rings, {wireLength(entry.wireUsedMm, units)} of wire.
          </p>
        )}
      </div>
      <RunNote note={note} onNote={onNote} />
    </main>
  );
}
