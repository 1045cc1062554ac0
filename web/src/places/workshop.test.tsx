import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { CHOICES, PREFERENCES, serve, show, typeInto, type Answers } from "../test/app";
import workshop from "../test/workshop.json";
import { BenchPlace } from "./bench/BenchPlace";
import type { AtAGlance } from "../api/types";
import { share, ticks } from "./notebook/glance";
import { NotebookPlace } from "./notebook/NotebookPlace";
import { PreferencesPlace } from "./preferences/PreferencesPlace";
import { StockPlace } from "./stock/StockPlace";

const echo = (body: unknown) => ({
  id: "x",
  version: 5,
  updatedAt: "",
  deleted: false,
  data: (body as { data: object }).data,
});

const GLANCE: AtAGlance = {
  coils: { turns: 3.1, halfWidth: 2.2, measurements: 4, perEnd: 2 },
  works: [],
  rings: [],
  wires: [
    {
      spoolId: "s1",
      name: "Brass, measured",
      metal: "yellow-brass",
      wireDiameterMm: 1,
      rodMm: 5,
      handbookPercent: 4.9,
      ownPercent: 6.25,
      lowPercent: 4,
      highPercent: 8.5,
      coils: 3,
    },
    {
      spoolId: "s2",
      name: "A spring wire",
      metal: "stainless-304",
      wireDiameterMm: 0.3,
      rodMm: 1.5,
      handbookPercent: null,
      ownPercent: null,
      lowPercent: null,
      highPercent: null,
      coils: 0,
    },
  ],
  forms: [
    {
      formId: "bead-link",
      name: "bead link",
      tail: { factor: 1.08, low: 0.9, high: 1.2, measurements: 6 },
      loops: { centreMm: 0.03, halfWidthMm: 0.31, measurements: 6 },
    },
  ],
};

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/spools": workshop.spools,
  "GET /api/mandrels": workshop.mandrels,
  "GET /api/cutters": workshop.cutters,
  "GET /api/metals": workshop.metals,
  "GET /api/notebook": { entries: workshop.notebook, next: null },
  "GET /api/notebook/learnt": GLANCE,
  "GET /api/bench": workshop.bench,
  "GET /api/forms/pictures": [],
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("stock and tools", () => {
  it("keeps a spool's caliper reading as it is typed", async () => {
    const asked = serve({ ...BASE, "PUT /api/spools/": echo });
    show(<StockPlace />);
    const wire = await screen.findByRole("region", { name: "Wire" });
    await waitFor(() => expect(within(wire).getAllByRole("row").length).toBe(1 + workshop.spools.length));
    const fields = within(wire).getAllByRole("spinbutton");
    fireEvent.focus(fields[0]!);
    fireEvent.change(fields[0]!, { target: { value: "1.03" } });
    fireEvent.blur(fields[0]!);
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const put = asked.find((one) => one.method === "PUT")!;
    expect(put.path).toBe(`/api/spools/${workshop.spools[0]!.id}`);
    expect(put.body).toMatchObject({ data: { wireDiameterMm: 1.03 } });
  });

  it("adds a rod of its own", async () => {
    const asked = serve({ ...BASE, "PUT /api/mandrels/": echo });
    show(
      <Routes>
        <Route path="/stock/:kind" element={<StockPlace />} />
      </Routes>,
      "/stock/rods",
    );
    fireEvent.click(await screen.findByText("add a rod"));
    await waitFor(() => expect(asked.some((one) => one.path.startsWith("/api/mandrels/"))).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({ version: null });
  });

  it("takes a spool away by its version", async () => {
    const spool = workshop.spools[0]!;
    const asked = serve({
      ...BASE,
      [`GET /api/spools/${spool.id}`]: { ...spool, version: 7 },
      "GET /api/spools": workshop.spools,
      "DELETE /api/spools/": { ...spool, deleted: true },
    });
    show(<StockPlace />);
    fireEvent.click(await screen.findByLabelText(`Take away ${spool.data.name}`));
    await waitFor(() =>
      expect(asked.find((one) => one.method === "DELETE")?.path).toBe(`/api/spools/${spool.id}?version=7`),
    );
  });
});

describe("preferences", () => {
  it("ask where practitioners disagree, and keep the answer", async () => {
    const asked = serve({ ...BASE, "PUT /api/preferences/": echo });
    show(<PreferencesPlace />);
    fireEvent.click(await screen.findByLabelText("never: always wrapped"));
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({ data: { plainFromMm: 100 } });
    expect(screen.getByLabelText<HTMLInputElement>("never: always wrapped").checked).toBe(true);
  });

  it("keep whom pieces are made for, with their sizes", async () => {
    const bodies = [
      { part: "WRIST", usualGirthMm: 165, eases: [{ name: "comfortable", easeMm: 12 }] },
      { part: "NECK", usualGirthMm: 360, eases: [{ name: "choker", easeMm: 30 }] },
    ];
    const asked = serve({
      ...BASE,
      "GET /api/preferences": { ...PREFERENCES["GET /api/preferences"], id: "people" },
      "GET /api/pieces/bodies": bodies,
      "PUT /api/preferences/": echo,
    });
    const people = () =>
      asked
        .filter((one) => one.method === "PUT")
        .map((one) => (one.body as { data: { people: unknown[] } }).data.people)
        .at(-1);
    show(<PreferencesPlace />);
    fireEvent.change(await screen.findByLabelText("Name of somebody"), { target: { value: " Sea queen " } });
    fireEvent.change(screen.getByLabelText("What was measured"), { target: { value: "NECK" } });
    await waitFor(() => expect(asked.some((one) => one.path === "/api/pieces/bodies")).toBe(true));
    await new Promise((settled) => setImmediate(settled));
    fireEvent.click(screen.getByText("put down"));
    typeInto("Sea queen, girth", "344");
    await waitFor(() =>
      expect(people()).toEqual([{ name: "Sea queen", part: "NECK", girthMm: 344, easeMm: 30 }]),
    );
    fireEvent.click(screen.getByLabelText("Leave Sea queen out"));
    await waitFor(() => expect(people()).toEqual([]));
  });

  it("calibrate the screen against a bank-size card", async () => {
    serve({ ...BASE, "GET /api/preferences": { ...PREFERENCES["GET /api/preferences"], id: "q" } });
    show(<PreferencesPlace />);
    const slider = (await screen.findAllByRole("slider"))[0]!;
    fireEvent.change(slider, { target: { value: "5" } });
    expect(Number(localStorage.getItem("toroid:pixels-per-mm"))).toBeGreaterThan(0);
    expect(CHOICES.units).toBe("MILLIMETRES");
  });
});

describe("the notebook", () => {
  it("sets planned against made, rings and forms together, latest first", async () => {
    serve(BASE);
    show(<NotebookPlace />);
    await screen.findByRole("heading", { level: 1, name: "Notebook" });
    const entries = screen.getAllByRole("article");
    expect(entries).toHaveLength(workshop.notebook.length);
    const [first] = [...workshop.notebook].sort((a, b) => b.startedAt.localeCompare(a.startedAt));
    expect(entries[0]!.textContent).toContain(first!.name);
    const of = (kind: string) => {
      const { name } = workshop.notebook.find((entry) => entry.kind === kind)!;
      return entries.find((entry) => entry.textContent.includes(name))!.textContent;
    };
    expect(of("form")).toMatch(/of 8 copies, hook, curled tip/);
    expect(of("weave")).toMatch(/rings closed and \d+ opened beforehand/);
    expect(of("ring")).toMatch(/\d+ of \d+ rings/);
  });

  it("shows at a glance what wires and hands have taught, the measured first, all on one scale", async () => {
    serve(BASE);
    show(<NotebookPlace />);
    const wires = (await screen.findByRole("heading", { name: "What each wire does" })).closest("section")!;
    const rows = [...wires.querySelectorAll(".glance-row")];
    expect(rows[0]!.textContent).toContain("Brass, measured6.3 %3 readings; book 4.9");
    expect(rows[1]!.textContent).toContain("only flexes there");
    const at = (row: Element, what: string) =>
      parseFloat((row.querySelector(`.glance-scale > ${what}`) as HTMLElement).style.left);
    const own = at(rows[0]!, ".glance-ring:not(.open)");
    expect(at(rows[0]!, ".glance-ring.open") / own).toBeCloseTo(4.9 / 6.25, 3);
    expect(at(rows[0]!, "b") / own).toBeCloseTo(4 / 6.25, 3);
    const hands = screen.getByRole("heading", { name: "What your hands need" }).closest("section")!;
    expect(hands.textContent).toContain("bead link108 %6 copies");
    expect(hands.textContent).toContain("loops come 0.03 larger, give or take 0.31 mm, from 6");
  });

  it.each([
    [0.4, 0.5],
    [2, 2],
    [7.2, 8],
    [11.3, 12],
    [130, 140],
  ])("has a scale that reaches %d", (most, end) => {
    const scale = ticks(most);
    expect(scale.at(-1)).toBe(end);
    expect(scale.length).toBeLessThanOrEqual(8);
    expect(share(end, end)).toBe("100.00%");
  });

  it("says what it will be for while nothing was made", async () => {
    serve({ ...BASE, "GET /api/notebook": { entries: [], next: null } });
    show(<NotebookPlace />);
    expect(await screen.findByText(/noted here by itself/)).toBeTruthy();
  });
});

describe("the bench", () => {
  it("shows what is in hand, and goes on at the very step", async () => {
    serve(BASE);
    show(<BenchPlace />);
    const { name, runId } = workshop.bench.find((hand) => hand.glance.next !== null)!;
    const first = await screen.findByRole("region", { name: "In hand" });
    expect(first.textContent).toContain(name);
    expect(within(first).getByRole("link", { name: "Go on" }).getAttribute("href")).toBe(`/making/${runId}`);
    for (const hand of workshop.bench) {
      expect(document.body.textContent).toContain(hand.name);
    }
  });

  it("teaches by one thing to do while it is clear", async () => {
    const starter = {
      id: "rain",
      name: "Rain drops",
      built: "drops",
      body: "EAR",
      metal: "copper",
      line: "x",
    };
    const asked = serve({
      ...BASE,
      "GET /api/bench": [],
      "GET /api/spools": [],
      "GET /api/pieces/starters": [starter, { ...starter, id: "belt", name: "Boarding belt", body: "WAIST" }],
      "POST /api/pieces/solve": { drawing: null },
      "POST /api/usual-kit": { wires: 5, rods: 16, cutters: 2 },
    });
    show(<BenchPlace />);
    expect(await screen.findByText("What do you want to make?")).toBeTruthy();
    fireEvent.click(screen.getByText("earrings"));
    const tile = await screen.findByRole("link", { name: /Rain drops/ });
    expect(tile.getAttribute("href")).toBe("/pieces/new/rain");
    expect(screen.queryByText("Boarding belt")).toBeNull();
    fireEvent.click(await screen.findByText("lay out a usual kit"));
    await waitFor(() => expect(asked.some((one) => one.path === "/api/usual-kit")).toBe(true));
  });

  const LACKS = [
    { lotId: "w", lot: "brass 1.63", kind: "wire", measure: "LENGTH", amount: 120 },
    { lotId: "g", lot: "garnets", kind: "beads", measure: "PIECES", amount: 4 },
  ];

  it("lists a form job with what comes next, and says what the stock lacks", async () => {
    const hand = workshop.bench.find((one) => one.name === "Cloak clasp hooks")!;
    serve({ ...BASE, "GET /api/bench": [...workshop.bench, { ...hand, lacks: LACKS }] });
    show(<BenchPlace />);
    const begun = await screen.findByRole("region", { name: "also begun" });
    expect(begun.textContent).toContain("next: form the hook, 4 of 8");
    expect(screen.getByRole("region", { name: "What the stock lacks" }).textContent).toContain(
      "Cloak clasp hooks lacks 120 mm of brass 1.63, 4 of garnets.",
    );
    const links = within(begun).getAllByRole("link", { name: "go on" });
    expect(links.map((link) => link.getAttribute("href"))).toContain(`/making/${hand.runId}`);
  });
});
