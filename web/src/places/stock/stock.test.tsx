import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { PREFERENCES, Refused, serve, show, type Answers } from "../../test/app";
import workshop from "../../test/workshop.json";
import { Says } from "../../shared/kernel/says";
import { forget } from "../../shared/kernel/undo";
import { StockPlace } from "./StockPlace";

const SPOOL = workshop.spools[0]!;
let next = 0;

function open(answers: Answers = {}) {
  const id = `spool-${next++}`;
  const asked = serve({
    ...PREFERENCES,
    "GET /api/spools": [{ ...SPOOL, id }],
    [`GET /api/spools/${id}`]: { ...SPOOL, id, version: 7 },
    "PUT /api/spools/": (body: unknown) => ({
      ...SPOOL,
      id,
      version: 8,
      data: (body as { data: object }).data,
    }),
    "GET /api/mandrels": workshop.mandrels,
    "GET /api/cutters": workshop.cutters,
    "GET /api/metals": workshop.metals,
    ...answers,
  });
  show(
    <>
      <StockPlace />
      <Says />
    </>,
  );
  return { asked, id };
}

const wire = async () => {
  const region = await screen.findByRole("region", { name: "Wire" });
  await within(region).findByRole("button", { name: `Take away ${SPOOL.data.name}` });
  return within(region);
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  forget();
  vi.unstubAllGlobals();
});

describe("wire in stock", () => {
  it("is weighed: the server says how long that is, and it is kept", async () => {
    const { asked } = open({ "POST /api/spools/weigh": { lengthMm: 12_345, gramsPerMetre: 7.02 } });
    const region = await wire();
    fireEvent.click(region.getByRole("button", { name: "weigh" }));
    fireEvent.change(region.getByLabelText(/Weight of .* in grams/), { target: { value: "86,7" } });
    fireEvent.click(region.getByRole("button", { name: "take it" }));
    expect((await region.findByText(/g a metre/)).textContent).toBe("7.02 g a metre: 12.35 m.");
    expect(asked.find((one) => one.path === "/api/spools/weigh")!.body).toMatchObject({
      massG: 86.7,
      metal: SPOOL.data.metal,
      wireDiameterMm: SPOOL.data.wireDiameterMm,
    });
    await waitFor(() =>
      expect(asked.filter((one) => one.method === "PUT").at(-1)?.body).toMatchObject({
        data: { lengthLeftMm: 12_345 },
      }),
    );
  });

  it("says why a weight is refused, changing nothing", async () => {
    const { asked } = open({
      "POST /api/spools/weigh": new Refused({
        code: "out-of-range",
        field: "massG",
        value: "-3",
        minimum: 0,
        unit: "g",
      }),
    });
    const region = await wire();
    fireEvent.click(region.getByRole("button", { name: "weigh" }));
    fireEvent.change(region.getByLabelText(/Weight of .* in grams/), { target: { value: "-3" } });
    fireEvent.click(region.getByRole("button", { name: "take it" }));
    expect(await region.findByText(/cannot be -3 g; it can be at least 0 g/)).toBeTruthy();
    expect(asked.some((one) => one.method === "PUT")).toBe(false);
  });

  it("takes a temper its new metal has", async () => {
    const other = workshop.metals.find(
      (metal) => metal.id !== SPOOL.data.metal && !metal.tempers.some((t) => t.temper === SPOOL.data.temper),
    );
    const metal = other ?? workshop.metals.find((one) => one.id !== SPOOL.data.metal)!;
    const { asked } = open();
    const region = await wire();
    await region.findByRole("option", { name: metal.name });
    fireEvent.change(region.getByLabelText("Metal"), { target: { value: metal.id } });
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const { data } = asked.find((one) => one.method === "PUT")!.body as {
      data: { metal: string; temper: string };
    };
    expect(data.metal).toBe(metal.id);
    expect(metal.tempers.map((t) => t.temper)).toContain(data.temper);
  });

  it("is taken away, and brought back from the line below", async () => {
    const { asked, id } = open({
      "DELETE /api/spools/": { ...SPOOL, deleted: true },
      "POST /api/spools/": SPOOL,
    });
    const region = await wire();
    fireEvent.click(region.getByRole("button", { name: `Take away ${SPOOL.data.name}` }));
    fireEvent.click(await screen.findByRole("button", { name: "Bring it back" }));
    await waitFor(() => expect(asked.some((one) => one.path === `/api/spools/${id}/restore`)).toBe(true));
    expect(asked.some((one) => one.method === "DELETE" && one.path.endsWith("version=7"))).toBe(true);
  });

  it("has gone from the list before anyone is told, so that nothing is typed into it", async () => {
    let spools: unknown[] = [{ ...SPOOL, id: "going" }];
    open({
      "GET /api/spools": () => spools,
      "GET /api/spools/going": { ...SPOOL, id: "going" },
      "DELETE /api/spools/": () => {
        spools = [];
        return { ...SPOOL, deleted: true };
      },
    });
    const region = await wire();
    fireEvent.click(region.getByRole("button", { name: `Take away ${SPOOL.data.name}` }));
    await screen.findByText(`${SPOOL.data.name} is taken away.`);
    expect(screen.queryByRole("button", { name: `Take away ${SPOOL.data.name}` })).toBeNull();
  });

  it("says so where it could not be brought back", async () => {
    open({
      "DELETE /api/spools/": { ...SPOOL, deleted: true },
      "POST /api/spools/": new Refused({ code: "changed-meanwhile" }),
    });
    const region = await wire();
    fireEvent.click(region.getByRole("button", { name: `Take away ${SPOOL.data.name}` }));
    fireEvent.click(await screen.findByRole("button", { name: "Bring it back" }));
    expect(await screen.findByText(/being changed in the same moment/)).toBeTruthy();
  });

  it("says why it cannot be taken away", async () => {
    open({
      "DELETE /api/spools/": new Refused({
        code: "changed-meanwhile",
      }),
    });
    const region = await wire();
    fireEvent.click(region.getByRole("button", { name: `Take away ${SPOOL.data.name}` }));
    expect(await screen.findByText(/being changed in the same moment/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Bring it back" })).toBeNull();
  });

  it("is asked for where there is none", async () => {
    open({ "GET /api/spools": [] });
    expect(await screen.findByText(/No wire yet/)).toBeTruthy();
  });
});
