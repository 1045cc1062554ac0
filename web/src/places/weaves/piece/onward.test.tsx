import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { WeaveJobData } from "../../../api/types";
import { PREFERENCES, Refused, serve, show, type Answers } from "../../../test/app";
import sample from "../../../test/piece.json";
import { CHAIN_JOB } from "../../../test/weaveJob";
import { Says } from "../../../shared/says";
import { PiecePlace } from "./PiecePlace";

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
    "GET /api/weave-jobs": [kept(id, job)],
    [`PUT /api/weave-jobs/${id}`]: (body: unknown) => kept(id, (body as { data: object }).data, 2),
    "GET /api/weaves": [sample.weave],
    "GET /api/spools": [],
    "GET /api/metals": METALS,
    "POST /api/weaves/byzantine/count": sample.count,
    "POST /api/weaves/byzantine/piece": sample.piece,
    "POST /api/weaves/byzantine/poses": sample.poses,
    ...answers,
  });
  show(
    <>
      <Routes>
        <Route path="/weaves/:id" element={<PiecePlace />} />
        <Route path="/making/weave/:id" element={<p>at the bench</p>} />
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
  await waitFor(
    () => {
      const puts = asked.filter((one) => one.method === "PUT" && one.path.includes("weave-jobs"));
      expect((puts.at(-1)?.body as { data: object } | undefined)?.data).toMatchObject(wanted);
    },
    { timeout: 3000 },
  );
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
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true), { timeout: 3000 });
    const sent = asked.find((one) => one.method === "PUT")!.body as { data: WeaveJobData };
    expect(sent.data.colours.painted).toHaveLength(2);
    expect(sent.data.colours.painted.at(-1)!.at(-1)).toBe(1);
    fireEvent.click(screen.getByRole("button", { name: "clear them" }));
    await last(asked, { colours: { painted: [] } });
  });
});

describe("onward from a piece", () => {
  it("goes to the bench", async () => {
    const { asked, id, ready } = open(null, { "POST /api/weave-jobs/": { id: "run-1" } });
    await ready();
    fireEvent.click(screen.getByRole("button", { name: "Make it" }));
    expect(await screen.findByText("at the bench")).toBeTruthy();
    expect(asked.some((one) => one.path === `/api/weave-jobs/${id}/runs`)).toBe(true);
  });

  it("says why it cannot be made", async () => {
    const { ready } = open(null, {
      "POST /api/weave-jobs/": new Refused({
        code: "x",
        detail: "There are 15000 rings to put in; at most 6000.",
      }),
    });
    await ready();
    fireEvent.click(screen.getByRole("button", { name: "Make it" }));
    expect(await screen.findByText("There are 15000 rings to put in; at most 6000.")).toBeTruthy();
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

  it("lays out a ring job for each colour that has rings, in its own metal", async () => {
    const count = {
      ...sample.count,
      colours: [
        { colour: "copper", ringCount: [20], total: 20 },
        { colour: "brass", ringCount: [6], total: 6 },
        { colour: "#2f6f8f", ringCount: [0], total: 0 },
      ],
    };
    const job = { ...JOB, colours: { ...JOB.colours, palette: ["copper", "brass", "#2f6f8f"] } };
    const { asked, ready } = open(
      null,
      {
        "POST /api/weaves/byzantine/count": count,
        "PUT /api/ring-jobs/": (body: unknown) => kept("r", (body as { data: object }).data),
      },
      job,
    );
    await ready();
    await waitFor(() =>
      expect(screen.getByRole<HTMLButtonElement>("button", { name: "cut its rings" }).disabled).toBe(false),
    );
    fireEvent.click(screen.getByRole("button", { name: "cut its rings" }));
    expect(await screen.findByText("the rings' job")).toBeTruthy();
    const jobs = asked
      .filter((one) => one.method === "PUT" && one.path.startsWith("/api/ring-jobs/"))
      .map((one) => (one.body as { data: Record<string, unknown> }).data);
    expect(jobs).toHaveLength(2);
    expect(jobs[0]).toMatchObject({
      metal: "copper",
      spoolId: "s1",
      ringCount: 20,
      convention: "INNER",
      aimValue: 3.8,
    });
    expect(jobs[1]).toMatchObject({ metal: "brass", spoolId: null, ringCount: 6, sparePercent: 5 });
    expect(jobs[1]!.name).toBe("Rope of the tide, brass");
  });

  it("says how the piece is gone about, and counts anew", async () => {
    const { asked, ready } = open(null, {
      "POST /api/weaves/byzantine/count": { ...sample.count, doubles: true },
    });
    await ready();
    fireEvent.change(screen.getByLabelText("When a ring's double comes in"), {
      target: { value: "AFTERWARDS" },
    });
    await last(asked, { piece: { doubling: "AFTERWARDS" } });
    const hold = screen.getByLabelText("Loose rings picked up at a time");
    fireEvent.keyDown(hold, { key: "ArrowDown" });
    await last(asked, { piece: { hold: 3 } });
    await waitFor(() =>
      expect(asked.filter((one) => one.path.endsWith("/count")).at(-1)!.body).toMatchObject({
        doubling: "AFTERWARDS",
        hold: 3,
      }),
    );
  });
});
