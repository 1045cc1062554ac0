import { useId, useState, type ReactNode } from "react";
import type { Figure } from "../../api/types";
import { Formula } from "./Formula";
import { BASIS_WORDS, FIGURE_NAMES } from "../words/figures";

/** A figure's row; its name opens to its formula, the formula with the values in it, its band and its source. */
export function FigureRow({
  figure,
  children,
  name,
}: {
  figure: Figure;
  children: ReactNode;
  name?: string;
}) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <div className="figure-row" data-figure={figure.id}>
      <div className="figure-line">
        <button
          className="figure-name"
          aria-expanded={open}
          aria-controls={id}
          onClick={() => setOpen(!open)}
        >
          {name ?? FIGURE_NAMES[figure.id] ?? figure.id}
        </button>
        <span className="figure-value">{children}</span>
      </div>
      <div id={id}>{open && <Why figure={figure} />}</div>
    </div>
  );
}

/** A number in running text or a table; pressed, it opens to where it comes from. */
export function WhyNumber({ figure, children }: { figure: Figure | undefined; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  if (!figure) {
    return <>{children}</>;
  }
  return (
    <span data-figure={figure.id}>
      <button
        type="button"
        className="why-number"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
      >
        {children}
      </button>
      <span id={id}>{open && <Why figure={figure} />}</span>
    </span>
  );
}

function Why({ figure }: { figure: Figure }) {
  const banded = figure.high > figure.low;
  return (
    <span className="why">
      <Formula>{figure.formula}</Formula>
      <span>{figure.worked}</span>
      {banded && (
        <span>
          19 in 20 fall from {figure.low.toFixed(2)} to {figure.high.toFixed(2)} {figure.unit}.
        </span>
      )}
      <span className="soft">
        {BASIS_WORDS[figure.basis]}. {figure.source}
      </span>
    </span>
  );
}
