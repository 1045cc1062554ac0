import { Link } from "react-router";
import { usePreferences } from "../../api/queries";
import type { FormRunData, FormStep, Kept } from "../../api/types";
import { plain, size } from "../../quantity/format";
import { RunFooter } from "./RunFooter";
import { CountRings } from "../../shared/CountRings";
import { formStepNumber, formStepPart, formStepTitle, formStepWords } from "../../shared/formWords";
import { SaveMark } from "../../shared/SaveMark";
import { capital, cautionWords } from "../../shared/words";
import { FormDone } from "./FormDone";
import { MarkList } from "./MarkList";
import { FormEntry, measuredIn } from "./FormEntry";
import { FormStepDrawing } from "./FormStepDrawing";
import { useBenchKeys } from "./useBenchKeys";
import { useFormProgress } from "./useFormProgress";

/** One step, huge; a press for each piece; Space for the next; a typed number is a measurement. */
export function FormRunPage({ run }: { run: Kept<FormRunData> }) {
  const progress = useFormProgress(run);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { plan } = run.data;
  const { step, times, count } = progress;
  const part = step ? formStepPart(step, plan.wires.length) : "";
  const full = times === 1 || count >= times;
  const forward = () => (full ? progress.go(progress.place + 1) : progress.setCount(count + 1));
  const back = () =>
    times > 1 && count > 0 ? progress.setCount(count - 1) : progress.go(progress.place - 1);
  useBenchKeys(step ? forward : null, back);
  return (
    <div className="making">
      <header>
        <Link to="/" className="figures font-bold no-underline hover:underline">
          {plan.job.name}
        </Link>
        <span className="soft">
          {step ? whereabouts(run.data, progress.index, progress.group, times) : "done"}
        </span>
        <SaveMark
          editor={progress.editor}
          state={progress.state}
          describe={(at) =>
            `step ${at.step + 1} of ${progress.places}, ${at.counts[at.step] ?? 0} counted there`
          }
        />
      </header>
      {step ? (
        <main>
          <FormStepDrawing run={run} index={progress.index} />
          <div>
            <h1>{formStepTitle(step)}</h1>
            {step.kind === "MARK" ? (
              <MarkList step={step} runId={run.id} />
            ) : (
              <BigNumber step={step} run={run.data} />
            )}
            <p className="what">
              {part && <span className="strong">{capital(part)}. </span>}
              {formStepWords(step, units)}
            </p>
            {step.cautions.map((caution) => (
              <p key={caution} className="caution">
                {cautionWords(caution)}
              </p>
            ))}
            {measuredIn(step, plan).length > 0 && <FormEntry run={run} step={step} />}
          </div>
        </main>
      ) : (
        <FormDone run={run} note={progress.data.note} onNote={progress.setNote} />
      )}
      <div />
      <RunFooter
        atStart={progress.place === 0 && count === 0}
        done={!step}
        full={full}
        onBack={back}
        onForward={forward}
      >
        {step && times > 1 && (
          <CountRings
            count={count}
            of={times}
            onCount={progress.setCount}
            label="Pieces done"
            what="pieces"
          />
        )}
        {step && times === 1 && (
          <>
            <CountRings count={progress.index} of={plan.steps.length} />
            <span className="soft">
              {plan.steps[progress.index + 1]
                ? `then ${formStepTitle(plan.steps[progress.index + 1]!).toLowerCase()}`
                : "the piece's last step"}
            </span>
          </>
        )}
      </RunFooter>
    </div>
  );
}

function whereabouts(run: FormRunData, index: number, group: number, times: number): string {
  const { plan } = run;
  const step = plan.steps[index]!;
  const first = group * plan.perGroup + 1;
  const pieces =
    times === plan.job.pieces
      ? `all ${times} pieces`
      : times > 1
        ? `pieces ${first} and ${first + times - 1} of ${plan.job.pieces}`
        : `piece ${first} of ${plan.job.pieces}`;
  return `${step.stage.toLowerCase()}, step ${index + 1} of ${plan.steps.length}, ${pieces}`;
}

function BigNumber({ step, run }: { step: FormStep; run: FormRunData }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const cut = run.plan.wires.find((wire) => wire.name === step.wire)?.lengthToCutMm ?? 0;
  const number = formStepNumber(step, cut, units);
  if (!number) {
    return null;
  }
  const shown = number.length
    ? size(number.value, units, number.decimals).value
    : plain(number.value, number.decimals);
  return (
    <p className="huge" data-testid="big-number">
      {shown}
      <small>
        {number.unit}
        {(step.kind === "LOOP" || step.kind === "FORM" || step.kind === "COIL") && number.length && " jaw"}
        {step.kind === "HAMMER" && " thick"}
      </small>
    </p>
  );
}
