import type { ReactNode } from "react";

/** What may be wider than the screen, a table above all: it scrolls by itself, and from the keyboard with whatever is in it. */
export function Sideways({
  name,
  className,
  children,
}: {
  name: string;
  className?: string;
  children: ReactNode;
}) {
  return (
    <div
      role="region"
      aria-label={name}
      tabIndex={0}
      className={`relative overflow-x-auto ${className ?? ""}`}
    >
      {children}
    </div>
  );
}
