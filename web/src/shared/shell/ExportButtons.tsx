import type { ReactNode } from "react";
import type { Kept } from "../../api/types";
import { takeFile } from "../kernel/takeAway";

interface Props<D extends { name: string }> {
  /** Where such jobs are kept: "jobs/form". */
  path: string;
  kept: Kept<D>;
  /** Formats the server writes, and what they are called. */
  formats: readonly (readonly [string, string])[];
  children?: ReactNode;
}

/** A kept job out of the workshop, a button for each format; what else can be done with it behind them. */
export function ExportButtons<D extends { name: string }>({ path, kept, formats, children }: Props<D>) {
  return (
    <p className="exports small">
      {formats.map(([format, name]) => (
        <button key={format} className="quiet small" onClick={() => void takeFile(path, kept, format)}>
          {name}
        </button>
      ))}
      {children}
    </p>
  );
}

/** Away, to be brought back. */
export function AwayButton({ onAway }: { onAway: () => void }) {
  return (
    <button className="quiet small" onClick={onAway}>
      take away
    </button>
  );
}
