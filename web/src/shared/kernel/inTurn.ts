/** Work that nobody waits for by the key: a little each frame, so that what is pressed and typed comes between. */

/** Of a frame's sixteen. */
const EACH_FRAME_MS = 8;

const waiting = new Map<object, () => void>();
let asked = false;

/** Does it in one of the next frames, in the order it was asked for; asked again for the same before that, once. */
export function inTurn(of: object, act: () => void): void {
  waiting.set(of, act);
  if (!asked) {
    asked = true;
    requestAnimationFrame(some);
  }
}

/** It is wanted no more. */
export function notAnyMore(of: object): void {
  waiting.delete(of);
}

function some(): void {
  const until = performance.now() + EACH_FRAME_MS;
  try {
    for (const [of, act] of waiting) {
      waiting.delete(of);
      act();
      if (performance.now() > until) {
        break;
      }
    }
  } finally {
    // what went wrong with one is told, and stops none of the others
    asked = waiting.size > 0;
    if (asked) {
      requestAnimationFrame(some);
    }
  }
}
