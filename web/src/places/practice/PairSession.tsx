import { usePreferences } from "../../api/queries";
import { sizeText } from "../../quantity/format";
import { exerciseWords } from "../../shared/words/exerciseWords";
import { Entry, TakeBack } from "./Entry";
import { ExercisePicture } from "./ExercisePicture";
import type { Practice } from "./usePractice";

const WHICH = ["first", "second"] as const;

/** Two of a kind, measured place by place: the first one whole, then its twin. */
export function PairSession({ practice }: { practice: Practice }) {
  const { exercise, session, take, takeBack } = practice;
  const { criteria, info } = exercise;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const words = exerciseWords(info.id);
  const taken = session?.taken ?? [];
  const value = (criterion: string, copy: number) =>
    taken.filter((one) => one.criterion === criterion && one.copy === copy).at(-1)?.value;
  const next = WHICH.flatMap((_, copy) => criteria.map((criterion) => ({ criterion, copy }))).find(
    ({ criterion, copy }) => value(criterion.id, copy) === undefined,
  );
  return (
    <div>
      <ExercisePicture id={info.id} at={next?.criterion.id} />
      {next && (
        <Entry
          key={`${next.criterion.id} ${next.copy}`}
          label={`the ${WHICH[next.copy]}, ${words.ask[next.criterion.id] ?? next.criterion.id}`}
          take={(typed) => take(next.criterion.id, typed, next.copy)}
        />
      )}
      {taken.length > 0 && (
        <table className="pair-table">
          <thead>
            <tr>
              <th scope="col">
                <span className="sr-only">place</span>
              </th>
              {WHICH.map((which) => (
                <th key={which} scope="col">
                  {which}
                </th>
              ))}
              <th scope="col">good within</th>
            </tr>
          </thead>
          <tbody>
            {criteria.map(({ id, within }) => (
              <tr key={id}>
                <th scope="row">{words.ask[id] ?? id}</th>
                {WHICH.map((which, copy) => (
                  <td key={which} className="figures">
                    {value(id, copy) === undefined ? "–" : sizeText(value(id, copy)!, units)}
                  </td>
                ))}
                <td className="figures soft">{sizeText(within, units)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {taken.length > 0 && <TakeBack onTake={() => void takeBack()} />}
    </div>
  );
}
