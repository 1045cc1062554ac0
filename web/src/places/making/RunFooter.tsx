import type { ReactNode } from "react";
import { Link } from "react-router";

interface Props {
  atStart: boolean;
  /** Nothing is left to do. */
  done: boolean;
  /** The step in hand is made as often as it needs. */
  full: boolean;
  onBack: () => void;
  onForward: () => void;
  children: ReactNode;
}

/** Back and onward, as large as a dirty hand needs them; how far it is between. */
export function RunFooter({ atStart, done, full, onBack, onForward, children }: Props) {
  return (
    <footer>
      <button className="back" disabled={atStart} onClick={onBack}>
        Back
      </button>
      <div className="middle">{children}</div>
      {done ? (
        <Link className="next grid place-items-center no-underline text-[26px] font-semibold" to="/notebook">
          Notebook
        </Link>
      ) : (
        <button className="next" onClick={onForward}>
          {full ? "Next" : "One more"}
        </button>
      )}
    </footer>
  );
}
