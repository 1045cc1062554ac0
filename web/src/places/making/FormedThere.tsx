import { usePreferences } from "../../api/queries";
import type { FormingStep, PartsHandled } from "../../api/types";
import { plain, sizeText, type Units } from "../../quantity/format";
import { formStepNumber, formStepPart, formStepTitle } from "../../shared/words/formWords";
import { formStepOf } from "../../shared/words/operationWords";
import type { OperationProps } from "./operation";
import { joinOf } from "./pair";

/** What is formed once the neighbour is led in, step by step; nothing where the joint needs none. */
export function FormedThere({ place, detail }: OperationProps & { detail: PartsHandled }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const round = detail.rounds.find((one) => one.joins.includes(joinOf(detail, place)));
  return round ? (
    <ol className="formed-there" aria-label="Then, with it in">
      {round.steps.map((one, i) => (
        <li key={i}>{told(one, units)}</li>
      ))}
    </ol>
  ) : null;
}

/** "Wrap: first loop, 2.5 turns". */
function told(one: FormingStep, units: Units): string {
  const step = formStepOf(one);
  const number = formStepNumber(step, 0, units);
  const part = formStepPart(step, 1);
  const measure = number
    ? number.length
      ? sizeText(number.value, units, number.decimals)
      : `${plain(number.value, number.decimals)}${number.unit === "°" ? "" : " "}${number.unit}`
    : "";
  return `${formStepTitle(step)}: ${[part, measure].filter(Boolean).join(", ")}`;
}
