import { Link } from "react-router";
import { usePreferences } from "../../api/queries";
import type { Kept, RingStep, RunData } from "../../api/types";
import { many } from "../../quantity/format";
import { SaveMark } from "../../shared/SaveMark";
import { capital, cautionWords, stepTitle } from "../../shared/words";
import { RunFooter } from "./RunFooter";
import { CountRings } from "../../shared/CountRings";
import { MeasureEntry } from "./MeasureEntry";
import { RunDone } from "./RunDone";
import { StepDrawing } from "./StepDrawing";
import { StepWords } from "./StepWords";
import { useBenchKeys } from "./useBenchKeys";
import { useProgress } from "./useProgress";

const STAGE_WORDS: Record<RingStep["kind"], string> = {
  WIND: "form",
  SPRING_BACK: "form",
  SLIDE_OFF: "form",
  MEASURE_COIL: "check",
  CUT: "cut",
  CLOSE: "join",
  MEASURE_RINGS: "check",
};

export function RunPage({ run }: { run: Kept<RunData> }) {
  const progress = useProgress(run);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { plan } = run.data;
  const step = plan.steps[progress.step];
  const counting = step?.kind === "CUT";
  const full = !counting || progress.count >= (step?.count ?? 0);
  const forward = () => (full ? progress.go(progress.step + 1) : progress.setCount(progress.count + 1));
  const back = () =>
    counting && progress.count > 0 ? progress.setCount(progress.count - 1) : progress.go(progress.step - 1);

  useBenchKeys(step ? forward : null, back);
  return (
    <div className="making">
      <header>
        <Link to="/" className="figures font-bold no-underline hover:underline">
          {plan.job.name}
        </Link>
        <span className="soft">
          {step
            ? `${STAGE_WORDS[step.kind]}, step ${progress.step + 1} of ${plan.steps.length}${step.coil > 0 && step.coils > 1 ? `, coil ${step.coil} of ${step.coils}` : ""}`
            : "done"}
        </span>
        <SaveMark
          editor={progress.editor}
          state={progress.state}
          describe={(at) =>
            `step ${at.step + 1} of ${plan.steps.length}, ${many(at.counts[at.step] ?? 0, "ring")} counted there`
          }
        />
      </header>
      {step ? (
        <main>
          <StepDrawing plan={plan} step={step} count={progress.count} />
          <div>
            <h1>{stepTitle(step.kind)}</h1>
            <StepWords plan={plan} step={step} count={progress.count} units={units} />
            {step.cautions.map((caution) => (
              <p key={caution} className="caution">
                {cautionWords(caution)}
              </p>
            ))}
            {(step.kind === "MEASURE_COIL" || step.kind === "MEASURE_RINGS") && (
              <MeasureEntry run={run} step={step} index={progress.step} />
            )}
          </div>
        </main>
      ) : (
        <RunDone run={run} note={progress.data.note} onNote={progress.setNote} />
      )}
      <div />
      <RunFooter
        atStart={progress.step === 0 && progress.count === 0}
        done={!step}
        full={full}
        onBack={back}
        onForward={forward}
      >
        {step && counting && (
          <CountRings count={progress.count} of={step.count} onCount={progress.setCount} />
        )}
        {step && !counting && <StepDots steps={plan.steps} at={progress.step} />}
      </RunFooter>
    </div>
  );
}

function StepDots({ steps, at }: { steps: RingStep[]; at: number }) {
  const next = steps[at + 1];
  return (
    <>
      <CountRings count={at} of={steps.length} />
      <span className="soft">
        {next ? `then ${stepTitle(next.kind).toLowerCase()}` : capital("the last step")}
      </span>
    </>
  );
}
