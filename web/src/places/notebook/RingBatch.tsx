import type { NotebookEntry } from "../../api/types";
import { many, size, sizeText, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/DotRow";
import { BatchHead } from "./BatchHead";

/** One batch of rings: what they came out at, against the plan. */
export function RingBatch({ entry, units }: { entry: NotebookEntry; units: Units }) {
  const { rings, coil } = entry;
  const planned = entry.planned!;
  return (
    <article className="batch">
      <BatchHead
        name={entry.name}
        job={`/rings/${entry.jobId}`}
        run={`/making/${entry.runId}`}
        startedAt={entry.startedAt}
        finished={entry.finishedAt !== null}
      >
        {entry.ringsCut} of {many(entry.ringsPlanned, "ring")}
      </BatchHead>
      {rings ? (
        <div>
          <p className="batch-number">
            {size(rings.mean, units).value}
            <small>{size(rings.mean, units).unit} inside</small>
          </p>
          <p className="small soft">
            {offWords(rings.mean - planned.closedInnerMm, units)}; spread{" "}
            {size(rings.standardDeviation, units, 3).value} over {rings.count}
          </p>
        </div>
      ) : (
        <div>
          {coil && (
            <p className="batch-number">
              {size(coil.mean, units).value}
              <small>{size(coil.mean, units).unit} sprung</small>
            </p>
          )}
          <p className="small soft">
            {coil
              ? `the coil; planned ${size(planned.sprungInnerMm, units).value}`
              : `rings not measured yet; planned ${sizeText(planned.closedInnerMm, units)} inside`}
          </p>
        </div>
      )}
      {entry.ringValues.length > 0 && (
        <DotRow
          values={entry.ringValues}
          low={planned.closedLowMm}
          high={planned.closedHighMm}
          target={planned.closedInnerMm}
          units={units}
        />
      )}
      {entry.ringValues.length === 0 && entry.coilValues.length > 0 && (
        <DotRow
          values={entry.coilValues}
          low={planned.sprungLowMm}
          high={planned.sprungHighMm}
          target={planned.sprungInnerMm}
          units={units}
        />
      )}
      {entry.note && <p className="note-line">{entry.note}</p>}
    </article>
  );
}

function offWords(by: number, units: Units): string {
  const amount = size(Math.abs(by), units);
  return Number(amount.value) === 0
    ? "as planned"
    : `${amount.value} ${by > 0 ? "larger" : "smaller"} than planned`;
}
