import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { PREFERENCES, Refused, serve, show } from "../../test/app";
import { CHAIN, entry, SOLVED, TWO } from "../../test/weaves";
import { WeavesPlace } from "./WeavesPlace";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the place", () => {
  const base = {
    ...PREFERENCES,
    "GET /api/spools": [],
    "GET /api/metals": [],
    "GET /api/weaves": [entry("byzantine", "byzantine"), TWO],
    "POST /api/weaves/byzantine/judge": SOLVED,
    "POST /api/weaves/japanese-4-in-1/judge": { ...SOLVED, weaveId: "japanese-4-in-1" },
    "POST /api/weaves/byzantine/solve": SOLVED,
    "POST /api/weaves/byzantine/bend": {
      weaveId: "byzantine",
      bends: [
        {
          way: "LENGTH",
          cells: 8,
          ringsInCell: 12,
          residualMm: 0,
          linksVerified: true,
          figure: {
            id: "weave-bend",
            value: 7.3,
            low: 7.3,
            high: 7.3,
            unit: "mm",
            basis: "THEORY",
            formula: "the fewest cells",
            worked: "8 cells",
            source: "rigid rings",
          },
        },
      ],
    },
    "POST /api/weaves/byzantine/poses?": [
      CHAIN,
      { ...CHAIN, pitchMm: 5.6, atRest: true },
      { ...CHAIN, pitchMm: 6.46 },
    ],
    "POST /api/weaves/byzantine/poses": [
      CHAIN,
      { ...CHAIN, pitchMm: 5.6, atRest: true },
      { ...CHAIN, pitchMm: 6.46 },
    ],
    "POST /api/weaves/japanese-4-in-1/solve": { ...SOLVED, weaveId: "japanese-4-in-1" },
    "POST /api/weaves/japanese-4-in-1/poses": [CHAIN],
  };

  it("judges the ring, shows the weave at rest, and pulls it taut", async () => {
    serve(base);
    show(<WeavesPlace />);
    expect((await screen.findByTestId("verdict")).textContent).toBeDefined();
    await waitFor(() => expect(screen.getByTestId("verdict").textContent).toContain("Drapes"));
    const slider = await screen.findByLabelText<HTMLInputElement>("From pushed together to taut");
    expect(slider.value).toBe("1");
    fireEvent.change(slider, { target: { value: "2" } });
    expect(slider.getAttribute("aria-valuetext")).toBe("pitch 6.46 mm");
    expect(screen.getByTestId("weave-figures").textContent).toContain("93");
    fireEvent.click(screen.getByText("a cell, taut"));
    expect(screen.getByText("the longest cell")).toBeTruthy();
    fireEvent.click(screen.getByText("how tightly it bends"));
    fireEvent.click(await screen.findByText("bends round a rod of"));
    expect(screen.getByText("8 cells")).toBeTruthy();
  });

  it("asks for every ring size a weave mixes, and keeps what was chosen", async () => {
    const asked = serve(base);
    const view = show(<WeavesPlace />);
    fireEvent.click(await screen.findByRole("button", { name: /Japanese 4-in-1/ }));
    expect(await screen.findByLabelText("upright ring, inside")).toBeTruthy();
    await waitFor(() =>
      expect(asked.find((one) => one.path === "/api/weaves/japanese-4-in-1/solve")!.body).toMatchObject({
        innerDiameterMm: [3.8, 2.36],
      }),
    );
    view.unmount();
    show(<WeavesPlace />);
    expect(await screen.findByLabelText("upright ring, inside")).toBeTruthy();
  });

  it("shuts what leads on while a ring is refused, names it, and takes the nearest", async () => {
    serve({
      ...base,
      "POST /api/weaves/byzantine/judge": (body: unknown) =>
        (body as { innerDiameterMm: number[] }).innerDiameterMm[0]! > 250
          ? new Refused({
              code: "out-of-range",
              field: "innerDiameterMm",
              value: "300",
              minimum: 0.1,
              maximum: 250,
              unit: "mm",
            })
          : SOLVED,
      "POST /api/weaves/byzantine/solve": (body: unknown) =>
        (body as { innerDiameterMm: number[] }).innerDiameterMm[0]! > 250
          ? new Refused({ code: "out-of-range" })
          : SOLVED,
    });
    show(<WeavesPlace />);
    const make = await screen.findByRole<HTMLButtonElement>("button", { name: "Count and make a patch" });
    expect(make.disabled).toBe(false);
    const inside = screen.getByLabelText("ring, inside");
    fireEvent.focus(inside);
    fireEvent.change(inside, { target: { value: "300" } });
    fireEvent.blur(inside);
    const alert = await screen.findByRole("alert");
    expect(alert.textContent).toContain("The ring, inside, cannot be 300 mm");
    fireEvent.click(screen.getByRole("button", { name: "take 250 mm" }));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    expect(screen.getByLabelText<HTMLInputElement>("ring, inside").value).toBe("250.00");
  });

  it("says when the ring is beyond the scale of weaves", async () => {
    serve({ ...base, "POST /api/weaves/byzantine/judge": { ...SOLVED, aspectRatio: 11.24 } });
    show(<WeavesPlace />);
    expect((await screen.findByTestId("beyond")).textContent).toContain("11.2, above the scale");
  });

  it("takes a ring by the rod it is wound on, from the same sheet as the Rings place", async () => {
    const rods = [
      { id: "r3", name: "3", diameterMm: 3, closedInnerMm: null },
      { id: "r4", name: "4", diameterMm: 4, closedInnerMm: 4.1234 },
    ];
    const asked = serve({ ...base, "POST /api/rings/sheet": { rods } });
    show(<WeavesPlace />);
    const given = await screen.findByLabelText<HTMLSelectElement>("ring, inside, given by");
    expect([...given.options].map((one) => one.textContent)).toEqual([
      "inside",
      "inside, wound on the 4.0 rod: 4.12 mm",
    ]);
    fireEvent.change(given, { target: { value: "r4" } });
    await waitFor(() =>
      expect(asked.some((one) => JSON.stringify(one.body)?.includes('"innerDiameterMm":[4.1234]'))).toBe(
        true,
      ),
    );
    expect(given.value).toBe("r4");
    expect(given.selectedOptions[0]!.textContent).toBe("inside, wound on the 4.0 rod");
  });

  it("says a ring that cannot be", async () => {
    serve({
      ...base,
      "POST /api/weaves/byzantine/judge": new Refused({
        code: "weave-not-solved",
        values: { weave: "byzantine" },
      }),
    });
    show(<WeavesPlace />);
    expect((await screen.findByRole("alert")).textContent).toContain("could not be solved");
  });
});
