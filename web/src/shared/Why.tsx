import type { ReactNode } from "react";
import type { Figure } from "../api/types";
import { BASIS_WORDS, FIGURE_NAMES } from "./figures";

/** A figure's row; opens to its formula, the formula with the values in it, its band and its source. */
export function FigureRow({
  figure,
  children,
  name,
}: {
  figure: Figure;
  children: ReactNode;
  name?: string;
}) {
  return (
    <details className="figure-row" data-figure={figure.id}>
      <summary>
        <span className="figure-name">{name ?? FIGURE_NAMES[figure.id] ?? figure.id}</span>
        <span className="figure-value">{children}</span>
      </summary>
      <Why figure={figure} />
    </details>
  );
}

export function Why({ figure }: { figure: Figure }) {
  const banded = figure.high > figure.low;
  return (
    <div className="why">
      <p className="formula">{figure.formula}</p>
      <p>{figure.worked}</p>
      {banded && (
        <p>
          19 in 20 fall from {figure.low.toFixed(2)} to {figure.high.toFixed(2)} {figure.unit}.
        </p>
      )}
      <p className="soft">
        {BASIS_WORDS[figure.basis]}. {figure.source}
      </p>
    </div>
  );
}
