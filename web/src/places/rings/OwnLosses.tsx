import { useCoilLosses } from "../../api/exercises";
import type { RingJobData } from "../../api/types";
import { many, plain } from "../../quantity/format";
import type { Change } from "./JobSentence";

/** What coils of the maker's own lost, with a way to plan by it. */
export function OwnLosses({ data, change }: { data: RingJobData; change: Change }) {
  const losses = useCoilLosses();
  if (!losses || losses.measurements === 0) {
    return null;
  }
  return (
    <span className="soft">
      {many(losses.measurements, "coil")} of your own lost {plain(losses.turns, 1)} turns each, give or take{" "}
      {plain(losses.halfWidth, 1)}.{" "}
      {losses.perEnd !== data.spoiltTurnsPerEnd && (
        <button
          className="quiet small"
          onClick={() => change({ spoiltTurnsPerEnd: losses.perEnd }, "spoilt turns")}
        >
          plan {losses.perEnd} at each end
        </button>
      )}
    </span>
  );
}
