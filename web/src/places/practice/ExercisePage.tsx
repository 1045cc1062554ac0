import { useExercise } from "../../api/exercises";
import type { ExerciseView } from "../../api/exercises";
import { Link, useParams } from "react-router";
import { usePreferences } from "../../api/queries";

import { Lost } from "../../shared/shell/Lost";
import { NumberInput } from "../../shared/shell/NumberInput";
import { day } from "../../quantity/format";
import { exerciseWords, seasonWords } from "../../shared/words/exerciseWords";
import { ExercisePicture } from "./ExercisePicture";
import { JudgedSession } from "./JudgedSession";
import { MeasuredSession } from "./MeasuredSession";
import { PairSession } from "./PairSession";
import { RecalledSession } from "./RecalledSession";
import { Said } from "./Said";
import { Trail } from "./Trail";
import { usePractice, type Practice } from "./usePractice";

export function ExercisePage() {
  const { id } = useParams();
  const asked = useExercise(id!);
  if (asked.isError) {
    return <Lost />;
  }
  return asked.data ? <Exercise key={id} exercise={asked.data} /> : null;
}

/** One exercise: what to do, the next reading, what the session says, and the way it goes. */
function Exercise({ exercise: first }: { exercise: ExerciseView }) {
  const practice = usePractice(first);
  const { exercise, session, anew } = practice;
  const { info } = exercise;
  const words = exerciseWords(info.id);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const shown = session ?? exercise.sessions.at(-1);
  return (
    <div className="place practice-place">
      <Link className="quiet small" to="/practice">
        all exercises
      </Link>
      <h1 className="place-title">{words.name}</h1>
      <p className="mt-2 max-w-prose soft">{words.how}</p>
      <With practice={practice} />
      <div className="practice-bench">
        <Taking practice={practice} />
        <section aria-label="What it says">
          {shown && shown !== session && <p className="soft">last time, {day(shown.startedAt)}</p>}
          {shown && <Said exercise={exercise} session={shown} units={units} />}
          {session?.whole && (
            <button className="action mt-4" onClick={anew}>
              Once more
            </button>
          )}
        </section>
      </div>
      {exercise.sessions.some((one) => one.whole) && (
        <section className="mt-8" aria-label="Over the season">
          <h2 className="text-xl font-bold">Over the season</h2>
          <p className="soft">{seasonWords(exercise)}</p>
          <Trail exercise={exercise} />
        </section>
      )}
    </div>
  );
}

/** The wire, and what is aimed at. */
function With({ practice: { setup, setSetup } }: { practice: Practice }) {
  if (setup.wireMm === null) {
    return null;
  }
  return (
    <p className="sentence mt-3">
      <span>Wire</span>
      <NumberInput
        label="Wire"
        value={setup.wireMm}
        minimum={0.2}
        onChange={(wireMm) => setSetup({ ...setup, wireMm })}
      />
      {setup.sizeMm !== null && (
        <>
          <span className="comma">, to</span>
          <NumberInput
            label="Wanted, inside"
            value={setup.sizeMm}
            minimum={0.5}
            onChange={(sizeMm) => setSetup({ ...setup, sizeMm })}
          />
          <span>inside.</span>
        </>
      )}
    </p>
  );
}

/** By what is measured: an exercise that is new needs none of its own. */
function Taking({ practice }: { practice: Practice }) {
  const { info, criteria } = practice.exercise;
  const quantity = criteria[0]!.quantity;
  if (quantity === "JOINT") {
    return <JudgedSession practice={practice} />;
  }
  if (quantity === "RECALLED") {
    return <RecalledSession />;
  }
  if (criteria.length > 1) {
    return <PairSession practice={practice} />;
  }
  return (
    <div>
      <ExercisePicture id={info.id} />
      <MeasuredSession practice={practice} />
    </div>
  );
}
