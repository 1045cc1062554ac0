import { cutWords, wireOfLength } from "../../shared/wireCuts";
import type { FormEntry, FormMeasured } from "../../api/types";
import { many, plain, size, wireLength, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/DotRow";
import { EntryHead } from "./EntryHead";

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
export function FormNotes({ entry, units }: { entry: FormEntry; units: Units }) {
  const loops = entry.made.find((made) => made.measured === "LOOP_INSIDE");
  const cut = entry.made.find((made) => made.measured === "CUT_LENGTH");
  const main = cut ?? loops;
  return (
    <article className="mt-6 border-t border-base-content pt-4">
      <EntryHead
        name={entry.name}
        job={`/shapes/${entry.jobId}`}
        run={`/making/form/${entry.runId}`}
        startedAt={entry.startedAt}
        finished={entry.finishedAt !== null}
      />
      <div className="mt-2 grid gap-x-10 gap-y-3 min-[720px]:grid-cols-[230px_1fr]">
        <div>
          {main ? (
            <p className="figures text-[44px] leading-none font-extrabold tracking-tight">
              {size(main.spread.mean, units, main === cut ? 1 : 2).value}{" "}
              <span className="text-base font-medium soft">
                {size(0, units).unit} {main === cut ? "cut" : "inside"}
              </span>
            </p>
          ) : (
            <p className="soft">nothing measured yet; cut {cutWords(entry.wires, units)}</p>
          )}
          {cut && (
            <p className="small mt-1">
              planned {size(wireOfLength(entry.wires, cut.planned)?.lengthToCutMm ?? 0, units, 1).value},{" "}
              {size(cut.planned ?? 0, units, 1).value} of it stays in
            </p>
          )}
          {entry.made
            .filter((made) => made !== main)
            .map((made) => (
              <p key={`${made.measured}${made.planned}`} className="small mt-1">
                {WORDS[made.measured]}{" "}
                {made.measured === "WRAPS" || made.measured === "MINUTES"
                  ? plain(made.spread.mean, 1)
                  : size(made.spread.mean, units).value}
                {made.planned !== null && `, planned ${plain(made.planned, 2)}`}; spread{" "}
                {plain(made.spread.standardDeviation, 2)} over {made.spread.count}
              </p>
            ))}
          <p className="small soft mt-1">
            {entry.piecesDone} of {many(entry.pieces, "piece")}, {entry.form},{" "}
            {wireLength(entry.wireUsedMm, units)} of wire
          </p>
        </div>
        <div>
          {loops && loops.planned !== null && loops.expected && (
            <DotRow
              values={loops.values}
              low={loops.planned + loops.expected.centreMm - loops.expected.halfWidthMm}
              high={loops.planned + loops.expected.centreMm + loops.expected.halfWidthMm}
              target={loops.planned}
              units={units}
            />
          )}
          {entry.note && <p className="mt-2 italic">{entry.note}</p>}
        </div>
      </div>
    </article>
  );
}
