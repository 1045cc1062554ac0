import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { LotData } from "../../api/types";
import { forget, undo } from "../../shared/kernel/undo";
import { Refused, typeInto } from "../../test/app";
import { lot, open, sent, standing } from "./shelf.test.fixtures";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  forget();
  vi.unstubAllGlobals();
});

describe("the shelf", () => {
  it("tells each lot by its facts, what is put by and what runs low", async () => {
    open("/stock/beads", [lot()]);
    const row = await screen.findByRole("link", { name: /Pearls/ });
    await waitFor(() => expect(row.textContent).toContain("low: buy more"));
    expect(row.textContent).toContain("round · across 6.00 mm");
    expect(row.textContent).toContain("12 put by · worth 20.00");
    expect(screen.getByText("1 low")).toBeTruthy();
  });

  it("says what was taken beyond what there was, and what is past its day", async () => {
    const past = lot({ useBy: "2020-01-01", left: 0 });
    open("/stock/beads", [past], {
      "GET /api/lots/standings": [
        standing(past, { level: { left: 0, overdrawn: 5, reserved: 0, free: 0, low: false } }),
      ],
    });
    expect(await screen.findByText(/more was taken than there was/)).toBeTruthy();
    expect(screen.getByText(/to be used by 2020-01-01: past/)).toBeTruthy();
  });

  it("adds a lot with what its kind begins with, and opens it", async () => {
    const asked = open("/stock/beads", []);
    fireEvent.click(await screen.findByText("add a lot"));
    await waitFor(() => expect(sent(asked, "PUT", "/api/lots/")).toHaveLength(1));
    expect(sent(asked, "PUT", "/api/lots/")[0]).toMatchObject({
      version: null,
      data: { kind: "beads", facts: { shape: "round", across: 6 }, left: null },
    });
  });
});

describe("a lot", () => {
  it("says for which jobs it is put by, and what is free", async () => {
    const one = lot();
    open(`/stock/lot/${one.id}`, [one], {
      "GET /api/bench": [
        { jobId: "j1", kind: "piece", name: "Crown", runId: null, finished: false, glance: null },
      ],
      [`GET /api/lots/${one.id}/put-by`]: [
        { job: "j1", amount: 8 },
        { job: "j2", amount: 4 },
      ],
    });
    await waitFor(() =>
      expect(document.body.textContent).toContain("12 put by for Crown (8), a job (4); 28 free"),
    );
    expect(screen.getByRole("link", { name: "Crown" }).getAttribute("href")).toBe("/pieces/j1");
  });

  it("keeps its facts as they are said, and unsaid", async () => {
    const one = lot({ facts: { shape: "round", across: 6, density: 2.5, withstands: ["pickle"] } });
    const asked = open(`/stock/lot/${one.id}`, [one]);
    await screen.findByLabelText("across");
    typeInto("across", "8");
    typeInto("density", "");
    fireEvent.click(screen.getByLabelText("torch"));
    fireEvent.change(screen.getByLabelText("shape"), { target: { value: "cube" } });
    await waitFor(() =>
      expect(sent(asked, "PUT", "/api/lots/").at(-1)).toMatchObject({
        data: { facts: { shape: "cube", across: 8, withstands: ["pickle", "torch"] } },
      }),
    );
    expect((sent(asked, "PUT", "/api/lots/").at(-1) as { data: LotData }).data.facts).not.toHaveProperty(
      "density",
    );
  });

  it("takes pen marks one after another, in their order", async () => {
    const one = lot({ kind: "tapered-jaws", facts: { tip: 1.2, marks: [9] } });
    const asked = open(`/stock/lot/${one.id}`, [one]);
    await screen.findByLabelText("pen marks from the tip, another");
    typeInto("pen marks from the tip, another", "4.5");
    await waitFor(() =>
      expect(sent(asked, "PUT", "/api/lots/").at(-1)).toMatchObject({ data: { facts: { marks: [4.5, 9] } } }),
    );
  });

  it("is moved by hand under an id of its own, and the step is taken back", async () => {
    const one = lot();
    const asked = open(`/stock/lot/${one.id}`, [one], {
      [`POST /api/lots/${one.id}/moves`]: {},
      "POST /api/lots/moves/": {},
    });
    fireEvent.click(await screen.findByText("came in"));
    fireEvent.change(screen.getByLabelText("so much came in"), { target: { value: "25" } });
    fireEvent.click(screen.getByText("take it"));
    await waitFor(() => expect(sent(asked, "POST", `/api/lots/${one.id}/moves`)).toHaveLength(1));
    const move = sent(asked, "POST", `/api/lots/${one.id}/moves`)[0] as { id: string };
    expect(move).toMatchObject({ what: "RECEIVED", amount: 25 });
    await waitFor(() => expect(screen.queryByText("take it")).toBeNull());
    undo();
    await waitFor(() => expect(sent(asked, "POST", `/api/lots/moves/${move.id}/undo`)).toHaveLength(1));
  });

  it("shows what came and went as far back as it is asked for", async () => {
    const one = lot();
    const moved = (from: number) =>
      Array.from({ length: 200 }, (_, i) => ({
        id: `move-${from - i}`,
        amount: from - i,
        why: "RECEIVED",
        movedAt: "2026-11-01T10:00:00Z",
        note: "",
        byHand: false,
        undone: false,
        runId: null,
        jobId: null,
      }));
    open(`/stock/lot/${one.id}`, [one], {
      [`GET /api/lots/${one.id}/moves`]: moved(400),
      [`GET /api/lots/${one.id}/moves?before=move-201`]: moved(200).slice(0, 30),
    });
    const came = await screen.findByRole("region", { name: "Came and went" });
    const rows = () => within(came).getAllByRole("row").length;
    await waitFor(() => expect(rows()).toBe(14));
    const earlier = () => within(came).queryByText("earlier ones");
    for (const shown of [74, 134, 194, 230]) {
      fireEvent.click(earlier()!);
      await waitFor(() => expect(rows()).toBe(shown));
    }
    expect(within(came).getAllByRole("row").at(-1)!.textContent).toContain("171");
    expect(earlier()).toBeNull();
  });

  it("is counted on a scale, and says how far that may be off", async () => {
    const one = lot({ tareG: 4 });
    const asked = open(`/stock/lot/${one.id}`, [one], {
      [`POST /api/lots/${one.id}/weigh`]: { amount: 32, gramsPerUnit: 0.25, off: 1.6 },
      [`POST /api/lots/${one.id}/moves`]: {},
    });
    fireEvent.click(await screen.findByText("weigh"));
    expect(screen.getByText(/a piece weighs 0.25 g; tare 4 g/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText(/the scale says/), { target: { value: "12,0" } });
    fireEvent.click(screen.getByText("take it"));
    expect(await screen.findByText("0.25 g a piece: 32, within 2.")).toBeTruthy();
    expect(sent(asked, "POST", `/api/lots/${one.id}/moves`)[0]).toMatchObject({
      what: "COUNTED",
      amount: 32,
    });
  });

  it("says why something cannot be, and keeps what was typed", async () => {
    const one = lot();
    open(`/stock/lot/${one.id}`, [one], {
      [`POST /api/lots/${one.id}/moves`]: new Refused({
        code: "counted-in-whole-ones",
        field: "amount",
        value: "1.5",
      }),
    });
    fireEvent.click(await screen.findByText("lost"));
    const field = screen.getByLabelText<HTMLInputElement>("so much was lost or spoilt");
    fireEvent.change(field, { target: { value: "much" } });
    fireEvent.click(screen.getByText("take it"));
    expect(await screen.findByText('"much" is not a number. Nothing was changed.')).toBeTruthy();
    fireEvent.change(field, { target: { value: "1.5" } });
    fireEvent.click(screen.getByText("take it"));
    expect(await screen.findByText(/counted in whole ones/)).toBeTruthy();
    expect(field.value).toBe("1.5");
  });

  it("is found by the code on its label; a code of none is said so", async () => {
    const one = lot();
    open("/stock/code/7KQ2F4XM", [one], {
      "GET /api/lot-codes/7KQ2F4XM": { code: "7KQ2F4XM", lots: [one.id] },
    });
    expect(await screen.findByDisplayValue("Pearls")).toBeTruthy();
    cleanup();
    open("/stock/code/7KQ2F4XN", [one], {
      "GET /api/lot-codes/": new Refused({ code: "unknown-lot-code", value: "7KQ2F4XN" }),
    });
    expect(await screen.findByText(/No lot has the code "7KQ2F4XN"/)).toBeTruthy();
  });
});
