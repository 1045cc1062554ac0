import type { RunData } from "../../api/types";
import { CountRings } from "../../shared/shell/CountRings";
import { countedWords, operationTitle } from "../../shared/words/operationWords";
import { counts, flows, type Place } from "./rhythm";

const TEN = 10;

const COUNTED: Record<string, string> = {
  HAMMER_FIRST: "Rings hammered",
  BEAD_FIRST: "Rings beaded",
  CLOSE_FIRST: "Rings closed",
  PRESS_FIRST: "Rings pressed",
  SOLDER_FIRST: "Rings soldered",
  DOME: "Parts domed",
  OPEN_FIRST: "Rings opened",
  CUT: "Rings cut",
};

interface Props {
  run: RunData;
  place: Place;
  onCount: (count: number) => void;
  /** Whether a mistake is being looked for. */
  wrong: boolean;
  onWrong: (wrong: boolean) => void;
}

/** How far it is: counted here, or step by step. */
export function FooterMiddle({ run, place, onCount, wrong, onWrong }: Props) {
  const operation = place.operation!;
  if (flows(operation)) {
    return (
      <>
        <progress className="ring-progress" max={place.times} value={place.count} aria-label="Rings put in" />
        {run.kind === "weave" && (
          <button className="quiet at-end" disabled={place.count === 0} onClick={() => onWrong(!wrong)}>
            {wrong ? "go on making" : "something looks wrong"}
          </button>
        )}
      </>
    );
  }
  if (counts(place)) {
    const what = countedWords(operation);
    const label = what === "copies" ? "Copies done" : (COUNTED[operation.verb] ?? "Done");
    return (
      <>
        <CountRings count={place.count} of={place.times} onCount={onCount} label={label} what={what} />
        {operation.detail.family === "weaving" && (
          <span className="flex gap-6">
            <button className="quiet" onClick={() => onCount(place.count + TEN)}>
              ten more
            </button>
            <button className="quiet" onClick={() => onCount(place.times)}>
              all of them
            </button>
          </span>
        )}
      </>
    );
  }
  const next = run.plan.operations[place.index + 1];
  return (
    <>
      <CountRings count={place.index} of={run.plan.operations.length} />
      <span className="soft">{next ? `then ${operationTitle(next).toLowerCase()}` : "the last step"}</span>
    </>
  );
}
