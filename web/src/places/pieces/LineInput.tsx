import { useState } from "react";

/** The whole piece as one line, to be read, copied, changed. */
export function LineInput({ line, onLine }: { line: string; onLine: (line: string, tag: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  const take = () => {
    const typed = text?.trim();
    setText(null);
    if (typed && typed !== line) {
      onLine(typed, "line");
    }
  };
  return (
    <label className="piece-line">
      <span className="small soft">as a line</span>
      <textarea
        aria-label="The piece as a line"
        spellCheck={false}
        rows={2}
        maxLength={4000}
        value={text ?? line}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            event.currentTarget.blur();
          } else if (event.key === "Escape") {
            setText(null);
          }
        }}
      />
    </label>
  );
}
