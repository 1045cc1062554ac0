import { NumberInput } from "./NumberInput";

/** A whole number of something: pieces, lengths, beads alike. */
export function CountInput({
  label,
  value,
  least = 1,
  onChange,
}: {
  label: string;
  value: number;
  least?: number;
  onChange: (value: number) => void;
}) {
  return (
    <NumberInput
      label={label}
      kind="number"
      decimals={0}
      step={1}
      minimum={least}
      value={value}
      onChange={(next) => onChange(Math.round(next))}
    />
  );
}
