import { useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { usePreferences, useWeaveJobs, useWeaves } from "../../../api/queries";
import type { Kept, WeaveEntry, WeaveJobData } from "../../../api/types";
import type { ProblemBody } from "../../../api/client";
import { Lost } from "../../../shared/shell/Lost";
import { useEditor } from "../../../shared/kernel/useEditor";
import { useLaid, usePatch } from "../../../shared/kernel/weavePatch";
import { RefusedValue } from "../../../shared/shell/RefusedValue";
import { Colours } from "./Colours";
import type { ChangeWeave } from "./change";
import { PatchFigures } from "./PatchFigures";
import { PatchPractice } from "./PatchPractice";
import { PatchSentence } from "./PatchSentence";
import { PatchWhole } from "./PatchWhole";
import { PutTogether } from "./PutTogether";
import { madeOf } from "../../../shared/shell/made";
import { Modes } from "../Modes";

export function PatchPlace() {
  const { id } = useParams();
  const jobs = useWeaveJobs().data;
  const weaves = useWeaves().data;
  const job = jobs?.find((kept) => kept.id === id);
  if (!jobs || !weaves) {
    return null;
  }
  const weave = job && weaves.find((one) => one.id === job.data.weaveId);
  return job && weave ? <PatchPage key={job.id} kept={job} weaves={weaves} /> : <Lost />;
}

const MODES = [
  ["whole", "the patch"],
  ["together", "put together"],
  ["practice", "practise"],
  ["colours", "colours"],
] as const;
type Mode = (typeof MODES)[number][0];

/** What a refusal's fields are called here. */
const PATCH_NAMES: Record<string, string> = {
  innerDiameterMm: "The ring, inside,",
  units: "The number of units",
  lengthMm: "The length",
  rows: "The number of rows",
  columns: "The rings in a row",
  rowCounts: "The rings in each row",
  hold: "The loose rings taken along",
  sparePercent: "The spare",
};

/** Takes the nearest value of a refused field; null where it is not one number of this page. */
function taking(data: WeaveJobData, problem: ProblemBody, field: string, change: ChangeWeave) {
  if (field === "wireDiameterMm") {
    return data.spoolId === null ? (value: number) => change({ wireDiameterMm: value }, "wire") : null;
  }
  if (field === "innerDiameterMm") {
    const refused = Math.max(0, data.innerDiameterMm.indexOf(Number(problem.value)));
    return (value: number) =>
      change(
        { innerDiameterMm: data.innerDiameterMm.map((one, i) => (i === refused ? value : one)) },
        `inner ${refused}`,
      );
  }
  const patch: Partial<Record<string, unknown>> = data.patch;
  return typeof patch[field] === "number"
    ? (value: number) => change({ patch: { ...data.patch, [field]: value } }, field)
    : null;
}

/** A patch of a weave: how many rings, in which order, in which colours; from here to the bench. */
function PatchPage({ kept, weaves }: { kept: Kept<WeaveJobData>; weaves: WeaveEntry[] }) {
  const { editor, data, state } = useEditor("jobs/weave", kept);
  const weave = weaves.find((one) => one.id === data.weaveId)!;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { count, patch, poses, drawn, problem, stale } = usePatch(data);
  const [asked] = useSearchParams();
  const [mode, setMode] = useState<Mode>(asked.has("practise") ? "practice" : "whole");
  const [pull, setPull] = useState<number | null>(null);
  const rings = useLaid(patch, poses, pull);
  const change: ChangeWeave = (patch, tag) => editor.change(patch, tag);
  const shown = problem && drawn ? drawn : data;
  const ready = patch && rings && count;
  return (
    <div className="patch-place" data-stale={stale} data-refused={problem !== null}>
      <section className="weave-main" aria-label="The patch">
        <PatchSentence
          editor={editor}
          kept={kept}
          data={data}
          state={state}
          weave={weave}
          count={count}
          change={change}
        />
        {problem && (
          <RefusedValue
            problem={problem}
            names={PATCH_NAMES}
            onTake={(field) => taking(data, problem, field, change)}
          />
        )}
        <Modes modes={MODES} mode={mode} onMode={setMode} />
        {!ready ? (
          <p className="soft grow" role="status">
            {problem ? "" : "being worked out"}
          </p>
        ) : mode === "whole" ? (
          <PatchWhole {...{ weave, patch, rings, poses, pull, units }} data={shown} onPull={setPull} />
        ) : mode === "together" ? (
          <PutTogether made={madeOf(shown)} fitKey={weave.id} {...{ patch, rings }} />
        ) : mode === "practice" ? (
          <PatchPractice data={shown} {...{ weave, patch, rings }} />
        ) : (
          <Colours data={shown} {...{ weave, patch, rings, change }} counts={count.colours} />
        )}
      </section>
      {count && (
        <aside aria-label="Rings and figures">
          <PatchFigures {...{ kept, data, weave, count, units, change }} refused={problem !== null} />
        </aside>
      )}
    </div>
  );
}
