import { Link, useNavigate } from "react-router";
import { useBench, useFormBench, usePreferences, useSpools, useWeaveBench } from "../../api/queries";
import type { JobInHand } from "../../api/types";
import { RingMark } from "../../shared/RingMark";
import { Thread } from "../../shared/StageRing";
import { stepTitle } from "../../shared/words";
import { many, plain, sizeText, wireLength, type Units } from "../../quantity/format";
import { FormsInHand } from "./FormsInHand";
import { Go } from "./Go";
import { WeavesInHand } from "./WeavesInHand";
import { blankJob, keepJob } from "../../shared/newJob";

/** What is in hand: one click resumes a run at the very ring. */
export function BenchPlace() {
  const bench = useBench();
  const forms = useFormBench().data ?? [];
  const weaves = useWeaveBench().data ?? [];
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!bench.data) {
    return null;
  }
  const running = bench.data.filter((hand) => hand.step !== null);
  const planned = bench.data.filter((hand) => hand.step === null && !hand.finished);
  const finished = bench.data.filter((hand) => hand.finished);
  if (bench.data.length === 0 && forms.length === 0 && weaves.length === 0) {
    return <EmptyBench />;
  }
  return (
    <div className="place">
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">On the bench</h1>
        <span className="flex gap-6">
          <NewJob />
          <Link className="quiet" to="/shapes">
            choose a shape
          </Link>
          <Link className="quiet" to="/weaves">
            choose a weave
          </Link>
        </span>
      </div>
      {running[0] && <FirstInHand hand={running[0]} units={units} />}
      <Lacking all={bench.data} units={units} />
      <Group title="also begun" hands={running.slice(1)} units={units} />
      <Group title="planned" hands={planned} units={units} />
      <WeavesInHand hands={weaves} />
      <FormsInHand hands={forms} units={units} />
      <Group title="done" hands={finished} units={units} />
    </div>
  );
}

function EmptyBench() {
  const spools = useSpools().data;
  return (
    <div className="place">
      <h1 className="place-title">The bench is clear</h1>
      <p className="mt-3 max-w-prose">
        Press <kbd>/</kbd> and say a ring: <strong>1.0 on 4.5</strong>. Enter draws it, with the coil to wind
        and the wire it takes.
      </p>
      <div className="mt-6 flex flex-wrap items-center gap-6">
        <NewJob />
        {spools?.length === 0 && (
          <Link to="/stock" className="quiet">
            lay out your wire and rods first
          </Link>
        )}
      </div>
    </div>
  );
}

function NewJob() {
  const navigate = useNavigate();
  const choices = usePreferences().data?.data;
  const spools = useSpools().data;
  const start = async () => {
    if (choices) {
      await navigate(`/rings/${await keepJob(blankJob(choices, spools?.[0]))}`);
    }
  };
  return (
    <button className="quiet" onClick={() => void start()}>
      new ring job
    </button>
  );
}

function FirstInHand({ hand, units }: { hand: JobInHand; units: Units }) {
  const step = hand.step!;
  const counted = step.count > 1;
  return (
    <section
      className="mt-5 grid grid-cols-[auto_1fr] items-center gap-x-9 border-y border-base-content py-6"
      aria-label="In hand"
    >
      <RingMark sizes={hand.sizes} metal={hand.metal} box={168} />
      <div>
        <p className="soft">{hand.job.data.name}</p>
        <p className="figures text-[44px] leading-none font-extrabold tracking-tight">
          {stepTitle(step.kind)}
        </p>
        <p className="mt-2 text-lg">
          {counted
            ? `${hand.count} of ${step.count} done`
            : step.unit === "turns"
              ? `${plain(step.target, 1)} turns`
              : step.unit === "mm"
                ? sizeText(step.target, units)
                : many(step.target, "ring")}
          {step.coil > 0 && hand.step!.coils > 1 && `, coil ${step.coil} of ${step.coils}`}
        </p>
        <div className="mt-4 flex flex-wrap items-center gap-x-8 gap-y-3">
          <Link className="action" to={`/making/${hand.runId}`}>
            Go on
          </Link>
          <Thread states={hand.thread} />
        </div>
      </div>
    </section>
  );
}

function Lacking({ all, units }: { all: JobInHand[]; units: Units }) {
  const short = all.filter((hand) => hand.shortMm > 0 && !hand.finished);
  if (short.length === 0) {
    return null;
  }
  return (
    <section className="mt-6" aria-label="What the stock lacks">
      {short.map((hand) => (
        <p key={hand.job.id} className="care">
          <strong>{hand.job.data.name}</strong> lacks {wireLength(hand.shortMm, units)} of wire.{" "}
          <Link to="/stock">Look at the stock.</Link>
        </p>
      ))}
    </section>
  );
}

function Group({ title, hands, units }: { title: string; hands: JobInHand[]; units: Units }) {
  if (hands.length === 0) {
    return null;
  }
  return (
    <section className="mt-8" aria-label={title}>
      <h2 className="soft font-medium" style={{ fontFamily: "var(--words)", fontSize: 15 }}>
        {title}
      </h2>
      <ul className="border-t border-base-content">
        {hands.map((hand) => (
          <JobRow key={hand.job.id} hand={hand} units={units} />
        ))}
      </ul>
    </section>
  );
}

function JobRow({ hand, units }: { hand: JobInHand; units: Units }) {
  const { job, sizes } = hand;
  return (
    <li className="grid grid-cols-[52px_1fr_auto] items-center gap-x-5 gap-y-2 border-b border-base-300 py-2.5 min-[860px]:grid-cols-[52px_minmax(220px,1fr)_200px_190px_120px]">
      <RingMark sizes={sizes} metal={hand.metal} box={48} />
      <div>
        <Link to={`/rings/${job.id}`} className="figures text-lg font-bold no-underline hover:underline">
          {job.data.name}
        </Link>
        <p className="small soft">
          {many(job.data.ringCount, "ring")}
          {sizes
            ? `, ${sizeText(sizes.wireDiameterMm, units)} wire, ${sizeText(sizes.closedInnerMm, units)} inside`
            : ""}
        </p>
      </div>
      <div className="max-[859px]:hidden">
        <Thread states={hand.thread} compact />
      </div>
      <p className="small max-[859px]:hidden">{nextWords(hand)}</p>
      <Go
        name={hand.job.data.name}
        place={`/rings/${hand.job.id}`}
        job={`ring-jobs/${hand.job.id}`}
        making="/making"
        refused={hand.refusal !== null}
        openRun={hand.step ? hand.runId : null}
        finished={hand.finished}
      />
    </li>
  );
}

function nextWords(hand: JobInHand): string {
  if (hand.refusal) {
    return hand.refusal;
  }
  if (hand.step) {
    return `next: ${stepTitle(hand.step.kind).toLowerCase()}`;
  }
  return hand.finished ? "measured and noted" : "not begun";
}
