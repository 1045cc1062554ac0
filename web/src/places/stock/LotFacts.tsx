import type { Facts, FactView, StockKindView } from "../../api/types";
import { NumberInput } from "../../shared/shell/NumberInput";
import { useMetals } from "../../api/queries";
import { factWord, optionWord } from "../../shared/words/stockWords";

interface Props {
  kind: StockKindView;
  facts: Facts;
  onFacts: (facts: Facts, tag: string) => void;
}

/** What a lot is told by: a field for each fact its kind knows. */
export function LotFacts({ kind, facts, onFacts }: Props) {
  const set = (id: string, value: Facts[string]) => {
    const rest = Object.fromEntries(Object.entries(facts).filter(([other]) => other !== id));
    onFacts(value === null ? rest : { ...rest, [id]: value }, factWord(id));
  };
  return (
    <section aria-label="What it is" className="lot-facts">
      <h2>what it is</h2>
      {kind.facts.map((fact) => (
        <FactField
          key={fact.id}
          fact={fact}
          value={facts[fact.id] ?? null}
          onValue={(value) => set(fact.id, value)}
        />
      ))}
    </section>
  );
}

interface FieldProps {
  fact: FactView;
  value: Facts[string];
  onValue: (value: Facts[string]) => void;
}

function FactField(props: FieldProps) {
  const { fact } = props;
  return fact.type === "CHOICES" ? (
    <SomeOf {...props} />
  ) : (
    <label>
      <span>{factWord(fact.id)}</span>
      <OneField {...props} />
    </label>
  );
}

function OneField({ fact, value, onValue }: FieldProps) {
  const name = factWord(fact.id);
  if (fact.type === "CHOICE") {
    return <OneOf {...{ fact, value, onValue }} />;
  }
  if (fact.type === "NUMBER" || fact.type === "WHOLE") {
    return (
      <NumberInput
        label={name}
        kind={fact.unit === "mm" ? "length" : "number"}
        unit={fact.unit}
        decimals={fact.type === "WHOLE" ? 0 : fact.minimum < 0.01 ? 3 : 2}
        step={fact.type === "WHOLE" ? 1 : 0.05}
        minimum={fact.minimum}
        value={typeof value === "number" ? value : null}
        onChange={onValue}
        onClear={fact.optional ? () => onValue(null) : undefined}
      />
    );
  }
  if (fact.type === "NUMBERS") {
    return <Numbers {...{ fact, value, onValue }} />;
  }
  return (
    <input
      className="plain-input"
      aria-label={name}
      maxLength={80}
      placeholder="not said"
      value={typeof value === "string" ? value : ""}
      onChange={(event) => onValue(event.target.value === "" ? null : event.target.value)}
    />
  );
}

/** Metals by their names; what may be left unsaid can be. */
function OneOf({ fact, value, onValue }: FieldProps) {
  const metals = useMetals().data ?? [];
  const word = (id: string) => metals.find((one) => one.id === id)?.name ?? optionWord(id);
  return (
    <select
      className="word-select"
      aria-label={factWord(fact.id)}
      value={typeof value === "string" ? value : ""}
      onChange={(event) => onValue(event.target.value === "" ? null : event.target.value)}
    >
      {fact.optional && <option value="">not said</option>}
      {fact.options.map((id) => (
        <option key={id} value={id}>
          {word(id)}
        </option>
      ))}
    </select>
  );
}

function SomeOf({ fact, value, onValue }: FieldProps) {
  const said = Array.isArray(value) ? (value as string[]) : [];
  const turn = (id: string, on: boolean) => {
    const next = fact.options.filter((one) => (one === id ? on : said.includes(one)));
    onValue(next.length === 0 ? null : next);
  };
  return (
    <fieldset>
      <legend>{factWord(fact.id)}</legend>
      {fact.options.map((id) => (
        <label key={id} className="tick">
          <input
            type="checkbox"
            checked={said.includes(id)}
            onChange={(event) => turn(id, event.target.checked)}
          />
          {optionWord(id)}
        </label>
      ))}
    </fieldset>
  );
}

/** Several numbers, each its own field; the empty one after them takes another. */
function Numbers({ fact, value, onValue }: FieldProps) {
  const numbers = Array.isArray(value) ? (value as number[]) : [];
  const rising = (list: number[]) => onValue(list.length === 0 ? null : [...list].sort((a, b) => a - b));
  return (
    <span className="numbers">
      {numbers.map((one, i) => (
        <NumberInput
          key={`${i} ${one}`}
          label={`${factWord(fact.id)}, ${i + 1}`}
          kind={fact.unit === "mm" ? "length" : "number"}
          decimals={1}
          step={0.5}
          value={one}
          onChange={(to) => rising(numbers.map((other, k) => (k === i ? to : other)))}
          onClear={() => rising(numbers.filter((_, k) => k !== i))}
        />
      ))}
      <NumberInput
        key={`another ${numbers.length}`}
        label={`${factWord(fact.id)}, another`}
        kind={fact.unit === "mm" ? "length" : "number"}
        decimals={1}
        value={null}
        onChange={(another) => rising([...numbers, another])}
      />
    </span>
  );
}
