import type { NotebookEntry } from "../../api/types";
import { many } from "../../quantity/format";
import { BatchHead } from "./BatchHead";

/** One weave or medallion put together: how much of it. */
export function WeaveBatch({ entry }: { entry: NotebookEntry }) {
  const glance = entry.glance!;
  const weave = entry.kind === "weave" || entry.kind === "medallion" ? entry.glance?.sketch : null;
  return (
    <article className="batch">
      <BatchHead entry={entry}>{weave?.weave ?? ""}</BatchHead>
      <div>
        <p className="batch-number">
          {weave?.total ?? 0}
          <small>rings</small>
        </p>
        <p className="small soft">
          {many(weave?.preClosed ?? 0, "ring")} closed and {weave?.opened ?? 0} opened beforehand
          {entry.finishedAt === null && `; ${Math.floor(100 * glance.share)} % done`}
        </p>
      </div>
      {entry.note && <p className="note-line">{entry.note}</p>}
    </article>
  );
}
