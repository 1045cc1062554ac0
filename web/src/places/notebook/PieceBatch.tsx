import { usePreferences } from "../../api/queries";
import type { NotebookEntry } from "../../api/types";
import { many, size } from "../../quantity/format";
import { BatchHead } from "./BatchHead";

/** One whole piece put together: how long it was planned. */
export function PieceBatch({ entry }: { entry: NotebookEntry }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const glance = entry.glance!;
  const piece = entry.kind === "piece" ? entry.glance?.sketch : null;
  const length = size(piece?.lengthMm ?? 0, units, 1);
  return (
    <article className="batch">
      <BatchHead entry={entry}>{piece?.pair ? "a pair" : ""}</BatchHead>
      <div>
        <p className="batch-number">
          {length.value}
          <small>{length.unit} planned</small>
        </p>
        <p className="small soft">
          {many(piece?.parts ?? 0, "part")}
          {entry.finishedAt === null && `; ${Math.floor(100 * glance.share)} % done`}
        </p>
      </div>
      {entry.note && <p className="note-line">{entry.note}</p>}
    </article>
  );
}
