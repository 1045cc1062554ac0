import { fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { PREFERENCES, serve, show } from "../../test/app";
import { SupportFile, Tables } from "./TakeOut";

const made: string[] = [];

beforeEach(() => {
  made.length = 0;
  vi.stubGlobal(
    "URL",
    Object.assign(URL, { createObjectURL: () => "blob:x", revokeObjectURL: () => undefined }),
  );
  vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (this: HTMLAnchorElement) {
    made.push(this.download);
  });
});
afterEach(() => vi.restoreAllMocks());

it("saves each place's table, and the file for whoever helps, under a name of its own", async () => {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/tables/": "id\n",
    "GET /api/stock-table": "id\n",
    "GET /api/support": "x",
  });
  show(
    <>
      <Tables />
      <SupportFile />
    </>,
  );
  for (const name of ["rings", "notebook", "stock", "a file for whoever helps"]) {
    const before = made.length;
    fireEvent.click(screen.getByRole("button", { name }));
    await waitFor(() => expect(made).toHaveLength(before + 1));
  }
  expect(made).toEqual(["toroid-rings.csv", "toroid-notebook.csv", "toroid-stock.csv", "toroid-support.txt"]);
  expect(asked.map((one) => one.path)).toContain("/api/tables/notebook");
});
