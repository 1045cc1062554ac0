import { useMemo, useState, type ReactNode } from "react";
import { useNavigate, useParams } from "react-router";
import { call } from "../../../api/client";
import { useMedallionJobs, usePreferences, useWeaves } from "../../../api/queries";
import type { CompositionAnswer, Kept, MedallionJobData, WeaveEntry } from "../../../api/types";
import { useKeptChoice } from "../../../shared/kernel/keptChoice";
import { RefusedValue } from "../../../shared/shell/RefusedValue";
import { useSolving } from "../../../shared/kernel/useSolving";
import { PatchScene } from "../../../shared/shell/PatchScene";
import { Modes } from "../Modes";
import { PutTogether } from "../patch/PutTogether";
import { useEditor } from "../../../shared/kernel/useEditor";
import { Lost } from "../../../shared/shell/Lost";
import { NameHead } from "../../../shared/shell/NameHead";
import { takeAway } from "../../../shared/kernel/takeAway";
import { choiceOf, FIRST, KEPT, questionOf, type ChangeMedallion, type MedallionChoice } from "./choice";
import { MedallionFigures } from "./MedallionFigures";
import { MedallionSentence } from "./MedallionSentence";

/** What the server's fields are here, and what they are called. */
const FIELDS: Record<string, keyof MedallionChoice> = {
  wireDiameterMm: "wireMm",
  innerDiameterMm: "innerMm",
  hubWireMm: "hubWireMm",
  hubInnerMm: "hubInnerMm",
  arms: "arms",
  rows: "rows",
  longerBy: "longerBy",
};
const NAMES: Record<string, string> = {
  innerDiameterMm: "The small ring, inside,",
  hubWireMm: "The larger rings' wire",
  hubInnerMm: "The larger ring, inside,",
  arms: "The number of arms",
  rows: "The rows of an arm",
  rings: "The rings of an arm",
  columns: "The rings in a row",
  longerBy: "The rows longer",
};
const MODES = [
  ["whole", "whole"],
  ["together", "ring by ring"],
] as const;

/** A cross, a star, a medallion: arms of a weave about larger rings, solved; which of those go in, how it lies, how it is made. */
export function MedallionPlace() {
  const [choice, change] = useKeptChoice(KEPT, FIRST);
  return <Medallion choice={choice} change={change} />;
}

/** One that is kept as a job: what is changed is kept with it. */
export function KeptMedallionPlace() {
  const { id } = useParams();
  const jobs = useMedallionJobs().data;
  const weaves = useWeaves().data;
  const job = jobs?.find((kept) => kept.id === id);
  if (!jobs || !weaves) {
    return null;
  }
  return job ? <KeptMedallion key={job.id} kept={job} weaves={weaves} /> : <Lost />;
}

function KeptMedallion({ kept, weaves }: { kept: Kept<MedallionJobData>; weaves: WeaveEntry[] }) {
  const navigate = useNavigate();
  const { editor, data, state } = useEditor("jobs/medallion", kept);
  const choice = choiceOf(data);
  const change: ChangeMedallion = (patch, tag) => {
    const next = { ...choice, ...patch };
    const weave = weaves.find((one) => one.id === next.weave);
    const { spoolId, weave: weaveId } = next;
    editor.change({ weaveId, spoolId, composition: questionOf(next, weave) }, tag);
  };
  return (
    <Medallion choice={choice} change={change} kept={kept}>
      <NameHead
        editor={editor}
        state={state}
        describe={(at) => `${at.name}, ${at.composition.arms} arms`}
        label="Medallion's name"
        name={data.name}
        onName={(name) => editor.change({ name }, "name")}
      >
        <button
          className="quiet small"
          onClick={() => void takeAway("jobs/medallion", kept, "/weaves/medallion", navigate)}
        >
          take it away
        </button>
      </NameHead>
    </Medallion>
  );
}

interface MedallionProps {
  choice: MedallionChoice;
  change: ChangeMedallion;
  /** The job it is kept as; none while it is only looked at. */
  kept?: Kept<MedallionJobData>;
  children?: ReactNode;
}

function Medallion({ choice, change, kept, children }: MedallionProps) {
  const weaves = (useWeaves().data ?? []).filter(
    (weave) => (weave.kind === "CHAIN" || weave.kind === "SHEET") && weave.sizes.length === 1,
  );
  const [mode, setMode] = useState<"whole" | "together">("whole");
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const weave = weaves.find((one) => one.id === choice.weave);
  const question = questionOf(choice, weave);
  const asked = useSolving({
    queryKey: ["composition", choice.weave, question],
    enabled: weave !== undefined,
    queryFn: async ({ signal }) => ({
      choice,
      question,
      answer: await call<CompositionAnswer>(
        "POST",
        `/api/weaves/${choice.weave}/composition`,
        question,
        signal,
      ),
    }),
  });
  const refused = asked.problem;
  const drawn = asked.data;
  return (
    <div className="patch-place" data-stale={asked.stale} data-refused={refused !== null}>
      <section className="weave-main" aria-label="The medallion">
        {children}
        <MedallionSentence {...{ choice, weave, weaves, change }} />
        {refused && (
          <RefusedValue
            problem={refused}
            names={NAMES}
            onTake={(field) => {
              const own = FIELDS[field];
              return own === undefined || (own === "wireMm" && choice.spoolId !== null)
                ? null
                : (value) => change({ [own]: value }, own);
            }}
          />
        )}
        <Modes modes={MODES} mode={mode} onMode={setMode} />
        {drawn ? (
          <Laid {...{ mode }} choice={drawn.choice} answer={drawn.answer} />
        ) : (
          <p className="soft grow" role="status">
            {refused ? "" : "being worked out"}
          </p>
        )}
      </section>
      {drawn && (
        <aside aria-label="Rings and figures">
          <MedallionFigures {...drawn} units={units} refused={refused !== null} {...(kept && { kept })} />
        </aside>
      )}
    </div>
  );
}

function Laid({
  mode,
  choice,
  answer,
}: {
  mode: "whole" | "together";
  choice: MedallionChoice;
  answer: CompositionAnswer;
}) {
  const rings = useMemo(() => Float32Array.from(answer.rings), [answer]);
  const all = useMemo(() => answer.colours.map((_, n) => n), [answer]);
  const name = `Medallion of ${choice.arms} arms`;
  const fitKey = `${choice.weave} ${answer.colours.length}`;
  const { palette, ringWireMm: wires } = answer;
  if (mode === "together") {
    const patch = { preClosed: answer.closedBefore, steps: answer.steps, colours: answer.colours };
    return (
      <PutTogether made={{ name, palette, wireMm: choice.wireMm, wires }} {...{ fitKey, patch, rings }} />
    );
  }
  return (
    <PatchScene
      {...{ name, rings, palette, wires, fitKey }}
      which={all}
      colours={answer.colours}
      wireMm={choice.wireMm}
      firstLook="face"
    />
  );
}
