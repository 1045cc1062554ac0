import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { PREFERENCES, serve, show } from "../../test/app";
import { MetalPriceList } from "./MetalPriceList";

const price = (id: string, day: string, perGram: number) => ({
  id,
  version: 0,
  updatedAt: "",
  deleted: false,
  data: { metal: "sterling-silver", day, perGram, note: "" },
});

const LOOK = {
  rows: [
    {
      line: 1,
      becomes: "CHANGED",
      price: { metal: "sterling-silver", day: "2026-06-15", perGram: 0.99, note: "" },
      before: 0.96,
      refusal: null,
    },
  ],
  added: 0,
  changed: 1,
  alike: 0,
  refused: 0,
};

const REFUSED = {
  ...LOOK,
  rows: [
    {
      line: 2,
      becomes: "REFUSED",
      price: null,
      before: null,
      refusal: { code: "bad-day", field: "day", value: "soon", values: {} },
    },
  ],
  changed: 0,
  refused: 1,
};

function open(look: unknown) {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/metals": [{ id: "sterling-silver", name: "sterling silver", tempers: [] }],
    "GET /api/metal-prices": [price("a", "2026-01-12", 0.88), price("b", "2026-06-15", 0.96)],
    "GET /api/metal-prices/in-force": [price("b", "2026-06-15", 0.96)],
    "POST /api/metal-prices/look": look,
    "POST /api/metal-prices": look,
  });
  show(<MetalPriceList />);
  return asked;
}

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("shows the latest first, and which is in force", async () => {
  open(LOOK);
  await waitFor(() => expect(screen.getAllByRole("row")).toHaveLength(3));
  await waitFor(() => expect(document.querySelector("td.font-bold")).not.toBeNull());
  const cells = screen
    .getAllByRole("row")
    .slice(1)
    .map((row) => row.querySelectorAll("td")[2]!);
  expect(cells.map((cell) => cell.className)).toEqual(["font-bold", "soft"]);
});

it("is looked at before it is taken in", async () => {
  const asked = open(LOOK);
  fireEvent.change(await screen.findByLabelText("Price list"), {
    target: { value: "2026-06-15;sterling silver;0.99" },
  });
  await waitFor(() =>
    expect(screen.getByText(/0\.96 →/).textContent).toBe("2026-06-15: sterling silver 0.96 → 0.99"),
  );
  expect(asked.some((one) => one.path === "/api/metal-prices" && one.method === "POST")).toBe(false);
  fireEvent.click(screen.getByText("take it in"));
  await waitFor(() =>
    expect(
      asked.find((one) => one.path === "/api/metal-prices" && one.method === "POST")?.body,
    ).toMatchObject({
      text: "2026-06-15;sterling silver;0.99",
    }),
  );
});

it("is not taken in while a row of it is refused", async () => {
  open(REFUSED);
  fireEvent.change(await screen.findByLabelText("Price list"), { target: { value: "soon;silver;1" } });
  expect((await screen.findByText(/^row 2/)).textContent).toContain("row 2:");
  expect(screen.queryByText("take it in")).toBeNull();
});
