/** One line of undo and redo for the whole app. A step knows how to go back and how to go forth again. */

interface Step {
  label: string;
  back: () => void;
  forth: () => void;
}

const MOST = 200;
let done: Step[] = [];
let undone: Step[] = [];
const listeners = new Set<(message: string) => void>();

/** Notes what was just done; a new step forgets what was undone before it. */
export function remember(label: string, back: () => void, forth: () => void): void {
  done = [...done.slice(-MOST + 1), { label, back, forth }];
  undone = [];
}

/** The last step now leads to where {@code forth} goes: a run of small edits is one step. */
export function extend(forth: () => void): void {
  const last = done.at(-1);
  if (last) {
    last.forth = forth;
  }
}

/** Puts back the last step; false when there is none. */
export function undo(): boolean {
  const step = done.pop();
  if (!step) {
    return false;
  }
  step.back();
  undone.push(step);
  listeners.forEach((listener) => listener(`Undone: ${step.label}`));
  return true;
}

/** Does again what was last undone; false when there is nothing. */
export function redo(): boolean {
  const step = undone.pop();
  if (!step) {
    return false;
  }
  step.forth();
  done.push(step);
  listeners.forEach((listener) => listener(`Done again: ${step.label}`));
  return true;
}

/** Hears what was undone or done again, to say it. */
export function onUndo(listener: (message: string) => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Forgets everything. */
export function forget(): void {
  done = [];
  undone = [];
}
