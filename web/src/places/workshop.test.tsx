import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { CHOICES, PREFERENCES, serve, show, type Answers } from "../test/app";
import workshop from "../test/workshop.json";
import { BenchPlace } from "./bench/BenchPlace";
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

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/spools": workshop.spools,
  "GET /api/mandrels": workshop.mandrels,
  "GET /api/cutters": workshop.cutters,
  "GET /api/metals": workshop.metals,
  "GET /api/notebook/forms": workshop.formNotebook,
  "GET /api/notebook": workshop.notebook,
  "GET /api/bench/forms": [],
  "GET /api/bench/weaves": [],
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
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true), { timeout: 3000 });
    const put = asked.find((one) => one.method === "PUT")!;
    expect(put.path).toBe(`/api/spools/${workshop.spools[0]!.id}`);
    expect(put.body).toMatchObject({ data: { wireDiameterMm: 1.03 } });
  });

  it("adds a rod of its own", async () => {
    const asked = serve({ ...BASE, "PUT /api/mandrels/": echo });
    show(<StockPlace />);
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
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true), { timeout: 3000 });
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({ data: { plainFromMm: 100 } });
    expect(screen.getByLabelText<HTMLInputElement>("never: always wrapped").checked).toBe(true);
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
    expect(entries).toHaveLength(workshop.notebook.length + workshop.formNotebook.length);
    const dates = [...workshop.notebook, ...workshop.formNotebook]
      .map((entry) => entry.startedAt)
      .sort()
      .reverse();
    const first = [...workshop.notebook, ...workshop.formNotebook].find((e) => e.startedAt === dates[0])!;
    expect(entries[0]!.textContent).toContain(first.name);
    const form = workshop.formNotebook[0]!;
    const mine = entries.find((entry) => entry.textContent!.includes(form.name))!;
    expect(mine.textContent).toContain(`of ${form.pieces} pieces`);
  });

  it("says what it will be for while nothing was made", async () => {
    serve({ ...BASE, "GET /api/notebook/forms": [], "GET /api/notebook": [] });
    show(<NotebookPlace />);
    expect(await screen.findByText(/noted here by itself/)).toBeTruthy();
  });
});

describe("the bench", () => {
  it("shows what is in hand, and goes on at the very step", async () => {
    serve(BASE);
    show(<BenchPlace />);
    const go = await screen.findByRole("link", { name: /go on/i });
    expect(go.getAttribute("href")).toBe(`/making/${workshop.bench[0]!.runId}`);
    expect(document.body.textContent).toContain(workshop.bench[0]!.job.data.name);
  });

  it("teaches by one thing to do while it is clear", async () => {
    serve({ ...BASE, "GET /api/bench/forms": [], "GET /api/bench": [] });
    show(<BenchPlace />);
    expect(await screen.findByText("The bench is clear")).toBeTruthy();
  });

  it("lists a form job with what comes next and what the stock lacks", async () => {
    const hand = {
      job: {
        id: "f1",
        version: 0,
        data: { name: "Cloak clasp hooks", formId: "hook-curled", pieces: 8 },
      },
      form: "hook, curled tip",
      metal: "yellow-brass",
      wireDiameterMm: 1.63,
      wires: [{ name: "hook", diameterMm: 1.63, lengthInPieceMm: 50, lengthToCutMm: 66.4, tailMm: 16.4 }],
      runId: "r1",
      finished: false,
      step: { kind: "LOOP", part: "loop" },
      place: 4,
      places: 10,
      count: 3,
      times: 8,
      piecesDone: 0,
      wireMm: 531,
      shortMm: 120,
      refusal: null,
    };
    serve({ ...BASE, "GET /api/bench/forms": [hand] });
    show(<BenchPlace />);
    const shapes = await screen.findByRole("region", { name: "Shapes" });
    expect(shapes.textContent).toContain("next: turn the loop, 3 of 8");
    expect(shapes.textContent).toContain("lacks 120 mm of wire");
    expect(within(shapes).getByRole("link", { name: "go on" }).getAttribute("href")).toBe("/making/form/r1");
  });
});
