import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { PatchStep } from "../../../api/types";
import sample from "../../../test/patch.json";
import { CHAIN_JOB } from "../../../test/weaveJob";
import { press, PREFERENCES, serve, show, type Answers } from "../../../test/app";
import { chain } from "../../../test/runs";
import { MakingPlace } from "../../making/MakingPlace";
import { stepHead, stepWay } from "../../../shared/words/assemblyWords";
import { PatchPlace } from "./PatchPlace";

const JOB = CHAIN_JOB;

const kept = (data: unknown, version = 1) => ({ id: "w1", version, updatedAt: "", deleted: false, data });
const echo = (body: unknown) => kept((body as { data: object }).data, 2);

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/jobs/weave": [kept(JOB)],
  "PUT /api/jobs/weave/w1": echo,
  "GET /api/weaves": [sample.weave],
  "GET /api/spools": [],
  "GET /api/metals": [{ id: "copper", name: "copper", tempers: [] }],
  "POST /api/weaves/byzantine/count": sample.count,
  "POST /api/weaves/byzantine/patch": sample.patch,
  "POST /api/weaves/byzantine/poses": sample.poses,
};

const place = (
  <Routes>
    <Route path="/weaves/:id" element={<PatchPlace />} />
    <Route path="/making/:id" element={<MakingPlace />} />
  </Routes>
);

// each test takes a job of its own id: editors live as long as the page
let next = 0;
function open(answers: Answers = {}) {
  const id = `job-${next++}`;
  const asked = serve({
    ...BASE,
    "GET /api/jobs/weave": [{ ...kept(JOB), id }],
    [`PUT /api/jobs/weave/${id}`]: (body: unknown) => ({ ...echo(body), id }),
    ...answers,
  });
  show(place, `/weaves/${id}`);
  return asked;
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a patch", () => {
  it("says first how many to close and how many to open", async () => {
    open();
    const big = await screen.findByTestId("close-open");
    expect(big.textContent).toContain(String(sample.count.preClosed.inHand));
    expect(big.textContent).toContain(String(sample.count.opened));
    fireEvent.click(screen.getByRole("button", { name: "rings in all" }));
    expect(screen.getByText(/4 units × 6 rings/)).toBeTruthy();
  });

  it("keeps what is typed and asks anew", async () => {
    const asked = open();
    const units = await screen.findByLabelText("Units");
    fireEvent.focus(units);
    fireEvent.change(units, { target: { value: "7" } });
    fireEvent.blur(units);
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({ data: { patch: { units: 7 } } });
    await waitFor(() =>
      expect(asked.filter((one) => one.path.endsWith("/count")).at(-1)!.body).toMatchObject({ units: 7 }),
    );
  });

  it("is put together ring by ring, forward and back", async () => {
    open();
    fireEvent.click(await screen.findByRole("tab", { name: "put together" }));
    const words = async () => (await screen.findAllByRole("status")).map((one) => one.textContent).join();
    expect(await words()).toContain("Lay a closed ring down");
    fireEvent.click(screen.getByRole("button", { name: "One ring on" }));
    expect(await words()).toContain(stepHead(sample.patch.steps[1]! as PatchStep));
    fireEvent.click(screen.getByRole("button", { name: "One ring back" }));
    fireEvent.click(screen.getByRole("button", { name: "One ring back" }));
    expect(await words()).toContain(`Close ${sample.patch.preClosed.length} rings first`);
  });

  it("lets the maker practise, and the model answers", async () => {
    const asked = open({
      "POST /api/weaves/byzantine/attempt": { right: false, found: [], missing: [0], extra: [1] },
      "PUT /api/readings/": (body: unknown) => body,
    });
    fireEvent.click(await screen.findByRole("tab", { name: "practise" }));
    const letters = await screen.findAllByRole("button", { name: /^[A-J]$/ });
    fireEvent.click(letters[0]!);
    fireEvent.click(screen.getByRole("button", { name: "That is all of them" }));
    expect(await screen.findByText("Not quite.")).toBeTruthy();
    const attempt = asked.find((one) => one.path.endsWith("/attempt"))!;
    expect((attempt.body as { named: number[] }).named).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: "Next ring" }));
    expect(screen.getByText(/0 of 1 right/)).toBeTruthy();
    await waitFor(() => expect(asked.some((one) => one.path.startsWith("/api/readings/"))).toBe(true));
    expect(asked.find((one) => one.path.startsWith("/api/readings/"))!.body).toMatchObject({
      data: {
        quantity: "RECALLED",
        value: 1,
        context: { practised: { exercise: "weave-unit", weaveId: "byzantine" } },
      },
    });
  });

  it("is painted by the ring's part in a unit", async () => {
    const asked = open();
    fireEvent.click(await screen.findByRole("tab", { name: "colours" }));
    fireEvent.click((await screen.findAllByRole("button", { name: /press for the next colour/ }))[2]!);
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: { colours: { sequence: [0, 0, 1, 0, 0, 0] } },
    });
  });
});

describe("steps in words", () => {
  it("name what they go through in turn", () => {
    const step: PatchStep = {
      ring: 5,
      closed: false,
      through: [1, 2],
      pickUp: [8],
      over: [],
      unit: 1,
      passages: [
        { ring: 2, angle: 1, towards: false },
        { ring: 8, angle: 2, towards: true },
        { ring: 1, angle: 3, towards: true },
      ],
      openingAngle: 0,
      leanDegrees: 80,
    };
    expect(stepHead(step)).toBe("Through 2, take 1 closed along");
    expect(stepWay(step)).toBe(
      "It stands on edge. From its opening, anticlockwise: away from you through A, then towards you through B and C. Close it.",
    );
    const captive = { ...step, over: [11] };
    expect(stepHead(captive)).toBe("Slip 1 captive on, then through 2, take 1 closed along");
    expect(stepWay(captive)).toContain("The captive lies round the place where they link. Close it.");
  });
});

describe("making a weave", () => {
  const making = (ringsIn: number, answers: Answers = {}) => {
    const run = chain(ringsIn);
    const asked = serve({
      ...BASE,
      [`GET /api/runs/${run.id}`]: run,
      [`GET /api/runs/${run.id}/shown`]: sample.patch,
      [`PUT /api/runs/${run.id}`]: (body: unknown) => ({
        ...run,
        version: 2,
        data: { ...run.data, ...(body as { data: object }).data },
      }),
      [`POST /api/runs/${run.id}/diagnose`]: answers.diagnose,
    });
    show(place, `/making/${run.id}`);
    return asked;
  };

  it("counts the rings to close first", async () => {
    making(-2);
    expect(await screen.findByText("Close these first")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "ten more" }));
    expect(screen.getByLabelText<HTMLInputElement>("Rings closed").value).toBe("10");
    fireEvent.click(screen.getByRole("button", { name: "all of them" }));
    fireEvent.click(screen.getByRole("button", { name: "Next" }));
    expect(await screen.findByText("Open these")).toBeTruthy();
  });

  it("goes on ring by ring and keeps its place", async () => {
    const asked = making(1);
    expect(await screen.findByText(stepHead(sample.patch.steps[1]! as PatchStep))).toBeTruthy();
    press(" ");
    const putIn = () =>
      asked
        .filter((one) => one.method === "PUT")
        .map((one) => (one.body as { data: { counts: Record<string, number> } }).data.counts["put-in"]);
    await waitFor(() => expect(putIn()).toContain(2));
  });

  it("looks for what went wrong, one look at a time, and goes back to it", async () => {
    let looks = 0;
    const asked = making(10, {
      diagnose: () =>
        looks++ === 0
          ? { ask: { kind: "COUNT", ring: sample.patch.steps[3]!.ring }, faults: [], sure: false }
          : {
              ask: null,
              faults: [
                {
                  kind: "MISSED",
                  ring: sample.patch.steps[3]!.ring,
                  other: sample.patch.steps[3]!.through[0]!,
                  step: 3,
                  probability: 0.95,
                },
              ],
              sure: true,
            },
    });
    await screen.findByTestId("big-number");
    fireEvent.click(screen.getByRole("button", { name: "something looks wrong" }));
    expect(await screen.findByText("How many rings go through the blue one?")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "3" }));
    expect((await screen.findByTestId("finding")).textContent).toContain("missed the bright one");
    expect(asked.filter((one) => one.path.endsWith("/diagnose")).at(-1)!.body).toMatchObject({
      ringsIn: 10,
      answers: [{ kind: "COUNT", seen: 3 }],
    });
    fireEvent.click(screen.getByRole("button", { name: "Go back to that ring" }));
    expect(await screen.findByText(stepHead(sample.patch.steps[3]! as PatchStep))).toBeTruthy();
  });
});
