/** Timers at the bench: several at once, kept on this device, so that a reload loses none. */
import * as z from "zod/mini";
import { newId } from "../../api/newId";
import { deviceList } from "./deviceList";
import { moment } from "./moment";

export interface Timer {
  id: string;
  label: string;
  /** When it is up, by {@link moment}. */
  ends: number;
  lengthMs: number;
}

const SHAPE = z.object({ id: z.string(), label: z.string(), ends: z.number(), lengthMs: z.number() });

const timers = deviceList<Timer>("toroid:timers", SHAPE);

export const useTimers = timers.use;
export const readTimers = timers.read;

const MINUTE_MS = 60_000;

/** Longer ones are for a calendar. */
const MOST_MINUTES = 7 * 24 * 60;

/** @throws RangeError, in words, where that is no time */
export function setTimer(minutes: number, label: string): Timer {
  if (!(minutes > 0 && minutes <= MOST_MINUTES)) {
    throw new RangeError(
      `A timer runs from a moment to ${MOST_MINUTES / 60 / 24} days. Give minutes between.`,
    );
  }
  const lengthMs = minutes * MINUTE_MS;
  const timer = { id: newId(), label: label.slice(0, 60), ends: moment() + lengthMs, lengthMs };
  timers.write([...timers.read(), timer]);
  return timer;
}

export function stopTimer(id: string): void {
  timers.write(timers.read().filter((one) => one.id !== id));
}

/** A few minutes more, from now where it is up. */
export function moreTime(id: string, minutes: number): void {
  timers.write(
    timers.read().map((one) => {
      const ends = Math.max(one.ends, moment()) + minutes * MINUTE_MS;
      return one.id === id ? { ...one, ends, lengthMs: Math.max(one.lengthMs, ends - moment()) } : one;
    }),
  );
}

/** "10", "10 pickle", "1:30 glue", "24 h glue": minutes first, then what for; null for what begins with no time. */
export function readTimer(typed: string): { minutes: number; label: string } | null {
  const found = /^\s*(?:(\d+):([0-5]\d)|(\d+(?:[.,]\d+)?))\s*(?:(h|hours?|min|minutes?)\b)?\s*(.*)$/i.exec(
    typed,
  );
  if (!found) {
    return null;
  }
  const [, hours, minutes, plain, unit, label] = found;
  if (hours !== undefined) {
    return { minutes: 60 * Number(hours) + Number(minutes), label: label!.trim() };
  }
  const number = Number(plain!.replace(",", "."));
  return { minutes: unit?.toLowerCase().startsWith("h") ? 60 * number : number, label: label!.trim() };
}

/** "9:05", "1:02:30"; of what is past how long ago. */
export function clockText(ms: number): string {
  const seconds = Math.ceil(Math.abs(ms) / 1000 - 1e-9);
  const two = (part: number) => String(part).padStart(2, "0");
  const hours = Math.floor(seconds / 3600);
  const rest = `${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`;
  return hours > 0 ? `${hours}:${rest}` : rest.replace(/^0/, "");
}
