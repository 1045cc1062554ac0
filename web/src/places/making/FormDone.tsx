import { wireOfLength } from "../../shared/wireCuts";
import { useFormNotebook, usePreferences } from "../../api/queries";
import type { FormRunData, Kept } from "../../api/types";
import { many, size, sizeText, wireLength } from "../../quantity/format";
import { RunNote } from "./RunNote";

/** The end of a batch: planned against made, and a note for next time. */
export function FormDone({
  run,
  note,
  onNote,
}: {
  run: Kept<FormRunData>;
  note: string;
  onNote: (note: string) => void;
}) {
  const entry = useFormNotebook().data?.find((one) => one.runId === run.id);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const cut = entry?.made.find((made) => made.measured === "CUT_LENGTH");
  const loops = entry?.made.find((made) => made.measured === "LOOP_INSIDE");
  return (
    <main>
      <div>
        <h1>Done</h1>
        <p className="huge" data-testid="big-number">
          {run.data.plan.job.pieces}
          <small>pieces</small>
        </p>
        {cut && entry && (
          <p className="what">
            Cut {sizeText(cut.spread.mean, units, 1)} on average, planned{" "}
            {sizeText(wireOfLength(entry.wires, cut.planned)?.lengthToCutMm ?? 0, units, 1)}.
          </p>
        )}
        {loops && (
          <p className="what mt-2">
            Loops {sizeText(loops.spread.mean, units)} inside, spread{" "}
            {size(loops.spread.standardDeviation, units).value} over {loops.spread.count}.
          </p>
        )}
        {entry && (
          <p className="what mt-2">
            {many(entry.piecesDone, "piece")}, {wireLength(entry.wireUsedMm, units)} of wire.
          </p>
        )}
      </div>
      <RunNote note={note} onNote={onNote} />
    </main>
  );
}
