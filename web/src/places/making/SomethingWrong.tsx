import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { call } from "../../api/client";
import type { Diagnosis, PatchView, SeenAnswer, WeaveJobData } from "../../api/types";
import { letter, linkedTo, nearest, there } from "../../drawing/patch";
import { NumberInput } from "../../shared/shell/NumberInput";
import { PatchScene } from "../../shared/shell/PatchScene";

interface Props {
  runId: string;
  job: WeaveJobData;
  patch: PatchView;
  rings: Float32Array;
  /** Rings put in so far. */
  done: number;
  /** Back to a step, to do it again. */
  onGoTo: (step: number) => void;
}

const CHOICES = 12;
const NONE: ReadonlySet<number> = new Set();

/** Looks for the ring that went wrong from what the maker sees: counts first, letters when few are left. */
export function SomethingWrong({ runId, job, patch, rings, done, onGoTo }: Props) {
  const [answers, setAnswers] = useState<SeenAnswer[]>([]);
  const finding = useQuery({
    queryKey: ["diagnosis", runId, done, answers],
    queryFn: ({ signal }) =>
      call<Diagnosis>("POST", `/api/runs/${runId}/diagnose`, { ringsIn: done, answers }, signal),
    placeholderData: (before) => before,
  });
  const { which, letters, chosen, linked, focus } = useLook(patch, rings, done, finding.data);
  const ask = finding.data?.ask ?? null;
  const say = (seen: number | null, named: number[] | null) =>
    ask && setAnswers([...answers, { kind: ask.kind, ring: ask.ring, seen, rings: named }]);
  return (
    <main>
      <PatchScene
        className="making-scene"
        name={`${job.name}, ${which.length} rings as they should be`}
        rings={rings}
        which={which}
        colours={patch.colours}
        palette={job.colours.palette}
        wireMm={job.wireDiameterMm}
        fitKey="wrong"
        chosen={chosen}
        linked={linked}
        tags={letters.map((ring, k) => ({ ring, text: letter(k) }))}
        focus={focus}
      />
      <div className="wrong" role="group" aria-label="Something looks wrong">
        <p className="soft">
          {answers.length === 0
            ? "Hold the patch as in the picture. One look at a time."
            : `${answers.length} ${answers.length === 1 ? "look" : "looks"} taken`}
        </p>
        {ask ? (
          <Ask
            key={`${ask.kind} ${ask.ring} ${answers.length}`}
            kind={ask.kind}
            letters={letters}
            onSaid={say}
          />
        ) : (
          finding.data && <Found finding={finding.data} onGoTo={onGoTo} />
        )}
        <p className="flex gap-6 mt-4">
          {answers.length > 0 && (
            <button className="quiet" onClick={() => setAnswers(answers.slice(0, -1))}>
              take the last look back
            </button>
          )}
        </p>
      </div>
    </main>
  );
}

/** What is to be looked at: the rings there, those asked of, those in question, and how near. */
function useLook(patch: PatchView, rings: Float32Array, done: number, finding: Diagnosis | undefined) {
  const which = useMemo(() => there(patch.steps, done), [patch, done]);
  const ask = finding?.ask ?? null;
  const fault = ask ? undefined : finding?.faults[0];
  const about = ask && ask.kind !== "SOUND_UP_TO" ? ask.ring : (fault?.ring ?? null);
  const letters = useMemo(
    () => (ask?.kind === "WHICH" ? nearest(rings, ask.ring, which, CHOICES).sort((a, b) => a - b) : []),
    [ask, rings, which],
  );
  const upTo = ask?.kind === "SOUND_UP_TO" ? ask.ring : null;
  const chosen = useMemo(
    () => (about !== null ? new Set([about]) : upTo !== null ? new Set([patch.steps[upTo]!.ring]) : null),
    [about, upTo, patch],
  );
  const linked = useMemo(() => {
    if (upTo !== null) {
      return new Set(there(patch.steps, upTo + 1));
    }
    if (fault) {
      return new Set([fault.other]);
    }
    return ask?.kind === "COUNT" ? linkedTo(patch.links, ask.ring) : NONE;
  }, [ask, upTo, fault, patch]);
  const focus = useMemo(() => {
    const ring = about ?? (upTo !== null ? patch.steps[upTo]!.ring : null);
    return ring === null || patch.colours.length < 30 ? null : [ring, ...nearest(rings, ring, which, 6)];
  }, [about, upTo, patch, rings, which]);
  return { which, letters, chosen, linked, focus };
}

interface Asked {
  onSaid: (seen: number | null, rings: number[] | null) => void;
}

function Ask({
  kind,
  letters,
  onSaid,
}: Asked & { kind: NonNullable<Diagnosis["ask"]>["kind"]; letters: number[] }) {
  switch (kind) {
    case "SOUND_UP_TO":
      return <AskSound onSaid={onSaid} />;
    case "COUNT":
      return <AskCount onSaid={onSaid} />;
    case "WHICH":
      return <AskWhich letters={letters} onSaid={onSaid} />;
  }
}

function AskSound({ onSaid }: Asked) {
  return (
    <>
      <h1>Are the bright rings all as in the picture?</h1>
      <p className="letters">
        <button onClick={() => onSaid(1, null)}>yes</button>
        <button onClick={() => onSaid(0, null)}>no</button>
        <button onClick={() => onSaid(null, null)}>cannot tell</button>
      </p>
    </>
  );
}

function AskCount({ onSaid }: Asked) {
  const [count, setCount] = useState(0);
  return (
    <>
      <h1>How many rings go through the blue one?</h1>
      <p className="letters">
        {[0, 1, 2, 3, 4, 5, 6, 7, 8].map((n) => (
          <button key={n} onClick={() => onSaid(n, null)}>
            {n}
          </button>
        ))}
      </p>
      <p className="sentence">
        <span>more:</span>
        <NumberInput
          label="Rings through it"
          kind="number"
          decimals={0}
          step={1}
          value={count}
          onChange={setCount}
        />
        <button
          className="quiet at-end"
          disabled={count === 0}
          onClick={() => onSaid(Math.round(count), null)}
        >
          so many
        </button>
        <button className="quiet" onClick={() => onSaid(null, null)}>
          cannot tell
        </button>
      </p>
    </>
  );
}

function AskWhich({ letters, onSaid }: Asked & { letters: number[] }) {
  const [named, setNamed] = useState<ReadonlySet<number>>(NONE);
  return (
    <>
      <h1>Which rings go through the blue one?</h1>
      <p className="letters">
        {letters.map((ring, k) => (
          <button
            key={ring}
            aria-pressed={named.has(ring)}
            onClick={() => {
              const next = new Set(named);
              if (!next.delete(ring)) {
                next.add(ring);
              }
              setNamed(next);
            }}
          >
            {letter(k)}
          </button>
        ))}
      </p>
      <p className="flex gap-6">
        <button className="quiet" onClick={() => onSaid(null, [...named])}>
          these and no others
        </button>
        <button className="quiet" onClick={() => onSaid(null, null)}>
          cannot tell
        </button>
      </p>
    </>
  );
}

function Found({ finding, onGoTo }: { finding: Diagnosis; onGoTo: (step: number) => void }) {
  const first = finding.faults[0];
  if (!first) {
    return (
      <>
        <h1>No single ring explains it</h1>
        <p className="what">
          Either a look was off, or two rings are wrong. Take a look back, or open the patch to where it was
          last sound.
        </p>
      </>
    );
  }
  return (
    <>
      <h1>{finding.sure ? "Here it is" : "Most likely here"}</h1>
      <p className="what" data-testid="finding">
        {first.kind === "MISSED"
          ? "The blue ring missed the bright one: open it, take that ring in too, close it."
          : "The blue ring caught the bright one, which it should not: open it, let that ring go, close it."}
      </p>
      {finding.faults.length > 1 && (
        <p className="soft">
          {Math.round(100 * first.probability)} in a hundred; {finding.faults.length - 1} other places are
          possible.
        </p>
      )}
      <button className="action mt-3" onClick={() => onGoTo(first.step)}>
        Go back to that ring
      </button>
    </>
  );
}
