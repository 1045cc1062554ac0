import { Link } from "react-router";
import { useWeaveJobs } from "../../api/queries";
import { ExercisePicture } from "./ExercisePicture";

/** Weaves are recalled on a patch of theirs. */
export function RecalledSession() {
  const jobs = useWeaveJobs().data ?? [];
  return (
    <div>
      <ExercisePicture id="weave-unit" />
      {jobs.length > 0 && (
        <ul className="mt-3" aria-label="Your patches">
          {jobs.map((job) => (
            <li key={job.id}>
              <Link className="quiet" to={`/weaves/${job.id}?practise`}>
                {job.data.name}
              </Link>
            </li>
          ))}
        </ul>
      )}
      <Link className="quiet" to="/weaves">
        {jobs.length > 0 ? "another weave" : "choose a weave"}
      </Link>
    </div>
  );
}
