import { usePreferences } from "../../api/queries";
import type { FirstOne, FormFacts, FormStep } from "../../api/types";
import { plain, size, sizeText, type Units } from "../../quantity/format";
import { formStepNumber, formStepPart, formStepWords } from "../../shared/words/formWords";
import { formStepOf } from "../../shared/words/operationWords";
import { countsOnly, measuredWords } from "../../shared/words/quantityWords";
import { OnJaws } from "../../shared/shell/OnJaws";
import { capital } from "../../shared/words/lists";
import { FormStepDrawing } from "./FormStepDrawing";
import { MarkList } from "./MarkList";
import { useByTheFirst } from "./useByTheFirst";
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

function Words({ run, operation, place }: OperationProps) {
  const byTheFirst = useByTheFirst(run, operation, place);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (run.data.kind !== "form" || operation.detail.family !== "forming") {
    return null;
  }
  const { facts } = run.data;
  const step = formStepOf(operation.detail);
  const part = formStepPart(step, facts.wires.length);
  const cut = byTheFirst.find((one) => one.quantity === "CUT_LENGTH");
  return (
    <>
      {step.kind === "MARK" ? (
        <MarkList step={step} runId={run.id} />
      ) : (
        <BigNumber step={step} facts={facts} {...(cut && { cutMm: cut.target })} />
      )}
      {byTheFirst.map((one) => (
        <ByTheFirst key={one.quantity} target={one} units={units} />
      ))}
      <p className="what">
        {part && <span className="strong">{capital(part)}. </span>}
        {formStepWords(step, units)}
        {step.toolMm !== null && <OnJaws diameterMm={step.toolMm} />}
      </p>
    </>
  );
}

/** "The first one came out at 6.83 mm loop, inside: make the rest like it (planned 6.66)." The length to cut is the big number. */
function ByTheFirst({ target, units }: { target: FirstOne["targets"][number]; units: Units }) {
  const { quantity, planned } = target;
  const cut = quantity === "CUT_LENGTH";
  const told = (value: number) =>
    countsOnly(quantity) ? plain(value, 1) : sizeText(value, units, cut ? 1 : 2);
  return (
    <p className="what by-the-first" data-testid="by-the-first">
      {cut ? (
        "By the first one: what it holds and the tail your hands need, so that nine in ten reach"
      ) : (
        <>
          The first one came out at <strong className="figures">{told(target.target)}</strong>{" "}
          {measuredWords(quantity)}: make the rest like it
        </>
      )}
      {planned !== null && <span className="soft"> (planned {told(planned)})</span>}.
    </p>
  );
}

interface BigNumberProps {
  step: FormStep;
  facts: FormFacts;
  /** Where the first one says another length to cut than was planned. */
  cutMm?: number;
}

function BigNumber({ step, facts, cutMm }: BigNumberProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const planned = facts.wires.find((wire) => wire.name === step.wire)?.lengthToCutMm ?? 0;
  const number = formStepNumber(step, cutMm ?? planned, units);
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
