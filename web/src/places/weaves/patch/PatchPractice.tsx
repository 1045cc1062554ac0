import { useMemo, useState } from "react";
import { call } from "../../../api/client";
import type { Attempt, PatchView, WeaveEntry, WeaveJobData } from "../../../api/types";
import { letter, nearest, there } from "../../../drawing/patch";
import { many } from "../../../quantity/format";
import { ShutButton } from "../../../shared/shell/ShutButton";
import { stepHead, stepWay } from "../../../shared/words/assemblyWords";
import { PatchScene } from "../../../shared/shell/PatchScene";
import { say } from "../../../shared/kernel/says";
import { patchQuestion } from "../../../shared/kernel/weavePatch";
import { listed } from "../../../shared/words/lists";

interface Props {
  data: WeaveJobData;
  weave: WeaveEntry;
  patch: PatchView;
  rings: Float32Array;
}

const CHOICES = 10;
const EMPTY: ReadonlySet<number> = new Set();

/** The patch as far as it is and the next ring's place: the maker says what it goes through, the model answers. */
export function PatchPractice({ data, weave, patch, rings }: Props) {
  const open = useMemo(
    () => patch.steps.map((step, at) => ({ step, at })).filter(({ step }) => !step.closed),
    [patch],
  );
  const [turn, setTurn] = useState(Math.floor(open.length / 3));
  const [picked, setPicked] = useState<ReadonlySet<number>>(EMPTY);
  const [answer, setAnswer] = useState<Attempt | null>(null);
  const [score, setScore] = useState({ right: 0, tried: 0 });
  const now = open[Math.min(turn, open.length - 1)];
  const step = now?.step;
  const at = now?.at ?? 0;
  const before = useMemo(() => there(patch.steps, at), [patch, at]);
  const which = useMemo(
    () => (step ? [...before, ...step.pickUp, ...step.over, step.ring] : before),
    [before, step],
  );
  const choices = useMemo(
    () => (step ? nearest(rings, step.ring, which, CHOICES).sort((a, b) => a - b) : []),
    [rings, step, which],
  );
  const chosen = useMemo(() => (step ? new Set([step.ring]) : null), [step]);
  const focus = useMemo(() => (step ? [step.ring, ...choices] : null), [step, choices]);
  if (!step) {
    return <p className="mt-4 max-w-prose">There is no ring to practise with here: take a longer patch.</p>;
  }
  const name = new Map(choices.map((ring, k) => [ring, letter(k)]));
  const named = (some: readonly number[]) =>
    listed(some.map((ring) => name.get(ring) ?? "a ring further off"));
  const toggle = (ring: number | null) => {
    if (ring !== null && answer === null && name.has(ring)) {
      const next = new Set(picked);
      if (!next.delete(ring)) {
        next.add(ring);
      }
      setPicked(next);
    }
  };
  const check = async () => {
    try {
      const told = await call<Attempt>("POST", `/api/weaves/${data.weaveId}/attempt`, {
        patch: patchQuestion(data),
        step: at,
        named: [...picked],
      });
      setAnswer(told);
      setScore({ right: score.right + (told.right ? 1 : 0), tried: score.tried + 1 });
    } catch {
      say("The server is not answering; try again.");
    }
  };
  const next = () => {
    setAnswer(null);
    setPicked(EMPTY);
    setTurn((turn + 1) % open.length);
  };
  return (
    <>
      <PatchScene
        name={`${data.name}, ${which.length} rings there; which does the blue one go through`}
        rings={rings}
        which={which}
        colours={patch.colours}
        palette={data.colours.palette}
        wireMm={data.wireDiameterMm}
        fitKey={`${weave.id} practice`}
        open={{ ring: step.ring, angle: step.openingAngle }}
        chosen={chosen}
        linked={answer ? new Set([...step.through, ...step.pickUp]) : picked}
        tags={choices.map((ring) => ({ ring, text: name.get(ring)!, picked: picked.has(ring) }))}
        onPick={toggle}
        focus={focus}
      />
      <div className="practice" role="group" aria-label="Practice">
        <p className="practice-question">
          Which rings does the blue one go through?
          <span className="soft">
            {" "}
            ring {turn + 1} of {open.length}
            {score.tried > 0 && `, ${score.right} of ${score.tried} right`}
          </span>
        </p>
        <p className="letters">
          {choices.map((ring) => (
            <button
              key={ring}
              aria-pressed={picked.has(ring)}
              data-right={answer ? step.through.includes(ring) || step.pickUp.includes(ring) : undefined}
              aria-disabled={answer !== null}
              onClick={() => answer === null && toggle(ring)}
            >
              {name.get(ring)}
            </button>
          ))}
          {answer === null ? (
            <ShutButton
              why={picked.size === 0 ? "press the letters of the rings first" : null}
              onClick={() => void check()}
            >
              That is all of them
            </ShutButton>
          ) : (
            <button className="action" onClick={next}>
              Next ring
            </button>
          )}
        </p>
        <p role="status" className="assembly-words">
          {answer &&
            (answer.right ? (
              <>
                <strong>Right.</strong> {stepHead(step)}.
              </>
            ) : (
              <>
                <strong className="care">Not quite.</strong>{" "}
                {answer.missing.length > 0 && `It also goes through ${named(answer.missing)}. `}
                {answer.extra.length > 0 && `It does not go through ${named(answer.extra)}. `}
                {many(step.through.length + step.pickUp.length, "ring")} in all.
              </>
            ))}
          {!answer && (
            <span className="soft">{stepWay(step).split(".")[0]}. Press the letters, or the rings.</span>
          )}
        </p>
      </div>
    </>
  );
}
