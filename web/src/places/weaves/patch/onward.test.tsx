import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { WeaveJobData } from "../../../api/types";
import { PREFERENCES, Refused, serve, show, type Answers } from "../../../test/app";
import sample from "../../../test/patch.json";
import { CHAIN_JOB } from "../../../test/weaveJob";
import { Says } from "../../../shared/kernel/says";
import { PatchPlace } from "./PatchPlace";

const JOB: WeaveJobData = {
  ...CHAIN_JOB,
  spoolId: "s1",
  colours: { ...CHAIN_JOB.colours, sequence: [0, 0, 1, 1, 0, 0], painted: [[0, 1, 0, 1]] },
};

const METALS = ["copper", "brass"].map((id) => ({ id, name: id, tempers: [] }));
const kept = (id: string, data: unknown, version = 1) => ({
  id,
  version,
  updatedAt: "",
  deleted: false,
  data,
});

let next = 0;

function open(tab: string | null, answers: Answers = {}, job: WeaveJobData = JOB) {
  const id = `onward-${next++}`;
  const asked = serve({
    ...PREFERENCES,
    "GET /api/jobs/weave": [kept(id, job)],
    [`PUT /api/jobs/weave/${id}`]: (body: unknown) => kept(id, (body as { data: object }).data, 2),
    "GET /api/weaves": [sample.weave],
    "GET /api/spools": [],
    "GET /api/metals": METALS,
    "POST /api/weaves/byzantine/count": sample.count,
    "POST /api/weaves/byzantine/patch": sample.patch,
    "POST /api/weaves/byzantine/poses": sample.poses,
    ...answers,
  });
  show(
    <>
      <Routes>
        <Route path="/weaves/:id" element={<PatchPlace />} />
        <Route path="/making/:id" element={<p>at the bench</p>} />
        <Route path="/rings/:id" element={<p>the rings&apos; job</p>} />
      </Routes>
      <Says />
    </>,
    `/weaves/${id}`,
  );
  return {
    asked,
    id,
    ready: () =>
      screen
        .findByTestId("close-open")
        .then(() => (tab ? fireEvent.click(screen.getByRole("tab", { name: tab })) : undefined)),
  };
}

/** What was last kept of the job, once it is. */
async function last(asked: ReturnType<typeof open>["asked"], wanted: object) {
  await waitFor(() => {
    const puts = asked.filter((one) => one.method === "PUT" && one.path.includes("jobs/weave"));
    expect((puts.at(-1)?.body as { data: object } | undefined)?.data).toMatchObject(wanted);
  });
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("colours", () => {
  it("tell how many rings each has", async () => {
    const { ready } = open("colours");
    await ready();
    const group = await screen.findByRole("group", { name: "Colours" });
    const told = within(group)
      .getAllByRole("listitem")
      .map((one) => one.querySelector("strong")?.textContent)
      .filter((one) => one !== undefined);
    expect(told).toEqual(JOB.colours.palette.map((_, i) => String(sample.count.colours[i]?.total ?? 0)));
  });

  it("are added and left out, and what had a colour that goes takes the first", async () => {
    const { asked, ready } = open("colours");
    await ready();
    fireEvent.click(await screen.findByRole("button", { name: "another colour" }));
    await last(asked, { colours: { palette: ["copper", "#2f6f8f", "#2f6f8f"] } });
    fireEvent.click(screen.getAllByRole("button", { name: "Leave #2f6f8f out" })[0]!);
    await last(asked, { colours: { sequence: [0, 0, 0, 0, 0, 0], painted: [[0, 1, 0, 0]] } });
  });

  it("go by rows or units, in a sequence as long as wanted", async () => {
    const { asked, ready } = open("colours");
    await ready();
    fireEvent.change(await screen.findByLabelText("Colours go by"), { target: { value: "CELL" } });
    await last(asked, { colours: { by: "CELL", sequence: [0, 1] } });
    fireEvent.click(screen.getByRole("button", { name: "Paint with #2f6f8f" }));
    fireEvent.click(screen.getByRole("button", { name: "longer" }));
    await last(asked, { colours: { sequence: [0, 1, 1] } });
    fireEvent.click(screen.getByRole("button", { name: "shorter" }));
    fireEvent.click(screen.getByRole("button", { name: "shorter" }));
    await last(asked, { colours: { sequence: [0] } });
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "shorter" }).disabled).toBe(true);
  });

  it("are metals or coats", async () => {
    const { asked, ready } = open("colours");
    await ready();
    await screen.findAllByRole("option", { name: "brass" });
    fireEvent.change(screen.getByLabelText("Colour 1"), { target: { value: "brass" } });
    await last(asked, { colours: { palette: ["brass", "#2f6f8f"] } });
    fireEvent.change(screen.getByLabelText("Coat of colour 2"), { target: { value: "#aa2244" } });
    await last(asked, { colours: { palette: ["brass", "#aa2244"] } });
  });

  it("are painted ring by ring where the picture is flat, given back at a second press, and cleared at once", async () => {
    const { asked, ready } = open("colours");
    await ready();
    fireEvent.click(await screen.findByRole("button", { name: "Paint with #2f6f8f" }));
    const flat = await screen.findByRole("img", { name: /to be painted/ });
    fireEvent.click(flat.querySelector("g")!);
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const sent = asked.find((one) => one.method === "PUT")!.body as { data: WeaveJobData };
    expect(sent.data.colours.painted).toHaveLength(2);
    expect(sent.data.colours.painted.at(-1)!.at(-1)).toBe(1);
    fireEvent.click(screen.getByRole("button", { name: "clear them" }));
    await last(asked, { colours: { painted: [] } });
  });
});

describe("onward from a patch", () => {
  it("goes to the bench", async () => {
    const { asked, id, ready } = open(null, { "POST /api/jobs/weave/": { id: "run-1" } });
    await ready();
    fireEvent.click(screen.getByRole("button", { name: "Make it" }));
    expect(await screen.findByText("at the bench")).toBeTruthy();
    expect(asked.some((one) => one.path === `/api/jobs/weave/${id}/runs`)).toBe(true);
  });

  it("says why it cannot be made", async () => {
    const { ready } = open(null, {
      "POST /api/jobs/weave/": new Refused({
        code: "out-of-range",
        field: "rings",
        value: "15000",
        minimum: 1,
        maximum: 6000,
        unit: "rings-to-put-in",
      }),
    });
    await ready();
    fireEvent.click(screen.getByRole("button", { name: "Make it" }));
    expect(await screen.findByText(/cannot be 15000 rings to put in; it can be from 1 to 6000/)).toBeTruthy();
    expect(screen.queryByText("at the bench")).toBeNull();
  });

  it("cannot be begun with rings that do not fit", async () => {
    const { ready } = open(null, {
      "POST /api/weaves/byzantine/count": {
        ...sample.count,
        notes: [{ ...sample.count.notes[0]!, code: "weave-will-not-close", severity: "STOP" }],
      },
    });
    await ready();
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "Make it" }).disabled).toBe(true);
    expect(document.body.textContent).toContain("Will not close");
  });

  it("is kept with the rings it needs cut, and goes to the first of them", async () => {
    const { asked, ready } = open(null, {
      "POST /api/jobs/weave/": { job: kept("w", JOB), cuts: [kept("r1", {}), kept("r2", {})] },
    });
    await ready();
    fireEvent.click(screen.getByRole("button", { name: "cut its rings" }));
    expect(await screen.findByText("the rings' job")).toBeTruthy();
    const laid = asked.find((one) => one.path.endsWith("/cuts"))!;
    expect(laid.body).toMatchObject({ version: null, data: { name: JOB.name } });
    expect(asked.some((one) => one.path.startsWith("/api/jobs/ring/") && one.method === "PUT")).toBe(false);
  });

  it("says how the patch is gone about, and counts anew", async () => {
    const { asked, ready } = open(null, {
      "POST /api/weaves/byzantine/count": { ...sample.count, doubles: true },
    });
    await ready();
    fireEvent.change(screen.getByLabelText("When a ring's double comes in"), {
      target: { value: "AFTERWARDS" },
    });
    await last(asked, { patch: { doubling: "AFTERWARDS" } });
    const hold = screen.getByLabelText("Loose rings picked up at a time");
    fireEvent.keyDown(hold, { key: "ArrowDown" });
    await last(asked, { patch: { hold: 3 } });
    await waitFor(() =>
      expect(asked.filter((one) => one.path.endsWith("/count")).at(-1)!.body).toMatchObject({
        doubling: "AFTERWARDS",
        hold: 3,
      }),
    );
  });
});
