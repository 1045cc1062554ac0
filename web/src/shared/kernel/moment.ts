/**
 * The moment by this device's clock, never earlier than one told before: a clock that is set back goes on from where it was, also over a
 * reload. A clock that jumps ahead cannot be told from a device that slept, and is believed.
 */
import * as z from "zod/mini";
import { stored } from "./stored";

const KEY = "toroid:moment";
const SHAPE = z.object({ last: z.number(), ahead: z.number() });

/** Written down no more often than this. */
const WRITE_MS = 500;

let state = stored(KEY, SHAPE) ?? { last: 0, ahead: 0 };
let written = state.last;

/** Milliseconds; only differences have a meaning. */
export function moment(wall: number = Date.now()): number {
  let now = wall + state.ahead;
  if (now < state.last) {
    state = { ...state, ahead: state.ahead + state.last - now };
    now = state.last;
  }
  state = { ...state, last: now };
  if (now - written >= WRITE_MS) {
    written = now;
    try {
      localStorage.setItem(KEY, JSON.stringify(state));
    } catch {
      // a private window keeps nothing: the moment holds until it is shut
    }
  }
  return now;
}

/** As a page that is just opened has it. */
export function takeUpMoment(): void {
  state = stored(KEY, SHAPE) ?? { last: 0, ahead: 0 };
  written = state.last;
}
