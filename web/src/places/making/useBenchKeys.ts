import { useEffect } from "react";
import { onKeys } from "../../shared/kernel/typing";

/** Space for the next press, Backspace to go back, a digit to measure; fields and buttons keep their own keys. */
export function useBenchKeys(forward: (() => void) | null, back: () => void): void {
  useEffect(() =>
    onKeys(
      {
        Space: (event) => {
          if (forward) {
            event.preventDefault();
            forward();
          }
        },
        Backspace: (event) => {
          event.preventDefault();
          back();
        },
        "([0-9.,])": () => document.getElementById("measured")?.focus(),
      },
      hasKeysOfItsOwn,
    ),
  );
}

function hasKeysOfItsOwn(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && target.closest("input, textarea, select, dialog, button, a") !== null
  );
}
