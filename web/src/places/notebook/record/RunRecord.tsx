import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { call } from "../../../api/client";
import { changed, useNotebook, useNotebookEntry, usePreferences, useRun } from "../../../api/queries";
import type { Kept, NotebookEntry, RunData } from "../../../api/types";
import { day, many, type Units } from "../../../quantity/format";
import { say } from "../../../shared/kernel/says";
import { Lost } from "../../../shared/shell/Lost";
import { Photographs } from "../../../shared/shell/Photographs";
import { careWords, COLOURED_CARE } from "../../../shared/words/careWords";
import { placeOfJob } from "../../../shared/words/jobs";
import { Unreadable } from "../BatchHead";
import { Otherwise } from "../Otherwise";
import { LookedOver } from "./LookedOver";
import { MadeTable } from "./MadeTable";
import { Materials } from "./Materials";
import { RecordPicture } from "./RecordPicture";
import { runAway } from "./runAway";
import { failureWords, refusalWords } from "../../../shared/words/refused";

/** Everything that is known of one run, to read, to print, or to set beside another. */
export function RunRecord() {
  const { id } = useParams();
  const entry = useNotebookEntry(id!);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (entry.isPending) {
    return null;
  }
  if (!entry.data) {
    return <Lost />;
  }
  const { unreadable, name, startedAt } = entry.data;
  return (
    <div className="place record">
      <p className="no-print flex gap-6">
        <Link to="/notebook" className="quiet small">
          notebook
        </Link>
      </p>
      {unreadable ? (
        <>
          <Unreadable name={name} reason={refusalWords(unreadable)} startedAt={startedAt} />
          <TakeOut entry={entry.data} />
        </>
      ) : (
        <Record key={id} entry={entry.data} units={units} />
      )}
    </div>
  );
}

function Record({ entry, units }: { entry: NotebookEntry; units: Units }) {
  const run = useRun(entry.runId).data;
  const [beside, setBeside] = useState<string | null>(null);
  const other = useNotebookEntry(beside ?? entry.runId).data;
  return (
    <>
      <h1 className="place-title">{entry.name}</h1>
      <p className="soft">{whenWords(entry)}</p>
      <Ways entry={entry} beside={beside} onBeside={setBeside} />
      <div className="record-columns">
        {run && <RecordPicture run={run} entry={entry} units={units} />}
        <div>
          <MadeTable entry={entry} other={beside && other ? other : null} units={units} />
          {entry.kind === "piece" && <LookedOver run={entry.runId} units={units} />}
          {entry.glance && <Otherwise glance={entry.glance} />}
          {entry.note && (
            <section>
              <h2>For next time</h2>
              <p className="record-note">{entry.note}</p>
            </section>
          )}
        </div>
      </div>
      {run && <Photographs run={run.id} operations={run.data.plan.operations} />}
      {run && (
        <div className="record-columns">
          <Materials run={run} units={units} />
          <section>
            <h2>Care</h2>
            <p className="max-w-prose">{careWords(metalOf(run))}</p>
            {wasColoured(run) && <p className="max-w-prose">{COLOURED_CARE}</p>}
          </section>
        </div>
      )}
    </>
  );
}

const wasColoured = (run: Kept<RunData>) =>
  run.data.plan.operations.some(
    (one) => one.detail.family === "finishing" && one.detail.work.finish === "COLOUR",
  );

function TakeOut({ entry }: { entry: NotebookEntry }) {
  const navigate = useNavigate();
  return (
    <button className="quiet no-print" onClick={() => void runAway(entry, navigate)}>
      take out of the notebook
    </button>
  );
}

function whenWords({ startedAt, finishedAt, glance }: NotebookEntry): string {
  const begun = day(startedAt);
  if (!finishedAt) {
    return `Begun ${begun}, in hand; ${Math.floor(100 * (glance?.share ?? 0))} % done.`;
  }
  const done = day(finishedAt);
  return begun === done ? `Made ${done}.` : `Begun ${begun}, done ${done}.`;
}

const metalOf = ({ data }: Kept<RunData>): string =>
  data.kind === "form"
    ? data.facts.metal
    : data.kind === "piece" || data.kind === "ring"
      ? data.facts.job.metal
      : ((data.facts.job as { metal?: string }).metal ?? "");

interface WaysProps {
  entry: NotebookEntry;
  beside: string | null;
  onBeside: (run: string | null) => void;
}

/** What can be done with a record: print it, make it again, set another of its kind beside it. */
function Ways({ entry, beside, onBeside }: WaysProps) {
  const navigate = useNavigate();
  const pages = useNotebook().data?.pages ?? [];
  const others = pages
    .flatMap((page) => page.entries)
    .filter((one) => one.kind === entry.kind && one.runId !== entry.runId && one.made.length > 0);
  const again = async () => {
    try {
      const run = await call<Kept<unknown>>("POST", `/api/jobs/${entry.kind}/${entry.jobId}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(failureWords(failure, "The run could not be begun; the server did not answer."));
    }
  };
  return (
    <p className="record-ways no-print">
      {entry.finishedAt ? (
        <button className="action" onClick={() => void again()}>
          Make this again
        </button>
      ) : (
        <Link className="action" to={`/making/${entry.runId}`}>
          Go on
        </Link>
      )}
      <button className="quiet" onClick={() => window.print()}>
        print, or keep as PDF
      </button>
      <Link className="quiet" to={placeOfJob(entry.kind, entry.jobId)}>
        its plan
      </Link>
      {others.length > 0 && (
        <label className="flex items-baseline gap-2">
          beside
          <select
            className="plain-input"
            value={beside ?? ""}
            onChange={(event) => onBeside(event.target.value || null)}
          >
            <option value="">none ({many(others.length, "batch", "batches")} to choose)</option>
            {others.map((one) => (
              <option key={one.runId} value={one.runId}>
                {one.name}, {day(one.startedAt)}
              </option>
            ))}
          </select>
        </label>
      )}
      <TakeOut entry={entry} />
    </p>
  );
}
