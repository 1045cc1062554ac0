interface ChooseProps<T extends string> {
  name: string;
  value: T;
  options: [T, string][];
  onChange: (value: T) => void;
}

export function Choose<T extends string>({ name, value, options, onChange }: ChooseProps<T>) {
  return (
    <span className="segmented">
      {options.map(([option, words]) => (
        <label key={option}>
          <input type="radio" name={name} checked={value === option} onChange={() => onChange(option)} />
          <svg width="16" height="16" aria-hidden="true">
            <circle
              cx="8"
              cy="8"
              r="6"
              fill="none"
              stroke="currentColor"
              strokeWidth="2.4"
              strokeDasharray={value === option ? undefined : "31 7"}
            />
          </svg>
          {words}
        </label>
      ))}
    </span>
  );
}
