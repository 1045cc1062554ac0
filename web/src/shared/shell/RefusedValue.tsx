import type { ProblemBody } from "../../api/client";
import { unitsNow } from "../../api/queries";
import { Said } from "../words/said";
import { refusalWords } from "../words/refused";

/** The allowed value nearest to the one refused; null where the refusal names no limit. */
export function nearestAllowed(problem: ProblemBody): number | null {
  const value = Number(problem.value);
  if (problem.value === null || !Number.isFinite(value)) {
    return null;
  }
  if (problem.minimum !== null && value < problem.minimum) {
    return problem.minimum;
  }
  return problem.maximum !== null && value > problem.maximum ? problem.maximum : null;
}

/** Why the values as they stand cannot be worked out, what is nearest, and that the figures beside it are from before. */
export function RefusedValue({
  problem,
  names = {},
  onTake,
}: {
  problem: ProblemBody;
  /** What fields are called on this screen, by id. */
  names?: Record<string, string>;
  /** Takes the nearest allowed value of that field; answers null where it is not on this screen. */
  onTake: (field: string) => ((value: number) => void) | null;
}) {
  const nearest = nearestAllowed(problem);
  const take = nearest === null ? null : onTake(problem.field ?? "");
  return (
    <div className="stop mt-1 mr-4 max-w-prose" role="alert">
      <p>{refusalWords(problem, names)}</p>
      <p className="small">
        {take && nearest !== null && (
          <button className="quiet small mr-4" onClick={() => take(nearest)}>
            take {new Said(problem, names, unitsNow()).measure(nearest)}
          </button>
        )}
        <span className="soft">The figures in grey are from before.</span>
      </p>
    </div>
  );
}
