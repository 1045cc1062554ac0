import { useNotebookEntry, usePreferences } from "../../api/queries";
import type { Kept, NotebookEntry, RunData } from "../../api/types";
import { many, size, sizeText, wireLength, type Units } from "../../quantity/format";
import { RingsLeft } from "./RingsLeft";
import { reasonWords, SKIPPED, SPOILT } from "../../shared/words/astrayWords";
import { failedAt, skippedAt } from "../../shared/words/operationWords";
import { RunNote } from "./RunNote";
import type { Progress } from "./useRunProgress";
import { Piece } from "./JoiningOperation";
import { Weave } from "./WeavingOperation";

interface Props {
  run: Kept<RunData>;
  progress: Progress;
}

/** The end of a run: planned against made, and a note for next time. */
export function RunDone({ run, progress }: Props) {
  const entry = useNotebookEntry(run.id).data;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { data } = run;
  const note = { run: run.id, note: progress.data.note, onNote: progress.setNote };
  const rings = data.kind === "weave" || data.kind === "medallion" ? data.facts : null;
  const pictured = rings !== null || data.kind === "piece";
  return (
    <main>
      {rings && <Weave run={run} ringsIn={rings.putIn} />}
      {data.kind === "piece" && <Piece run={run} />}
      <div>
        <h1>Done</h1>
        {data.kind === "ring" ? (
          <>
            <RingsMade entry={entry} plannedMm={data.facts.sizes.closedInnerMm} units={units} />
            <RingsLeft facts={data.facts} />
          </>
        ) : data.kind === "form" ? (
          <FormsMade entry={entry} copies={data.plan.copies} units={units} />
        ) : data.kind === "piece" ? (
          <p className="huge" data-testid="big-number">
            {size(data.facts.lengthMm, units, 1).value}
            <small>{size(data.facts.lengthMm, units, 1).unit} planned</small>
          </p>
        ) : (
          <p className="huge" data-testid="big-number">
            {rings?.total}
            <small>rings</small>
          </p>
        )}
        <WentOtherwise progress={progress} units={units} />
        {data.kind === "form" && (
          <button className="quiet mt-4 text-lg" onClick={progress.oneMore}>
            make one more
          </button>
        )}
        {pictured && <RunNote {...note} />}
      </div>
      {!pictured && <RunNote {...note} />}
    </main>
  );
}

/** What failed and what was passed by, and why. */
function WentOtherwise({ progress, units }: { progress: Progress; units: Units }) {
  const { spoilt, skipped } = progress.data;
  return spoilt.length + skipped.length === 0 ? null : (
    <ul className="what mt-4" aria-label="Other than planned">
      {spoilt.map((one, i) => (
        <li key={`failed ${i}`}>
          Failed: {failedAt(progress.plan, one, units)}; {reasonWords(SPOILT, one.why, one.said)}.
        </li>
      ))}
      {skipped.map((one, i) => (
        <li key={`skipped ${i}`}>
          Skipped: {skippedAt(progress.plan, one)}; {reasonWords(SKIPPED, one.why, one.said)}.
        </li>
      ))}
    </ul>
  );
}

interface MadeProps {
  entry: NotebookEntry | undefined;
  units: Units;
}

const madeOf = (entry: NotebookEntry | undefined, quantity: string) =>
  entry?.made.find((made) => made.quantity === quantity);

function RingsMade({ entry, plannedMm, units }: MadeProps & { plannedMm: number }) {
  const rings = madeOf(entry, "RING_INNER")?.spread;
  return (
    <>
      {rings ? (
        <>
          <p className="huge" data-testid="big-number">
            {size(rings.mean, units).value}
            <small>{size(rings.mean, units).unit} inside, as made</small>
          </p>
          <p className="what">
            Planned {sizeText(plannedMm, units)}. {many(rings.count, "ring")} measured, spread{" "}
            {size(rings.standardDeviation, units, 3).value} one way.
          </p>
        </>
      ) : (
        <p className="what mt-6">
          No rings were measured. Go back and measure a few: the next prediction gets better by it.
        </p>
      )}
      {entry?.glance && (
        <p className="what mt-3">
          {entry.glance.counted} of {entry.glance.toCount} rings, {wireLength(entry.wireUsedMm, units)} of
          wire.
        </p>
      )}
    </>
  );
}

function FormsMade({ entry, copies, units }: MadeProps & { copies: number }) {
  const cut = madeOf(entry, "CUT_LENGTH");
  const loops = madeOf(entry, "LOOP_INSIDE");
  return (
    <>
      <p className="huge" data-testid="big-number">
        {copies}
        <small>copies</small>
      </p>
      {cut && (
        <p className="what">
          Cut {sizeText(cut.spread.mean, units, 1)} on average
          {cut.planned !== null && `, planned ${sizeText(cut.planned, units, 1)}`}.
        </p>
      )}
      {loops && (
        <p className="what mt-2">
          Loops {sizeText(loops.spread.mean, units)} inside, spread{" "}
          {size(loops.spread.standardDeviation, units).value} over {loops.spread.count}.
        </p>
      )}
      {entry?.glance && (
        <p className="what mt-2">
          {many(entry.glance.copiesDone, "copy", "copies")}, {wireLength(entry.wireUsedMm, units)} of wire.
        </p>
      )}
    </>
  );
}
