import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { WeaveEntry } from "../../../api/types";
import { redo, undo } from "../../../shared/kernel/undo";
import { PREFERENCES, Refused, serve, show, typeInto } from "../../../test/app";
import sample from "../../../test/patch.json";
import { KeptMedallionPlace, MedallionPlace } from "./MedallionPlace";

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
  const ring = (x: number, radius = 2.4) => [x, 0, 0, 0, 0, 1, radius];
  const step = (at: number, through: number[]) => ({
    ring: at,
    closed: through.length === 0,
    through,
    pickUp: [],
    over: [],
    unit: 1,
    passages: through.map((other) => ({ ring: other, angle: 0, towards: true })),
    openingAngle: 0,
    leanDegrees: 0,
  });
  const ANSWER = {
    ringCount: [47, 2],
    rowCounts: [2, 2, 2, 2, 2],
    hubSmallestMm: 9.25,
    hubUsualMm: 9.85,
    hubLargestMm: 12.0,
    hubInnerDiameterMm: 9.85,
    laidAboutMm: 9.85,
    fit: "GOES_IN",
    arms: "TIGHT",
    preClosed: { upperBound: 33, upperBoundExact: true, thisOrder: 28, inHand: 28, hold: 4 },
    opened: 35,
    stages: [
      { role: "ARM", part: 0, closed: 4, opened: 1, through: 4 },
      { role: "ARM", part: 1, closed: 4, opened: 1, through: 4 },
      { role: "HUB", part: 6, closed: 0, opened: 2, through: 12 },
      { role: "BAIL", part: 7, closed: 0, opened: 1, through: 2 },
      { role: "TIE", part: 8, closed: 0, opened: 1, through: 4 },
    ],
    beside: [
      { role: "TIE", part: 8 },
      { role: "ARM", part: 0 },
    ],
    colourCounts: [
      [40, 0],
      [7, 2],
    ],
    palette: ["copper", "brass"],
    rings: [...ring(0), ...ring(3), ...ring(0, 6)],
    ringWireMm: [1, 1, 1.2],
    colours: [0, 0, 1],
    steps: [step(0, []), step(1, [0]), step(2, [0, 1])],
    closedBefore: [0],
    figures: [
      ["hub-smallest", 9.25, "mm"],
      ["hub-usual", 9.85, "mm"],
      ["hub-largest", 12.0, "mm"],
      ["hub-plain-rule", 21.2, "mm"],
      ["composition-ratio", 3.57, ""],
      ["patch-rings", 49, ""],
      ["patch-mass", 6.9, "g"],
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

  it("says first how large the larger ring is, shows which go in, and keeps what was chosen", async () => {
    const asked = serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN, SHEET],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": ANSWER,
    });
    show(<MedallionPlace />);
    expect((await screen.findByTestId("hub-size")).textContent).toContain("9.85");
    expect(screen.getByText("47 small rings, 2 larger rings")).toBeTruthy();
    expect(screen.getByText("The small rings sit tight.")).toBeTruthy();
    const order = [...screen.getByLabelText("In this order").children].map((one) => one.textContent);
    expect(order).toEqual([
      "Arm 1 of 6 4 closed, 1 opened",
      "Arm 2 4 closed, 1 opened",
      "Larger rings 2 rings, through 12 each",
      "Bail 1 ring, through 2",
      "Ties 1 ring, through 4",
    ]);
    expect(screen.getByText(/look first at the ties next to it and arm 1's end/)).toBeTruthy();
    expect(screen.getByLabelText("Larger rings that go in: from 9.25, usual 9.85, to 12.00")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "larger ring, smallest" }));
    expect(screen.getByText("worked hub-smallest")).toBeTruthy();
    typeInto("Arms", "4");
    fireEvent.change(screen.getByLabelText("Ties"), { target: { value: "free" } });
    await waitFor(() => expect(asked.at(-1)!.body).toMatchObject({ arms: 4, tieRow: null }));
    expect(JSON.parse(localStorage.getItem("toroid-medallion")!)).toMatchObject({ arms: 4, tieRow: null });
  });

  it("judges the larger ring the maker has", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": (body: unknown) => {
        const own = (body as { hubInnerMm: number | null }).hubInnerMm;
        return own === 8
          ? { ...ANSWER, hubInnerDiameterMm: 8, laidAboutMm: 9.25, fit: "TOO_SMALL" }
          : { ...ANSWER, hubInnerDiameterMm: own ?? 9.85 };
      },
    });
    show(<MedallionPlace />);
    fireEvent.change(await screen.findByLabelText("Size of the larger rings"), { target: { value: "own" } });
    typeInto("Larger rings, inside", "8");
    expect(await screen.findByText("too small")).toBeTruthy();
    expect(screen.getByTestId("hub-size").textContent).toContain("8.00");
    expect(screen.getByText(/Drawn about 9.25 mm/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "cut its rings" }).disabled).toBe(true);
    expect(asked.at(-1)!.body).toMatchObject({ hubInnerMm: 8 });
  });

  it("takes arms of a sheet's rows, written as makers say them", async () => {
    const asked = serve({
      ...BASE,
      "GET /api/weaves": [CHAIN, SHEET],
      "POST /api/weaves/byzantine/composition": ANSWER,
      "POST /api/weaves/european-4-in-1/composition": ANSWER,
    });
    show(<MedallionPlace />);
    await screen.findByRole("option", { name: SHEET.name });
    fireEvent.change(screen.getByLabelText("Weave of the arms"), { target: { value: SHEET.id } });
    const rows = await screen.findByLabelText<HTMLInputElement>("Rings in each row of an arm");
    expect(rows.value).toBe("2-3-2");
    fireEvent.change(rows, { target: { value: "2-x" } });
    fireEvent.blur(rows);
    expect(screen.getByRole("alert").textContent).toContain("2-3-2");
    expect(rows.value).toBe("2-x");
    fireEvent.change(rows, { target: { value: "3 4 3" } });
    fireEvent.blur(rows);
    await waitFor(() =>
      expect(asked.at(-1)!.body).toMatchObject({ rowCounts: [3, 4, 3], longerCounts: [3, 2], rows: null }),
    );
    expect(asked.at(-1)!.path).toContain("european-4-in-1");
  });

  it("is put together ring by ring, and counts two colours", async () => {
    serve({ ...BASE, "POST /api/weaves/byzantine/composition": ANSWER });
    show(<MedallionPlace />);
    fireEvent.change(await screen.findByLabelText("Colours"), { target: { value: "BINDING" } });
    expect(await screen.findByText("copper: 40 small, 0 larger; brass: 7 small, 2 larger")).toBeTruthy();
    fireEvent.click(screen.getByRole("tab", { name: "ring by ring" }));
    expect(screen.getByText("1 of 3")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "One ring on" }));
    fireEvent.click(screen.getByRole("button", { name: "One ring on" }));
    expect(screen.getByText("Through 2 rings.")).toBeTruthy();
  });

  it("keeps what was answered last, drawn and counted, while what stands there is refused", async () => {
    serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": (body: unknown) =>
        (body as { arms: number }).arms > 24
          ? new Refused({ code: "out-of-range", field: "arms", value: "90", maximum: 24 })
          : ANSWER,
    });
    show(<MedallionPlace />);
    await screen.findByTestId("hub-size");
    typeInto("Arms", "90");
    expect((await screen.findByRole("alert")).textContent).toContain("from before");
    expect(screen.getByTestId("hub-size").textContent).toContain("9.85");
    expect(screen.getByLabelText("Larger rings that go in: from 9.25, usual 9.85, to 12.00")).toBeTruthy();
    expect(screen.queryByRole("button", { name: "cut its rings" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: /^take 24/ }));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
  });

  it("says why it cannot be", async () => {
    serve({
      ...PREFERENCES,
      "GET /api/weaves": [CHAIN],
      "GET /api/spools": [],
      "GET /api/metals": [],
      "POST /api/weaves/byzantine/composition": new Refused({
        code: "hub-too-thick",
        values: { hubWireMm: 4, insideMm: 3.5 },
      }),
    });
    show(<MedallionPlace />);
    expect((await screen.findByRole("alert")).textContent).toContain("does not go through");
  });

  it("is kept with the rings it needs cut", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": ANSWER,
      "POST /api/jobs/medallion/": { job: {}, cuts: [{ id: "r1" }, { id: "r2" }] },
    });
    show(
      <Routes>
        <Route path="/" element={<MedallionPlace />} />
        <Route path="/rings/r1" element={<p>the small rings</p>} />
      </Routes>,
    );
    fireEvent.click(await screen.findByRole("button", { name: "cut its rings" }));
    expect(await screen.findByText("the small rings")).toBeTruthy();
    const laid = asked.filter((one) => one.path.startsWith("/api/jobs/"));
    expect(laid).toHaveLength(1);
    expect(laid[0]!.path).toMatch(/^\/api\/jobs\/medallion\/[0-9a-f-]{36}\/cuts$/);
    expect(laid[0]!.body).toMatchObject({ version: null, data: { composition: { arms: 6, hubs: 2 } } });
  });

  it("is kept as a job and goes to the bench", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/weaves/byzantine/composition": ANSWER,
      "PUT /api/jobs/medallion/": (body: unknown) => body,
      "POST /api/jobs/medallion/": { id: "run-7" },
    });
    show(
      <Routes>
        <Route path="/" element={<MedallionPlace />} />
        <Route path="/making/:id" element={<p>at the bench</p>} />
      </Routes>,
    );
    fireEvent.click(await screen.findByRole("button", { name: "Make it, 49 rings" }));
    expect(await screen.findByText("at the bench")).toBeTruthy();
    const put = asked.find((one) => one.method === "PUT")!;
    expect(put.body).toMatchObject({
      version: null,
      data: { name: "Medallion of 6 arms", weaveId: "byzantine", composition: { arms: 6, hubs: 2, rows: 3 } },
    });
    expect(asked.at(-1)!.path).toBe(`${put.path}/runs`);
  });

  it("kept as a job is drawn as it is kept, and keeps what is changed", async () => {
    const composition = {
      wireDiameterMm: 1,
      innerDiameterMm: 3.8,
      hubWireMm: 1.2,
      hubInnerMm: 9.9,
      metal: "copper",
      arms: 5,
      rows: 2,
      longerBy: 1,
      rowCounts: null,
      longerCounts: null,
      held: 0,
      hubs: 1,
      tieRow: null,
      tieAll: false,
      bail: false,
      hold: null,
      colours: "PLAIN",
      secondColour: "yellow-brass",
    };
    const data = { name: "Compass rose", weaveId: "byzantine", spoolId: null, composition, note: "" };
    const asked = serve({
      ...BASE,
      "GET /api/jobs/medallion": [{ id: "m1", version: 3, updatedAt: "", deleted: false, data }],
      "POST /api/weaves/byzantine/composition": ANSWER,
      "PUT /api/jobs/medallion/m1": (body: unknown) => ({ id: "m1", version: 4, ...(body as object) }),
    });
    show(
      <Routes>
        <Route path="/weaves/medallion/:id" element={<KeptMedallionPlace />} />
      </Routes>,
      "/weaves/medallion/m1",
    );
    expect((await screen.findByLabelText<HTMLInputElement>("Medallion's name")).value).toBe("Compass rose");
    expect(screen.getByLabelText<HTMLInputElement>("Arms").value).toBe("5");
    fireEvent.change(screen.getByLabelText("Bail"), { target: { value: "bail" } });
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "PUT").at(-1)?.body).toMatchObject({
        version: 3,
        data: { name: "Compass rose", composition: { ...composition, bail: true } },
      }),
    );
    expect(localStorage.getItem("toroid-medallion")).toBeNull();
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
    await waitFor(() => expect(last()).toMatchObject({ bail: false, tieRow: null }));
    act(() => void undo());
    expect(screen.getByLabelText<HTMLSelectElement>("Ties").value).toBe("nearest");
    act(() => void undo());
    expect(screen.getByLabelText<HTMLSelectElement>("Bail").value).toBe("bail");
    act(() => void redo());
    expect(screen.getByLabelText<HTMLSelectElement>("Bail").value).toBe("none");
    expect(JSON.parse(localStorage.getItem("toroid-medallion")!)).toMatchObject({ bail: false, tieRow: 0 });
  });
});
