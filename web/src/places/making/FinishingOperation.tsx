import { useMemo } from "react";
import type { FinishWork } from "../../api/types";
import { minutesText } from "../../quantity/format";
import { finishHow, finishParts, LOOSE_RINGS } from "../../shared/words/finishWords";
import { Piece } from "./JoiningOperation";
import type { FamilyView, OperationProps } from "./operation";

const stepOf = ({ operation }: OperationProps): FinishWork | null =>
  operation.detail.family === "finishing" ? operation.detail.work : null;

/** One of each that goes in. */
const loose = ({ lots }: FinishWork) =>
  (lots.some((lot) => lot.going === "WHOLE") ? lots.filter((lot) => lot.going === "WHOLE") : lots).map(
    (lot) => lot.first,
  );

/** As far as it is joined by then; where nothing is, what goes in. */
function Picture(props: OperationProps) {
  const step = stepOf(props);
  const parts = useMemo(() => (step ? loose(step) : []), [step]);
  if (step === null || step.whole) {
    return <Piece run={props.run} />;
  }
  return step.joined > 0 ? (
    <Piece run={props.run} joins={step.joined} />
  ) : (
    <Piece run={props.run} parts={parts} />
  );
}

function Words(props: OperationProps) {
  const step = stepOf(props);
  if (step === null) {
    return null;
  }
  const { waits } = props.operation;
  const copies = Math.max(1, props.place.copies);
  const parts = copies * step.lots.reduce((sum, lot) => sum + lot.count, 0);
  const [number, unit] = waits
    ? minutesText(waits.minutes).split(" ")
    : [parts, parts === 1 ? "part" : "parts"];
  return (
    <>
      <p className="huge" data-testid="big-number">
        {number}
        <small>{unit}</small>
      </p>
      {finishParts(step).map((said) => (
        <p key={said} className="what">
          {said}
        </p>
      ))}
      <p className="what">{finishHow(step)}</p>
      {!step.whole && step.finish === "TUMBLE" && <p className="what soft">{LOOSE_RINGS}</p>}
    </>
  );
}

/** Coloured, rubbed back, tumbled, waxed: with all that withstands it. */
export const FINISHING: FamilyView = { Picture, Words };
