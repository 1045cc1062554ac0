import { useEffect, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { useCatalogue, useFormJobs, usePreferences, useSpools } from "../../api/queries";
import type { ProblemBody } from "../../api/client";
import type { FormJobData, Kept } from "../../api/types";
import { useDraft, useOwnAddress } from "../../shared/kernel/draft";
import { Lost } from "../../shared/shell/Lost";
import { blankForm } from "../../shared/kernel/newForm";
import { onKeys } from "../../shared/kernel/typing";
import { useEditor } from "../../shared/kernel/useEditor";
import { RefusedValue } from "../../shared/shell/RefusedValue";
import { Beside } from "./Beside";
import { FormSentence } from "./FormSentence";
import { Player } from "./Player";
import { ShapeFigures } from "./ShapeFigures";
import { ShapeView } from "./ShapeView";
import type { ViewKind } from "./view";
import { StartForm } from "./StartForm";
import { useForm, useForming } from "./useForm";
import { WireStrip } from "../../shared/shell/WireStrip";

export function ShapePlace() {
  const { id } = useParams();
  const jobs = useFormJobs();
  const job = jobs.data?.find((kept) => kept.id === id);
  if (!jobs.data) {
    return null;
  }
  return job ? <ShapePage key={job.id} kept={job} /> : <Lost />;
}

/** A form looked at: kept once it is changed or made. */
export function NewShapePlace() {
  const { form: id } = useParams();
  const form = useCatalogue().data?.find((one) => one.id === id);
  const choices = usePreferences().data?.data;
  const spools = useSpools().data;
  if (!choices || !spools) {
    return null;
  }
  return form ? <Draft key={form.id} data={blankForm(form, choices, spools)} /> : <Lost />;
}

function Draft({ data }: { data: FormJobData }) {
  return <ShapePage kept={useDraft(data)} />;
}

const VIEW_KEYS: Record<string, ViewKind> = { t: "true", "3": "solid", f: "face" };

/** How the form is looked at; t, 3 and f change it. */
function useView() {
  const [view, setView] = useState<ViewKind>("solid");
  useEffect(() => {
    const views = Object.entries(VIEW_KEYS).map(([key, wanted]) => {
      return [key, () => setView((now) => (now === wanted && wanted === "true" ? "face" : wanted))] as const;
    });
    return onKeys(Object.fromEntries(views));
  }, []);
  return [view, setView] as const;
}

interface RefusedProps {
  problem: ProblemBody;
  data: FormJobData;
  change: (patch: Partial<FormJobData>, tag: string) => void;
}

/** A value refused, by the name it has on this form, and what would be taken. */
function Refused({ problem, data, change }: RefusedProps) {
  const parameters = useCatalogue(data.wireDiameterMm).data?.find(
    (one) => one.id === data.formId,
  )?.parameters;
  const names: Record<string, string> = Object.fromEntries([
    ["also", "What is done besides"],
    ["metals", "The metal of a wire"],
    ...(parameters ?? []).map((one) => [one.id, one.name] as const),
  ]);
  const taking = (field: string) =>
    field in names
      ? (value: number) => change({ parameters: { ...data.parameters, [field]: value } }, field)
      : field === "wireDiameterMm" && data.spoolId === null
        ? (value: number) => change({ wireDiameterMm: value }, field)
        : null;
  return <RefusedValue problem={problem} names={names} onTake={taking} />;
}

/** One form: large in 3D or flat, its parameters and figures beside it, its wire below, its bends played. */
function ShapePage({ kept }: { kept: Kept<FormJobData> }) {
  const { editor, data, state } = useEditor("jobs/form", kept);
  const { form, problem, stale } = useForm(data);
  useOwnAddress(kept, editor, "/shapes");
  const [view, setView] = useView();
  const [step, setStep] = useState<number | null>(null);
  const [held, setHeld] = useState(false);
  const [query] = useSearchParams();
  const beside = query.get("beside");
  const { shapes, refusal } = useForming(data, step !== null);
  const change = (patch: Partial<FormJobData>, tag: string) => editor.change(patch, tag);
  return (
    <div className="shape-place" data-stale={stale} data-refused={problem !== null}>
      <section className="view" aria-label="The form">
        <FormSentence editor={editor} kept={kept} data={data} state={state} change={change} />
        {problem && <Refused problem={problem} data={data} change={change} />}
        {form && (
          <div className="views">
            <ShapeView
              form={form}
              twins={data.hand === "PAIRS"}
              view={view}
              onView={setView}
              straight={shapes?.[0] ?? null}
              shape={step === null ? null : (shapes?.[step] ?? null)}
              held={held}
              step={step === null ? null : step - 1}
            />
            {beside && <Beside id={beside} view={view} />}
          </div>
        )}
        {form && (
          <Player
            form={form}
            step={step}
            held={held}
            ready={shapes !== undefined}
            refusal={refusal}
            onStep={setStep}
            onHeld={setHeld}
          />
        )}
      </section>
      {form && (
        <>
          <section className="figures-side" aria-label="Figures">
            <ShapeFigures kept={kept} form={form} data={data} change={change} />
          </section>
          <section className="strip" aria-label="The wire">
            <WireStrip form={form} step={step === null ? null : step - 1} copies={data.copies}>
              <StartForm kept={kept} form={form} data={data} change={change} shut={problem !== null} />
            </WireStrip>
          </section>
        </>
      )}
    </div>
  );
}
