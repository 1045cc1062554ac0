import { useRef, useState } from "react";
import type { Operation, RunData } from "../../api/types";
import { many, shortTime } from "../../quantity/format";
import { readyToAnnounce } from "../../shared/kernel/announce";
import { clockText, readTimer, setTimer } from "../../shared/kernel/timers";
import { waitedFor } from "../../shared/words/operationWords";
import type { Place } from "./rhythm";
import { timed, type useWatch } from "./useWatch";

interface Props {
  run: RunData;
  operation: Operation;
  place: Place;
  watch: ReturnType<typeof useWatch>;
}

/** How long it takes, a watch that learns it, and timers for what has to wait. */
export function TimeTaken({ run, operation, place, watch }: Props) {
  const time = timed(operation);
  return (
    <div className="time-taken">
      {time && <Expected time={time} each={place.copies > 1} form={run.kind === "form"} />}
      <button className="quiet" aria-pressed={watch.runs} aria-keyshortcuts="S" onClick={watch.press}>
        {watch.ms === null ? (
          "time it"
        ) : (
          <>
            <strong className="figures" data-testid="watch">
              {clockText(watch.ms)}
            </strong>{" "}
            {watch.runs ? "pause" : "go on"}
          </>
        )}
      </button>
      {watch.ms !== null && (
        <>
          {!watch.counts && <span className="soft small">not noted: begun in the middle</span>}
          <button className="quiet" onClick={watch.stop}>
            put the watch away
          </button>
        </>
      )}
      <TimerEntry operation={operation} />
    </div>
  );
}

/** "about 4 min each (2 to 8), a guess". */
function Expected({
  time,
  each,
  form,
}: {
  time: NonNullable<ReturnType<typeof timed>>;
  each: boolean;
  form: boolean;
}) {
  const timings = time.context?.timings ?? 0;
  return (
    <span>
      about <strong className="figures">{shortTime(time.planned!)}</strong>
      {form && " a copy, from the first step"}
      {!form && each && " each"}
      {time.low !== null && time.high !== null && (
        <span className="soft">
          {" "}
          ({shortTime(time.low)} to {shortTime(time.high)}
          {timings > 0 ? `, by ${many(timings, "timing")} of yours` : ", a guess"})
        </span>
      )}
    </span>
  );
}

/** Minutes, then what for; begins as what the operation has to wait for. */
function TimerEntry({ operation }: { operation: Operation }) {
  const { waits } = operation;
  const offered = waits ? `${waits.minutes} ${waitedFor(waits)}` : "";
  const [typed, setTyped] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  const text = typed ?? offered;
  const begin = () => {
    const read = readTimer(text);
    try {
      if (!read) {
        throw new RangeError(`"${text}" is no time. Minutes first, then what for: 10 pickle.`);
      }
      readyToAnnounce();
      setTimer(read.minutes, read.label);
      setTyped(null);
      setTold(null);
      field.current?.blur();
    } catch (refused) {
      setTold(refused instanceof Error ? refused.message : "No timer was set.");
    }
  };
  return (
    <form
      className="timer-entry"
      onSubmit={(event) => {
        event.preventDefault();
        begin();
      }}
    >
      <input
        ref={field}
        id="timer"
        className="plain-input"
        aria-label="Timer: minutes, then what for"
        aria-keyshortcuts="T"
        placeholder="10 pickle"
        autoComplete="off"
        value={text}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && event.currentTarget.blur()}
      />
      <button className="quiet">set a timer</button>
      {told && (
        <span className="stop basis-full" role="alert">
          {told}
        </span>
      )}
    </form>
  );
}
