import { useEffect, useState } from "react";
import { useParams } from "react-router";
import { useJobs } from "../../api/queries";
import type { Kept, RingJobData } from "../../api/types";
import { useOwnAddress } from "../../shared/kernel/draft";
import { Lost } from "../../shared/shell/Lost";
import { onKeys } from "../../shared/kernel/typing";
import { RefusedValue } from "../../shared/shell/RefusedValue";
import { useEditor } from "../../shared/kernel/useEditor";
import { CoilStrip } from "./CoilStrip";
import { FigureList } from "./FigureList";
import { JobSentence } from "./JobSentence";
import { Ladder } from "./Ladder";
import { RingFace } from "./RingFace";
import { RodRail } from "./RodRail";
import { useSheet } from "./useSheet";

export function RingsPlace() {
  const { id } = useParams();
  const jobs = useJobs();
  const job = jobs.data?.find((kept) => kept.id === id);
  if (!jobs.data) {
    return null;
  }
  return job ? <RingJobPage key={job.id} kept={job} /> : <Lost />;
}

/** Under which field a refusal names what the ring is aimed by. */
const AIMED: Record<string, RingJobData["convention"]> = {
  innerDiameterMm: "INNER",
  outerDiameterMm: "OUTER",
  mandrelDiameterMm: "MANDREL",
  aspectRatio: "ASPECT_RATIO",
};

/** One ring job: the drawing, the rail, the ladder, the figures, the coil. */
export function RingJobPage({ kept }: { kept: Kept<RingJobData> }) {
  const { editor, data, state } = useEditor("jobs/ring", kept);
  const { sheet, problem, stale } = useSheet(data);
  useOwnAddress(kept, editor, "/rings");
  const [trueSize, setTrueSize] = useState(false);
  const change = (patch: Partial<RingJobData>, tag: string) => editor.change(patch, tag);
  const taking = (field: string) =>
    AIMED[field]
      ? (value: number) => change({ convention: AIMED[field], aimValue: value }, field)
      : typeof data[field as keyof RingJobData] === "number"
        ? (value: number) => change({ [field]: value }, field)
        : null;

  useEffect(() => {
    return onKeys({ t: () => setTrueSize((now) => !now) });
  }, []);

  return (
    <div className="rings-place" data-stale={stale} data-refused={problem !== null}>
      <section className="face" aria-label="The ring">
        <JobSentence editor={editor} data={data} state={state} change={change} />
        {problem && <RefusedValue problem={problem} onTake={taking} />}
        {sheet && (
          <>
            <RingFace
              sheet={sheet}
              data={data}
              change={change}
              trueSize={trueSize}
              onTrueSize={setTrueSize}
            />
            <RodRail sheet={sheet} data={data} change={change} />
          </>
        )}
      </section>
      {sheet && (
        <>
          <section className="ladder" aria-label="What it makes">
            <Ladder sheet={sheet} />
          </section>
          <section className="figure-list" aria-label="Figures">
            <FigureList sheet={sheet} data={data} change={change} />
          </section>
          <section className="strip" aria-label="The coil">
            <CoilStrip kept={kept} sheet={sheet} data={data} change={change} shut={problem !== null} />
          </section>
        </>
      )}
    </div>
  );
}
