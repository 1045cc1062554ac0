import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { SpringbackView } from "../../api/types";
import bench from "../../test/bench.json";
import { CHOICES, PREFERENCES, Refused, serve, show, type Answers } from "../../test/app";
import workshop from "../../test/workshop.json";
import { forget, undo } from "../../shared/kernel/undo";
import { SpoolPage } from "./SpoolPage";

const SPOOL = bench.spool;
const VIEW = bench.springback as unknown as SpringbackView;

function open(view: SpringbackView = VIEW, answers: Answers = {}) {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/spools": [SPOOL],
    [`GET /api/spools/${SPOOL.id}/springback`]: view,
    "GET /api/mandrels": workshop.mandrels,
    "PUT /api/readings/": (body: unknown) => ({
      id: "m",
      version: 0,
      deleted: false,
      ...(body as object),
    }),
    ...answers,
  });
  show(
    <Routes>
      <Route path="/notebook/:id" element={<SpoolPage />} />
    </Routes>,
    `/notebook/${SPOOL.id}`,
  );
  return asked;
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  forget();
  vi.unstubAllGlobals();
});

describe("a spool's page", () => {
  it("says what its coils taught against the handbook", async () => {
    open();
    expect(await screen.findByText(/396 ± 33 MPa/)).toBeTruthy();
    expect(document.body.textContent).toContain("7 measurements moved its flow stress");
    expect(document.body.textContent).toContain("the handbook says 380");
    expect(document.body.textContent).toContain("scatters by 0.034 mm");
  });

  it("draws every coil, those left out hollow, and a band round the fit", async () => {
    const readings = VIEW.readings.map((one, k) => ({ ...one, leftOut: k === 2 }));
    open({ ...VIEW, readings });
    const chart = await screen.findByRole("img", { name: /Springback against rod/ });
    const dots = [...chart.querySelectorAll("circle")];
    expect(dots).toHaveLength(readings.length);
    expect(dots.filter((dot) => dot.getAttribute("fill") === "none")).toHaveLength(1);
    expect(chart.textContent).toContain("19 in 20 in the band");
    // the larger the rod, the further right; the more it opened, the higher
    const [small, large] = [...readings]
      .sort((a, b) => a.mandrelDiameterMm - b.mandrelDiameterMm)
      .filter((_, k, all) => k === 0 || k === all.length - 1);
    const at = (one: (typeof readings)[number]) => dots[readings.indexOf(one)]!;
    expect(Number(at(large!).getAttribute("cx"))).toBeGreaterThan(Number(at(small!).getAttribute("cx")));
    const gain = (one: (typeof readings)[number]) => one.sprungInnerMm - one.mandrelDiameterMm;
    const higher = gain(large!) > gain(small!) ? large! : small!;
    const lower = higher === large! ? small! : large!;
    expect(Number(at(higher).getAttribute("cy"))).toBeLessThan(Number(at(lower).getAttribute("cy")));
  });

  it("shows the handbook alone before anything is measured", async () => {
    const rods = VIEW.rods.map((rod) => ({ ...rod, fittedMm: null, lowMm: null, highMm: null }));
    open({ ...VIEW, fitted: null, readings: [], rods });
    expect(await screen.findByText(/Nothing measured yet/)).toBeTruthy();
    expect(screen.queryByRole("table")).toBeNull();
    expect(document.body.textContent).not.toContain("19 in 20");
  });

  it("wants two rods for a line", async () => {
    open({ ...VIEW, rods: VIEW.rods.slice(0, 1) });
    expect(await screen.findByText(/Two rods or more/)).toBeTruthy();
  });

  it("takes a coil measured outside any run, and undo leaves it out again", async () => {
    const asked = open(VIEW, {
      "GET /api/readings/": { id: "m", version: 3, updatedAt: "", deleted: false, data: {} },
      "DELETE /api/readings/": { id: "m", version: 4, deleted: true },
    });
    const rod = workshop.mandrels[1]!;
    await screen.findByRole("option", { name: rod.data.name });
    fireEvent.change(screen.getByLabelText("Rod"), { target: { value: rod.id } });
    fireEvent.change(screen.getByLabelText("measured inside"), { target: { value: "5,21" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      version: null,
      data: {
        lotId: SPOOL.id,
        quantity: "COIL_INNER",
        value: 5.21,
        context: { rodMm: rod.data.diameterMm },
      },
    });
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("measured inside").value).toBe(""));
    undo();
    await waitFor(() =>
      expect(asked.some((one) => one.method === "DELETE" && one.path.endsWith("version=3"))).toBe(true),
    );
  });

  it("takes a coil in the maker's own unit", async () => {
    const asked = open(VIEW, {
      "GET /api/preferences": { id: "p", version: 0, data: { ...CHOICES, units: "INCHES" } },
    });
    await screen.findByRole("option", { name: workshop.mandrels[0]!.data.name });
    await screen.findByText("in.");
    fireEvent.change(screen.getByLabelText("measured inside"), { target: { value: "0.2" } });
    fireEvent.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const { value } = (asked.find((one) => one.method === "PUT")!.body as { data: { value: number } }).data;
    expect(value).toBeCloseTo(5.08, 6); // 0.2 in of 25.4 mm
  });

  it("says what it wants typed and what the server refuses, and keeps a reading while it is away", async () => {
    let answer: () => unknown = () =>
      new Refused({ code: "out-of-range", remedy: "no-coil-is-smaller-than-its-rod" });
    open(VIEW, { "PUT /api/readings/": () => answer() });
    await screen.findByRole("option", { name: workshop.mandrels[0]!.data.name });
    const note = screen.getByRole("button", { name: "Note it" });
    fireEvent.click(note);
    expect(screen.getByRole("alert").textContent).toContain("Type what was measured");
    fireEvent.change(screen.getByLabelText("measured inside"), { target: { value: "3" } });
    fireEvent.click(note);
    await waitFor(() =>
      expect(screen.getByRole("alert").textContent).toContain("cannot be smaller than its rod"),
    );
    answer = () => {
      throw new TypeError("gone");
    };
    fireEvent.click(note);
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    const kept = Object.keys(localStorage).filter((key) => key.startsWith("toroid:unsaved:readings/"));
    expect(kept).toHaveLength(1);
    expect(JSON.parse(localStorage.getItem(kept[0]!)!)).toMatchObject({ value: 3, lotId: SPOOL.id });
    localStorage.clear();
  });

  it("leaves a reading out of the fit, and counts it again", async () => {
    const readings = VIEW.readings.map((one, k) => ({ ...one, leftOut: k === 0, version: 4 }));
    const asked = open(
      { ...VIEW, readings },
      {
        "DELETE /api/readings/": { id: "m", version: 5 },
        "POST /api/readings/": { id: "m", version: 5 },
      },
    );
    const table = await screen.findByRole("table");
    fireEvent.click(within(table).getByRole("button", { name: "count it again" }));
    await waitFor(() =>
      expect(asked.some((one) => one.path === `/api/readings/${readings[0]!.id}/restore`)).toBe(true),
    );
    fireEvent.click(within(table).getAllByRole("button", { name: "leave it out" })[0]!);
    const latest = readings.at(-1)!;
    await waitFor(() =>
      expect(asked.some((one) => one.path === `/api/readings/${latest.id}?version=4`)).toBe(true),
    );
  });

  it("says that there is no such spool", async () => {
    open(VIEW, { "GET /api/spools": [] });
    await waitFor(() => expect(document.body.textContent).not.toBe(""));
    expect(screen.queryByText(SPOOL.data.name)).toBeNull();
  });
});
