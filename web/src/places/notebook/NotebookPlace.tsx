import { Link } from "react-router";
import { useFormNotebook, useNotebook, usePreferences, useSpools } from "../../api/queries";
import type { FormEntry, Kept, NotebookEntry, SpoolData } from "../../api/types";
import { many, size, sizeText, wireLength, type Units } from "../../quantity/format";
import { toneOf } from "../../drawing/metals";
import { DotRow } from "../../shared/DotRow";
import { EntryHead, Unreadable } from "./EntryHead";
import { FormNotes } from "./FormNotes";
import { Trend } from "./Trend";

/** Planned against made, and what each spool has taught. */
export function NotebookPlace() {
  const notebook = useNotebook();
  const forms = useFormNotebook();
  const spools = useSpools();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!notebook.data || !spools.data || !forms.data) {
    return null;
  }
  const measured = notebook.data.filter((entry) => entry.rings !== null);
  return (
    <div className="place grid gap-x-14 gap-y-8 min-[1100px]:grid-cols-[1fr_270px]">
      <div>
        <h1 className="place-title">Notebook</h1>
        {notebook.data.length + forms.data.length === 0 && (
          <p className="mt-3 max-w-prose">
            What you make is noted here by itself: wind one coil, measure it, and this page says how far the
            plan was off.
          </p>
        )}
        {byDate(notebook.data, forms.data).map((entry) =>
          entry.unreadable ? (
            <Unreadable
              key={entry.runId}
              name={entry.name}
              reason={entry.unreadable}
              startedAt={entry.startedAt}
            />
          ) : "form" in entry ? (
            <FormNotes key={entry.runId} entry={entry} units={units} />
          ) : (
            <Entry key={entry.runId} entry={entry} units={units} />
          ),
        )}
      </div>
      <aside>
        {measured.length > 1 && <Trend entries={measured} units={units} />}
        <h2 className="mt-6 text-lg font-bold">What each wire has taught</h2>
        <ul className="mt-2 border-t border-base-content">
          {spools.data.map((spool) => (
            <SpoolLine key={spool.id} spool={spool} />
          ))}
        </ul>
      </aside>
    </div>
  );
}

/** Rings and shapes together, latest first. */
function byDate(rings: NotebookEntry[], forms: FormEntry[]): (NotebookEntry | FormEntry)[] {
  return [...rings, ...forms].sort((a, b) => b.startedAt.localeCompare(a.startedAt));
}

function SpoolLine({ spool }: { spool: Kept<SpoolData> }) {
  return (
    <li className="border-b border-base-300">
      <Link
        to={`/notebook/wire/${spool.id}`}
        className="flex min-h-[44px] items-center gap-3 no-underline hover:underline"
      >
        <svg width="18" height="18" aria-hidden="true">
          <circle
            cx="9"
            cy="9"
            r={Math.max(3, spool.data.wireDiameterMm * 4)}
            fill={toneOf(spool.data.metal).body}
            stroke="var(--ink)"
          />
        </svg>
        {spool.data.name}
      </Link>
    </li>
  );
}

function Entry({ entry, units }: { entry: NotebookEntry; units: Units }) {
  const { rings, coil } = entry;
  const planned = entry.planned!;
  return (
    <article className="mt-6 border-t border-base-content pt-4">
      <EntryHead
        name={entry.name}
        job={`/rings/${entry.jobId}`}
        run={`/making/${entry.runId}`}
        startedAt={entry.startedAt}
        finished={entry.finishedAt !== null}
      />
      <div className="mt-2 grid gap-x-10 gap-y-3 min-[720px]:grid-cols-[230px_1fr]">
        <div>
          {rings ? (
            <>
              <p className="figures text-[44px] leading-none font-extrabold tracking-tight">
                {size(rings.mean, units).value}{" "}
                <span className="text-base font-medium soft">{size(rings.mean, units).unit} inside</span>
              </p>
              <p className="mt-1 small">
                planned {size(planned.closedInnerMm, units).value},{" "}
                {offWords(rings.mean - planned.closedInnerMm, units)}; spread{" "}
                {size(rings.standardDeviation, units, 3).value} over {rings.count}
              </p>
            </>
          ) : (
            <p className="soft">
              rings not measured yet; planned {sizeText(planned.closedInnerMm, units)} inside
            </p>
          )}
          {coil && (
            <p className="small mt-1">
              coil {size(coil.mean, units).value} sprung, planned {size(planned.sprungInnerMm, units).value}
            </p>
          )}
          <p className="small soft mt-1">
            {entry.ringsCut} of {many(entry.ringsPlanned, "ring")} cut, {wireLength(entry.wireUsedMm, units)}{" "}
            of wire
          </p>
        </div>
        <div>
          {entry.ringValues.length > 0 && (
            <DotRow
              values={entry.ringValues}
              low={planned.closedLowMm}
              high={planned.closedHighMm}
              target={planned.closedInnerMm}
              units={units}
            />
          )}
          {entry.note && <p className="mt-2 italic">{entry.note}</p>}
        </div>
      </div>
    </article>
  );
}

function offWords(by: number, units: Units): string {
  const amount = size(Math.abs(by), units);
  return Number(amount.value) === 0 ? "as planned" : `${amount.value} ${by > 0 ? "larger" : "smaller"}`;
}
