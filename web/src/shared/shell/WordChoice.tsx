interface Props<T extends string> {
  label: string;
  /** What may be chosen, each with its word. */
  values: readonly (readonly [T, string])[];
  value: T;
  onValue: (value: T) => void;
}

/** A word in a sentence, to be chosen. */
export function WordChoice<T extends string>({ label, values, value, onValue }: Props<T>) {
  return (
    <select
      className="word-select"
      aria-label={label}
      value={value}
      onChange={(event) => onValue(event.target.value as T)}
    >
      {values.map(([id, word]) => (
        <option key={id} value={id}>
          {word}
        </option>
      ))}
    </select>
  );
}
