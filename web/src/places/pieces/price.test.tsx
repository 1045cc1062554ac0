import { cleanup, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { PriceView } from "../../api/types";
import { CHOICES, serve, show, typeInto } from "../../test/app";
import { PIECE, PIECE_JOB } from "../../test/piece";
import { PiecePrice } from "./PiecePrice";

const RATES = { perHour: 24, overheadPercent: 10, marginPercent: 20, taxPercent: 0 };
const PRICE: PriceView = {
  copies: 1,
  lines: [
    { kind: "HANDS", at: 0, amount: 60, cost: 24 },
    { kind: "WIRE", at: 0, amount: 900, cost: 6 },
    { kind: "WIRE", at: 1, amount: 90, cost: null },
  ],
  missing: 1,
  material: 6,
  hands: 24,
  overhead: 3,
  cost: 33,
  margin: 8.25,
  beforeTax: 41.25,
  tax: 0,
  price: 41.25,
  each: 41.25,
  costEach: 33,
};

let preferences = 0;

function open() {
  const kept = {
    id: `p${preferences++}`,
    version: 0,
    updatedAt: "",
    deleted: false,
    data: { ...CHOICES, rates: RATES },
  };
  const asked = serve({
    "GET /api/preferences": kept,
    "PUT /api/preferences/": (body: unknown) => ({
      ...kept,
      version: 1,
      data: (body as { data: object }).data,
    }),
    "GET /api/metals": [],
    "POST /api/pieces/price": (body: unknown) => {
      const copies = (body as { copies: number }).copies;
      return { ...PRICE, copies, price: PRICE.price * copies };
    },
  });
  show(<PiecePrice data={PIECE_JOB.data} piece={PIECE} units="MILLIMETRES" />);
  return asked;
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("what is asked for a piece", () => {
  it("is its largest number, with what drives it first and what has no price said", async () => {
    open();
    expect((await screen.findByTestId("price-each")).textContent).toBe("41.25");
    expect(screen.getByText(/1 thing without a price on the shelf: it is at least this/)).toBeTruthy();
    const lines = screen.getAllByRole("listitem").map((line) => line.textContent);
    expect(lines[0]).toBe("hands, about 60 min24.00");
    expect(lines[2]).toContain("no price");
    // what is nothing is not said
    expect(screen.queryByText("tax", { selector: "dt" })).toBeNull();
    expect(screen.getByText("33.00")).toBeTruthy();
  });

  it("is asked anew for a batch", async () => {
    const asked = open();
    await screen.findByTestId("price-each");
    typeInto("Copies in the batch", "8");
    expect(await screen.findByText("330.00 in all")).toBeTruthy();
    expect(asked.filter((one) => one.path === "/api/pieces/price").at(-1)!.body).toMatchObject({
      copies: 8,
      piece: { line: PIECE_JOB.data.line },
    });
  });

  it("is reckoned with rates that are kept as they are typed", async () => {
    const asked = open();
    await screen.findByLabelText("an hour of hands");
    typeInto("an hour of hands", "30");
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "PUT").at(-1)?.body).toMatchObject({
        data: { rates: { ...RATES, perHour: 30 } },
      }),
    );
  });
});
