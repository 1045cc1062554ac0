/**
 * Readings on their way: one queue for every place that measures. A reading gets its id once and keeps it at every try, so that one whose
 * answer was lost is not counted twice. It lies on the device from before it is sent until the server has it or refuses it; the queue
 * is TanStack Query's paused mutations, one after another in the order the readings were taken, after a reload too.
 */
import type { Mutation, MutationKey } from "@tanstack/react-query";
import * as z from "zod/mini";
import { call, Problem } from "../../api/client";
import { newId } from "../../api/newId";
import { changed, queries } from "../../api/queries";
import { refusalWords } from "../words/refused";
import { takeOver } from "./earlierReadings";
import type { Reading, Sent } from "./reading";
import { isRefused } from "./refusedForGood";
import { say } from "./says";
import { stored } from "./stored";

const PREFIX = "toroid:unsaved:readings/";
const RETRY_MS = 2000;

/** What became of a reading. */
export interface Taken {
  id: string;
  /** Whether it waits on the device for the server to answer. */
  waits: boolean;
}

interface Waiting {
  id: string;
  data: Sent;
}

type Sending = Mutation<void, Error, Waiting>;

const READING: MutationKey = ["reading"];

queries.setMutationDefaults(READING, {
  mutationFn: sendReading,
  // one after another
  scope: { id: "readings" },
  retry: (_, failure) => !isRefused(failure),
  retryDelay: RETRY_MS,
  gcTime: 0,
});

/**
 * Takes a reading.
 *
 * @throws Problem where the server refuses it; nothing is kept then ({@link NOT_TAKEN} where it could not be sent)
 */
export async function takeReading(reading: Reading): Promise<Taken> {
  const waiting = { id: newId(), data: { ...reading, takenAt: new Date().toISOString(), note: "" } };
  if (!keeps(waiting)) {
    await sendReading(waiting); // once: what no device keeps cannot wait
    return { id: waiting.id, waits: false };
  }
  const sending = begun(waiting);
  const sent = sending.execute(waiting).finally(() => localStorage.removeItem(PREFIX + waiting.id));
  const waits = await Promise.race([sent.then(() => false), held(sending)]);
  if (waits) {
    say("The server is not answering. The measurement is kept here and sent when it does.");
    sent.catch(refusedLater);
  }
  return { id: waiting.id, waits };
}

/** Whether the device kept it: a private window may not. */
function keeps({ id, data }: Waiting): boolean {
  try {
    localStorage.setItem(PREFIX + id, JSON.stringify(data));
    return true;
  } catch {
    return false;
  }
}

function begun(waiting: Waiting): Sending {
  return queries
    .getMutationCache()
    .build<void, Error, Waiting, unknown>(queries, queries.defaultMutationOptions({ mutationKey: READING }), {
      ...NOT_BEGUN,
      variables: waiting,
    });
}

const NOT_BEGUN = {
  context: undefined,
  data: undefined,
  error: null,
  failureCount: 0,
  failureReason: null,
  isPaused: false,
  status: "idle",
  submittedAt: 0,
} as const;

/** True once it could not be sent at once: it failed and is tried again, or waits for another before it. */
function held(sending: Sending): Promise<true> {
  return new Promise((resolve) => {
    const off = queries.getMutationCache().subscribe((event) => {
      if (event.mutation === sending && event.type === "updated") {
        if (event.action.type === "failed" || event.action.type === "pause" || sending.state.isPaused) {
          off();
          resolve(true);
        } else if (sending.state.status === "success" || sending.state.status === "error") {
          off();
        }
      }
    });
  });
}

/** Sends all that waits on this device and is not on its way, in the order it was taken. */
export async function sendWaiting(): Promise<void> {
  const onTheirWay = queries
    .getMutationCache()
    .findAll({ mutationKey: READING, status: "pending" })
    .map((mutation) => (mutation.state.variables as Waiting).id);
  const left = waiting().filter(({ id }) => !onTheirWay.includes(id));
  await Promise.all(
    left.map((one) =>
      begun(one)
        .execute(one)
        .catch(refusedLater)
        .finally(() => localStorage.removeItem(PREFIX + one.id)),
    ),
  );
}

function refusedLater(failure: unknown): void {
  if (failure instanceof Problem) {
    say(`A measurement kept here was refused: ${refusalWords(failure.body)}`);
  }
}

/** One that the server already has, by its id, arrived at an earlier try whose answer was lost. */
async function sendReading({ id, data }: Waiting): Promise<void> {
  try {
    await call("PUT", `/api/readings/${id}`, { version: null, data });
  } catch (failure) {
    if (!(failure instanceof Problem && failure.status === 409 && failure.body.current)) {
      throw failure;
    }
  }
  changed("readings", "springback", "bench", "notebook", "sheet", "ring-table");
}

/** What to say of a reading that was not taken. */
export const NOT_TAKEN = "It could not be sent, and this device keeps nothing: write it down.";

/** What is read back only has to be a reading; the rest the server judges. */
const SENT = z.looseObject({
  quantity: z.string(),
  value: z.number(),
  takenAt: z.string(),
  note: z.string(),
}) as unknown as z.ZodMiniType<Sent>;

function waiting(): Waiting[] {
  takeOver();
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => ({ id: key.slice(PREFIX.length), data: stored(key, SENT) }))
    .filter((one): one is Waiting => one.data !== null)
    .sort((a, b) => a.data.takenAt.localeCompare(b.data.takenAt));
}

/** Sends what an earlier visit left; what fails is tried again by itself, and when the device is back on its network. */
export function keepSending(): void {
  void sendWaiting();
}
