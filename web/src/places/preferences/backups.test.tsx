import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { PREFERENCES, serve, show } from "../../test/app";
import { Backups } from "./Backups";

const LAST = { name: "toroid-2026-11-29T100000.zip", madeAt: "2026-11-29T10:00:00Z", bytes: 1_572_864 };

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("says when the last one was made, how large it is and where it lies", async () => {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/backups": { folder: "/var/toroid", last: LAST, count: 3, failed: null },
    "POST /api/backups": { folder: "/var/toroid", last: LAST, count: 4, failed: null },
  });
  const { container } = show(<Backups />);
  await waitFor(() => expect(container.textContent).toContain("1.5 MiB, and 2 before it"));
  expect(container.textContent).toContain("in /var/toroid, one a day");
  fireEvent.click(screen.getByText("back up now"));
  await waitFor(() => expect(asked.some((one) => one.method === "POST")).toBe(true));
});

it("says why the last try failed, and that a workshop is not backed up by itself", async () => {
  serve({
    ...PREFERENCES,
    "GET /api/backups": { folder: null, last: null, count: 0, failed: "no room" },
  });
  show(<Backups />);
  expect((await screen.findByRole("status")).textContent).toContain("no room");
  expect(screen.getByText("This workshop is not backed up by itself.")).toBeTruthy();
  expect(screen.queryByText("back up now")).toBeNull();
});
