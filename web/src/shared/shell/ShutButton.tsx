import { useId, type ReactNode } from "react";

/** A button that, while it is shut, says beside it why. */
export function ShutButton({
  why,
  onClick,
  children,
  className = "action",
}: {
  /** Null while it can be pressed. */
  why: string | null;
  onClick: () => void;
  children: ReactNode;
  className?: string;
}) {
  const id = useId();
  return (
    <>
      <button
        className={className}
        disabled={why !== null}
        aria-describedby={why === null ? undefined : id}
        onClick={onClick}
      >
        {children}
      </button>
      {why !== null && (
        <span id={id} className="care small">
          {why}
        </span>
      )}
    </>
  );
}

/** Why what leads on is shut while a value is refused. */
export const REFUSED_ABOVE = "First put right what is refused above.";
