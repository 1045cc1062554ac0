import { useState } from "react";
import { useParams } from "react-router";
import { usePreferences, useWeaveJobs, useWeaves } from "../../../api/queries";
import type { Kept, WeaveEntry, WeaveJobData } from "../../../api/types";
import type { ProblemBody } from "../../../api/client";
import { Lost } from "../../../shared/Lost";
import { useEditor } from "../../../shared/useEditor";
import { useLaid, usePiece } from "../../../shared/weavePiece";
import { RefusedValue } from "../../../shared/RefusedValue";
import { Colours } from "./Colours";
import { PieceFigures } from "./PieceFigures";
import { PiecePractice } from "./PiecePractice";
import { PieceSentence } from "./PieceSentence";
import { PieceWhole } from "./PieceWhole";
import { PutTogether } from "./PutTogether";
import { madeOf } from "../made";
import { Modes } from "../Modes";

export function PiecePlace() {
  const { id } = useParams();
  const jobs = useWeaveJobs().data;
  const weaves = useWeaves().data;
  const job = jobs?.find((kept) => kept.id === id);
  if (!jobs || !weaves) {
    return null;
  }
  const weave = job && weaves.find((one) => one.id === job.data.weaveId);
  return job && weave ? <PiecePage key={job.id} kept={job} weaves={weaves} /> : <Lost />;
}

const MODES = [
  ["whole", "the piece"],
  ["together", "put together"],
  ["practice", "practise"],
  ["colours", "colours"],
] as const;
type Mode = (typeof MODES)[number][0];

export interface ChangeWeave {
  (patch: Partial<WeaveJobData>, tag: string): void;
}

/** What a refusal's fields are called here. */
const PIECE_NAMES: Record<string, string> = {
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
  const piece: Partial<Record<string, unknown>> = data.piece;
  return typeof piece[field] === "number"
    ? (value: number) => change({ piece: { ...data.piece, [field]: value } }, field)
    : null;
}

/** A piece of a weave: how many rings, in which order, in which colours; from here to the bench. */
function PiecePage({ kept, weaves }: { kept: Kept<WeaveJobData>; weaves: WeaveEntry[] }) {
  const { editor, data, state } = useEditor("weave-jobs", kept);
  const weave = weaves.find((one) => one.id === data.weaveId)!;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { count, piece, poses, drawn, problem, stale } = usePiece(data);
  const [mode, setMode] = useState<Mode>("whole");
  const [pull, setPull] = useState<number | null>(null);
  const rings = useLaid(piece, poses, pull);
  const change: ChangeWeave = (patch, tag) => editor.change(patch, tag);
  const shown = problem && drawn ? drawn : data;
  const ready = piece && rings && count;
  return (
    <div className="piece-place" data-stale={stale} data-refused={problem !== null}>
      <section className="weave-main" aria-label="The piece">
        <PieceSentence
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
            names={PIECE_NAMES}
            onTake={(field) => taking(data, problem, field, change)}
          />
        )}
        <Modes modes={MODES} mode={mode} onMode={setMode} />
        {!ready ? (
          <p className="soft grow" role="status">
            {problem ? "" : "being worked out"}
          </p>
        ) : mode === "whole" ? (
          <PieceWhole {...{ weave, piece, rings, poses, pull, units }} data={shown} onPull={setPull} />
        ) : mode === "together" ? (
          <PutTogether made={madeOf(shown)} fitKey={weave.id} {...{ piece, rings }} />
        ) : mode === "practice" ? (
          <PiecePractice data={shown} {...{ weave, piece, rings }} />
        ) : (
          <Colours data={shown} {...{ weave, piece, rings, change }} counts={count.colours} />
        )}
      </section>
      {count && (
        <aside aria-label="Rings and figures">
          <PieceFigures {...{ kept, data, weave, count, units, change }} refused={problem !== null} />
        </aside>
      )}
    </div>
  );
}
