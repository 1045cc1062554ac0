import { Link } from "react-router";
import { day } from "../../quantity/format";

interface Props {
  name: string;
  job: string;
  run: string;
  startedAt: string;
  finished: boolean;
}

/** What was made, when, and whether it is still in hand. */
export function EntryHead({ name, job, run, startedAt, finished }: Props) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-6">
      <h2 className="text-xl font-bold">
        <Link to={job} className="no-underline hover:underline">
          {name}
        </Link>
      </h2>
      <span className="small soft">
        {day(startedAt)}
        {!finished && (
          <>
            ,{" "}
            <Link to={run} className="mark">
              in hand
            </Link>
          </>
        )}
      </span>
    </div>
  );
}

/** A run that cannot be shown, in its place. */
export function Unreadable({ name, reason, startedAt }: { name: string; reason: string; startedAt: string }) {
  return (
    <article className="mt-6 border-t border-base-content pt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="text-xl font-bold">{name}</h2>
        <span className="small soft">{day(startedAt)}</span>
      </div>
      <p className="stop mt-1">{reason}</p>
    </article>
  );
}
