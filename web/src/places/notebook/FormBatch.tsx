import { cutWords, wireOfLength } from "../../shared/wireCuts";
import type { FormEntry, FormMeasured } from "../../api/types";
import { many, plain, size, wireLength, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/DotRow";
import { BatchHead } from "./BatchHead";

const WORDS: Record<FormMeasured, string> = {
  CUT_LENGTH: "really cut",
  LOOP_INSIDE: "loops, inside",
  WRAPS: "wraps",
  OFFCUT: "offcut",
  MINUTES: "minutes a piece",
  FINISHED: "finished, long",
  SHORT: "did not reach, short by",
  FLAT_WIDE: "flat, wide",
};

/** One batch of a form: planned against made. */
export function FormBatch({ entry, units }: { entry: FormEntry; units: Units }) {
  const loops = entry.made.find((made) => made.measured === "LOOP_INSIDE");
  const cut = entry.made.find((made) => made.measured === "CUT_LENGTH");
  const main = cut ?? loops;
  const planned = cut
    ? (wireOfLength(entry.wires, cut.planned)?.lengthToCutMm ?? null)
    : (loops?.planned ?? null);
  return (
    <article className="batch">
      <BatchHead
        name={entry.name}
        job={`/shapes/${entry.jobId}`}
        run={`/making/form/${entry.runId}`}
        startedAt={entry.startedAt}
        finished={entry.finishedAt !== null}
      >
        {entry.piecesDone} of {many(entry.pieces, "piece")}, {entry.form},{" "}
        {wireLength(entry.wireUsedMm, units)}
      </BatchHead>
      <div>
        {main ? (
          <p className="batch-number">
            {size(main.spread.mean, units, main === cut ? 1 : 2).value}
            <small>
              {size(0, units).unit} {main === cut ? "cut" : "inside"}
            </small>
          </p>
        ) : (
          <p className="small soft">nothing measured yet; cut {cutWords(entry.wires, units)}</p>
        )}
        {planned !== null && (
          <p className="small soft">planned {size(planned, units, main === cut ? 1 : 2).value}</p>
        )}
        {entry.made
          .filter((made) => made !== main)
          .map((made) => (
            <p key={`${made.measured}${made.planned}`} className="small soft">
              {WORDS[made.measured]}{" "}
              {made.measured === "WRAPS" || made.measured === "MINUTES"
                ? plain(made.spread.mean, 1)
                : size(made.spread.mean, units).value}
              {made.planned !== null && `, planned ${plain(made.planned, 2)}`}
            </p>
          ))}
      </div>
      {loops && loops.planned !== null && loops.expected && (
        <DotRow
          values={loops.values}
          low={loops.planned + loops.expected.centreMm - loops.expected.halfWidthMm}
          high={loops.planned + loops.expected.centreMm + loops.expected.halfWidthMm}
          target={loops.planned}
          units={units}
        />
      )}
      {entry.note && <p className="note-line">{entry.note}</p>}
    </article>
  );
}
