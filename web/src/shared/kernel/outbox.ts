/** What was typed on this device and is not kept by the server yet, wherever it was typed. */
import { useEffect, useState } from "react";
import type { ProblemBody } from "../../api/client";
import { moment } from "./moment";
import { openEditor } from "./useEditor";

const PREFIX = "toroid:unsaved:";
/** What is sent by itself, whatever page is open. */
const BY_ITSELF = /^(readings|photo-files)\//;
const LOOKS_MS = 1000;

/** What is kept sooner than that is not spoken of. */
const SPOKEN_OF_MS = 4000;

export interface Unkept {
  /** Path and id, as in the API: "jobs/form/7", "readings/3". */
  at: string;
  /** What it is called; empty where it has no name. */
  name: string;
  /** Sent by itself as soon as the server answers; what no page holds open is sent when its page is. */
  state: "waits" | "shut" | "conflict" | "refused";
  problem: ProblemBody | null;
}

const seenAt = new Map<string, number>();

/** What lies here longer than a moment, in the order of its addresses. */
export function lookOut(now: number = moment()): Unkept[] {
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(PREFIX));
  for (const known of seenAt.keys()) {
    if (!keys.includes(known)) {
      seenAt.delete(known);
    }
  }
  return keys
    .sort()
    .filter((key) => {
      const since = seenAt.get(key) ?? now;
      seenAt.set(key, since);
      return now - since >= SPOKEN_OF_MS;
    })
    .map((key) => unkept(key.slice(PREFIX.length), localStorage.getItem(key) ?? ""));
}

function unkept(at: string, text: string): Unkept {
  const state = openEditor(at)?.get().state;
  const waits = BY_ITSELF.test(at) || (state !== undefined && state.kind !== "saved");
  return {
    at,
    name: nameIn(text),
    state: state?.kind === "refused" || state?.kind === "conflict" ? state.kind : waits ? "waits" : "shut",
    problem: state?.kind === "refused" ? state.problem : null,
  };
}

function nameIn(text: string): string {
  try {
    const { name } = JSON.parse(text) as { name?: unknown };
    return typeof name === "string" ? name : "";
  } catch {
    return "";
  }
}

/** Looked at anew each second. */
export function useOutbox(): Unkept[] {
  const [items, setItems] = useState<Unkept[]>([]);
  useEffect(() => {
    const look = () =>
      setItems((before) => {
        const now = lookOut();
        return JSON.stringify(now) === JSON.stringify(before) ? before : now;
      });
    look();
    const timer = setInterval(look, LOOKS_MS);
    return () => clearInterval(timer);
  }, []);
  return items;
}

/** Given up: what the server has stands again. */
export function dropUnkept(at: string): void {
  openEditor(at)?.drop();
  localStorage.removeItem(PREFIX + at);
}
