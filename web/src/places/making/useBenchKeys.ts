import { useEffect } from "react";
import { onKeys } from "../../shared/kernel/typing";

interface BenchKeys {
  forward: (() => void) | null;
  back: () => void;
  watch: (() => void) | null;
  failed: (() => void) | null;
}

/**
 * Space or right for the next press, Backspace or left to go back, a digit or M to measure, T for a timer, S for the watch, F where one
 * failed, P for a photo; fields and buttons keep their own keys.
 */
export function useBenchKeys({ forward, back, watch, failed }: BenchKeys): void {
  useEffect(() => {
    const act = (what: (() => void) | null) => (event: KeyboardEvent) => {
      if (what) {
        event.preventDefault();
        what();
      }
    };
    const to = (id: string) => act(() => document.getElementById(id)?.focus());
    return onKeys(
      {
        Space: act(forward),
        ArrowRight: act(forward),
        Backspace: act(back),
        ArrowLeft: act(back),
        s: act(watch),
        f: act(failed),
        m: to("measured"),
        t: to("timer"),
        p: act(() => document.getElementById("photo")?.click()),
        "([0-9.,])": () => document.getElementById("measured")?.focus(),
      },
      hasKeysOfItsOwn,
    );
  });
}

function hasKeysOfItsOwn(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest("input, textarea, select, dialog, button, a, canvas, [role=slider], [tabindex='0']") !==
      null
  );
}
