import type { ExerciseView, PractiseSession } from "../../api/exercises";
import type { Units } from "../../quantity/format";
import { exerciseWords, figureWords, remarkWords } from "../../shared/words/exerciseWords";
import { capital } from "../../shared/words/lists";

interface Props {
  exercise: ExerciseView;
  session: PractiseSession;
  units: Units;
}

/** The session's one number, what stands out, and what to do about it. */
export function Said({ exercise, session, units }: Props) {
  const { id } = exercise.info;
  const { verdict, whole } = session;
  const figure = figureWords(exercise, session, units);
  return (
    <>
      <p className="shape-hero figures" data-testid="figure">
        {figure.value}
        <small>
          {figure.unit} {figure.what}
        </small>
      </p>
      {verdict.remarks.length > 0 ? (
        <ol className="remarks">
          {verdict.remarks.map((remark) => {
            const words = remarkWords(id, remark, verdict.done, units);
            return (
              <li key={`${remark.pattern} ${remark.what}`}>
                <strong>{capital(words.said)}.</strong> {words.mend}
              </li>
            );
          })}
        </ol>
      ) : (
        <p className="mt-3 text-lg" role="status">
          {whole ? "Nothing stands out: as even as good hands make it." : left(exercise, session)}
        </p>
      )}
    </>
  );
}

function left({ info }: ExerciseView, { verdict }: PractiseSession): string {
  const { go } = exerciseWords(info.id);
  return `${info.goes - verdict.done} more ${info.goes - verdict.done === 1 ? go : `${go}s`}, and it says what stands out.`;
}
