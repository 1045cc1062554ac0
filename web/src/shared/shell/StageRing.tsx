import type { Stage, StageState } from "../../api/types";
import { openRing } from "../../drawing/ring";

const STAGES: [Stage, string][] = [
  ["IDEA", "Idea"],
  ["WIRE", "Wire"],
  ["CUT", "Cut"],
  ["FORM", "Form"],
  ["JOIN", "Join"],
  ["FINISH", "Finish"],
  ["CHECK", "Check"],
];

const STATE_WORDS: Record<StageState, string> = {
  OPEN: "open",
  STARTED: "in hand",
  DONE: "done",
  NOT_NEEDED: "not part of this job",
};

/** The interface's own sign: open is not done, closed is done. Closing is its only flourish. */
export function StageRing({ state, size = 26 }: { state: StageState; size?: number }) {
  const r = size / 2 - 2.5;
  return (
    <svg className="stage-ring" data-state={state} width={size} height={size} aria-hidden="true">
      <path
        d={openRing(size / 2, size / 2, r, 0.5)}
        pathLength={100}
        transform={`rotate(33 ${size / 2} ${size / 2})`}
      />
    </svg>
  );
}

/** Idea → Wire → Cut → Form → Join → Finish → Check, a chain of seven rings. */
export function Thread({
  states,
  compact = false,
}: {
  states: Record<Stage, StageState>;
  compact?: boolean;
}) {
  return (
    <ol className={`thread ${compact ? "compact" : ""}`} aria-label="Stages">
      {STAGES.map(([stage, name]) => {
        const state = states[stage];
        return (
          <li
            key={stage}
            data-state={state}
            className={state === "OPEN" || state === "NOT_NEEDED" ? "" : "reached"}
          >
            <StageRing state={state} size={compact ? 20 : 26} />
            <span className={compact ? "sr-only" : ""}>{name}</span>
            <span className="sr-only">: {STATE_WORDS[state]}</span>
          </li>
        );
      })}
    </ol>
  );
}
