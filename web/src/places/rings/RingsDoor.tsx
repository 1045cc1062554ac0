import { refusalWords } from "../../shared/words/refused";
import { Link, useNavigate } from "react-router";
import { useBench, useJobs, usePreferences, useSpools } from "../../api/queries";
import type { InHand, Kept, RingJobData } from "../../api/types";
import { many, sizeText, type Units } from "../../quantity/format";
import { useDraft } from "../../shared/kernel/draft";
import { blankJob } from "../../shared/kernel/newJob";
import { Finding } from "../../shared/shell/Find";
import { RingMark } from "../../shared/shell/RingMark";
import { takeAway } from "../../shared/kernel/takeAway";
import { RingJobPage } from "./RingsPlace";

/** Every ring drawn in this workshop, the one last touched first; in an empty one, how to begin. */
export function RingsDoor() {
  const hands = useBench().data;
  const jobs = useJobs().data;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!hands || !jobs) {
    return null;
  }
  if (jobs.length === 0) {
    return <First />;
  }
  const rows = hands.flatMap((hand) => {
    const job = jobs.find((kept) => kept.id === hand.jobId);
    return hand.kind === "ring" && job ? [{ hand, job }] : [];
  });
  const largestMm = Math.max(...rows.map(({ hand }) => hand.glance?.sketch?.sizes?.closedOuterMm ?? 0));
  return (
    <div className="place">
      <Finding
        head={<h1 className="place-title">Rings</h1>}
        beside={
          <Link className="action" to="/rings/new">
            new ring
          </Link>
        }
      />
      <ul className="mt-4 border-t border-base-content">
        {rows.map(({ hand, job }) => (
          <Row key={job.id} hand={hand} job={job} units={units} largestMm={largestMm} />
        ))}
      </ul>
      <p className="small soft mt-2">Drawn on one scale.</p>
    </div>
  );
}

interface RowProps {
  hand: Extract<InHand, { kind: "ring" }>;
  job: Kept<RingJobData>;
  units: Units;
  largestMm: number;
}

function Row({ hand, job, units, largestMm }: RowProps) {
  const navigate = useNavigate();
  const sizes = hand.glance?.sketch?.sizes ?? null;
  return (
    <li className="flex items-center gap-5 border-b border-base-300 py-2">
      <RingMark
        sizes={sizes}
        metal={hand.glance?.sketch?.metal ?? job.data.metal}
        box={52}
        largestMm={largestMm}
      />
      <div className="min-w-0 flex-1">
        <Link to={`/rings/${job.id}`} className="figures text-lg font-bold no-underline hover:underline">
          {job.data.name}
        </Link>
        <p className="small soft">
          {hand.glance?.refusal
            ? refusalWords(hand.glance.refusal)
            : `${many(job.data.ringCount, "ring")}${
                sizes
                  ? `, ${sizeText(sizes.wireDiameterMm, units)} wire, ${sizeText(sizes.closedInnerMm, units)} inside, aspect ratio ${sizes.aspectRatio.toFixed(2)}`
                  : ""
              }`}
        </p>
      </div>
      <button
        className="quiet small"
        aria-label={`Take ${job.data.name} away`}
        onClick={() => void takeAway("jobs/ring", job, "/rings", navigate)}
      >
        take away
      </button>
    </li>
  );
}

function First() {
  return (
    <div className="place">
      <h1 className="place-title">A ring to begin with</h1>
      <p className="mt-3 max-w-prose">
        Say it on the bench line above, as you would to a colleague: <strong>1.0 on 4.5</strong>, or{" "}
        <strong>300 rings 0.9 id 3.5</strong>. Or start from a plain ring and pull its numbers.
      </p>
      <Link className="action mt-6 inline-block" to="/rings/new">
        Draw a ring
      </Link>
    </div>
  );
}

/** A ring looked at: kept once it is changed or wound. */
export function NewRingPlace() {
  const choices = usePreferences().data?.data;
  const spools = useSpools().data;
  return choices && spools ? <Draft data={blankJob(choices, spools[0])} /> : null;
}

function Draft({ data }: { data: RingJobData }) {
  return <RingJobPage kept={useDraft(data)} />;
}
