import { usePreferences } from "../../api/queries";
import { NOT_TAKEN } from "../../shared/kernel/readings";
import { useMeasured } from "../../shared/kernel/useMeasured";

/** The next reading, typed or spoken by a caliper; refused, it stays with the reason. */
export function Entry({ label, take }: { label: string; take: (typed: string) => Promise<void> }) {
  const choices = usePreferences().data?.data;
  const { text, setText, refusal, onSubmit } = useMeasured(take, NOT_TAKEN);
  return (
    <form className="measure-entry" onSubmit={onSubmit}>
      <label htmlFor="measured">
        {label}, {choices?.units === "INCHES" ? "in" : "mm"}
      </label>
      <input
        id="measured"
        type="text"
        inputMode="decimal"
        autoComplete="off"
        autoFocus
        placeholder="–"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button className="action">Note it</button>
      {refusal && (
        <p className="stop w-full" role="alert">
          {refusal}
        </p>
      )}
    </form>
  );
}

/** The last one was a slip. */
export function TakeBack({ onTake }: { onTake: () => void }) {
  return (
    <button className="quiet" onClick={onTake}>
      take the last one back
    </button>
  );
}
