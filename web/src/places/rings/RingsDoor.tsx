import { useState } from "react";
import { Navigate, useNavigate } from "react-router";
import { useBench, usePreferences, useSpools } from "../../api/queries";
import { blankJob, keepJob } from "../../shared/newJob";

/** Goes to the job last in hand; in an empty workshop, starts one. */
export function RingsDoor() {
  const jobs = useBench();
  const spools = useSpools();
  const choices = usePreferences();
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  if (!jobs.data || !choices.data || !spools.data) {
    return null;
  }
  if (jobs.data.length > 0) {
    return <Navigate to={`/rings/${jobs.data[0]!.job.id}`} replace />;
  }
  const start = async () => {
    setBusy(true);
    await navigate(`/rings/${await keepJob(blankJob(choices.data.data, spools.data[0]))}`);
  };
  return (
    <div className="place">
      <h1 className="place-title">A ring to begin with</h1>
      <p className="mt-3 max-w-prose">
        Say it on the bench line above, as you would to a colleague: <strong>1.0 on 4.5</strong>, or{" "}
        <strong>300 rings 0.9 id 3.5</strong>. Or start from a plain ring and pull its numbers.
      </p>
      <button className="action mt-6" disabled={busy} onClick={() => void start()}>
        Draw a ring
      </button>
    </div>
  );
}
