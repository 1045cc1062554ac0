import { useState } from "react";
import { usePreferences } from "../../api/queries";
import type { Kept, Operation, RunData } from "../../api/types";
import { NumberInput } from "../../shared/shell/NumberInput";
import { ShutButton } from "../../shared/shell/ShutButton";
import { reasonWords, SKIPPED, SPOILT } from "../../shared/words/astrayWords";
import { failedAt, operationTitle, oneOf } from "../../shared/words/operationWords";
import { FAMILIES } from "./families";
import { GoneWithIt } from "./FromShelf";
import { mayFail } from "./astray";
import type { Place } from "./rhythm";
import type { Progress } from "./useRunProgress";

const useUnits = () => usePreferences().data?.data.units ?? "MILLIMETRES";

/** Whether what fails there is a whole copy: of a form made for itself. */
const isCopy = ({ detail }: Operation) => detail.family === "forming" && !detail.of;

interface Props {
  run: Kept<RunData>;
  operation: Operation;
  place: Place;
  progress: Progress;
  onEnd: () => void;
}

/** What came to nothing, and why: a press each. What is lost with it leaves the shelf, and it is begun anew. */
export function Failed({ run, operation, place, progress, onEnd }: Props) {
  const units = useUnits();
  const choices = mayFail(run.data.plan, operation);
  const [which, setWhich] = useState<Operation | null>(choices.length === 1 ? choices[0]! : null);
  const [times, setTimes] = useState(1);
  const copies = isCopy(operation);
  const most = copies ? place.copies : which ? which.times * place.copies : 1;
  const fail = (again: boolean) => (why: keyof typeof SPOILT, said: string) => {
    progress.fail(
      { operation: which!.id, times: Math.min(times, most), why, said, copy: place.first },
      again,
    );
    onEnd();
  };
  const fewer = copies && run.data.plan.copies > times;
  const { Picture } = FAMILIES[operation.detail.family];
  return (
    <main className="astray">
      <Picture run={run} operation={operation} place={place} />
      <div>
        <h1>
          {which === null
            ? "What failed?"
            : `${copies ? "A copy" : `One ${oneOf(which, units)}`} failed. Why?`}
        </h1>
        {which === null ? (
          <p className="letters">
            {choices.map((one) => (
              <button key={one.id} onClick={() => setWhich(one)}>
                {oneOf(one, units)}
              </button>
            ))}
          </p>
        ) : (
          <>
            <Reasons
              words={SPOILT}
              verb="make it again"
              onChosen={fail(true)}
              {...(fewer && { onElse: fail(false), elseVerb: "do with one fewer" })}
            />
            <GoneWithIt plan={run.data.plan} operation={which} times={Math.min(times, most)} />
            {most > 1 && <HowMany times={times} most={most} onTimes={setTimes} />}
          </>
        )}
        <Noted progress={progress} />
      </div>
    </main>
  );
}

function HowMany({
  times,
  most,
  onTimes,
}: {
  times: number;
  most: number;
  onTimes: (times: number) => void;
}) {
  return (
    <p className="sentence">
      <NumberInput
        label="How many failed"
        kind="number"
        decimals={0}
        step={1}
        value={times}
        onChange={(n) => onTimes(Math.max(1, Math.round(n)))}
      />
      <span>of the {most} in hand</span>
    </p>
  );
}

/** Why the operation is not done. */
export function Skip({ run, operation, place, progress, onEnd }: Props) {
  const { Picture } = FAMILIES[operation.detail.family];
  const rest = place.count > 0 ? `the rest of it, ${place.times - place.count} of ${place.times}` : "it";
  return (
    <main className="astray">
      <Picture run={run} operation={operation} place={place} />
      <div>
        <h1>{`Why skip “${operationTitle(operation).toLowerCase()}”?`}</h1>
        <p className="what soft">Nothing is taken from the shelf for {rest}.</p>
        <Reasons
          words={SKIPPED}
          verb="skip it"
          onChosen={(why, said) => {
            progress.passBy(why, said);
            onEnd();
          }}
        />
      </div>
    </main>
  );
}

interface ReasonProps<W extends string> {
  words: Record<W, string>;
  verb: string;
  onChosen: (why: W, said: string) => void;
  elseVerb?: string;
  onElse?: (why: W, said: string) => void;
}

/** A reason is one press; words go with it where it is another. */
function Reasons<W extends string>({ words, verb, onChosen, elseVerb, onElse }: ReasonProps<W>) {
  const [why, setWhy] = useState<W | null>(null);
  const [said, setSaid] = useState("");
  const silent = why === "OTHER" && said.trim() === "";
  return (
    <>
      <p className="letters" role="radiogroup" aria-label="Reason">
        {(Object.keys(words) as W[]).map((one) => (
          <button key={one} role="radio" aria-checked={why === one} onClick={() => setWhy(one)}>
            {words[one]}
          </button>
        ))}
      </p>
      {why !== null && (
        <p className="sentence">
          <input
            className="plain-input grow"
            aria-label="In your words"
            placeholder={why === "OTHER" ? "what it was" : "more, in your words"}
            maxLength={400}
            value={said}
            onChange={(event) => setSaid(event.target.value)}
          />
          <ShutButton why={silent ? "Say what it was." : null} onClick={() => onChosen(why, said)}>
            {verb}
          </ShutButton>
          {onElse && !silent && (
            <button className="quiet" onClick={() => onElse(why, said)}>
              {elseVerb}
            </button>
          )}
        </p>
      )}
    </>
  );
}

/** What failed in this run so far; a slip is taken back. */
function Noted({ progress }: { progress: Progress }) {
  const units = useUnits();
  const { spoilt } = progress.data;
  return spoilt.length === 0 ? null : (
    <section aria-label="Failed so far">
      <h2 className="text-xl font-bold">Failed so far</h2>
      <ul>
        {spoilt.map((one, i) => (
          <li key={i} className="what">
            {failedAt(progress.plan, one, units)}: {reasonWords(SPOILT, one.why, one.said)}{" "}
            <button className="quiet" onClick={() => progress.takeBack(i)}>
              take it back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
