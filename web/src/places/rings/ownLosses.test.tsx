import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { Kept, RingJobData } from "../../api/types";
import { PREFERENCES, serve, show } from "../../test/app";
import workshop from "../../test/workshop.json";
import { OwnLosses } from "./OwnLosses";

const { data } = workshop.job as unknown as Kept<RingJobData>;
const LOSSES = { turns: 4.3, halfWidth: 2.1, measurements: 6, perEnd: 2 };

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("says what the maker's coils lost, and plans by it on a press", async () => {
  serve({ ...PREFERENCES, "GET /api/readings/coil-losses": LOSSES });
  const patches: Partial<RingJobData>[] = [];
  show(<OwnLosses data={{ ...data, spoiltTurnsPerEnd: 1 }} change={(patch) => patches.push(patch)} />);
  expect(await screen.findByText(/6 coils of your own lost 4.3 turns each, give or take 2.1/)).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "plan 2 at each end" }));
  expect(patches).toEqual([{ spoiltTurnsPerEnd: 2 }]);
});

it("offers nothing where it is planned so already, and says nothing from nothing", async () => {
  serve({ ...PREFERENCES, "GET /api/readings/coil-losses": LOSSES });
  const shown = show(<OwnLosses data={{ ...data, spoiltTurnsPerEnd: 2 }} change={() => undefined} />);
  expect(await screen.findByText(/6 coils/)).toBeTruthy();
  expect(screen.queryByRole("button")).toBeNull();
  shown.unmount();
  const asked = serve({
    ...PREFERENCES,
    "GET /api/readings/coil-losses": { turns: 2, halfWidth: 4.4, measurements: 0, perEnd: 1 },
  });
  const none = show(<OwnLosses data={data} change={() => undefined} />);
  await vi.waitFor(() => expect(asked.some((one) => one.path.endsWith("coil-losses"))).toBe(true));
  expect(none.container.textContent).toBe("");
});
