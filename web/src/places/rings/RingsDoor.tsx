import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { useBench, useJobs, usePreferences, useSpools } from "../../api/queries";
import type { JobInHand, RingJobData } from "../../api/types";
import { many, sizeText, type Units } from "../../quantity/format";
import { useDraft } from "../../shared/draft";
import { blankJob } from "../../shared/newJob";
import { FindField, Found } from "../../shared/Find";
import { RingMark } from "../../shared/RingMark";
import { takeAway } from "../../shared/takeAway";
import { RingJobPage } from "./RingsPlace";

/** Every ring drawn in this workshop, the one last touched first; in an empty one, how to begin. */
export function RingsDoor() {
  const hands = useBench().data;
  const jobs = useJobs().data;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [words, setWords] = useState("");
  if (!hands || !jobs) {
    return null;
  }
  if (hands.length === 0) {
    return <First />;
  }
  const largestMm = Math.max(...hands.map((hand) => hand.sizes?.closedOuterMm ?? 0));
  return (
    <div className="place">
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">Rings</h1>
        <span className="flex items-baseline gap-6">
          <FindField words={words} onWords={setWords} />
          <Link className="action" to="/rings/new">
            new ring
          </Link>
        </span>
      </div>
      <Found words={words} />
      <ul className="mt-4 border-t border-base-content">
        {hands.map((hand) => (
          <Row key={hand.job.id} hand={hand} units={units} largestMm={largestMm} />
        ))}
      </ul>
      <p className="small soft mt-2">Drawn on one scale.</p>
    </div>
  );
}

function Row({ hand, units, largestMm }: { hand: JobInHand; units: Units; largestMm: number }) {
  const navigate = useNavigate();
  const { job, sizes } = hand;
  return (
    <li className="flex items-center gap-5 border-b border-base-300 py-2">
      <RingMark sizes={sizes} metal={hand.metal} box={52} largestMm={largestMm} />
      <div className="min-w-0 flex-1">
        <Link to={`/rings/${job.id}`} className="figures text-lg font-bold no-underline hover:underline">
          {job.data.name}
        </Link>
        <p className="small soft">
          {hand.refusal ??
            `${many(job.data.ringCount, "ring")}${
              sizes
                ? `, ${sizeText(sizes.wireDiameterMm, units)} wire, ${sizeText(sizes.closedInnerMm, units)} inside, aspect ratio ${sizes.aspectRatio.toFixed(2)}`
                : ""
            }`}
        </p>
      </div>
      <button
        className="quiet small"
        aria-label={`Take ${job.data.name} away`}
        onClick={() => void takeAway("ring-jobs", job, "/rings", navigate)}
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
