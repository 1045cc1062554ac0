import * as z from "zod/mini";
import { rememberMeasurement } from "../../shared/kernel/leaving";
import { deviceList } from "../../shared/kernel/deviceList";
import { moment } from "../../shared/kernel/moment";
import { takeReading } from "../../shared/kernel/readings";
import { say } from "../../shared/kernel/says";
import { useTicking } from "../../shared/kernel/useTicking";
import { plain } from "../../quantity/format";
import type { Kept, Operation, RunData } from "../../api/types";
import { begunAt } from "./formed";
import type { Place } from "./rhythm";

/** Laps of one run. Begun at a place of its rhythm; not whole where that was gone back to or taken up in the middle. */
export interface Watch {
  run: string;
  /** The place it was begun at. */
  from: number;
  whole: boolean;
  /** Since when it runs; null while it stands. */
  since: number | null;
  /** Run before that, ms. */
  sum: number;
}

const SHAPE = z.object({
  run: z.string(),
  from: z.number(),
  whole: z.boolean(),
  since: z.nullable(z.number()),
  sum: z.number(),
});

const watches = deviceList<Watch>("toroid:watches", SHAPE);

const MINUTE_MS = 60_000;

/** Shorter laps are slips of the thumb. */
const LEAST_MS = 2000;

export const elapsed = (watch: Watch, now: number) =>
  watch.sum + (watch.since === null ? 0 : Math.max(0, now - watch.since));

/** What of the time of an operation can be noted. */
export const timed = (operation: Operation) =>
  operation.measurable.find((one) => one.quantity === "MINUTES") ?? null;

/** Where that lap has to have begun: a form's copy, a part's, at its first step, all else at the step itself. */
export const lapFrom = (run: RunData, place: Place) => place.at - place.index + begunAt(run, place.index);

export function useWatch(run: Kept<RunData>, place: Place) {
  const watch = watches.use().find((one) => one.run === run.id) ?? null;
  const now = useTicking(watch !== null && watch.since !== null);
  const set = (to: Watch | null) =>
    watches.write([...watches.read().filter((one) => one.run !== run.id), ...(to ? [to] : [])]);
  const begin = (from: number, whole: boolean) => set({ run: run.id, from, whole, since: moment(), sum: 0 });
  const fresh = place.count === 0 && lapFrom(run.data, place) === place.at;
  return {
    runs: watch !== null && watch.since !== null,
    ms: watch ? elapsed(watch, now) : null,
    /** Whether what it has run so far becomes a time. */
    counts: watch !== null && watch.whole && watch.from === lapFrom(run.data, place),
    /** Begins, stands still, goes on. */
    press: () =>
      watch === null
        ? begin(place.at, fresh)
        : set(
            watch.since === null
              ? { ...watch, since: moment() }
              : { ...watch, since: null, sum: elapsed(watch, moment()) },
          ),
    stop: () => set(null),
    /** Gone back: what runs is no lap any more. */
    spoil: () => watch && set({ ...watch, whole: false }),
    /** The operation in hand is done: noted where it is a time, and the next lap begins. */
    lap: () => {
      if (!watch || watch.since === null) {
        return;
      }
      const ms = elapsed(watch, moment());
      const { operation } = place;
      const noted = operation && timed(operation) && watch.whole && watch.from === lapFrom(run.data, place);
      if (noted && ms >= LEAST_MS) {
        void note(run.id, operation.id, ms / MINUTE_MS / Math.max(1, place.copies));
      }
      const next = (place.at + 1) % run.data.plan.operations.length;
      const goesOn = next !== 0 && begunAt(run.data, next) !== next;
      if (place.at + 1 >= place.places) {
        set(null);
      } else if (!goesOn) {
        begin(place.at + 1, true);
      }
    },
  };
}

async function note(run: string, operation: string, minutes: number): Promise<void> {
  try {
    const taken = await takeReading({ runId: run, operation, quantity: "MINUTES", value: minutes });
    say(`${plain(minutes, 1)} min noted`);
    if (!taken.waits) {
      rememberMeasurement("time", taken.id);
    }
  } catch {
    say("The time was not noted.");
  }
}
