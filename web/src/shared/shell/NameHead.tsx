import type { ReactNode } from "react";
import type { Editor, SaveState } from "../kernel/editor";
import { SaveMark } from "./SaveMark";

interface Props<D> {
  editor: Editor<D>;
  state: SaveState<D>;
  describe: (data: D) => string;
  /** What is named. */
  label: string;
  name: string;
  onName: (name: string) => void;
  /** Ways on, between the name and whether it is saved. */
  children: ReactNode;
}

/** The first line of a job: its name, ways on, and whether it is saved. */
export function NameHead<D>({ label, name, onName, children, ...save }: Props<D>) {
  return (
    <div className="flex items-baseline gap-4">
      <input
        className="name-input"
        aria-label={label}
        value={name}
        maxLength={120}
        onChange={(event) => onName(event.target.value)}
      />
      {children}
      <SaveMark {...save} />
    </div>
  );
}
