import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FormAnswer, FormJobData, Kept } from "../../api/types";
import { Refused, serve, show } from "../../test/app";
import { BASE, FORM, JOB, KEPT, UNTAUGHT, WHOLE } from "../../test/form";
import { Beside, BesideChoice } from "./Beside";
import { CataloguePlace } from "./CataloguePlace";
import { Exports } from "./Exports";
import { IntoAPiece } from "./IntoAPiece";
import { FormSentence } from "./FormSentence";
import { Player } from "./Player";
import { ShapeFigures } from "./ShapeFigures";
import { editorOf } from "../../shared/kernel/useEditor";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("what goes out", () => {
  it("offers a bend table only where feeds and bends can say the form", () => {
    serve(BASE);
    const view = show(<Exports kept={KEPT} form={WHOLE} />);
    expect(screen.getByText("bend table")).toBeTruthy();
    view.unmount();
    const coil: FormAnswer = { ...WHOLE, steps: [{ ...WHOLE.steps[2]!, turns: 3 }] };
    show(<Exports kept={KEPT} form={coil} />);
    expect(screen.queryByText("bend table")).toBeNull();
    expect(screen.getByText("print sheet")).toBeTruthy();
  });

  it("is the saved form, by the job's own address", async () => {
    const asked = serve({ ...BASE, "GET /api/jobs/form/job-1/export/": { asset: {} } });
    const clicked: string[] = [];
    vi.stubGlobal(
      "URL",
      Object.assign(URL, { createObjectURL: () => "blob:file", revokeObjectURL: () => {} }),
    );
    vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (this: HTMLAnchorElement) {
      clicked.push(`${this.getAttribute("href")} as ${this.download}`);
    });
    show(<Exports kept={KEPT} form={WHOLE} />);
    fireEvent.click(screen.getByText("glTF"));
    await waitFor(() => expect(clicked).toHaveLength(1));
    expect(clicked[0]).toMatch(/^blob:file as [a-z0-9-]+\.gltf$/);
    expect(asked.some((one) => one.path === "/api/jobs/form/job-1/export/gltf")).toBe(true);
    vi.restoreAllMocks();
  });

  it("a form is taken away by the version kept now", async () => {
    const asked = serve({
      ...BASE,
      "GET /api/jobs/form/job-1": { ...KEPT, version: 11 },
      "DELETE /api/jobs/form/": { ...KEPT, deleted: true },
    });
    show(<Exports kept={KEPT} form={WHOLE} />);
    fireEvent.click(screen.getByText("take away"));
    await waitFor(() =>
      expect(asked.find((one) => one.method === "DELETE")?.path).toBe("/api/jobs/form/job-1?version=11"),
    );
  });
});

describe("what goes on into a piece", () => {
  it("is the form as it stands, for what the core says", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/pieces/begin": { line: "s-hook - ring 1/4", body: "WRIST" },
      "GET /api/pieces/bodies": [
        { part: "WRIST", usualGirthMm: 165, eases: [{ name: "comfortable", easeMm: 12 }] },
      ],
      "PUT /api/jobs/piece/": (body: unknown) => ({ id: "p", version: 0, ...(body as object) }),
      "GET /api/jobs/piece": [],
    });
    show(<IntoAPiece data={JOB} />);
    fireEvent.click(await screen.findByText("make a piece of it"));
    await waitFor(() => expect(asked.some((one) => one.path.startsWith("/api/jobs/piece/"))).toBe(true));
    const begun = asked.find((one) => one.path === "/api/pieces/begin")!.body as { formId: string };
    expect(begun.formId).toBe(JOB.formId);
    const kept = asked.find((one) => one.method === "PUT")!.body as { data: { line: string; body: unknown } };
    expect(kept.data.line).toBe("s-hook - ring 1/4");
    expect(kept.data.body).toEqual({ part: "WRIST", girthMm: 165, easeMm: 12 });
  });

  it("is not offered for what has rows of its own", () => {
    serve(BASE);
    show(<IntoAPiece data={{ ...JOB, parameters: { bends: [] } }} />);
    expect(screen.queryByText("make a piece of it")).toBeNull();
  });
});

describe("what comes in", () => {
  it("is sent as it is, and refused in words", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/forms/import": new Refused({
        code: "no-form-definition",
      }),
    });
    const said: string[] = [];
    const { container } = show(<CataloguePlace />);
    await screen.findByRole("region", { name: "hooks and clasps" });
    const file = new File(["a,b\n1,2\n"], "bends.csv", { type: "text/csv" });
    file.text = () => Promise.resolve("a,b\n1,2\n");
    const input = container.querySelector<HTMLInputElement>("input[type=file]")!;
    fireEvent.change(input, { target: { files: [file] } });
    await waitFor(() => expect(asked.some((one) => one.path === "/api/forms/import")).toBe(true));
    said.push(String(asked.find((one) => one.path === "/api/forms/import")!.body));
    expect(said).toEqual(["a,b\n1,2\n"]);
    expect(asked.some((one) => one.method === "PUT")).toBe(false);
  });
});

describe("side by side", () => {
  const other: Kept<FormJobData> = { ...KEPT, id: "job-2", data: { ...JOB, name: "The other one" } };

  it("another job can be chosen, and its lengths stand with it", async () => {
    serve({ ...BASE, "GET /api/jobs/form": [KEPT, other], "POST /api/forms/plain-loop/solve": WHOLE });
    show(
      <>
        <BesideChoice kept={KEPT} />
        <Beside id="job-2" view="face" />
      </>,
    );
    expect(await screen.findByText(/cut 19.0 mm, 11.0 mm by 4.0 mm/)).toBeTruthy();
    expect(screen.getByLabelText("Beside it").textContent).toContain("The other one");
  });
});

describe("the sentence", () => {
  it("offers to scale sizes of one's own when another wire is taken", async () => {
    const spool = {
      id: "s2",
      version: 0,
      data: { name: "Spool 9", metal: "copper", temper: "HALF_HARD", wireDiameterMm: 1.5, note: "" },
    };
    serve({ ...BASE, "GET /api/spools": [spool], "GET /api/jobs/form": [KEPT] });
    const data: FormJobData = { ...JOB, parameters: { loop: 3 } };
    const patches: Partial<FormJobData>[] = [];
    const editor = editorOf("jobs/form", { id: "job-9", version: 0, data });
    show(
      <FormSentence
        editor={editor}
        kept={KEPT}
        data={data}
        state={{ kind: "saved" }}
        change={(patch) => patches.push(patch)}
      />,
    );
    await screen.findByText("Spool 9");
    fireEvent.change(screen.getByLabelText("Wire from"), { target: { value: "s2" } });
    expect(patches[0]).toMatchObject({ spoolId: "s2", wireDiameterMm: 1.5 });
    fireEvent.change(screen.getByLabelText("Name of the job"), { target: { value: "Loops for the mast" } });
    expect(patches[1]).toEqual({ name: "Loops for the mast" });
  });
});

describe("every length", () => {
  it("opens to its why, wire by wire", () => {
    serve(BASE);
    const second = { ...FORM.wires[0]!, name: "binding" };
    const two: FormAnswer = { ...WHOLE, wires: [FORM.wires[0]!, second] };
    show(<ShapeFigures kept={KEPT} form={two} data={JOB} change={() => {}} />);
    const cell = document.querySelector<HTMLElement>("[data-figure='wire-1-to-cut']")!;
    expect(cell.textContent).toBe("19.0");
    fireEvent.click(cell.querySelector("button")!);
    expect(cell.textContent).toContain("formula of wire-1-to-cut");
    fireEvent.click(cell.querySelector("button")!);
    expect(cell.textContent).toBe("19.0");
    expect(screen.getByText("for 4")).toBeTruthy();
    expect(screen.getAllByText("76 mm")).toHaveLength(2);
    const heads = screen.getAllByTestId("to-cut");
    expect(heads.map((head) => head.textContent)).toEqual([
      expect.stringContaining("19.0"),
      expect.stringContaining("binding"),
    ]);
  });

  it("opens to its why, step by step", () => {
    serve(BASE);
    show(
      <Player form={WHOLE} step={3} held={false} ready refusal={null} onStep={() => {}} onHeld={() => {}} />,
    );
    const number = document.querySelector<HTMLElement>("[data-figure='step-2']")!;
    expect(number.textContent).toBe("9.00 mm");
    fireEvent.click(number.querySelector("button")!);
    expect(number.textContent).toContain("formula of step-2");
  });
});

describe("the figures", () => {
  it("put what is wrong above the sizes and what is good below them", async () => {
    serve({
      ...BASE,
      "GET /api/readings/of-form/plain-loop": UNTAUGHT,
    });
    const judged: FormAnswer = {
      ...WHOLE,
      notes: [
        {
          code: "bead-hole-small",
          severity: "STOP",
          values: { holeMm: 0.5, neededMm: 0.9, passes: 1, wireMm: 0.8 },
        },
        {
          code: "plain-loop-holds",
          severity: "GOOD",
          values: { staysOpenN: 20, staysOpenGf: 2039, use: "NECKLACE" },
        },
      ],
    };
    show(<ShapeFigures kept={KEPT} form={judged} data={JOB} change={() => {}} />);
    expect(screen.getByTestId("to-cut").textContent).toContain("19.0");
    await screen.findByLabelText("loop, inside");
    const text = document.body.textContent;
    expect(text.indexOf("does not go on")).toBeLessThan(text.indexOf("loop, inside"));
    expect(text.indexOf("holds 20 N")).toBeGreaterThan(text.indexOf("loop, inside"));
    fireEvent.click(screen.getByText("why this number"));
    expect(screen.getByText("formula of length-to-cut")).toBeTruthy();
  });
});
