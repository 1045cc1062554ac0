import { lazy, Suspense, useCallback, useEffect, useRef } from "react";
import { usePreferences } from "../../api/queries";
import { useLine } from "../kernel/useLine";

/** How answers are shown, taken in when the line is entered. */
const shown = () => import("./LineReply");
const LineReply = lazy(async () => ({ default: (await shown()).LineReply }));

/** Understands a maker's shorthand and answers at once; Enter takes the answer to its place, as soon as it is to what is typed. */
export function BenchLine() {
  const input = useRef<HTMLInputElement>(null);
  const choices = usePreferences().data?.data;
  const units = choices?.units ?? "MILLIMETRES";
  const left = useCallback(() => input.current?.blur(), []);
  const { text, reply, write, enter } = useLine(choices, left);

  useEffect(() => {
    const focus = () => input.current?.focus();
    window.addEventListener("toroid:line", focus);
    return () => window.removeEventListener("toroid:line", focus);
  }, []);

  return (
    <form
      className="bench-line no-print"
      onSubmit={(event) => {
        event.preventDefault();
        enter();
      }}
    >
      <input
        id="bench-line"
        ref={input}
        aria-label="Bench line"
        placeholder="1.0 on 4.5"
        autoComplete="off"
        spellCheck={false}
        value={text}
        onFocus={() => void shown()}
        onChange={(event) => write(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Escape") {
            write("");
            left();
          }
        }}
      />
      <label htmlFor="bench-line">/ bench line</label>
      {reply && (
        <div className="line-answer" role="status">
          <Suspense>
            <LineReply reply={reply} units={units} />
          </Suspense>
        </div>
      )}
    </form>
  );
}
