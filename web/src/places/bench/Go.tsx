import { failureWords } from "../../shared/words/refused";
import { Link, useNavigate } from "react-router";
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { InHand, Kept } from "../../api/types";
import { say } from "../../shared/kernel/says";

/** From the bench into a job: mend it, go on with it, begin it, make it again. */
export function Go({ hand, place }: { hand: InHand; place: string }) {
  const navigate = useNavigate();
  if (hand.runId && !hand.finished) {
    return (
      <Link className="quiet" to={`/making/${hand.runId}`}>
        go on
      </Link>
    );
  }
  if (hand.glance?.refusal) {
    return (
      <Link className="quiet" to={place}>
        mend it
      </Link>
    );
  }
  const begin = async () => {
    try {
      const run = await call<Kept<unknown>>("POST", `/api/jobs/${hand.kind}/${hand.jobId}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(failureWords(failure, "The run could not be begun; the server did not answer."));
    }
  };
  return (
    <button
      className="quiet"
      onClick={() => void begin()}
      aria-label={`${hand.finished ? "Make again" : "Begin"}: ${hand.name}`}
    >
      {hand.finished ? "make again" : "begin"}
    </button>
  );
}
