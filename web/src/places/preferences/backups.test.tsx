import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { PREFERENCES, Refused, serve, show } from "../../test/app";
import { Backups } from "./Backups";

const A_FILE = "A backup, or a workshop as open JSON";
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

it("looks through a backup, tells what it holds beside what is here, and puts in that one alone", async () => {
  const LOOKED = {
    madeAt: "2026-11-20T08:30:00Z",
    tablesVersion: "19",
    rows: 812,
    counts: [
      { table: "job", brought: 14, here: 19 },
      { table: "own-weave", brought: 2, here: 2 },
    ],
  };
  const kept = { name: "toroid-before-restore-2026-11-20T083000.zip", madeAt: LOOKED.madeAt, bytes: 4096 };
  const assign = vi.fn();
  vi.stubGlobal("location", { ...window.location, assign });
  let looks = 0;
  const asked = serve({
    ...PREFERENCES,
    "GET /api/backups": { folder: "/var/toroid", last: LAST, count: 3, failed: null },
    "GET /api/backups/kept": [kept],
    "PUT /api/backups/brought": LOOKED,
    "POST /api/backups/put-in": { before: "toroid-before-restore.zip" },
    "GET /api/session": () => {
      looks += 1;
      if (looks === 2) {
        throw new TypeError("beginning anew");
      }
      return {};
    },
  });
  show(<Backups />);
  const file = new File(["zip"], "toroid.zip");
  fireEvent.change(await screen.findByLabelText(A_FILE), { target: { files: [file] } });
  const row = await screen.findByRole("row", { name: /jobs/ });
  expect(row.textContent).toBe("jobs1419");
  fireEvent.click(screen.getByText("leave it"));
  fireEvent.click(screen.getByText("those kept here"));
  fireEvent.click(await screen.findByRole("button", { name: "look" }));
  fireEvent.click(await screen.findByRole("button", { name: "Put it in" }));
  await waitFor(() => expect(assign).toHaveBeenCalledWith("/"), { timeout: 10_000 });
  expect(looks).toBeGreaterThanOrEqual(3);
  expect(asked.filter((one) => one.method === "PUT").map((one) => one.path)).toEqual([
    "/api/backups/brought",
    `/api/backups/brought/${kept.name}`,
  ]);
  expect(asked.find((one) => one.method === "POST")!.body).toEqual({ madeAt: LOOKED.madeAt });
});

it("says why a file is none, and changes nothing", async () => {
  serve({
    ...PREFERENCES,
    "GET /api/backups": { folder: "/var/toroid", last: LAST, count: 3, failed: null },
    "PUT /api/backups/brought": new Refused({ code: "backup-damaged" }),
  });
  show(<Backups />);
  fireEvent.change(await screen.findByLabelText(A_FILE), {
    target: { files: [new File(["x"], "x.zip")] },
  });
  expect((await screen.findByRole("alert")).textContent).toMatch(/damaged.*Nothing was changed/);
  expect(screen.queryByText("Put it in")).toBeNull();
});
