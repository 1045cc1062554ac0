import type { NotebookEntry } from "../../api/types";
import { many, size, sizeText, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/shell/DotRow";
import { BatchHead } from "./BatchHead";

type Entry = Extract<NotebookEntry, { kind: "ring" }>;

const measured = (entry: Entry, quantity: string) => entry.made.find((made) => made.quantity === quantity);

/** One batch of rings: what they came out at, against the plan. */
export function RingBatch({ entry, units }: { entry: Entry; units: Units }) {
  const ringValues = measured(entry, "RING_INNER")?.values ?? [];
  const coilValues = measured(entry, "COIL_INNER")?.values ?? [];
  const { counted, toCount, sketch } = entry.glance!;
  const planned = sketch!.sizes!;
  return (
    <article className="batch">
      <BatchHead entry={entry}>
        {counted} of {many(toCount, "ring")}
      </BatchHead>
      <CameOut entry={entry} units={units} />
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

/** The rings' mean with its spread; before any is measured, the coil's. */
function CameOut({ entry, units }: { entry: Entry; units: Units }) {
  const planned = entry.glance!.sketch!.sizes!;
  const rings = measured(entry, "RING_INNER")?.spread;
  const coil = measured(entry, "COIL_INNER")?.spread;
  if (rings) {
    return (
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
    );
  }
  return (
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
  );
}

function offWords(by: number, units: Units): string {
  const amount = size(Math.abs(by), units);
  return Number(amount.value) === 0
    ? "as planned"
    : `${amount.value} ${by > 0 ? "larger" : "smaller"} than planned`;
}
