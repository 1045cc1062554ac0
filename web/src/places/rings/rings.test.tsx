import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Kept, RingJobData, RingSheet } from "../../api/types";
import { PREFERENCES, Refused, serve, show, type Answers } from "../../test/app";
import workshop from "../../test/workshop.json";
import { FigureList } from "./FigureList";
import { Ladder } from "./Ladder";
import { RingFace } from "./RingFace";
import { RingsPlace } from "./RingsPlace";
import { RodRail } from "./RodRail";
import { StartRun } from "./StartRun";

const SHEET = workshop.sheet as unknown as RingSheet;
const JOB = workshop.job as unknown as Kept<RingJobData>;

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/jobs/ring": [JOB],
  "GET /api/spools": workshop.spools,
  "GET /api/cutters": workshop.cutters,
  "GET /api/metals": workshop.metals,
  "GET /api/bench": workshop.bench,
  "POST /api/rings/sheet": SHEET,
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the ring's face", () => {
  it("has its sizes as inputs, each holding its own convention", () => {
    serve(BASE);
    const patches: Partial<RingJobData>[] = [];
    show(
      <RingFace
        sheet={SHEET}
        data={JOB.data}
        change={(patch) => patches.push(patch)}
        trueSize={false}
        onTrueSize={() => {}}
      />,
    );
    const type = (label: string, value: string) => {
      const field = screen.getByLabelText(label);
      fireEvent.focus(field);
      fireEvent.change(field, { target: { value } });
      fireEvent.blur(field);
    };
    type("Outer diameter", "7");
    type("Inner diameter", "5,1");
    type("Rod", "4.8");
    expect(patches).toEqual([
      { convention: "OUTER", aimValue: 7 },
      { convention: "INNER", aimValue: 5.1 },
      { convention: "MANDREL", aimValue: 4.8 },
    ]);
  });

  it("is stepped by the arrow keys, ten steps with Shift", () => {
    serve(BASE);
    const patches: Partial<RingJobData>[] = [];
    show(
      <RingFace
        sheet={SHEET}
        data={JOB.data}
        change={(patch) => patches.push(patch)}
        trueSize={false}
        onTrueSize={() => {}}
      />,
    );
    expect(screen.getByTestId("ring-face").querySelectorAll("radialGradient")).toHaveLength(1);
    const inner = screen.getByLabelText("Inner diameter");
    fireEvent.keyDown(inner, { key: "ArrowUp" });
    fireEvent.keyDown(inner, { key: "ArrowDown", shiftKey: true });
    expect(patches[0]!.aimValue).toBeCloseTo(SHEET.ring.closedInnerMm + 0.05, 3);
    expect(patches[1]!.aimValue).toBeCloseTo(SHEET.ring.closedInnerMm - 0.5, 3);
  });
});

describe("the rail", () => {
  it("takes a rod by click and by key, with the length it takes", () => {
    serve(BASE);
    const patches: Partial<RingJobData>[] = [];
    show(<RodRail sheet={SHEET} data={JOB.data} change={(patch) => patches.push(patch)} />);
    const rods = screen.getAllByRole("radio");
    expect(rods).toHaveLength(SHEET.rods.length);
    fireEvent.click(rods[0]!);
    expect(patches[0]).toEqual({
      convention: "MANDREL",
      aimValue: SHEET.rods[0]!.diameterMm,
      usableMandrelMm: SHEET.rods[0]!.usableLengthMm,
    });
    fireEvent.keyDown(rods[0]!, { key: "ArrowRight" });
    expect(patches[1]!.aimValue).toBeGreaterThan(JOB.data.aimValue);
  });

  it("says what to do while no rod is in stock", () => {
    serve(BASE);
    show(<RodRail sheet={{ ...SHEET, rods: [] }} data={JOB.data} change={() => {}} />);
    expect(screen.getByText(/No rods in stock yet/)).toBeTruthy();
  });
});

describe("a ring of several turns", () => {
  it("is drawn with as many, the rod's number out of their way", () => {
    serve(BASE);
    show(
      <RingFace
        sheet={SHEET}
        data={{ ...JOB.data, turnsPerRing: 3 }}
        change={() => {}}
        trueSize={false}
        onTrueSize={() => {}}
      />,
    );
    const face = screen.getByTestId("ring-face");
    const shades = [...face.querySelectorAll("radialGradient")].map((one) => Number(one.getAttribute("cx")));
    expect(shades).toHaveLength(3);
    expect(shades[0]!).toBeGreaterThan(shades[1]!);
    expect(shades[1]!).toBeGreaterThan(shades[2]!);
  });
});

describe("a ring off the ladder", () => {
  it("is said to be, with an arrow, and stands nowhere on it", () => {
    serve(BASE);
    const off = { ...SHEET, ring: { ...SHEET.ring, nominalAspectRatio: 13.86 } };
    const view = show(<Ladder sheet={off} />);
    expect(view.getByTestId("beyond").textContent).toBe("13.9, above the ladder");
    const low = { ...SHEET, ring: { ...SHEET.ring, nominalAspectRatio: 1.6 } };
    cleanup();
    expect(show(<Ladder sheet={low} />).getByTestId("beyond").textContent).toBe("1.6, below the ladder");
    cleanup();
    expect(show(<Ladder sheet={SHEET} />).queryByTestId("beyond")).toBeNull();
  });
});

describe("the figures", () => {
  it("open to formula, worked values, band and source", async () => {
    serve(BASE);
    show(<FigureList sheet={SHEET} data={JOB.data} change={() => {}} />);
    await waitFor(() => expect(screen.getByText("sprung off the rod")).toBeTruthy());
    const name = screen.getByText("sprung off the rod");
    expect(name.getAttribute("aria-expanded")).toBe("false");
    fireEvent.click(name);
    expect(name.getAttribute("aria-expanded")).toBe("true");
    expect(document.querySelector(".formula")!.getAttribute("aria-label")).toContain("κ = κ₀ − M_b");
    expect(screen.getByText(/19 in 20 fall from/)).toBeTruthy();
    expect(screen.getByText(/Gardiner/)).toBeTruthy();
    fireEvent.click(name);
    expect(screen.queryByText(/Gardiner/)).toBeNull();
  });

  it("hold the aspect ratio when it is typed", async () => {
    serve(BASE);
    const patches: Partial<RingJobData>[] = [];
    show(<FigureList sheet={SHEET} data={JOB.data} change={(patch) => patches.push(patch)} />);
    const ratio = await screen.findByLabelText("Aspect ratio");
    fireEvent.focus(ratio);
    fireEvent.change(ratio, { target: { value: "5" } });
    fireEvent.blur(ratio);
    expect(patches).toEqual([{ convention: "ASPECT_RATIO", aimValue: 5 }]);
  });

  it("show what was typed of the size held fixed, also while the sheet is from before", async () => {
    serve(BASE);
    const data: RingJobData = { ...JOB.data, convention: "ASPECT_RATIO", aimValue: 400 };
    show(<FigureList sheet={SHEET} data={data} change={() => {}} />);
    expect((await screen.findByLabelText<HTMLInputElement>("Aspect ratio")).value).toBe("400.00");
    expect(screen.getByLabelText<HTMLInputElement>("Inner diameter, closed").value).toBe(
      SHEET.ring.closedInnerMm.toFixed(2),
    );
  });

  it("leave a number as it was when what is typed is none", async () => {
    serve(BASE);
    const patches: Partial<RingJobData>[] = [];
    show(<FigureList sheet={SHEET} data={JOB.data} change={(patch) => patches.push(patch)} />);
    const ratio = await screen.findByLabelText("Aspect ratio");
    fireEvent.focus(ratio);
    fireEvent.change(ratio, { target: { value: "wide" } });
    fireEvent.blur(ratio);
    expect(patches).toEqual([]);
    expect(await screen.findByText(/"wide" is not a number/)).toBeTruthy();
  });
});

describe("the ladder", () => {
  it("shows each weave's window and this ring among them", () => {
    serve(BASE);
    show(<Ladder sheet={SHEET} />);
    const names = screen.getAllByText(/chain|sheet|Pers\.|box|byzantine|spiral/);
    expect(names).toHaveLength(SHEET.weaves.length);
    expect(screen.getByText("nominal aspect ratio")).toBeTruthy();
  });

  it("judges by what was solved once it is there, and keeps the habit beside it", async () => {
    const ratio = SHEET.ring.aspectRatio;
    const weave = SHEET.weaves.find((one) => one.fit !== "USUAL")!;
    serve({
      ...BASE,
      "GET /api/weaves/windows": [{ weaveId: weave.id, low: ratio - 0.2, high: ratio + 0.2, fits: true }],
    });
    const view = show(<Ladder sheet={SHEET} />);
    expect(await screen.findByText("bars as solved, lines usual")).toBeTruthy();
    expect(view.container.querySelector("svg[role='img']")!.getAttribute("aria-label")).toContain(weave.name);
  });
});

describe("the place", () => {
  const at = `/rings/${JOB.id}`;
  const place = (
    <Routes>
      <Route path="/rings/:id" element={<RingsPlace />} />
      <Route path="/making/:id" element={<p>at the bench</p>} />
    </Routes>
  );

  it("says a ring that cannot be, and keeps the last good drawing", async () => {
    let good = true;
    serve({
      ...BASE,
      "PUT /api/jobs/ring/": (body: unknown) => ({
        ...JOB,
        version: 9,
        data: (body as { data: object }).data,
      }),
      "POST /api/rings/sheet": () =>
        good
          ? SHEET
          : new Refused({
              code: "too-springy",
              values: { rodMm: 90, rodBelowMm: 60 },
            }),
    });
    show(place, at);
    const inner = await screen.findByLabelText("Rod");
    good = false;
    fireEvent.focus(inner);
    fireEvent.change(inner, { target: { value: "90" } });
    fireEvent.blur(inner);
    expect((await screen.findByRole("alert")).textContent).toContain("springs back straight");
    expect(screen.getByTestId("ring-face")).toBeTruthy();
  });

  it("is lost for a job that is not kept", async () => {
    serve(BASE);
    show(place, "/rings/none");
    await waitFor(() => expect(document.body.textContent).toMatch(/not|nothing|lost/i));
  });

  it("goes from the drawing to the bench", async () => {
    const asked = serve({ ...BASE, "POST /api/jobs/ring/": { id: "run-9" } });
    show(
      <Routes>
        <Route path="/" element={<StartRun kept={JOB} sheet={SHEET} />} />
        <Route path="/making/:id" element={<p>at the bench</p>} />
      </Routes>,
    );
    fireEvent.click(screen.getByRole("button", { name: `Wind ${SHEET.ringsMade} of these` }));
    expect(await screen.findByText("at the bench")).toBeTruthy();
    expect(asked.find((one) => one.method === "POST")!.path).toBe(`/api/jobs/ring/${JOB.id}/runs`);
  });

  it("keeps what is typed, and names the job on the strip's way", async () => {
    const asked = serve({
      ...BASE,
      "PUT /api/jobs/ring/": (body: unknown) => ({
        ...JOB,
        version: 8,
        data: (body as { data: object }).data,
      }),
    });
    show(place, at);
    const name = await screen.findByLabelText("Name of the job");
    fireEvent.change(name, { target: { value: "Collar, second try" } });
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: { name: "Collar, second try" },
    });
    expect(within(document.body).getAllByText("saved").length).toBeGreaterThan(0);
  });
});
