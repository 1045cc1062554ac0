import { cutWords } from "../../shared/words/wireCuts";
import type { NotebookEntry } from "../../api/types";
import { many, plain, size, wireLength, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/shell/DotRow";
import { countsOnly, measuredWords } from "../../shared/words/quantityWords";
import { BatchHead } from "./BatchHead";

/** One batch of a form: planned against made. */
export function FormBatch({
  entry,
  units,
}: {
  entry: Extract<NotebookEntry, { kind: "form" }>;
  units: Units;
}) {
  const loops = entry.made.find((made) => made.quantity === "LOOP_INSIDE");
  const cut = entry.made.find((made) => made.quantity === "CUT_LENGTH");
  const main = cut ?? loops;
  const planned = main?.planned ?? null;
  const { copies, copiesDone, sketch } = entry.glance!;
  return (
    <article className="batch">
      <BatchHead entry={entry}>
        {copiesDone} of {many(copies, "copy", "copies")}, {sketch!.form},{" "}
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
          <p className="small soft">nothing measured yet; cut {cutWords(sketch!.wires, units)}</p>
        )}
        {planned !== null && (
          <p className="small soft">planned {size(planned, units, main === cut ? 1 : 2).value}</p>
        )}
        {entry.made
          .filter((made) => made !== main)
          .map((made) => (
            <p key={`${made.quantity}${made.planned}`} className="small soft">
              {measuredWords(made.quantity)}{" "}
              {countsOnly(made.quantity) ? plain(made.spread.mean, 1) : size(made.spread.mean, units).value}
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
