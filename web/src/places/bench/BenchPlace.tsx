import { lazy, Suspense } from "react";
import { Link } from "react-router";
import { useBench, usePreferences } from "../../api/queries";
import type { InHand } from "../../api/types";
import { placeOfJob, nextWords, sketchWords } from "../../shared/words/jobs";
import { operationTitle } from "../../shared/words/operationWords";
import { amountText } from "../../shared/words/stockWords";
import { Thread } from "../../shared/shell/StageRing";
import { many, plain, sizeText, type Units } from "../../quantity/format";
import { Go } from "./Go";
import { JobPicture } from "./JobPicture";
import { OtherWays } from "./OtherWays";
import { RunningLow } from "./RunningLow";

const Begin = lazy(async () => ({ default: (await import("./Begin")).Begin }));

const begun = (hand: InHand) => hand.runId !== null && !hand.finished;

/** What is in hand, whatever is made: one click resumes a run at the very ring. */
export function BenchPlace() {
  const bench = useBench();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!bench.data) {
    return null;
  }
  if (bench.data.length === 0) {
    return (
      <Suspense>
        <Begin />
      </Suspense>
    );
  }
  const running = bench.data.filter(begun);
  const first = running.find((hand) => hand.glance?.next);
  return (
    <div className="place">
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">On the bench</h1>
        <span className="flex gap-6">
          <Link className="quiet" to="/pieces">
            begin a piece
          </Link>
          <OtherWays />
        </span>
      </div>
      {first && <FirstInHand hand={first} units={units} />}
      <Lacking all={bench.data} units={units} />
      <RunningLow />
      <Group title="also begun" hands={running.filter((hand) => hand !== first)} units={units} />
      <Group title="planned" hands={bench.data.filter((hand) => hand.runId === null)} units={units} />
      <Group title="done" hands={bench.data.filter((hand) => hand.finished)} units={units} />
    </div>
  );
}

function FirstInHand({ hand, units }: { hand: InHand; units: Units }) {
  const { next, thread } = hand.glance!;
  return (
    <section
      className="mt-5 grid grid-cols-[auto_1fr] items-center gap-x-9 border-y border-base-content py-6"
      aria-label="In hand"
    >
      <JobPicture hand={hand} box={168} />
      <div>
        <Link to={placeOfJob(hand.kind, hand.jobId)} className="soft no-underline hover:underline">
          {hand.name}
        </Link>
        <p className="figures text-[44px] leading-none font-extrabold tracking-tight">
          {operationTitle(next!)}
        </p>
        <p className="mt-2 text-lg">{numberWords(hand, units)}</p>
        <div className="mt-4 flex flex-wrap items-center gap-x-8 gap-y-3">
          <Link className="action" to={`/making/${hand.runId}`}>
            Go on
          </Link>
          {thread && <Thread states={thread} />}
        </div>
      </div>
    </section>
  );
}

/** The number that matters of what comes next, and where it is. */
function numberWords({ glance }: InHand, units: Units): string {
  const { next, count, times, index, steps } = glance!;
  if (next!.counted && times > 1) {
    return `${count} of ${times} done`;
  }
  const { detail } = next!;
  if (detail.family !== "rings") {
    return `step ${index + 1} of ${steps}`;
  }
  const number =
    detail.unit === "turns"
      ? `${plain(detail.target, 1)} turns`
      : detail.unit === "mm"
        ? sizeText(detail.target, units)
        : many(detail.target, "ring");
  return detail.coil > 0 && detail.coils > 1 ? `${number}, coil ${detail.coil} of ${detail.coils}` : number;
}

function Lacking({ all, units }: { all: InHand[]; units: Units }) {
  const short = all.filter((hand) => hand.lacks.length > 0 && !hand.finished);
  if (short.length === 0) {
    return null;
  }
  return (
    <section className="mt-6" aria-label="What the stock lacks">
      {short.map((hand) => (
        <p key={hand.jobId} className="care">
          <strong>{hand.name}</strong> lacks{" "}
          {hand.lacks.map((lack, i) => (
            <span key={lack.lotId}>
              {i > 0 && ", "}
              {amountText(lack.measure, lack.amount, units)} of{" "}
              <Link to={`/stock/lot/${lack.lotId}`}>{lack.lot}</Link>
            </span>
          ))}
          .
        </p>
      ))}
    </section>
  );
}

function Group({ title, hands, units }: { title: string; hands: InHand[]; units: Units }) {
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
          <JobRow key={hand.jobId} hand={hand} units={units} />
        ))}
      </ul>
    </section>
  );
}

function JobRow({ hand, units }: { hand: InHand; units: Units }) {
  const place = placeOfJob(hand.kind, hand.jobId);
  return (
    <li className="grid grid-cols-[52px_1fr_auto] items-center gap-x-5 gap-y-2 border-b border-base-300 py-2.5 min-[860px]:grid-cols-[52px_minmax(220px,1fr)_200px_230px_100px]">
      <JobPicture hand={hand} box={48} />
      <div>
        <Link to={place} className="figures text-lg font-bold no-underline hover:underline">
          {hand.name}
        </Link>
        <p className="small soft">
          {sketchWords(hand, units)}
          {hand.forName && `, for ${hand.forName}`}
        </p>
      </div>
      <div className="max-[859px]:hidden">
        {hand.glance?.thread && <Thread states={hand.glance.thread} compact />}
      </div>
      <p className="small max-[859px]:hidden">{nextWords(hand)}</p>
      <Go hand={hand} place={place} />
    </li>
  );
}
