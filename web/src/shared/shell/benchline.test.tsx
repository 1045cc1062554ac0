import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { PREFERENCES, Refused, serve, show, type Asked } from "../../test/app";
import sample from "../../test/patch.json";
import { BenchLine } from "./BenchLine";
import { WireChoice, type WireOfJob } from "./WireChoice";
import { WirePicture } from "./WirePicture";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** The line, and the place what is typed leads to. */
function showLine(place: string): HTMLElement {
  show(
    <Routes>
      <Route path="/" element={<BenchLine />} />
      <Route path={`${place}/:id`} element={<p>its place</p>} />
    </Routes>,
  );
  return screen.getByLabelText("Bench line");
}

const preferencesOf = (asked: Asked[]) =>
  waitFor(() => expect(asked.some((one) => one.path === "/api/preferences")).toBe(true));

/** Enter: the place it leads to is there, and this was kept. */
async function takenOn(line: HTMLElement, asked: Asked[]): Promise<unknown> {
  fireEvent.submit(line.closest("form")!);
  expect(await screen.findByText("its place")).toBeTruthy();
  return asked.find((one) => one.method === "PUT")!.body;
}

const FORM_ANSWER = {
  formId: "spiral-flat",
  name: "flat spiral",
  wireDiameterMm: 1,
  metal: "copper",
  temper: "HALF_HARD",
  parameters: { width: 12 },
  count: 6,
  wires: [{ name: "spiral", diameterMm: 1, lengthInPieceMm: 103.4, lengthToCutMm: 108.4, forCountMm: 650.4 }],
  understood: [{ said: "spiral", role: "form", as: "flat spiral" }],
  notes: [{ code: "spiral-wider-than-bead", severity: "CARE", values: { widthMm: 12, beadMm: 8 } }],
};

it("answers a form at once and takes it to Shapes", async () => {
  const asked = serve({
    ...PREFERENCES,
    "POST /api/line/form": FORM_ANSWER,
    "GET /api/spools": [],
    "PUT /api/jobs/form/": (body: unknown) => body,
  });
  const line = showLine("/shapes");
  await preferencesOf(asked);
  fireEvent.change(line, { target: { value: "spiral 1.0 to 12 x6" } });
  expect(await screen.findByText("108.4 mm")).toBeTruthy();
  expect(screen.getByText("650 mm")).toBeTruthy();
  expect(screen.getByText(/wider than its 8.0 mm bead/)).toBeTruthy();
  expect(await takenOn(line, asked)).toMatchObject({
    data: { formId: "spiral-flat", copies: 6, parameters: { width: 12 }, name: "spiral 1.0 to 12 x6" },
  });
});

it("takes what is typed, not what was answered before it", async () => {
  const width = (body: unknown) => ((body as { text: string }).text.endsWith("to 12") ? 12 : 8);
  const asked = serve({
    ...PREFERENCES,
    "POST /api/line/form": (body: unknown) => ({ ...FORM_ANSWER, parameters: { width: width(body) } }),
    "GET /api/spools": [],
    "PUT /api/jobs/form/": (body: unknown) => body,
  });
  const line = showLine("/shapes");
  await preferencesOf(asked);
  fireEvent.change(line, { target: { value: "spiral 1.0" } });
  await screen.findByText("108.4 mm");
  fireEvent.change(line, { target: { value: "spiral 1.0 to 12" } });
  expect(await takenOn(line, asked)).toMatchObject({
    data: { parameters: { width: 12 }, name: "spiral 1.0 to 12" },
  });
});

it("takes an answer that has come and is not drawn yet, and takes it once", async () => {
  const asked = serve({
    ...PREFERENCES,
    "GET /api/spools": [],
    "PUT /api/jobs/form/": (body: unknown) => body,
  });
  const others = fetch;
  const text = () => Promise.resolve(JSON.stringify(FORM_ANSWER));
  let come: (() => void) | undefined;
  vi.stubGlobal("fetch", (url: string, init: RequestInit) =>
    url === "/api/line/form"
      ? new Promise((answer) => (come = () => answer({ ok: true, status: 200, text })))
      : others(url, init),
  );
  const line = showLine("/shapes");
  await preferencesOf(asked);
  fireEvent.change(line, { target: { value: "spiral 1.0 to 12" } });
  await waitFor(() => expect(come).toBeTruthy());
  come!();
  // what is drawn is drawn in a turn of its own: after these the answer is known and not yet on the screen
  for (let turn = 0; turn < 100; turn++) {
    await Promise.resolve();
  }
  expect(screen.queryByText("108.4 mm")).toBeNull();
  fireEvent.submit(line.closest("form")!);
  fireEvent.submit(line.closest("form")!);
  expect(await screen.findByText("its place")).toBeTruthy();
  expect(asked.filter((one) => one.method === "PUT")).toHaveLength(1);
});

it("says that nobody answers, and asks again on Enter", async () => {
  let away = true;
  const asked = serve({
    ...PREFERENCES,
    "POST /api/line/form": () => {
      if (away) {
        throw new TypeError("no connection");
      }
      return FORM_ANSWER;
    },
    "GET /api/spools": [],
    "PUT /api/jobs/form/": (body: unknown) => body,
  });
  const line = showLine("/shapes");
  await preferencesOf(asked);
  fireEvent.change(line, { target: { value: "spiral 1.0 to 12" } });
  expect(await screen.findByText(/not answering/)).toBeTruthy();
  away = false;
  await takenOn(line, asked);
});

it("counts a weave at once and takes it to Weaves", async () => {
  const asked = serve({
    ...PREFERENCES,
    "POST /api/line/form": null,
    "POST /api/line/weave": {
      weaveId: "byzantine",
      name: "byzantine",
      kind: "CHAIN",
      wireDiameterMm: 0.9,
      innerDiameterMm: [3.4],
      ringsSaid: true,
      metal: "copper",
      lengthMm: 190,
      units: null,
      rows: null,
      columns: null,
      count: sample.count,
      understood: [{ said: "byzantine", role: "weave", as: "byzantine" }],
    },
    "GET /api/spools": [],
    "PUT /api/jobs/weave/": (body: unknown) => body,
  });
  const line = showLine("/weaves");
  await preferencesOf(asked);
  fireEvent.change(line, { target: { value: "byzantine 190 0.9 id 3.4" } });
  expect(await screen.findByText("to close,")).toBeTruthy();
  expect(await takenOn(line, asked)).toMatchObject({
    data: { weaveId: "byzantine", patch: { lengthMm: 190, units: null }, innerDiameterMm: [3.4] },
  });
});

const RING_ANSWER = {
  understood: [{ said: "1.0", role: "wire", as: "1.00 mm" }],
  metal: "copper",
  temper: "HALF_HARD",
  wireDiameterMm: 1.02,
  convention: "MANDREL",
  aimValue: 4.5,
  count: 20,
  turnsPerRing: 1,
  cutMethod: null,
  cutLossMm: null,
  mandrelDiameterMm: 4.5,
  innerDiameterMm: 4.6,
  outerDiameterMm: 6.6,
  aspectRatio: 4.6,
  wireForCountMm: 350,
  fromRings: null,
  otherGauge: null,
};
const SHEET_OF_LINE = {
  ring: { closedInnerMm: 4.71, closedOuterMm: 6.71, aspectRatio: 4.71, mandrelDiameterMm: 4.5 },
  figures: [{ id: "wire-total", value: 468 }],
  ringsMade: 21,
  coils: [{}],
};
const SPOOL = { id: "s", data: { name: "Spool", metal: "copper", temper: "SOFT", wireDiameterMm: 1.0 } };

it("answers rings with the sheet of the job they become, and says what is in it", async () => {
  const asked = serve({
    ...PREFERENCES,
    "POST /api/line/form": null,
    "POST /api/line/weave": null,
    "POST /api/line": RING_ANSWER,
    "GET /api/spools": [SPOOL],
    "POST /api/rings/sheet": SHEET_OF_LINE,
    "PUT /api/jobs/ring/": (body: unknown) => body,
  });
  const line = showLine("/rings");
  fireEvent.change(line, { target: { value: "20 rings 1.02 on 4.5" } });
  expect(await screen.findByText("4.71 mm")).toBeTruthy();
  expect(screen.getByText(/21 with the spare/).textContent).toContain("468 mm");
  const sheet = asked.find((one) => one.path === "/api/rings/sheet")!.body as object;
  expect(sheet).toMatchObject({ spoolId: "s", temper: "SOFT", wireDiameterMm: 1.0, ringCount: 20 });
  expect(await takenOn(line, asked)).toMatchObject({ data: sheet });
});

it("says why the Rings place would not make it", async () => {
  serve({
    ...PREFERENCES,
    "POST /api/line/form": null,
    "POST /api/line/weave": null,
    "POST /api/line": RING_ANSWER,
    "GET /api/spools": [],
    "POST /api/rings/sheet": new Refused({ code: "out-of-range", remedy: "one-ring-needs-a-longer-rod" }),
  });
  show(<BenchLine />);
  fireEvent.change(screen.getByLabelText("Bench line"), { target: { value: "20 rings 1.02 on 4.5" } });
  expect(await screen.findByText(/need a longer rod/)).toBeTruthy();
  expect(screen.getByText("4.60 mm")).toBeTruthy();
});

it("asks for a ring where the line is no form, and says what it cannot read", async () => {
  serve({
    ...PREFERENCES,
    "POST /api/line/form": null,
    "POST /api/line/weave": null,
    "POST /api/line": new Refused({
      code: "line-unreadable",
      value: "wobbly",
    }),
  });
  show(<BenchLine />);
  fireEvent.change(screen.getByLabelText("Bench line"), { target: { value: "wobbly" } });
  expect(await screen.findByText(/I do not know what/)).toBeTruthy();
  fireEvent.keyDown(screen.getByLabelText("Bench line"), { key: "Escape" });
  await waitFor(() => expect(screen.queryByText(/I do not know what/)).toBeNull());
});

it("a spool brings its own metal, temper and thickness", async () => {
  const spool = {
    id: "s1",
    version: 0,
    data: { name: "Spool 7", metal: "sterling-silver", temper: "HARD", wireDiameterMm: 0.8, note: "" },
  };
  serve({ ...PREFERENCES, "GET /api/spools": [spool], "GET /api/metals": [] });
  const patches: Partial<WireOfJob>[] = [];
  const seen: number[] = [];
  show(
    <WireChoice
      wire={{ spoolId: null, metal: "copper", temper: "HALF_HARD", wireDiameterMm: 1 }}
      change={(patch) => patches.push(patch)}
      onSpool={(data) => seen.push(data.wireDiameterMm)}
      asksThickness
    />,
  );
  await screen.findByText("Spool 7");
  expect(screen.getByLabelText("Wire")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Wire from"), { target: { value: "s1" } });
  expect(patches[0]).toEqual({
    spoolId: "s1",
    metal: "sterling-silver",
    temper: "HARD",
    wireDiameterMm: 0.8,
  });
  expect(seen).toEqual([0.8]);
});

it("a picture passes a wire over itself where it does, and shows its beads", () => {
  serve({});
  const wires = [{ diameterMm: 1, points: [0, 0, 0, 5, 0, 0, 5, 5, 2, 2, -3, 4] }];
  const solids = [{ kind: "BEAD", centre: [1, 1, 0], axis: [1, 0, 0], diameterMm: 4, lengthMm: 4 }];
  const { container } = show(<WirePicture wires={wires} solids={solids} metal="copper" label="a loop" />);
  expect(container.querySelectorAll("path").length).toBeGreaterThanOrEqual(6);
  expect(container.querySelector("circle.bead")!.getAttribute("r")).toBe("2");
  expect(screen.getByRole("img", { name: "a loop" })).toBeTruthy();
});
