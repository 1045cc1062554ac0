import { Fragment, type ReactNode } from "react";

interface Props<T> {
  /** What the rows are, in a sentence above them. */
  reason: string;
  className?: string;
  heads: string[];
  rows: readonly T[];
  /** A row's cells, one for each head. */
  cells: (row: T, at: number) => ReactNode[];
  /** What else can be done with a row, before it is taken out. */
  also?: (at: number) => ReactNode;
  outLabel: (at: number) => string;
  onOut: (at: number) => void;
  /** What adds a row. */
  children: ReactNode;
}

/** Rows that make a form: each value typed where it stands; any row but the last one left can be taken out. */
export function RowsTable<T>({
  reason,
  className = "",
  heads,
  rows,
  cells,
  also,
  outLabel,
  onOut,
  children,
}: Props<T>) {
  return (
    <table className={`ruled outline-table ${className}`}>
      <caption className="small soft">{reason}</caption>
      <thead>
        <tr>
          {heads.map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
          <th scope="col">
            <span className="sr-only">Row</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={i}>
            {cells(row, i).map((cell, k) => (
              <td key={heads[k]}>{cell}</td>
            ))}
            <td>
              {also && <Fragment>{also(i)} </Fragment>}
              <button
                className="quiet tiny at-end"
                aria-label={outLabel(i)}
                disabled={rows.length === 1}
                onClick={() => onOut(i)}
              >
                out
              </button>
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={heads.length + 1}>{children}</td>
        </tr>
      </tfoot>
    </table>
  );
}
