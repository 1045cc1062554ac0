import { useCatalogue, usePreferences } from "../../api/queries";
import type { OutlineRow, ParameterView, PieceEdit, StackItem, WrittenPart } from "../../api/types";
import { CountInput } from "../../shared/shell/CountInput";
import { NumberInput } from "../../shared/shell/NumberInput";
import { OutlineTable } from "../../shared/shell/OutlineTable";
import { StackTable } from "../../shared/shell/StackTable";
import { fieldWord, isCount } from "./fields";

interface Props {
  part: WrittenPart;
  at: number;
  last: number;
  onEdit: (edit: PieceEdit, tag: string) => void;
  onClose: () => void;
}

/** The part in hand: all that can be set of it, and what can be done with it. */
export function PartBar({ part, at, last, onEdit, onClose }: Props) {
  const set = (field: string, value: unknown) =>
    onEdit({ act: "SET", at, field, value }, `set ${field} ${at}`);
  return (
    <section className="part-bar" aria-label={`${part.name} in hand`}>
      <div className="part-head">
        <h2>
          {part.name}
          {part.times > 1 && <small className="soft"> all {part.times} of them</small>}
        </h2>
        <span className="grow" />
        <PartActs part={part} at={at} last={last} onEdit={onEdit} />
        <button className="quiet small" onClick={onClose}>
          put it down
        </button>
      </div>
      <div className="part-fields">
        {part.form === null ? (
          part.fields.map(({ id, value }) =>
            Array.isArray(value) ? null : (
              <Field key={id} id={id} value={value} onValue={(next) => set(id, next)} />
            ),
          )
        ) : (
          <FormFields part={part} form={part.form} onValue={set} />
        )}
      </div>
    </section>
  );
}

function PartActs({ part, at, last, onEdit }: Omit<Props, "onClose">) {
  const act = (edit: PieceEdit) => onEdit(edit, edit.act.toLowerCase());
  return (
    <span className="part-acts">
      <label className="small soft">
        so often{" "}
        <CountInput
          label="How often"
          value={part.repeat}
          onChange={(count) => onEdit({ act: "REPEAT", at, count }, `repeat ${at}`)}
        />
      </label>
      {at < last && (
        <button className="quiet small" onClick={() => act({ act: "GROUP", at, to: at + 1, count: 2 })}>
          repeat with the next
        </button>
      )}
      <button
        className="quiet small at-end"
        disabled={at === 0}
        aria-label="Move it towards the first end"
        onClick={() => act({ act: "EARLIER", at })}
      >
        ←
      </button>
      <button
        className="quiet small at-end"
        disabled={at === last}
        aria-label="Move it towards the last end"
        onClick={() => act({ act: "LATER", at })}
      >
        →
      </button>
      <button className="quiet small" onClick={() => act({ act: "REMOVE", at })}>
        take out
      </button>
    </span>
  );
}

interface FieldProps {
  id: string;
  value: number | string | boolean;
  onValue: (value: unknown) => void;
}

/** A field by what it holds: so or not, a range or words, a count, a length. */
function Field({ id, value, onValue }: FieldProps) {
  const label = fieldWord(id);
  return (
    <label className="part-field">
      <span className="soft">{label}</span>
      {typeof value === "boolean" ? (
        <input
          type="checkbox"
          aria-label={label}
          checked={value}
          onChange={(event) => onValue(event.target.checked)}
        />
      ) : typeof value === "string" ? (
        <input
          key={value}
          className="plain-input"
          aria-label={label}
          defaultValue={value}
          onBlur={(event) => event.target.value !== value && onValue(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
        />
      ) : (
        <NumberInput
          label={label}
          kind={isCount(id) || id === "mass" || id === "density" ? "number" : "length"}
          decimals={isCount(id) ? 0 : 2}
          step={isCount(id) ? 1 : 0.1}
          value={value}
          onChange={onValue}
        />
      )}
    </label>
  );
}

/** A form's own parameters: those as usual for its wire, to be changed as in Shapes. */
function FormFields({
  part,
  form,
  onValue,
}: {
  part: WrittenPart;
  form: string;
  onValue: (field: string, value: unknown) => void;
}) {
  const own = new Map(part.fields.map((field) => [field.id, field.value]));
  const wire = Number(own.get("wire") ?? 1);
  const entry = useCatalogue(wire).data?.find((one) => one.id === form);
  const shown = entry?.parameters ?? [];
  const value = (one: ParameterView) => own.get(one.id) ?? usual(one);
  const counts = (one: ParameterView): boolean =>
    one.onlyWhen.length === 0 ||
    one.onlyWhen.some((choice) => {
      const [id, word] = choice.split("=");
      const other = shown.find((each) => each.id === id);
      return other !== undefined && value(other) === word && counts(other);
    });
  return (
    <>
      <Field id="wire" value={wire} onValue={(next) => onValue("wire", next)} />
      {shown.filter(counts).map((one) =>
        one.kind === "STACK" || one.kind === "ROWS" ? (
          <Several
            key={one.id}
            parameter={one}
            value={own.get(one.id)}
            onValue={(next) => onValue(one.id, next)}
          />
        ) : one.kind === "CHOICE" ? (
          <label key={one.id} className="part-field">
            <span className="soft">{one.name}</span>
            <select
              className="word-select"
              aria-label={one.name}
              value={typeof own.get(one.id) === "string" ? (own.get(one.id) as string) : one.choices[0]}
              onChange={(event) => onValue(one.id, event.target.value)}
            >
              {one.choices.map((choice) => (
                <option key={choice}>{choice}</option>
              ))}
            </select>
          </label>
        ) : (
          <FormNumber
            key={one.id}
            parameter={one}
            value={value(one)}
            onValue={(next) => onValue(one.id, next)}
          />
        ),
      )}
      <Field id="domed" value={Number(own.get("domed") ?? 0)} onValue={(next) => onValue("domed", next)} />
    </>
  );
}

/** What a form takes several of: what is threaded on it, or the rows of an outline. */
function Several({
  parameter,
  value,
  onValue,
}: {
  parameter: ParameterView;
  value: WrittenPart["fields"][number]["value"] | undefined;
  onValue: (value: unknown) => void;
}) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!Array.isArray(value)) {
    return null;
  }
  return (
    <div className="part-several">
      {parameter.kind === "STACK" ? (
        <StackTable items={value as StackItem[]} reason={parameter.reason} units={units} onItems={onValue} />
      ) : (
        <OutlineTable rows={value as OutlineRow[]} reason={parameter.reason} onRows={onValue} />
      )}
    </div>
  );
}

const usual = (one: ParameterView): number | string => (one.kind === "CHOICE" ? one.choices[0]! : one.usual);

function FormNumber({
  parameter,
  value,
  onValue,
}: {
  parameter: ParameterView;
  value: WrittenPart["fields"][number]["value"];
  onValue: (value: unknown) => void;
}) {
  if (Array.isArray(value)) {
    return null;
  }
  if (typeof value !== "number") {
    return <Field id={parameter.name} value={value} onValue={onValue} />;
  }
  const length = parameter.kind === "LENGTH";
  return (
    <label className="part-field">
      <span className="soft">{parameter.name}</span>
      <NumberInput
        label={parameter.name}
        kind={length ? "length" : "number"}
        unit={parameter.unit}
        decimals={parameter.kind === "COUNT" ? 0 : 2}
        step={length ? 0.1 : 1}
        minimum={Math.max(0, parameter.least)}
        value={value}
        onChange={onValue}
      />
    </label>
  );
}
