import { useState } from "react";
import { useCatalogue } from "../../api/queries";
import { call } from "../../api/client";
import type { FormJobData, FromWire, ParameterView } from "../../api/types";
import { many, plain, sizeText, type Units } from "../../quantity/format";
import { useKeptChoice } from "../../shared/kernel/keptChoice";
import { CountInput } from "../../shared/shell/CountInput";
import { NumberInput } from "../../shared/shell/NumberInput";
import { useSolving } from "../../shared/kernel/useSolving";
import { refusalWords } from "../../shared/words/refused";
import type { ChangeForm } from "./FormSentence";
import { questionOf } from "./useForm";

interface Choice {
  lengths: number;
  mm: number;
  /** A length of wire, a ring to be straightened by its inside, or how long the finished form must be. */
  what: "length" | "ring" | "overAll";
}

const FIRST: Choice = { lengths: 1, mm: 85, what: "length" };
const LABELS = { length: "Length in hand", ring: "Ring in hand, inside", overAll: "Long, over all" };
const FIELDS = { length: "haveMm", ring: "ringInnerMm", overAll: "overAllMm" };
const KEPT = "toroid-in-hand";
const NAMES = {
  haveMm: "The length",
  overAllMm: "The length over all",
  ringInnerMm: "The ring, inside,",
  lengths: "The number of lengths",
};

interface Props {
  data: FormJobData;
  change: ChangeForm;
  units: Units;
}

/** The other way round: the wire is there, what does it make? One value left free; each that does it is one press away. */
export function InHand({ data, change, units }: Props) {
  const [choice, set] = useKeptChoice(KEPT, FIRST);
  const [open, setOpen] = useState(false);
  return (
    <div className="in-hand">
      <button className="quiet small" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "what it makes" : "I have this much, or it must be so long"}
      </button>
      {open && (
        <>
          <p className="sentence small">
            {choice.what !== "overAll" && (
              <CountInput
                label="Lengths in hand"
                value={choice.lengths}
                onChange={(lengths) => set({ lengths }, "lengths in hand")}
              />
            )}
            <select
              className="word-select"
              aria-label="What is in hand"
              value={choice.what}
              onChange={(event) => set({ what: event.target.value as Choice["what"] }, "what is in hand")}
            >
              <option value="length">{choice.lengths === 1 ? "length" : "lengths"} of</option>
              <option value="ring">{choice.lengths === 1 ? "ring" : "rings"}, inside</option>
              <option value="overAll">over all it must be</option>
            </select>
            <NumberInput
              label={LABELS[choice.what]}
              decimals={1}
              step={0.5}
              value={choice.mm}
              onChange={(mm) => set({ mm }, "length in hand")}
            />
          </p>
          <Makes data={data} change={change} units={units} choice={choice} />
        </>
      )}
    </div>
  );
}

function Makes({ data, change, units, choice }: Props & { choice: Choice }) {
  const parameters = useCatalogue(data.wireDiameterMm).data?.find(
    (one) => one.id === data.formId,
  )?.parameters;
  const body = {
    form: questionOf(data),
    [FIELDS[choice.what]]: choice.mm,
    lengths: choice.lengths,
  };
  const { data: found, problem } = useSolving({
    queryKey: ["from-wire", data.formId, body],
    queryFn: ({ signal }) => call<FromWire>("POST", `/api/forms/${data.formId}/from-wire`, body, signal),
  });
  if (problem) {
    return (
      <p className="stop small" role="alert">
        {refusalWords(problem, NAMES)}
      </p>
    );
  }
  if (!found || !parameters) {
    return <p className="soft small">being worked out</p>;
  }
  return (
    <div data-testid="in-hand" className="small">
      <p>{asItStands(found, choice, units)}</p>
      <Ways {...{ found, parameters, data, change, units, what: choice.what }} />
    </div>
  );
}

interface WaysProps extends Props {
  found: FromWire;
  parameters: ParameterView[];
  what: Choice["what"];
}

/** Each value that makes it fit, one press away; which never do, with how far they reach. */
function Ways({ found, parameters, data, change, units, what }: WaysProps) {
  const named = (id: string) => parameters.find((one) => one.id === id);
  return (
    <>
      <ul>
        {found.ways.map((way) => {
          const parameter = named(way.parameter);
          return (
            <li key={way.parameter} className="in-hand-way">
              <span>{parameter?.name ?? way.parameter}</span>
              <strong className="figures">{valueWords(way.value, parameter, units)}</strong>
              <span className="soft">{leftWords(way.leftMm, what, units)}</span>
              <button
                className="quiet small"
                onClick={() =>
                  change({ parameters: { ...data.parameters, [way.parameter]: way.value } }, way.parameter)
                }
              >
                take it
              </button>
            </li>
          );
        })}
      </ul>
      {found.none.length > 0 && (
        <p className="soft">
          Not by{" "}
          {found.none
            .map(
              (one) =>
                `${named(one.parameter)?.name ?? one.parameter} (${sizeText(one.leastMm, units, 0)} to ${sizeText(one.mostMm, units, 0)})`,
            )
            .join(", ")}
          .
        </p>
      )}
    </>
  );
}

function asItStands(found: FromWire, choice: Choice, units: Units): string {
  if (choice.what === "overAll") {
    return `As it stands it is ${sizeText(found.takesMm, units, 1)} long over all.`;
  }
  const from = choice.what === "ring" ? `Straightened ${sizeText(found.haveMm, units, 1)}. ` : "";
  if (found.copies === 0) {
    return `${from}Too short as it stands: one takes ${sizeText(found.takesMm, units, 1)}.`;
  }
  const all = found.lengths > 1 ? `, ${found.copiesInAll} in all` : "";
  return `${from}As it stands ${many(found.copies, "copy", "copies")} from each${all}, ${sizeText(found.leftMm, units, 1)} left.`;
}

function valueWords(value: number, parameter: ParameterView | undefined, units: Units): string {
  return parameter?.unit === "mm" && parameter.name !== "turns"
    ? sizeText(value, units, 2)
    : `${plain(value, parameter?.kind === "COUNT" ? 0 : 1)}${parameter?.kind === "ANGLE" ? "°" : ""}`;
}

function leftWords(leftMm: number, what: Choice["what"], units: Units): string {
  if (leftMm <= 0.05) {
    return what === "overAll" ? "just so" : "nothing left";
  }
  return `${sizeText(leftMm, units, 1)} ${what === "overAll" ? "short of it" : "left"}`;
}
