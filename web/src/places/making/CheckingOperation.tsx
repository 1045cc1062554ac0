import { useInspection, usePieceInMaking, usePreferences } from "../../api/queries";
import type { Check } from "../../api/types";
import {
  apartWords,
  checkElse,
  checkFigure,
  checkHow,
  checkTitle,
  foundWords,
} from "../../shared/words/checkWords";
import { sizeText } from "../../quantity/format";
import { listed } from "../../shared/words/lists";
import { Piece } from "./JoiningOperation";
import type { FamilyView, OperationProps } from "./operation";
import { copyInHand } from "./astray";
import { checkInHand, joinsBefore } from "./checks";
import { isSecond, whichOfBoth } from "./pair";

function Picture(props: OperationProps) {
  return (
    <Piece
      run={props.run}
      {...(isOpenStill(props) && { joins: joinsBefore(props.run.data.plan, props.operation) })}
      second={isSecond(props) || whichOfBoth(props)?.includes("second") === true}
    />
  );
}

/** Held to the body as far as it is joined by then. */
const isOpenStill = ({ operation, place }: OperationProps) =>
  checkInHand(operation, place)?.kind === "ON_THE_BODY";

function Title({ run, operation, place }: OperationProps) {
  const check = checkInHand(operation, place);
  return (
    <>
      {check ? checkTitle(check, whichOfBoth({ run, place })?.includes("second") ?? false) : "Look it over"}
    </>
  );
}

function Words(props: OperationProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const check = checkInHand(props.operation, props.place);
  if (!check) {
    return null;
  }
  const which = whichOfBoth(props);
  const [figure, unit] = check.target === null ? [] : checkFigure(check, check.target, units).split(" ");
  return (
    <>
      <p className="huge" data-testid="big-number">
        {figure ?? check.count}
        <small>
          {unit ?? (check.count === 1 ? "look" : "to look at")}
          {check.within !== null && ` ± ${checkFigure(check, check.within, units).split(" ")[0]}`}
        </small>
      </p>
      <p className="what">
        {which && <span className="strong">{which.replace("the", "The")}. </span>}
        {checkHow(check, units)} {isOpenStill(props) && <NotCutYet {...props} />}
      </p>
      {isOpenStill(props) && <OneMore run={props.run.id} />}
      <Judged run={props.run.id} check={check} copy={copyInHand(props.place)} />
    </>
  );
}

/** What is cut when it was held to the body, so that it still can be made otherwise. */
function NotCutYet({ run, operation }: OperationProps) {
  const { operations } = run.data.plan;
  const after = operations.slice(operations.findIndex((one) => one.id === operation.id) + 1);
  const parts = [...new Set(after.filter((one) => one.stage === "CUT").map((one) => one.part))];
  return parts.length === 0 ? null : (
    <span>
      The {listed(parts)} {parts.length > 1 ? "are" : "is"} cut after this.
    </span>
  );
}

/** By how much one part of the row more or less changes it: what there is to choose from while it is open. */
function OneMore({ run }: { run: string }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const piece = usePieceInMaking(run);
  const spans = new Map(
    piece?.parts.filter((part) => part.depth === 0).map((part) => [`${part.name} ${part.spanMm}`, part]),
  );
  const told = [...spans.values()]
    .sort((a, b) => a.spanMm - b.spanMm)
    .slice(0, MOST_TOLD)
    .map((part) => `one ${part.name} ${sizeText(part.spanMm, units, 1)}`);
  return told.length === 0 ? null : <p className="what soft">More or less: {listed(told)}.</p>;
}

const MOST_TOLD = 3;

/** What was measured of the copy in hand, judged, and what is done where it does not pass; of what is judged by eye that alone. */
function Judged({ run, check, copy }: { run: string; check: Check; copy: number }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const finding = useInspection(run)?.find((one) => one.check.kind === check.kind);
  const here = finding?.found.find((one) => one.copy === copy);
  const passes = here !== undefined && here.passes && finding?.matches !== false;
  return (
    <>
      {finding && here && (
        <p className={`what ${passes ? "" : "caution"}`} data-testid="found">
          <strong className="figures">{checkFigure(check, here.value, units)}</strong>:{" "}
          {foundWords(check, here, units)}. {apartWords(finding, units)}
        </p>
      )}
      {(check.quantity === null || (here && !passes)) && <p className="what soft">{checkElse(check)}</p>}
    </>
  );
}

/** A finished piece looked over, check by check. */
export const CHECKING: FamilyView = { Picture, Words, Title };
