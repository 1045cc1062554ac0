/** A slow machine is no fault: conditions are waited for as long as it takes one. And every test leaves its page as a reader does. */
import { configure } from "@testing-library/react";
import { afterEach } from "vitest";

configure({ asyncUtilTimeout: 15_000 });

type Timer = ReturnType<typeof setTimeout>;
type Page = typeof globalThis & { timersSet?: Set<Timer> };

const page = globalThis as Page;

if (!page.timersSet) {
  const set = (page.timersSet = new Set<Timer>());
  const real = globalThis.setTimeout;
  globalThis.setTimeout = Object.assign((...given: Parameters<typeof setTimeout>) => {
    const timer = real(...given);
    set.add(timer);
    return timer;
  }, real);
}

function endAll(): void {
  page.timersSet!.forEach((timer) => clearTimeout(timer));
  page.timersSet!.clear();
}

/** A page that is closed sends nothing more: what an editor would try again later must not reach the next test. */
afterEach(async () => {
  endAll();
  await new Promise((settled) => setImmediate(settled));
  endAll();
});
