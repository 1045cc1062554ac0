import { Link } from "react-router";
import { useBench } from "../../api/queries";
import type { Operation, WorkPlan } from "../../api/types";
import { operationTitle, waitWords } from "../../shared/words/operationWords";
import type { OperationProps } from "./operation";

/** More to choose from is no help with wet hands. */
const MOST = 2;

/** What has to pass after the step in hand, and what hands can do meanwhile: the next step, where it is not of what waits; else other work. */
export function Meanwhile({ run, operation, place }: OperationProps) {
  const { waits } = operation;
  if (!waits) {
    return null;
  }
  const next = run.data.plan.operations[place.index + 1];
  return (
    <>
      <p className="soft">{waitWords(waits)}</p>
      {next && !comesAfter(run.data.plan, next, operation.id) ? (
        <p className="soft">The next step is not of what waits: go on meanwhile.</p>
      ) : (
        <OtherWork run={run.id} />
      )}
    </>
  );
}

/** Whether an operation waits for another, near or far. */
export function comesAfter(plan: WorkPlan, operation: Operation, id: string): boolean {
  return operation.after.some((before) => {
    const one = plan.operations.find((other) => other.id === before);
    return before === id || (one !== undefined && comesAfter(plan, one, id));
  });
}

/** What else is in hand, at its next step. */
function OtherWork({ run }: { run: string }) {
  const hands = (useBench().data ?? []).filter(
    (hand) => hand.runId !== null && hand.runId !== run && !hand.finished && hand.glance?.next,
  );
  return hands.length === 0 ? null : (
    <p className="soft" data-testid="meanwhile">
      Meanwhile:{" "}
      {hands.slice(0, MOST).map((hand, i) => (
        <span key={hand.runId}>
          {i > 0 && "; "}
          <Link to={`/making/${hand.runId}`} className="quiet">
            {hand.name}
          </Link>
          , {operationTitle(hand.glance!.next!).toLowerCase()}
        </span>
      ))}
    </p>
  );
}
