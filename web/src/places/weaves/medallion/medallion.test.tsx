import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { WeaveEntry } from "../../../api/types";
import { redo, undo } from "../../../shared/undo";
import { PREFERENCES, Refused, serve, show, typeInto } from "../../../test/app";
import sample from "../../../test/piece.json";
import { MedallionPlace } from "./MedallionPlace";

const CHAIN = sample.weave as unknown as WeaveEntry;
const SHEET = { ...CHAIN, id: "european-4-in-1", name: "European 4-in-1", kind: "SHEET" } as WeaveEntry;

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const BASE = {
  ...PREFERENCES,
  "GET /api/weaves": [CHAIN],
  "GET /api/spools": [],
  "GET /api/metals": [],
};

describe("a medallion", () => {
  const ANSWER = {
    ringCount: [61, 2],
    perUnit: 6,
    hub: {},
    hubInnerDiameterMm: 5.92,
    preClosed: { upperBound: 33, upperBoundExact: true, thisOrder: 28, inHand: 28, hold: 4 },
    opened: 35,
    stages: [
      { role: "ARM", part: 0, closed: 4, opened: 1, through: 4 },
      { role: "ARM", part: 1, closed: 4, opened: 1, through: 4 },
      { role: "HUB", part: 6, closed: 0, opened: 2, through: 12 },
      { role: "TIE", part: 7, closed: 0, opened: 1, through: 4 },
      { role: "BAIL", part: 8, closed: 0, opened: 1, through: 2 },
    ],
    beside: [
      { role: "TIE", part: 7 },
      { role: "ARM", part: 0 },
    ],
    figures: [
      ["hub-inside", 5.92, "mm"],
      ["piece-rings", 63, ""],
      ["piece-mass", 6.9, "g"],
    ].map(([id, value, unit]) => ({
      id,
      value,
      low: value,
      high: value,
      unit,
      basis: "THEORY",
      formula: "as it is",
      worked: `worked ${id}`,
      source: "rings",
    })),
  };

  it("says first how large the larger ring has to be, and keeps what was chosen", async () => {
    const asked = serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN, SHEET],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": ANSWER,
    });
    show(<MedallionPlace />);
    expect((await screen.findByTestId("hub-size")).textContent).toContain("5.92");
    expect(screen.getByText("61 small rings, 2 larger rings")).toBeTruthy();
    const order = [...screen.getByLabelText("In this order").children].map((one) => one.textContent);
    expect(order).toEqual([
      "Arm 1 of 6 4 closed, 1 opened",
      "Arm 2 4 closed, 1 opened",
      "Larger rings 2 rings, through 12 each",
      "Ties 1 ring, through 4",
      "Bail 1 ring, through 2",
    ]);
    expect(screen.getByText(/look first at the ties next to it and arm 1's end/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "larger ring, inside" }));
    expect(screen.getByText("worked hub-inside")).toBeTruthy();
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain("6 arms about a larger ring");
    // only chains make arms
    expect(screen.getByLabelText<HTMLSelectElement>("Chain").options).toHaveLength(1);
    typeInto("Arms", "4");
    fireEvent.change(screen.getByLabelText("Ties"), { target: { value: "free" } });
    expect(await screen.findByLabelText(/4 arms about/)).toBeTruthy();
    expect(asked.at(-1)!.body).toMatchObject({ arms: 4, tied: false });
    expect(JSON.parse(localStorage.getItem("toroid-medallion")!)).toMatchObject({ arms: 4, tied: false });
  });

  it("keeps what was answered last, drawn and counted, while what stands there is refused", async () => {
    serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": (body: unknown) =>
        (body as { arms: number }).arms > 24
          ? new Refused({ code: "out-of-range", field: "arms", value: "90", maximum: 24, detail: "no" })
          : ANSWER,
    });
    show(<MedallionPlace />);
    await screen.findByTestId("hub-size");
    typeInto("Arms", "90");
    expect((await screen.findByRole("alert")).textContent).toContain("from before");
    expect(screen.getByTestId("hub-size").textContent).toContain("5.92");
    expect(screen.getByLabelText(/6 arms about/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "Cut its rings" }).disabled).toBe(true);
    fireEvent.click(screen.getByRole("button", { name: /^take 24/ }));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    expect(await screen.findByLabelText(/24 arms about/)).toBeTruthy();
  });

  it("says why it cannot be", async () => {
    serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": new Refused({
        code: "hub-too-thick",
        detail: "The larger ring's wire does not go through.",
      }),
    });
    show(<MedallionPlace />);
    expect((await screen.findByRole("alert")).textContent).toContain("does not go through");
  });

  it("cuts its rings: small ones and larger ones, each in its own wire", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": ANSWER,
      "PUT /api/ring-jobs/": (body: unknown) => ({ id: "r", version: 0, ...(body as object) }),
    });
    show(<MedallionPlace />);
    fireEvent.click(await screen.findByRole("button", { name: "Cut its rings" }));
    const jobs = () =>
      asked
        .filter((one) => one.method === "PUT" && one.path.startsWith("/api/ring-jobs/"))
        .map((one) => (one.body as { data: object }).data);
    await waitFor(() => expect(jobs()).toHaveLength(2));
    expect(jobs()[0]).toMatchObject({ ringCount: 61, aimValue: 3.8, wireDiameterMm: 1, convention: "INNER" });
    expect(jobs()[1]).toMatchObject({ ringCount: 2, aimValue: 5.92, wireDiameterMm: 1.2, spoolId: null });
  });

  it("is undone choice by choice", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": ANSWER,
    });
    show(<MedallionPlace />);
    fireEvent.change(await screen.findByLabelText("Bail"), { target: { value: "none" } });
    fireEvent.change(screen.getByLabelText("Ties"), { target: { value: "free" } });
    const last = () => asked.filter((one) => one.path.endsWith("/composition")).at(-1)!.body;
    await waitFor(() => expect(last()).toMatchObject({ bail: false, tied: false }));
    act(() => void undo());
    expect(screen.getByLabelText<HTMLSelectElement>("Ties").value).toBe("tied");
    act(() => void undo());
    expect(screen.getByLabelText<HTMLSelectElement>("Bail").value).toBe("bail");
    act(() => void redo());
    expect(screen.getByLabelText<HTMLSelectElement>("Bail").value).toBe("none");
    expect(JSON.parse(localStorage.getItem("toroid-medallion")!)).toMatchObject({ bail: false, tied: true });
  });
});
