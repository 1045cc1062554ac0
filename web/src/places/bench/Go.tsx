import { Link, useNavigate } from "react-router";
import { call, Problem } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept } from "../../api/types";
import { say } from "../../shared/says";

interface Props {
  name: string;
  /** Where the job is mended. */
  place: string;
  /** Where its runs are kept: "form-jobs/…". */
  job: string;
  /** Where a run is made: "/making/form". */
  making: string;
  refused: boolean;
  /** The open run; null when none is. */
  openRun: string | null;
  finished: boolean;
}

/** From the bench into a job: mend it, go on with it, begin it, make it again. */
export function Go({ name, place, job, making, refused, openRun, finished }: Props) {
  const navigate = useNavigate();
  if (refused) {
    return (
      <Link className="quiet" to={place}>
        mend it
      </Link>
    );
  }
  if (openRun) {
    return (
      <Link className="quiet" to={`${making}/${openRun}`}>
        go on
      </Link>
    );
  }
  const begin = async () => {
    try {
      const run = await call<Kept<unknown>>("POST", `/api/${job}/runs`);
      changed("bench");
      await navigate(`${making}/${run.id}`);
    } catch (failure) {
      say(
        failure instanceof Problem
          ? failure.body.detail
          : "The run could not be begun; the server did not answer.",
      );
    }
  };
  return (
    <button
      className="quiet"
      onClick={() => void begin()}
      aria-label={`${finished ? "Make again" : "Begin"}: ${name}`}
    >
      {finished ? "make again" : "begin"}
    </button>
  );
}
