import type { ReactNode } from "react";

interface Part {
  role: string;
  as: string;
}

/** Each role of a bench line as it was understood, and where Enter takes it. */
export function Understood({
  parts,
  place,
  children,
}: {
  parts: Part[];
  place: string;
  /** What was taken without being said. */
  children?: ReactNode;
}) {
  return (
    <>
      <ul className="small soft">
        {parts.map((part) => (
          <li key={part.role + part.as}>
            {part.role}: {part.as}
          </li>
        ))}
        {children}
      </ul>
      <p className="mt-2 small">
        <kbd>Enter</kbd> takes it to {place}
      </p>
    </>
  );
}
