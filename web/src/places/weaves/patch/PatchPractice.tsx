import { useMemo, useState } from "react";
import { Link } from "react-router";
import { call } from "../../../api/client";
import type { Attempt, PatchView, WeaveEntry, WeaveJobData } from "../../../api/types";
import { letter, nearest, there } from "../../../drawing/patch";
import { many } from "../../../quantity/format";
import { ShutButton } from "../../../shared/shell/ShutButton";
import { stepHead, stepWay } from "../../../shared/words/assemblyWords";
import { PatchScene } from "../../../shared/shell/PatchScene";
import { NOT_TAKEN, takeReading } from "../../../shared/kernel/readings";
import { say } from "../../../shared/kernel/says";
import { failureWords } from "../../../shared/words/refused";
import { newId } from "../../../api/newId";
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

type Step = PatchView["steps"][number];

/** What the maker says the ring goes through, what the model says to it, and how often it was right. */
function useAttempts(data: WeaveJobData, at: number) {
  const [picked, setPicked] = useState<ReadonlySet<number>>(EMPTY);
  const [answer, setAnswer] = useState<Attempt | null>(null);
  const [score, setScore] = useState({ right: 0, tried: 0 });
  const [session] = useState(() => newId());
  const toggle = (ring: number) => {
    if (answer === null) {
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
      remember(data.weaveId, session, told.right);
    } catch {
      say("The server is not answering; try again.");
    }
  };
  const anew = () => {
    setAnswer(null);
    setPicked(EMPTY);
  };
  return { picked, answer, score, toggle, check, anew };
}

/** What was right and what not is a reading like any other: practice shows the way it goes. */
function remember(weaveId: string, sessionId: string, right: boolean) {
  takeReading({
    quantity: "RECALLED",
    value: right ? 0 : 1,
    sessionId,
    context: { practised: { exercise: "weave-unit", criterion: "ring", weaveId } },
  }).catch((failure: unknown) => say(failureWords(failure, NOT_TAKEN)));
}

/** The rings there before that step, and those near its ring, from which the maker chooses; by letters. */
function useAround(patch: PatchView, rings: Float32Array, step: Step | undefined, at: number) {
  const before = useMemo(() => there(patch.steps, at), [patch, at]);
  const which = useMemo(
    () => (step ? [...before, ...step.pickUp, ...step.over, step.ring] : before),
    [before, step],
  );
  const choices = useMemo(
    () => (step ? nearest(rings, step.ring, which, CHOICES).sort((a, b) => a - b) : []),
    [rings, step, which],
  );
  const names = useMemo(() => new Map(choices.map((ring, k) => [ring, letter(k)])), [choices]);
  return { which, choices, names };
}

/** The patch as far as it is and the next ring's place: the maker says what it goes through, the model answers. */
export function PatchPractice({ data, weave, patch, rings }: Props) {
  const open = useMemo(
    () => patch.steps.map((step, at) => ({ step, at })).filter(({ step }) => !step.closed),
    [patch],
  );
  const [turn, setTurn] = useState(Math.floor(open.length / 3));
  const now = open[Math.min(turn, open.length - 1)];
  const step = now?.step;
  const at = now?.at ?? 0;
  const { which, choices, names } = useAround(patch, rings, step, at);
  const { picked, answer, score, toggle, check, anew } = useAttempts(data, at);
  const chosen = useMemo(() => (step ? new Set([step.ring]) : null), [step]);
  const focus = useMemo(() => (step ? [step.ring, ...choices] : null), [step, choices]);
  if (!step) {
    return <p className="mt-4 max-w-prose">There is no ring to practise with here: take a longer patch.</p>;
  }
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
        tags={choices.map((ring) => ({ ring, text: names.get(ring)!, picked: picked.has(ring) }))}
        onPick={(ring) => ring !== null && names.has(ring) && toggle(ring)}
        focus={focus}
      />
      <div className="practice" role="group" aria-label="Practice">
        <p className="practice-question">
          Which rings does the blue one go through? <Score ring={turn + 1} of={open.length} {...score} />
        </p>
        <Letters
          {...{ step, names, picked, answer }}
          onPress={toggle}
          onCheck={() => void check()}
          onNext={() => {
            anew();
            setTurn((turn + 1) % open.length);
          }}
        />
        <Told {...{ step, names, answer }} />
      </div>
    </>
  );
}

/** How far it is, and how often it was right. */
function Score({ ring, of, right, tried }: { ring: number; of: number; right: number; tried: number }) {
  return (
    <>
      <span className="soft">
        ring {ring} of {of}
        {tried > 0 && `, ${right} of ${tried} right`}
      </span>{" "}
      {tried > 0 && (
        <Link className="quiet" to="/practice/weave-unit">
          what it says
        </Link>
      )}
    </>
  );
}

interface AnswerProps {
  step: Step;
  names: ReadonlyMap<number, string>;
  answer: Attempt | null;
}

interface LettersProps extends AnswerProps {
  picked: ReadonlySet<number>;
  onPress: (ring: number) => void;
  onCheck: () => void;
  onNext: () => void;
}

/** The rings to choose from, by their letters; answered, the right ones are marked. */
function Letters({ step, names, picked, answer, onPress, onCheck, onNext }: LettersProps) {
  return (
    <p className="letters">
      {[...names].map(([ring, name]) => (
        <button
          key={ring}
          aria-pressed={picked.has(ring)}
          data-right={answer ? step.through.includes(ring) || step.pickUp.includes(ring) : undefined}
          aria-disabled={answer !== null}
          onClick={() => onPress(ring)}
        >
          {name}
        </button>
      ))}
      {answer === null ? (
        <ShutButton why={picked.size === 0 ? "press the letters of the rings first" : null} onClick={onCheck}>
          That is all of them
        </ShutButton>
      ) : (
        <button className="action" onClick={onNext}>
          Next ring
        </button>
      )}
    </p>
  );
}

/** What the model says to it; before, how the ring lies. */
function Told({ step, names, answer }: AnswerProps) {
  const named = (some: readonly number[]) =>
    listed(some.map((ring) => names.get(ring) ?? "a ring further off"));
  return (
    <p role="status" className="assembly-words">
      {answer?.right && (
        <>
          <strong>Right.</strong> {stepHead(step)}.
        </>
      )}
      {answer && !answer.right && (
        <>
          <strong className="care">Not quite.</strong>{" "}
          {answer.missing.length > 0 && `It also goes through ${named(answer.missing)}. `}
          {answer.extra.length > 0 && `It does not go through ${named(answer.extra)}. `}
          {many(step.through.length + step.pickUp.length, "ring")} in all.
        </>
      )}
      {!answer && (
        <span className="soft">{stepWay(step).split(".")[0]}. Press the letters, or the rings.</span>
      )}
    </p>
  );
}
