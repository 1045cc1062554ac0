import type { NotebookEntry } from "../../api/types";
import { many, size, sizeText, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/shell/DotRow";
import { BatchHead } from "./BatchHead";

/** One batch of rings: what they came out at, against the plan. */
export function RingBatch({
  entry,
  units,
}: {
  entry: Extract<NotebookEntry, { kind: "ring" }>;
  units: Units;
}) {
  const of = (quantity: string) => entry.made.find((made) => made.quantity === quantity);
  const rings = of("RING_INNER")?.spread;
  const coil = of("COIL_INNER")?.spread;
  const ringValues = of("RING_INNER")?.values ?? [];
  const coilValues = of("COIL_INNER")?.values ?? [];
  const { counted, toCount, sketch } = entry.glance!;
  const planned = sketch!.sizes!;
  return (
    <article className="batch">
      <BatchHead entry={entry}>
        {counted} of {many(toCount, "ring")}
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
      {ringValues.length > 0 && (
        <DotRow
          values={ringValues}
          low={planned.closedLowMm}
          high={planned.closedHighMm}
          target={planned.closedInnerMm}
          units={units}
        />
      )}
      {ringValues.length === 0 && coilValues.length > 0 && (
        <DotRow
          values={coilValues}
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
