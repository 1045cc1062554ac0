import type { ReactNode } from "react";
import { Link } from "react-router";
import { day } from "../../quantity/format";

interface Props {
  name: string;
  job: string;
  run: string;
  startedAt: string;
  finished: boolean;
  /** What of it is made, of what. */
  children: ReactNode;
}

/** What was made, when, how much of it, and whether it is still in hand. */
export function BatchHead({ name, job, run, startedAt, finished, children }: Props) {
  return (
    <div>
      <h3 className="font-bold">
        <Link to={job} className="no-underline hover:underline">
          {name}
        </Link>
      </h3>
      <p className="small soft">
        {day(startedAt)}, {children}
        {!finished && (
          <>
            ,{" "}
            <Link to={run} className="mark">
              in hand
            </Link>
          </>
        )}
      </p>
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
