import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { NotebookEntry } from "../../../api/types";
import { PREFERENCES, serve, show, type Answers } from "../../../test/app";
import { FORM } from "../../../test/form";
import { hooks } from "../../../test/runs";
import workshop from "../../../test/workshop.json";
import { RunRecord } from "./RunRecord";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ENTRIES = workshop.notebook as unknown as NotebookEntry[];
const forms = ENTRIES.filter((one) => one.kind === "form" && one.finishedAt && one.made.length > 0);
const ENTRY = forms[0]!;
const OTHER = forms[1]!;

function opened(more: Answers = {}) {
  const run = hooks(3, 3, 6);
  const asked = serve({
    ...PREFERENCES,
    "GET /api/notebook": { entries: ENTRIES, next: null },
    [`GET /api/notebook/${ENTRY.runId}`]: ENTRY,
    [`GET /api/notebook/${OTHER.runId}`]: OTHER,
    "GET /api/runs/": { ...run, id: ENTRY.runId },
    [`GET /api/runs/${ENTRY.runId}/shown`]: { form: FORM, shapes: [] },
    "GET /api/lots": [],
    "GET /api/stock/kinds": [],
    ...more,
  });
  show(
    <Routes>
      <Route path="/notebook/run/:id" element={<RunRecord />} />
      <Route path="/making/:id" element={<p>at the bench</p>} />
    </Routes>,
    `/notebook/run/${ENTRY.runId}`,
  );
  return asked;
}

describe("the record of a run", () => {
  it("sets what was made against what was planned, and another batch beside it", async () => {
    opened();
    expect((await screen.findByRole("heading", { level: 1 })).textContent).toBe(ENTRY.name);
    const rows = within(await screen.findByRole("table", { name: "Planned and made" })).getAllByRole("row");
    expect(rows).toHaveLength(1 + ENTRY.made.length);
    fireEvent.change(await screen.findByLabelText(/beside/), { target: { value: OTHER.runId } });
    expect(await screen.findByRole("columnheader", { name: new RegExp(OTHER.name) })).toBeTruthy();
  });

  it("says how it is kept, by its metal", async () => {
    opened();
    expect(await screen.findByText(/green trace on skin/)).toBeTruthy();
  });

  it("shows its photos, says what is to be seen, and takes one away and back", async () => {
    const photo = {
      id: "31",
      version: 0,
      updatedAt: "",
      deleted: false,
      data: { runId: ENTRY.runId, operation: "cut", note: "", width: 900, height: 1600 },
    };
    const asked = opened({
      "GET /api/photos?run=": [photo],
      "GET /api/photos/31": { ...photo, version: 1, data: { note: "Loops oval" } },
      "PUT /api/photos/31": { ...photo, version: 1, data: { note: "Loops oval" } },
      "DELETE /api/photos/31": { ...photo, version: 2, deleted: true, data: { note: "Loops oval" } },
    });
    const picture = await screen.findByRole("img", { name: /Photo:/ });
    expect(picture.getAttribute("src")).toBe("/api/photos/31/picture?small=true");
    expect(picture.closest("a")!.getAttribute("href")).toBe("/api/photos/31/picture");
    fireEvent.change(screen.getByLabelText("What is to be seen"), { target: { value: "Loops oval" } });
    fireEvent.click(screen.getByRole("button", { name: /Take away the photo/ }));
    await waitFor(() => expect(asked.some((one) => one.path === "/api/photos/31?version=1")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toEqual({
      version: 0,
      data: { note: "Loops oval" },
    });
  });

  it("is taken out of the notebook", async () => {
    const asked = opened({ "DELETE /api/runs/": null });
    fireEvent.click(await screen.findByRole("button", { name: "take out of the notebook" }));
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "DELETE").map((one) => one.path)).toEqual([
        `/api/runs/${ENTRY.runId}`,
      ]),
    );
  });

  it("is made again with today's figures", async () => {
    const asked = opened({ "POST /api/jobs/": { ...hooks(3, 3), id: "next" } });
    fireEvent.click(await screen.findByRole("button", { name: "Make this again" }));
    await waitFor(() => expect(screen.getByText("at the bench")).toBeTruthy());
    expect(asked.find((one) => one.method === "POST")!.path).toBe(
      `/api/jobs/${ENTRY.kind}/${ENTRY.jobId}/runs`,
    );
  });
});
