import type { ReactNode } from "react";
import { LOOKS } from "../kernel/turnKeys";

type Side = (typeof LOOKS)[number][0];

/** The sides a thing in the round is looked at from, on the strip below it. */
export function SceneLooks({ onLook, children }: { onLook: (side: Side) => void; children?: ReactNode }) {
  return (
    <span className="scene-looks">
      <span className="small soft">seen from the</span>
      {LOOKS.map(([look, word]) => (
        <button key={look} className="quiet small" onClick={() => onLook(look)}>
          {word}
        </button>
      ))}
      {children}
    </span>
  );
}
