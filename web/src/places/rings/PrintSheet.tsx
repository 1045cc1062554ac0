import { Link, useParams } from "react-router";
import { useJobs } from "../../api/queries";
import type { RingJobData, RingSheet } from "../../api/types";
import { Formula } from "../../shared/shell/Formula";
import { FIGURE_NAMES } from "../../shared/words/figures";
import { MetalFace } from "../../shared/shell/MetalFace";
import { Lost } from "../../shared/shell/Lost";
import { cutWord, windingWord } from "../../shared/words/words";
import { plain } from "../../quantity/format";
import { useSheet } from "./useSheet";

/** The job on paper: the ring at true size and a 50 mm line to check the printer by. */
export function PrintSheet() {
  const { id } = useParams();
  const jobs = useJobs().data;
  const job = jobs?.find((kept) => kept.id === id);
  if (!jobs) {
    return null;
  }
  return job ? <Page id={job.id} job={job.data} /> : <Lost />;
}

function Page({ id, job }: { id: string; job: RingJobData }) {
  const { sheet } = useSheet(job);
  return (
    <main className="mx-auto max-w-[182mm] bg-base-100 p-[8mm]">
      <div className="no-print mb-6 flex flex-wrap items-center gap-6">
        <button className="action" onClick={() => window.print()}>
          Print
        </button>
        <a className="quiet" href={`/api/jobs/ring/${id}/sheet.pdf`} download>
          as PDF
        </a>
        <Link className="quiet" to={`/rings/${id}`}>
          back
        </Link>
      </div>
      {sheet && <Content job={job} sheet={sheet} />}
    </main>
  );
}

/** As finely as the bench can use it, by unit. */
const DECIMALS: Record<string, number> = { mm: 2, g: 3, "%": 1, N: 1, "": 2 };

/** Room for the ring and for the words under the 50 mm line, mm. */
const LEAST_BOX = 90;

function TrueSize({ ring, metal }: { ring: RingSheet["ring"]; metal: string }) {
  const box = Math.max(LEAST_BOX, ring.closedOuterMm + 6);
  return (
    <svg
      width={`${box}mm`}
      height={`${ring.closedOuterMm + 24}mm`}
      viewBox={`0 0 ${box} ${ring.closedOuterMm + 24}`}
      className="my-6 block"
      role="img"
      aria-label="The ring at true size, with a 50 mm line"
    >
      <MetalFace
        cx={ring.closedOuterMm / 2 + 1}
        cy={ring.closedOuterMm / 2 + 1}
        outer={ring.closedOuterMm / 2}
        inner={ring.closedInnerMm / 2}
        metal={metal}
      />
      <g transform={`translate(1 ${ring.closedOuterMm + 12})`} strokeWidth="0.25">
        <path d="M0 0H50M0 -2V2M50 -2V2" fill="none" stroke="currentColor" />
        {[10, 20, 30, 40].map((x) => (
          <path key={x} d={`M${x} -1V1`} stroke="currentColor" />
        ))}
        <text x="0" y="6" style={{ fontSize: 3.4 }}>
          This line is 50 mm long when printed at true size.
        </text>
      </g>
    </svg>
  );
}

function Content({ job, sheet }: { job: RingJobData; sheet: RingSheet }) {
  return (
    <>
      <h1 className="text-3xl font-extrabold">{job.name}</h1>
      <p>
        {sheet.ringsMade} rings, {cutWord(job.cut)}, {windingWord(job.winding)}
      </p>
      <TrueSize ring={sheet.ring} metal={job.metal} />
      <dl className="grid grid-cols-[auto_auto_1fr] gap-x-5 gap-y-1">
        {sheet.figures.map((figure) => (
          <div key={figure.id} className="contents">
            <dt>{FIGURE_NAMES[figure.id]}</dt>
            <dd className="figures font-bold text-right">
              {plain(figure.value, DECIMALS[figure.unit] ?? 2)} {figure.unit}
            </dd>
            <dd className="tiny soft">
              <Formula>{figure.formula}</Formula>
            </dd>
          </div>
        ))}
      </dl>
      <h2 className="mt-6 text-xl font-bold">Coils</h2>
      <ol className="list-decimal pl-6">
        {sheet.coils.map((coil, i) => (
          <li key={i}>
            {coil.turnsWound} turns, {plain(coil.wireMm, 0)} mm of wire, {plain(coil.woundLengthMm, 0)} mm on
            the rod, {coil.rings} rings
          </li>
        ))}
      </ol>
      <p className="tiny mt-6">
        Glasses for cutting: ends fly. Keep hold of the end when a coil springs back. Local rules come first.
      </p>
    </>
  );
}
