import { usePreferences } from "../../api/queries";
import type { FormFacts, FormStep } from "../../api/types";
import { plain, size } from "../../quantity/format";
import { formStepNumber, formStepPart, formStepWords } from "../../shared/words/formWords";
import { formStepOf } from "../../shared/words/operationWords";
import { OnJaws } from "../../shared/shell/OnJaws";
import { capital } from "../../shared/words/lists";
import { FormStepDrawing } from "./FormStepDrawing";
import { MarkList } from "./MarkList";
import type { FamilyView, OperationProps } from "./operation";

function Picture({ run, operation, place }: OperationProps) {
  const { data } = run;
  return data.kind === "form" && operation.detail.family === "forming" ? (
    <FormStepDrawing
      runId={run.id}
      facts={data.facts}
      step={formStepOf(operation.detail)}
      index={place.index}
      steps={data.plan.operations.length}
    />
  ) : null;
}

function Words({ run, operation }: OperationProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (run.data.kind !== "form" || operation.detail.family !== "forming") {
    return null;
  }
  const { facts } = run.data;
  const step = formStepOf(operation.detail);
  const part = formStepPart(step, facts.wires.length);
  return (
    <>
      {step.kind === "MARK" ? (
        <MarkList step={step} runId={run.id} />
      ) : (
        <BigNumber step={step} facts={facts} />
      )}
      <p className="what">
        {part && <span className="strong">{capital(part)}. </span>}
        {formStepWords(step, units)}
        {step.toolMm !== null && <OnJaws diameterMm={step.toolMm} />}
      </p>
    </>
  );
}

function BigNumber({ step, facts }: { step: FormStep; facts: FormFacts }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const cut = facts.wires.find((wire) => wire.name === step.wire)?.lengthToCutMm ?? 0;
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

/** Forming wire: as each step leaves it, straight below with its marks. */
export const FORMING: FamilyView = { Picture, Words };
