import type { ReactNode } from "react";
import { Link } from "react-router";

interface Props {
  atStart: boolean;
  /** Nothing is left to do. */
  done: boolean;
  /** The step in hand is made as often as it needs. */
  full: boolean;
  /** What the onward button says, where it is not the next step. */
  word?: string;
  onBack: () => void;
  onForward: () => void;
  children: ReactNode;
}

/** Back and onward, as large as a dirty hand needs them; how far it is between. */
export function RunFooter({ atStart, done, full, word, onBack, onForward, children }: Props) {
  return (
    <footer>
      <button className="back at-end" disabled={atStart} onClick={onBack}>
        Back
      </button>
      <div className="middle">{children}</div>
      {done ? (
        <Link className="next grid place-items-center no-underline text-[26px] font-semibold" to="/notebook">
          Notebook
        </Link>
      ) : (
        <button className="next" onClick={onForward}>
          {word ?? (full ? "Next" : "One more")}
        </button>
      )}
    </footer>
  );
}
