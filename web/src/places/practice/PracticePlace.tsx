import { useExercises } from "../../api/exercises";
import type { ExerciseView } from "../../api/exercises";
import { Link } from "react-router";
import { usePreferences } from "../../api/queries";

import type { Units } from "../../quantity/format";
import { exerciseWords, figureWords, inOrder } from "../../shared/words/exerciseWords";
import { ExercisePicture } from "./ExercisePicture";
import { Trail } from "./Trail";

/** Five short exercises, each with its last figure and the way it goes. */
export function PracticePlace() {
  const exercises = useExercises().data;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!exercises) {
    return null;
  }
  return (
    <div className="place">
      <h1 className="place-title">Practice</h1>
      <p className="mt-2 max-w-prose soft">
        A quarter of an hour on scrap wire. Each exercise is measured as work is, and says what to do better.
      </p>
      <ul className="exercises">
        {inOrder(exercises).map((one) => (
          <Row key={one.info.id} exercise={one} units={units} />
        ))}
      </ul>
    </div>
  );
}

function Row({ exercise, units }: { exercise: ExerciseView; units: Units }) {
  const { info, sessions } = exercise;
  const words = exerciseWords(info.id);
  const last = sessions.at(-1);
  const figure = last && figureWords(exercise, last, units);
  return (
    <li>
      <Link to={`/practice/${info.id}`}>
        <ExercisePicture id={info.id} />
        <span className="exercise-name">
          <strong>{words.name}</strong>
          <span className="soft">{words.how}</span>
        </span>
        <Trail exercise={exercise} small />
        <span className="exercise-figure figures">
          {figure ? (
            <>
              {figure.value}
              <small>{figure.unit}</small>
              <span className="soft">{figure.what}</span>
            </>
          ) : (
            <span className="soft">not yet</span>
          )}
        </span>
      </Link>
    </li>
  );
}
