/** A choice kept on this device as it is made, and undone like everything else. */
import { useRef, useState } from "react";
import * as z from "zod/mini";
import { stored } from "./stored";
import { extend, remember } from "./undo";

const SOON_MS = 900;

/** What was chosen last; what a stored choice lacks or has of another type, or where none can be read, is as first. */
export function readChoice<T extends object>(key: string, first: T): T {
  const kept = stored(key, z.record(z.string(), z.unknown())) ?? {};
  const fits = Object.entries(kept).filter(([name, value]) => {
    const was: unknown = (first as Record<string, unknown>)[name];
    return was === null || was === undefined || value === null || typeof value === typeof was;
  });
  return { ...first, ...(Object.fromEntries(fits) as Partial<T>) };
}

export function writeChoice<T extends object>(key: string, choice: T): void {
  localStorage.setItem(key, JSON.stringify(choice));
}

/** Changes of one kind that follow soon on each other are one step back. */
export function useKeptChoice<T extends object>(
  key: string,
  first: T,
): [T, (patch: Partial<T>, tag: string) => void] {
  const [choice, show] = useState<T>(() => readChoice(key, first));
  const latest = useRef(choice);
  const last = useRef({ tag: "", at: 0 });
  const set = (to: T) => {
    latest.current = to;
    writeChoice(key, to);
    show(to);
  };
  const change = (patch: Partial<T>, tag: string) => {
    const before = latest.current;
    const after = { ...before, ...patch };
    const joined = last.current.tag === tag && Date.now() - last.current.at < SOON_MS;
    last.current = { tag, at: Date.now() };
    if (joined) {
      extend(() => set(after));
    } else {
      remember(
        tag,
        () => set(before),
        () => set(after),
      );
    }
    set(after);
  };
  return [choice, change];
}
