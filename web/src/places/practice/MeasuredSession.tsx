import { useAims } from "../../api/exercises";
import { usePreferences } from "../../api/queries";
import { size, sizeText } from "../../quantity/format";
import { CountRings } from "../../shared/shell/CountRings";
import { DotRow } from "../../shared/shell/DotRow";
import { exerciseWords } from "../../shared/words/exerciseWords";
import { Entry, TakeBack } from "./Entry";
import type { Practice } from "./usePractice";

/** One length after another, each against what was aimed at. */
export function MeasuredSession({ practice }: { practice: Practice }) {
  const { exercise, session, count, setup, take, takeBack } = practice;
  const { info, criteria } = exercise;
  const criterion = criteria[0]!;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const aim = useAims(info.id, setup.wireMm, setup.sizeMm)?.find((one) => one.criterion === criterion.id);
  const words = exerciseWords(info.id);
  const values = session?.taken.map((one) => one.value) ?? [];
  const spread = session?.verdict.spread;
  return (
    <>
      <div className="mt-4 max-w-[560px]">
        <CountRings count={count} of={info.goes} what={`${words.go}s`} />
      </div>
      {count < info.goes && (
        <Entry
          label={`${words.go} ${count + 1}, ${words.ask[criterion.id] ?? ""}`}
          take={(typed) => take(criterion.id, typed)}
        />
      )}
      {aim?.mm != null && (
        <p className="soft" data-testid="aim">
          {sizeText(aim.mm, units)} is wanted; {sizeText(aim.withinMm, units)} either way is good.
        </p>
      )}
      {spread && aim?.mm != null && (
        <>
          <p>
            mean {sizeText(spread.mean, units)}, from {size(spread.smallest, units).value} to{" "}
            {size(spread.largest, units).value}
          </p>
          <DotRow
            values={values}
            low={aim.mm - aim.withinMm}
            high={aim.mm + aim.withinMm}
            target={aim.mm}
            units={units}
          />
        </>
      )}
      {values.length > 0 && <TakeBack onTake={() => void takeBack()} />}
    </>
  );
}
