import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { RowsLaid } from "../../api/brought";
import { PREFERENCES, serve, show } from "../../test/app";
import { Backups } from "./Backups";

const rows = (table: string, over: Partial<RowsLaid>): RowsLaid => ({
  table,
  added: 0,
  changed: 0,
  alike: 0,
  left: 0,
  refused: [],
  refusedInAll: 0,
  ...over,
});

const assign = vi.fn();
let looks = 0;

function bring(tables: RowsLaid[]) {
  vi.stubGlobal("location", { ...window.location, assign });
  const asked = serve({
    ...PREFERENCES,
    "GET /api/backups": { folder: "/var/toroid", last: null, count: 0, failed: null },
    "GET /api/session": () => {
      looks += 1;
      if (looks === 2) {
        throw new TypeError("beginning anew");
      }
      return {};
    },
    "PUT /api/backups/brought.json": { mark: "abc", tables },
    "POST /api/backups/add": { before: "toroid-before-adding.zip", tables },
  });
  show(<Backups />);
  return asked;
}

async function choose() {
  fireEvent.change(await screen.findByLabelText("A backup, or a workshop as open JSON"), {
    target: { files: [new File(["{}"], "workshop.json")] },
  });
}

afterEach(() => {
  cleanup();
  assign.mockReset();
  looks = 0;
  vi.unstubAllGlobals();
});

it("tells what would become of each table's rows, and adds that very file", async () => {
  const asked = bring([
    rows("job", { added: 3, changed: 1, alike: 7 }),
    rows("own-weave", { alike: 2 }),
    rows("preference", { left: 1 }),
  ]);
  await choose();
  expect((await screen.findByRole("row", { name: /^jobs/ })).textContent).toBe("jobs317");
  expect(screen.getByText("4 rows would come in")).toBeTruthy();
  expect(screen.getByText("preferences (yours stay)")).toBeTruthy();
  expect(screen.queryByText("weaves of your own")).toBeNull();
  fireEvent.click(screen.getByText("Add it"));
  await waitFor(() => expect(asked.find((one) => one.method === "POST")?.body).toEqual({ mark: "abc" }));
  await waitFor(() => expect(assign).toHaveBeenCalledWith("/"), { timeout: 10_000 });
});

it("says which rows are not taken and why, and adds nothing then", async () => {
  const why = { code: "row-refers-to-nothing", values: {} } as RowsLaid["refused"][number]["why"];
  bring([
    rows("job", { added: 3 }),
    rows("run", { refused: [{ key: "k", named: "Mail collar", why }], refusedInAll: 2 }),
  ]);
  await choose();
  expect((await screen.findByRole("alert")).textContent).toMatch(/^2 rows would not be taken, so none is/);
  expect(screen.getByText("Mail collar").closest("li")!.textContent).toMatch(/neither here nor in the file/);
  expect(screen.getByText("and 1 more")).toBeTruthy();
  expect(screen.queryByText("Add it")).toBeNull();
  fireEvent.click(screen.getByText("leave it"));
  expect(await screen.findByText("bring a backup or open JSON in")).toBeTruthy();
});

it("says so where nothing of it is new", async () => {
  bring([rows("job", { alike: 9 })]);
  await choose();
  expect(await screen.findByText("Nothing of it is new here")).toBeTruthy();
  expect(screen.queryByText("Add it")).toBeNull();
});
