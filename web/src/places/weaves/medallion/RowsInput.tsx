import { useState } from "react";
import { readRows } from "./choice";

/** Rings in each row, written 2-3-2; what cannot be read stays and is said. */
export function RowsInput({
  label,
  value,
  mayBeNone = false,
  onChange,
}: {
  label: string;
  value: readonly number[];
  mayBeNone?: boolean;
  onChange: (counts: number[]) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const commit = () => {
    if (text === null) {
      return;
    }
    const counts = text.trim() === "" && mayBeNone ? [] : readRows(text);
    setWrong(counts === null);
    if (counts) {
      setText(null);
      onChange(counts);
    }
  };
  const shown = text ?? value.join("-");
  return (
    <span className="rows-input">
      <input
        className="word-input figures"
        aria-label={label}
        aria-invalid={wrong}
        inputMode="numeric"
        value={shown}
        placeholder={mayBeNone ? "none" : ""}
        style={{ width: `${Math.max(4, shown.length + 1)}ch` }}
        onChange={(event) => setText(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => event.key === "Enter" && commit()}
      />
      {wrong && (
        <span className="small mark" role="alert">
          rings in each row from the middle out, 1 to 40: 2-3-2
        </span>
      )}
    </span>
  );
}
