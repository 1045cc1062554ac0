import { useEffect } from "react";

/** Space for the next press, Backspace to go back, a digit to measure; fields and buttons keep their own keys. */
export function useBenchKeys(forward: (() => void) | null, back: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const inField =
        event.target instanceof HTMLElement &&
        event.target.closest("input, textarea, select, dialog, button, a");
      if (event.ctrlKey || event.metaKey || event.altKey || inField) {
        return;
      }
      if (event.key === " " && forward) {
        event.preventDefault();
        forward();
      } else if (event.key === "Backspace") {
        event.preventDefault();
        back();
      } else if (/^[0-9.,]$/.test(event.key)) {
        document.getElementById("measured")?.focus();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
}
