/**
 * Readings on their way: one queue for every place that measures. A reading gets its id once and keeps it at every try, so that one whose
 * answer was lost is not counted twice; what cannot be sent stays on the device and is sent when the server answers, after a reload too.
 */
import { call, Problem } from "../api/client";
import { newId } from "../api/newId";
import { changed } from "../api/queries";
import type { FormMeasurementData, MeasurementData } from "../api/types";
import { say } from "./says";

interface Kinds {
  measurements: MeasurementData;
  "form-measurements": FormMeasurementData;
}
type Kind = keyof Kinds;

const KINDS: Kind[] = ["measurements", "form-measurements"];
const PREFIX = "toroid:unsaved:";
const RETRY_MS = 2000;

/** What became of a reading. */
export interface Taken {
  id: string;
  /** Whether it waits on the device for the server to answer. */
  waits: boolean;
}

/**
 * Takes a reading.
 *
 * @throws Problem where the server refuses it; nothing is kept then ({@link notTaken} has the words)
 */
export async function takeReading<K extends Kind>(kind: K, data: Kinds[K]): Promise<Taken> {
  const id = newId();
  try {
    await sendReading(kind, id, data);
    return { id, waits: false };
  } catch (failure) {
    if (isRefused(failure)) {
      throw failure;
    }
    localStorage.setItem(keyOf(kind, id), JSON.stringify(data));
    later();
    say("The server is not answering. The measurement is kept here and sent when it does.");
    return { id, waits: true };
  }
}

/** Sends all that waits on this device, in the order it was taken, until the server does not answer. */
export async function sendWaiting(): Promise<void> {
  for (const { kind, id, data } of waiting()) {
    try {
      await sendReading(kind, id, data);
    } catch (failure) {
      if (!isRefused(failure)) {
        later();
        return;
      }
      say(`A measurement kept here was refused: ${failure.body.detail}`);
    }
    localStorage.removeItem(keyOf(kind, id));
  }
}

/** One that the server already has, by its id, arrived at an earlier try whose answer was lost. */
async function sendReading(kind: Kind, id: string, data: Kinds[Kind]): Promise<void> {
  try {
    await call("PUT", `/api/${kind}/${id}`, { version: null, data });
  } catch (failure) {
    if (!(failure instanceof Problem && failure.status === 409 && failure.body.current)) {
      throw failure;
    }
  }
  changed(kind, "springback", "notebook", "sheet", "ring-table");
}

/** Asking to sign in, or a stumble of the server's own, is no refusal. */
function isRefused(failure: unknown): failure is Problem {
  return failure instanceof Problem && failure.status < 500 && !COMES_LATER.includes(failure.status);
}

/** Signing in, something written in the same moment, too many at once: the same again may be taken. */
const COMES_LATER = [401, 409, 429];

/** What to say of a reading that was not taken. */
export function notTaken(failure: unknown): string {
  return failure instanceof Problem
    ? failure.body.detail
    : "It could not be sent, and this device keeps nothing: write it down.";
}

interface Waiting {
  kind: Kind;
  id: string;
  data: Kinds[Kind];
}

function waiting(): Waiting[] {
  const found: Waiting[] = [];
  for (const kind of KINDS) {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith(keyOf(kind, "")))) {
      const data = JSON.parse(localStorage.getItem(key)!) as Kinds[Kind];
      found.push({ kind, id: key.slice(keyOf(kind, "").length), data });
    }
  }
  return found.sort((a, b) => a.data.takenAt.localeCompare(b.data.takenAt));
}

function keyOf(kind: Kind, id: string): string {
  return `${PREFIX}${kind}/${id}`;
}

let timer: ReturnType<typeof setTimeout> | undefined;

function later(): void {
  clearTimeout(timer);
  timer = setTimeout(() => void sendWaiting(), RETRY_MS);
}

/** Sends what an earlier visit left, and again whenever the device is back on its network. */
export function keepSending(): void {
  window.addEventListener("online", () => void sendWaiting());
  void sendWaiting();
}
