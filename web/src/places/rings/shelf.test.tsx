import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import bench from "../../test/bench.json";
import { PREFERENCES, serve, show, type Answers } from "../../test/app";
import workshop from "../../test/workshop.json";
import { ShelfTable } from "./ShelfTable";

const TABLE = bench.table;

let next = 0;

function open(table: unknown = TABLE, answers: Answers = {}) {
  const id = `shelf-job-${next++}`;
  const job = { ...workshop.job, id };
  const asked = serve({
    ...PREFERENCES,
    "GET /api/jobs/ring": [job],
    "POST /api/rings/table": table,
    [`PUT /api/jobs/ring/${id}`]: (body: unknown) => ({
      ...job,
      version: 9,
      data: (body as { data: object }).data,
    }),
    ...answers,
  });
  show(
    <Routes>
      <Route path="/rings/:id/shelf" element={<ShelfTable />} />
      <Route path="/rings/:id" element={<p>the ring</p>} />
    </Routes>,
    `/rings/${id}/shelf`,
  );
  return { asked, id };
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("all wires on all rods", () => {
  it("has a row for every spool and a column for every rod, each ring said whole", async () => {
    open();
    const table = await screen.findByRole("table");
    expect(table.querySelectorAll("tbody tr")).toHaveLength(TABLE.length);
    expect(table.querySelectorAll("thead th")).toHaveLength(1 + TABLE[0]!.cells.length);
    const cell = TABLE[0]!.cells.find((one) => one.aspectRatio !== null)!;
    const words = screen
      .getAllByRole("button")
      .map((one) => one.getAttribute("aria-label"))
      .find((one) => one?.startsWith(`${TABLE[0]!.name} on ${cell.mandrelDiameterMm}`));
    expect(words).toContain("aspect ratio");
    expect(words).toContain(`${cell.ringsPossible} rings on the spool`);
  });

  it("says where a wire only flexes", async () => {
    const straight = TABLE.map((row) => ({
      ...row,
      cells: row.cells.map((cell) => ({ ...cell, aspectRatio: null, closedInnerMm: null })),
    }));
    open(straight);
    expect((await screen.findAllByText("springs straight")).length).toBe(
      TABLE.length * TABLE[0]!.cells.length,
    );
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("brings out what suits a weave", async () => {
    const row = TABLE[0]!;
    const two = [
      {
        ...row,
        cells: [
          { ...row.cells[0]!, aspectRatio: 3.5, closedInnerMm: 3.5, weaves: ["byzantine"] },
          { ...row.cells[1]!, aspectRatio: 5.2, closedInnerMm: 5.2, weaves: ["full Persian 6-in-1"] },
        ],
      },
    ];
    open(two);
    const marked = () =>
      [...document.querySelectorAll("td .figures")].map((one) => one.classList.contains("mark"));
    fireEvent.change(await screen.findByLabelText("Weave"), { target: { value: "byzantine" } });
    expect(marked()).toEqual([true, false]);
    fireEvent.change(screen.getByLabelText("Weave"), { target: { value: "" } });
    expect(marked()).toEqual([true, true]);
  });

  it("takes a wire and rod to the job", async () => {
    const { asked, id } = open();
    const row = TABLE.find((one) => one.cells.some((cell) => cell.aspectRatio !== null))!;
    const cell = row.cells.find((one) => one.aspectRatio !== null)!;
    fireEvent.click(
      (await screen.findAllByRole("button")).find((one) =>
        one.getAttribute("aria-label")!.startsWith(`${row.name} on ${cell.mandrelDiameterMm}:`),
      )!,
    );
    expect(await screen.findByText("the ring")).toBeTruthy();
    await waitFor(() =>
      expect(asked.some((one) => one.path === `/api/jobs/ring/${id}` && one.method === "PUT")).toBe(true),
    );
    expect(asked.find((one) => one.method === "PUT")!.body).toMatchObject({
      data: {
        spoolId: row.spoolId,
        convention: "MANDREL",
        aimValue: cell.mandrelDiameterMm,
        metal: row.metal,
      },
    });
  });

  it("asks for a spool and a rod where there are none", async () => {
    open([]);
    expect(await screen.findByText(/at least one spool and one rod/)).toBeTruthy();
  });
});
