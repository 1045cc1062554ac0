import { isValidElement, lazy, type ComponentType, type ReactNode } from "react";

/** What fetches each place's code, by the place. */
const loads = new Map<unknown, () => Promise<unknown>>();

/**
 * A place whose code comes after the bench's: when it is first gone to, or before, once there is time ({@link loadTheRest}), so that work
 * goes on everywhere while the server does not answer.
 */
export function place<N extends string>(load: () => Promise<Record<N, ComponentType>>, name: N) {
  const There = lazy<ComponentType>(() =>
    load().then(
      (found): { default: ComponentType } => ({ default: found[name] }),
      () => ({ default: NotThere }),
    ),
  );
  loads.set(There, load);
  return There;
}

/** Fetches what these show before they are drawn: not to wait for who is let in first. */
export function fetchNow(elements: readonly ReactNode[]): void {
  for (const element of elements) {
    if (isValidElement(element)) {
      // it says itself that it did not come, when it is drawn
      loads
        .get(element.type)?.()
        .catch(() => undefined);
    }
  }
}

/** Fetches every other place in turn, once the first one stands. */
export async function loadTheRest(): Promise<void> {
  for (const load of loads.values()) {
    try {
      await load();
    } catch {
      return; // gone to, it says so itself
    }
  }
}

function NotThere() {
  return (
    <div className="place">
      <h1 className="place-title">This place did not come</h1>
      <p className="mt-3 max-w-prose">
        The server is not answering, or was renewed since this page was opened. What you typed is kept.
      </p>
      <button className="action mt-4" onClick={() => window.location.reload()}>
        Load the page again
      </button>
    </div>
  );
}
