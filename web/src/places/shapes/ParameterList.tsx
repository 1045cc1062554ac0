import { withLengths } from "../../shared/words/said";
import { useCatalogue } from "../../api/queries";
import type { FormAnswer, FormJobData, OutlineRow, ParameterView, StackItem } from "../../api/types";
import { plain, sizeText, type Units } from "../../quantity/format";
import { NumberInput } from "../../shared/shell/NumberInput";
import type { ChangeForm } from "./FormSentence";
import { OutlineTable } from "../../shared/shell/OutlineTable";
import { StackTable } from "../../shared/shell/StackTable";

interface Props {
  form: FormAnswer;
  data: FormJobData;
  change: ChangeForm;
  units: Units;
}

/** What may be chosen; each change is live. A value of the maker's own can be put back to its usual one. */
export function ParameterList({ form, data, change, units }: Props) {
  const entry = useCatalogue(form.wireDiameterMm).data?.find((one) => one.id === data.formId);
  if (!entry) {
    return null;
  }
  const counts = (parameter: ParameterView | undefined): boolean =>
    parameter !== undefined &&
    (parameter.onlyWhen.length === 0 ||
      parameter.onlyWhen.some((choice) => {
        const [id, word] = choice.split("=");
        const taken = (data.parameters[id!] ?? form.parameters[id!]) === word;
        return taken && counts(entry.parameters.find((one) => one.id === id));
      }));
  const set = (id: string, value: number | string | OutlineRow[] | StackItem[]) =>
    change({ parameters: { ...data.parameters, [id]: value } }, id);
  const back = (id: string) => {
    const { [id]: _, ...rest } = data.parameters;
    change({ parameters: rest }, id);
  };
  return (
    <div className="parameters">
      {entry.parameters.filter(counts).map((parameter) =>
        parameter.kind === "ROWS" ? (
          <OutlineTable
            key={parameter.id}
            reason={parameter.reason}
            rows={(data.parameters[parameter.id] ?? form.parameters[parameter.id] ?? []) as OutlineRow[]}
            onRows={(rows) => set(parameter.id, rows)}
          />
        ) : parameter.kind === "STACK" ? (
          <StackTable
            key={parameter.id}
            items={(data.parameters[parameter.id] ?? form.parameters[parameter.id] ?? []) as StackItem[]}
            reason={parameter.reason}
            units={units}
            onItems={(items) => set(parameter.id, items)}
          />
        ) : (
          <div key={parameter.id} className="parameter">
            <span>{parameter.name}</span>
            {parameter.id in data.parameters && parameter.kind !== "CHOICE" && (
              <button className="quiet tiny" onClick={() => back(parameter.id)}>
                usual {usual(parameter, units)}
              </button>
            )}
            <Value
              parameter={parameter}
              value={(data.parameters[parameter.id] ?? form.parameters[parameter.id]) as number | string}
              onValue={(value) => set(parameter.id, value)}
            />
            <small className="reason soft">
              {withLengths(parameter.reason, units)}
              {parameter.kind !== "CHOICE" && <span className="range"> {range(parameter, units)}.</span>}
            </small>
          </div>
        ),
      )}
    </div>
  );
}

function range(parameter: ParameterView, units: Units): string {
  const said = (value: number) =>
    parameter.kind === "LENGTH" ? sizeText(value, units) : `${plain(value)}${parameter.unit}`;
  return `From ${said(parameter.least)} to ${said(parameter.most)}`;
}

function usual(parameter: ParameterView, units: Units): string {
  return parameter.kind === "LENGTH"
    ? sizeText(parameter.usual, units, 1)
    : `${parameter.usual}${parameter.unit}`;
}

function Value({
  parameter,
  value,
  onValue,
}: {
  parameter: ParameterView;
  value: number | string;
  onValue: (value: number | string) => void;
}) {
  if (parameter.kind === "CHOICE") {
    return (
      <select
        className="word-select"
        aria-label={parameter.name}
        value={String(value)}
        onChange={(event) => onValue(event.target.value)}
      >
        {parameter.choices.map((choice) => (
          <option key={choice}>{choice}</option>
        ))}
      </select>
    );
  }
  const whole = parameter.kind === "COUNT";
  const turns = parameter.name === "turns" || parameter.name === "rows on the bead";
  const bare = whole || turns || parameter.kind === "ANGLE";
  return (
    <NumberInput
      label={parameter.name}
      kind={bare ? "number" : "length"}
      unit={turns ? "" : parameter.unit}
      decimals={whole || parameter.kind === "ANGLE" ? 0 : parameter.most > 60 && Number(value) >= 10 ? 1 : 2}
      step={whole ? 1 : parameter.kind === "ANGLE" ? 5 : parameter.usual > 8 ? 0.5 : 0.1}
      minimum={Math.max(0, parameter.least)}
      value={Number(value)}
      onChange={onValue}
    />
  );
}
