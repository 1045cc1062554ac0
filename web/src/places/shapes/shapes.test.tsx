import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FormAnswer, FormJobData, OutlineRow, StackItem } from "../../api/types";
import { Refused, serve, show, typeInto } from "../../test/app";
import { BASE, CATALOGUE, FORM, JOB, KEPT, UNTAUGHT, WHOLE } from "../../test/form";
import { CataloguePlace } from "./CataloguePlace";
import { NewShapePlace, ShapePlace } from "./ShapePlace";
import { OutlineTable } from "../../shared/shell/OutlineTable";
import { InHand } from "./InHand";
import { StackTable } from "../../shared/shell/StackTable";
import { OwnTail } from "./OwnTail";
import { ParameterList } from "./ParameterList";
import { StartForm } from "./StartForm";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the catalogue", () => {
  it("shows each form under what it does, and finds one by any of its words", async () => {
    serve(BASE);
    show(<CataloguePlace />);
    expect(await screen.findByRole("region", { name: "hooks and clasps" })).toBeTruthy();
    expect(screen.getAllByRole("link", { name: /loop|S-hook/ }).length).toBeGreaterThan(1);
    fireEvent.change(screen.getByLabelText("Find a ring, a shape, a weave"), {
      target: { value: "sideways" },
    });
    expect(screen.queryByText("S-hook")).toBeNull();
    fireEvent.change(screen.getByLabelText("Find a ring, a shape, a weave"), { target: { value: "anvil" } });
    expect(screen.getByText(/No shape is called that/)).toBeTruthy();
  });

  it("is searched by what the trade calls things, here and in other places", async () => {
    serve({
      ...BASE,
      "GET /api/forms": CATALOGUE.map((form) => ({
        ...form,
        alsoCalled: form.id === "s-hook" ? ["clasp"] : [],
      })),
    });
    show(<CataloguePlace />);
    const find = await screen.findByLabelText("Find a ring, a shape, a weave");
    fireEvent.change(find, { target: { value: "clasp" } });
    expect(screen.getByText("S-hook")).toBeTruthy();
    fireEvent.change(find, { target: { value: "jump ring" } });
    expect(screen.getByRole("link", { name: /jump rings/ }).getAttribute("href")).toBe("/rings/new");
    fireEvent.change(find, { target: { value: "medallion" } });
    expect(screen.getByRole("link", { name: /cross, star/ }).getAttribute("href")).toBe("/weaves/medallion");
  });

  it("keeps nothing of a form that is only looked at, and keeps it with the first change", async () => {
    const asked = serve({
      ...BASE,
      "PUT /api/jobs/form/": (body: unknown) => ({ id: "x", version: 0, ...(body as object) }),
      "POST /api/forms/s-hook/solve": { ...WHOLE, formId: "s-hook" },
    });
    show(
      <Routes>
        <Route path="/" element={<CataloguePlace />} />
        <Route path="/shapes/new/:form" element={<NewShapePlace />} />
      </Routes>,
    );
    fireEvent.click(await screen.findByRole("link", { name: /S-hook/ }));
    const name = await screen.findByLabelText("Name of the job");
    expect(asked.some((one) => one.method === "PUT")).toBe(false);
    fireEvent.change(name, { target: { value: "Hooks for the sail" } });
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const put = asked.find((one) => one.method === "PUT")!.body as { version: null; data: FormJobData };
    expect(put.version).toBeNull();
    expect(put.data).toMatchObject({ formId: "s-hook", name: "Hooks for the sail" });
  });
});

describe("a refused value", () => {
  it("leaves the old figures grey and the button shut, is named by its label, and offers the nearest", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/forms/plain-loop/solve": (body: unknown) =>
        (body as { parameters: { loop?: number } }).parameters.loop === 0.1
          ? new Refused({
              code: "out-of-range",
              field: "loop",
              value: "0.1",
              minimum: 1.2,
              maximum: 40,
              unit: "mm",
            })
          : WHOLE,
      "GET /api/jobs/form": [KEPT],
      "PUT /api/jobs/form/": (body: unknown) => ({ ...KEPT, ...(body as object), version: 4 }),
    });
    const { container } = show(
      <Routes>
        <Route path="/" element={<ShapePlace />} />
        <Route path="/shapes/:id" element={<ShapePlace />} />
      </Routes>,
      "/shapes/job-1",
    );
    const loop = await screen.findByLabelText("loop, inside");
    fireEvent.focus(loop);
    fireEvent.change(loop, { target: { value: "0.1" } });
    fireEvent.blur(loop);
    const alert = await screen.findByRole("alert");
    expect(alert.textContent).toMatch(/^Loop, inside cannot be 0.1 mm; it can be from 1.2/);
    expect(container.querySelector("[data-refused=true]")).toBeTruthy();
    expect(screen.getByText<HTMLButtonElement>("Make 4 of these").disabled).toBe(true);
    fireEvent.click(screen.getByText(/take 1.2/));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    expect(screen.getByText<HTMLButtonElement>("Make 4 of these").disabled).toBe(false);
    expect(asked.filter((one) => one.path.endsWith("/solve")).length).toBeGreaterThan(2);
  });
});

describe("parameters", () => {
  function Sheet() {
    const [data, setData] = useState(JOB);
    return (
      <>
        <ParameterList
          form={{ ...FORM, parameters: { ...FORM.parameters, ...data.parameters } }}
          data={data}
          change={(patch) => setData({ ...data, ...patch })}
          units="MILLIMETRES"
        />
        <output>{JSON.stringify(data.parameters)}</output>
      </>
    );
  }

  it("are live, and can be put back to their usual value", async () => {
    serve(BASE);
    show(<Sheet />);
    const loop = await screen.findByLabelText("loop, inside");
    fireEvent.focus(loop);
    expect(screen.getByText(/^From 1.20 mm to 40/)).toBeTruthy();
    fireEvent.change(loop, { target: { value: "3.1" } });
    fireEvent.blur(loop);
    await waitFor(() =>
      expect(screen.getByRole("status", { hidden: true }).textContent).toBe('{"loop":3.1}'),
    );
    fireEvent.click(screen.getByText("usual 2.5 mm"));
    expect(screen.getByRole("status", { hidden: true }).textContent).toBe("{}");
  });

  it("that would change nothing are not shown", async () => {
    serve(BASE);
    show(<Sheet />);
    const style = await screen.findByLabelText("loop stands");
    expect(screen.queryByLabelText("wraps")).toBeNull();
    fireEvent.change(style, { target: { value: "wrapped" } });
    expect(await screen.findByLabelText("wraps")).toBeTruthy();
  });
});

describe("the free editor", () => {
  it("says what a length in hand makes, and takes one of it", async () => {
    const asked = serve({
      ...BASE,
      "POST /api/forms/s-hook/from-wire": (body: unknown) =>
        (body as { haveMm?: number }).haveMm === 0.5
          ? new Refused({
              code: "out-of-range",
              field: "haveMm",
              value: "0.5",
              minimum: 1,
              unit: "mm",
            })
          : {
              haveMm: 85,
              takesMm: 32.3,
              leftMm: 20.4,
              copies: 2,
              lengths: 12,
              copiesInAll: 24,
              ways: [{ parameter: "shank", value: 14.25, takesMm: 85, leftMm: 0 }],
              none: [{ parameter: "small", leastMm: 30, mostMm: 60 }],
            },
    });
    const patches: Partial<FormJobData>[] = [];
    show(
      <InHand
        data={{ ...JOB, formId: "s-hook" }}
        units="MILLIMETRES"
        change={(patch) => void patches.push(patch)}
      />,
    );
    expect(asked.some((one) => one.path.endsWith("from-wire"))).toBe(false);
    fireEvent.click(screen.getByText(/I have this much/));
    expect((await screen.findByTestId("in-hand")).textContent).toContain("2 copies from each, 24 in all");
    expect(screen.getByText("nothing left")).toBeTruthy();
    expect(screen.getByText(/^Not by/).textContent).toContain("30 mm to 60 mm");
    fireEvent.click(screen.getByRole("button", { name: "take it" }));
    expect(patches[0]!.parameters).toMatchObject({ shank: 14.25 });
    fireEvent.change(screen.getByLabelText("What is in hand"), { target: { value: "ring" } });
    await waitFor(() => expect(asked.at(-1)!.body).toMatchObject({ ringInnerMm: 85, lengths: 1 }));
    fireEvent.change(screen.getByLabelText("What is in hand"), { target: { value: "overAll" } });
    await waitFor(() => expect(asked.at(-1)!.body).toMatchObject({ overAllMm: 85 }));
    expect(await screen.findByText("just so")).toBeTruthy();
    expect(screen.getByText(/As it stands it is 32.3 mm long over all/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText("What is in hand"), { target: { value: "length" } });
    typeInto("Length in hand", "0.5");
    expect((await screen.findByRole("alert")).textContent).toContain("The length cannot be 0.5 mm");
  });

  it("threads a row: things added, counted, moved and taken out; a round bead stays round", () => {
    serve(BASE);
    let items: StackItem[] = [{ kind: "BEAD", count: 1, acrossMm: 8, longMm: 8, holeMm: 1 }];
    const draw = () =>
      show(
        <StackTable
          reason="In order."
          units="MILLIMETRES"
          items={items}
          onItems={(next) => (items = next)}
        />,
      );
    let view = draw();
    const again = () => {
      view.unmount();
      view = draw();
    };
    expect(screen.getByLabelText<HTMLButtonElement>("Take 1 out").disabled).toBe(true);
    typeInto("Across 1", "6.5");
    expect(items[0]).toMatchObject({ acrossMm: 6.5, longMm: 6.5 });
    again();
    typeInto("Along 1", "9");
    expect(items[0]).toMatchObject({ acrossMm: 6.5, longMm: 9 });
    again();
    typeInto("Across 1", "7");
    expect(items[0]).toMatchObject({ acrossMm: 7, longMm: 9 });
    again();
    fireEvent.click(screen.getByText("add a coil"));
    again();
    expect(screen.queryByLabelText("Hole of 2")).toBeNull();
    typeInto("How many of 2", "3");
    again();
    fireEvent.click(screen.getByLabelText("Move 2 up"));
    expect(items.map((item) => [item.kind, item.count])).toEqual([
      ["COIL", 3],
      ["BEAD", 1],
    ]);
    again();
    fireEvent.change(screen.getByLabelText("What 1 is"), { target: { value: "SPACER" } });
    expect(items[0]).toMatchObject({ kind: "SPACER", count: 3, holeMm: 1.1 });
    again();
    fireEvent.click(screen.getByLabelText("Take 1 out"));
    expect(items.map((item) => item.kind)).toEqual(["BEAD"]);
  });

  it("adds, changes and takes out rows; the last one stays", () => {
    serve(BASE);
    let rows: OutlineRow[] = [{ feedMm: 5, rotateDegrees: 0, bendDegrees: 30, insideRadiusMm: 1 }];
    const view = show(<OutlineTable reason="In order." rows={rows} onRows={(next) => (rows = next)} />);
    expect(screen.getByLabelText<HTMLButtonElement>("Take row 1 out").disabled).toBe(true);
    fireEvent.click(screen.getByText("add a bend"));
    expect(rows).toHaveLength(2);
    view.unmount();
    show(<OutlineTable reason="In order." rows={rows} onRows={(next) => (rows = next)} />);
    fireEvent.click(screen.getByLabelText("Take row 1 out"));
    expect(rows).toEqual([{ feedMm: 10, rotateDegrees: 0, bendDegrees: 30, insideRadiusMm: 1 }]);
  });
});

describe("to the bench", () => {
  it("twins make the number even and run in tandem", () => {
    serve(BASE);
    const patches: Partial<FormJobData>[] = [];
    show(
      <StartForm
        kept={KEPT}
        form={FORM}
        data={{ ...JOB, copies: 5 }}
        change={(patch) => patches.push(patch)}
      />,
    );
    fireEvent.click(screen.getByText("make twins"));
    expect(patches).toEqual([{ hand: "PAIRS", copies: 6, rhythm: "TANDEM" }]);
  });

  it("says when it cannot be made as it stands", () => {
    serve(BASE);
    const stopped: FormAnswer = {
      ...FORM,
      notes: [{ code: "passes-through", severity: "STOP", values: { atMm: 3, depthMm: 0.2 } }],
    };
    show(<StartForm kept={KEPT} form={stopped} data={JOB} change={() => {}} />);
    expect(screen.getByText(/cannot be made/)).toBeTruthy();
  });

  it("offers the maker's own handling tail once it was measured", async () => {
    const tail = { factor: 1.21, low: 1.1, high: 1.3, measurements: 6 };
    serve({ ...BASE, "GET /api/readings/of-form/plain-loop": { ...UNTAUGHT, tail } });
    const patches: Partial<FormJobData>[] = [];
    show(<OwnTail form={FORM} data={JOB} change={(patch) => patches.push(patch)} />);
    fireEvent.click(await screen.findByText("cut to your own tail"));
    expect(patches).toEqual([{ tailFactor: 1.21 }]);
  });
});
