import type { ReactNode } from "react";
import { Link } from "react-router";
import type { NotebookEntry } from "../../api/types";
import { day } from "../../quantity/format";
import { Otherwise } from "./Otherwise";

interface Props {
  entry: NotebookEntry;
  /** What of it is made, of what. */
  children: ReactNode;
}

/** What was made, when, how much of it, and whether it is still in hand. */
export function BatchHead({ entry, children }: Props) {
  return (
    <div>
      <h3 className="font-bold">
        <Link to={`/notebook/run/${entry.runId}`} className="no-underline hover:underline">
          {entry.name}
        </Link>
      </h3>
      <p className="small soft">
        {day(entry.startedAt)}, {children}
        {entry.finishedAt === null && (
          <>
            ,{" "}
            <Link to={`/making/${entry.runId}`} className="mark">
              in hand
            </Link>
          </>
        )}
      </p>
      {entry.glance && <Otherwise glance={entry.glance} />}
    </div>
  );
}

/** A run that cannot be shown, in its place. */
export function Unreadable({ name, reason, startedAt }: { name: string; reason: string; startedAt: string }) {
  return (
    <article className="batch">
      <div>
        <h3 className="font-bold">{name}</h3>
        <p className="small soft">{day(startedAt)}</p>
      </div>
      <p className="stop col-span-2">{reason}</p>
    </article>
  );
}
