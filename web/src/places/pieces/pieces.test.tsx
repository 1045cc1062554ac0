import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { PieceAnswer, PieceJobData } from "../../api/types";
import { PREFERENCES, Refused, serve, show, typeInto, type Asked } from "../../test/app";
import { PIECE, PIECE_JOB, PIECE_LINE } from "../../test/piece";
import { PiecePlace } from "./PiecePlace";

/** Each test edits a piece of its own: what is edited is remembered as long as the page. */
let piecesOpened = 0;

function open(piece: Partial<PieceAnswer> = {}, more: Record<string, unknown> = {}): Asked[] {
  const id = `p${++piecesOpened}`;
  const asked = serve({
    ...PREFERENCES,
    "GET /api/jobs/piece": [{ ...PIECE_JOB, id }],
    "GET /api/jobs/ring": [],
    "GET /api/jobs/form": [],
    "GET /api/forms": [],
    "GET /api/weaves": [],
    "GET /api/metals": [],
    "GET /api/mandrels": [],
    "GET /api/pieces/bodies": [
      { part: "WRIST", usualGirthMm: 165, eases: [{ name: "comfortable", easeMm: 12 }] },
      { part: "EAR", usualGirthMm: 0, eases: [] },
    ],
    "POST /api/pieces/solve": { ...PIECE, ...piece },
    "POST /api/pieces/edit": (edit: { act: string; at?: number }) => ({
      line: `after ${edit.act}`,
      at: AT[edit.act] ?? edit.at ?? -1,
    }),
    [`PUT /api/jobs/piece/${id}`]: (edit: { data: PieceJobData }) => ({
      ...PIECE_JOB,
      id,
      version: 4,
      data: edit.data,
    }),
    ...more,
  });
  show(
    <Routes>
      <Route path="/pieces/:id" element={<PiecePlace />} />
    </Routes>,
    `/pieces/${id}`,
  );
  return asked;
}

/** Where a part is after what is done to it, as the core would say. */
const AT: Record<string, number> = { PUT_BEHIND: 2, EARLIER: 1, REMOVE: -1 };

/** A part in the row as it is written: the first of those so called. */
const chip = async (name: string) => (await screen.findAllByRole("button", { name }))[0]!;

const edits = (asked: Asked[]) =>
  asked.filter((one) => one.path === "/api/pieces/edit").map((one) => one.body as Record<string, unknown>);
const kept = (asked: Asked[]) =>
  asked
    .filter((one) => one.method === "PUT")
    .map((one) => (one.body as { data: PieceJobData }).data)
    .at(-1);

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a piece on its board", () => {
  it("says how long it is, how far off that is, and what would help", async () => {
    const asked = open();
    expect((await screen.findByTestId("finished-length")).textContent).toContain("46.8");
    expect(screen.getByText("149.0 mm too short")).toBeTruthy();
    fireEvent.click(screen.getByText("3 repeats more: 111.0 mm, 84.8 mm short"));
    await waitFor(() => expect(kept(asked)?.line).toBe("ring 1/4 - 5 * (bead-link bead=6 - ring 1/4)"));
  });

  it("lists what it takes", async () => {
    open();
    const takes = within(await screen.findByLabelText("What it takes"));
    expect(takes.getByText("2 × 84.3 mm")).toBeTruthy();
    expect(takes.getByText(/4\.00 mm inside, 1\.00 mm wire/)).toBeTruthy();
    expect(takes.getByText("the shelf lacks 69 mm")).toBeTruthy();
    expect(takes.getByText("none on the shelf")).toBeTruthy();
    expect(takes.getByText("2 beads, 6.0 mm long, 6.0 mm across, hole 1.00 mm")).toBeTruthy();
  });

  it("says what hangs askew, what pushes what and what hides what", async () => {
    open({
      hangs: {
        askew: [{ part: 1, degrees: 12.4 }],
        pushing: [{ a: 1, b: 3, forceN: 0.02 }],
        touching: [{ a: 0, b: 3, depthMm: 0.6 }],
        hiding: [{ front: 1, behind: 3, share: 0.73 }],
        heavyFromG: 10,
      },
    });
    const hung = within(await screen.findByLabelText("Hung"));
    expect(hung.getByText("12°")).toBeTruthy();
    expect(hung.getByText(/bead link 1 and bead link 2 lie against each other/)).toBeTruthy();
    expect(hung.getByText(/they are still 0\.6 mm in each other/)).toBeTruthy();
    expect(hung.getByText(/More than 10\.0 g in each ear is a lot/)).toBeTruthy();
    expect(hung.getByText("bead link 1 hides 70 % of bead link 2 from the front.")).toBeTruthy();
  });

  it("says how a cuff holds on an ear's edge and how an earring is wanted", async () => {
    open({
      cuff: { part: 0, gapMm: 3, opensMm: 1.2, leastMm: 3.1, mostMm: 3.6, holds: true },
      hangs: null,
    });
    expect(
      await screen.findByText(/opens by 1\.2 mm and comes back to between 3\.1 mm and 3\.6 mm: it holds/),
    ).toBeTruthy();
  });

  it("keeps a variant beside it and takes it back", async () => {
    const asked = open();
    fireEvent.click(await screen.findByText("set this beside"));
    // it outlives the page: kept on this device under the piece's id
    expect(localStorage.getItem(`variants.p${piecesOpened}`)).toContain(PIECE_LINE);
    fireEvent.click(screen.getByText("3 repeats more: 111.0 mm, 84.8 mm short"));
    await waitFor(() => expect(kept(asked)?.line).toBe("ring 1/4 - 5 * (bead-link bead=6 - ring 1/4)"));
    fireEvent.click(await screen.findByText("take this one"));
    await waitFor(() => expect(kept(asked)?.line).toBe(PIECE_LINE));
    expect(screen.queryByText("take this one")).toBeNull();
  });

  it("names a joint that cannot be made, and takes the change that makes it possible", async () => {
    const never = PIECE.joints.map((joint, i) =>
      i === 1 ? { ...joint, way: "IMPOSSIBLE" as const } : joint,
    );
    const asked = open({
      canBeMade: false,
      joints: never,
      mends: [{ change: "OPEN_RING", joint: 1, line: "mended", stillImpossible: 0, lengthMm: 46.8 }],
    });
    expect(await screen.findByText(/bead link 1 and ring 2 are both closed for good/)).toBeTruthy();
    expect(screen.getByText<HTMLButtonElement>("Make it").disabled).toBe(true);
    fireEvent.click(screen.getByText("leave the ring open, unsoldered"));
    await waitFor(() => expect(kept(asked)?.line).toBe("mended"));
  });

  it("scales the whole of it", async () => {
    const asked = open(
      {},
      {
        "POST /api/pieces/scale": {
          line: "ring 0.8/3",
          factor: 0.8,
          changes: [{ from: "ring 1/4", to: "ring 0.8/3", count: 3 }],
        },
      },
    );
    await screen.findByTestId("finished-length");
    typeInto("All wire and lengths times", "80");
    const changes = within(await screen.findByLabelText("What changed"));
    expect(changes.getByText("ring 0.8/3")).toBeTruthy();
    await waitFor(() => expect(kept(asked)?.line).toBe("ring 0.8/3"));
    typeInto("Its main wire", "1.2");
    const scaled = () =>
      asked
        .filter((one) => one.path === "/api/pieces/scale")
        .map((one) => one.body as Record<string, unknown>);
    await waitFor(() => expect(scaled()[1]).toMatchObject({ wireMm: 1.2, piece: { line: "ring 0.8/3" } }));
    fireEvent.click(screen.getByText("fit it by its size"));
    await waitFor(() => expect(scaled()[2]).toMatchObject({ fits: true }));
    expect(scaled()[0]).toMatchObject({ factor: 0.8, piece: { line: PIECE_LINE } });
  });

  it("says how deep a necklace hangs, and draws it so", async () => {
    const drawing = { ...PIECE.drawing!, draped: PIECE.drawing!.down, drapedShapeOf: PIECE.drawing!.shapeOf };
    open({ drawing, draped: { neckRadiusMm: 57.3, depthMm: 113.2, pullN: 0.1 } });
    fireEvent.click(await screen.findByLabelText("on the neck"));
    expect(screen.getByText(/lowest part hangs about/).textContent).toContain("113 mm");
    expect(screen.getByText("113.2 mm")).toBeTruthy();
  });

  it("says where nothing closes it, and what of a pair is wound the other way", async () => {
    open({ pair: true, worn: { ...PIECE.worn!, closure: "NOTHING" } });
    expect(await screen.findByText(/Nothing closes it/)).toBeTruthy();
    expect(screen.getByText(/wind its bead link the other way round/)).toBeTruthy();
  });

  it("is made for somebody who was measured before", async () => {
    const mate = { name: "Second mate", part: "WRIST", girthMm: 171, easeMm: 20 };
    const { data } = PREFERENCES["GET /api/preferences"];
    const asked = open(
      {},
      { "GET /api/preferences": { id: "p", version: 0, data: { ...data, people: [mate] } } },
    );
    await screen.findByText("Second mate, wrist");
    fireEvent.change(screen.getByLabelText("Worn on"), { target: { value: "person 0" } });
    await waitFor(() => expect(kept(asked)?.body).toEqual({ part: "WRIST", girthMm: 171, easeMm: 20 }));
    expect(screen.getByLabelText<HTMLSelectElement>("Worn on").value).toBe("person 0");
  });

  it("sets one thing of the part in hand; the core says what the piece is then", async () => {
    const asked = open();
    fireEvent.click(await chip("ring 4.0 mm"));
    typeInto("inside", "5");
    await waitFor(() =>
      expect(edits(asked)[0]).toEqual({ line: PIECE_LINE, act: "SET", at: 0, field: "inside", value: 5 }),
    );
    await waitFor(() => expect(kept(asked)?.line).toBe("after SET"));
  });

  it("puts a part behind the one in hand, moves it, takes it out, each after the other", async () => {
    const asked = open();
    fireEvent.click(await chip("bead link 6.0 mm"));
    fireEvent.click(screen.getByText("large ring"));
    // what was put in is in hand, and stays in hand where it goes
    await waitFor(() => expect(kept(asked)?.line).toBe("after PUT_BEHIND"));
    await waitFor(() =>
      expect(screen.getAllByRole("button", { pressed: true })[0]!.textContent).toContain("ring"),
    );
    fireEvent.click(screen.getByLabelText("Move it towards the first end"));
    await waitFor(() => expect(kept(asked)?.line).toBe("after EARLIER"));
    await waitFor(() =>
      expect(screen.getAllByRole("button", { pressed: true })[0]!.textContent).toContain("bead link"),
    );
    fireEvent.click(screen.getByText("take out"));
    await waitFor(() => expect(edits(asked)).toHaveLength(3));
    expect(edits(asked).map((edit) => [edit.line, edit.act, edit.at])).toEqual([
      [PIECE_LINE, "PUT_BEHIND", 1],
      ["after PUT_BEHIND", "EARLIER", 2],
      ["after EARLIER", "REMOVE", 1],
    ]);
    expect(edits(asked)[0]!.part).toBe("ring 1.2/6");
    await waitFor(() => expect(screen.queryByText("put it down")).toBeNull());
  });

  it("keeps in hand what was picked while the core was asked of the whole", async () => {
    const asked = open();
    const link = await chip("ring 4.0 mm");
    fireEvent.change(screen.getByLabelText("One or a pair"), { target: { value: "pair" } });
    // the answer to that has not come
    fireEvent.click(link);
    expect(screen.getByText("put it down")).toBeTruthy();
    await waitFor(() => expect(kept(asked)?.line).toBe("after PAIR"));
    expect(screen.getByText("put it down")).toBeTruthy();
    expect(screen.getAllByRole("button", { pressed: true })[0]!.textContent).toContain("ring");
  });

  it("puts down what is in hand when the line is changed otherwise", async () => {
    open();
    fireEvent.click(await chip("ring 4.0 mm"));
    expect(screen.getByText("put it down")).toBeTruthy();
    fireEvent.click(screen.getByText(/^3 repeats more/));
    await waitFor(() => expect(screen.queryByText("put it down")).toBeNull());
  });

  it("repeats a bracket as often as is typed", async () => {
    const asked = open();
    await chip("bead link 6.0 mm");
    typeInto("How often bead link and what follows", "7");
    await waitFor(() => expect(edits(asked)[0]).toMatchObject({ act: "REPEAT", at: 1, count: 7 }));
  });

  it("keeps the last good board while a line is refused, and says where it stops", async () => {
    let refuses = false;
    open(
      {},
      {
        "POST /api/pieces/solve": () =>
          refuses ? new Refused({ code: "unreadable-piece", field: "line", value: "rign" }) : PIECE,
      },
    );
    await chip("bead link 6.0 mm");
    refuses = true;
    const line = screen.getByLabelText("The piece as a line");
    fireEvent.change(line, { target: { value: "rign 1/4" } });
    fireEvent.blur(line);
    expect(await screen.findByText(/The line stops at "rign"/)).toBeTruthy();
    expect(await chip("bead link 6.0 mm")).toBeTruthy();
  });

  it("plays its order joint by joint", async () => {
    open();
    fireEvent.click(await screen.findByLabelText("put together"));
    fireEvent.click(screen.getByLabelText("One step on"));
    fireEvent.click(screen.getByLabelText("One step on"));
    expect(screen.getByText(/Open ring 2, hang in bead link 1 and bead link 2, close/)).toBeTruthy();
    expect(screen.getByText("2 of 3")).toBeTruthy();
    fireEvent.click(screen.getByLabelText("One step back"));
    expect(screen.getByText("1 of 3")).toBeTruthy();
  });

  it("is begun from what is kept", async () => {
    const asked = open({}, { "POST /api/jobs/piece/": { id: "r7" } });
    fireEvent.click(await screen.findByText("Make it"));
    await waitFor(() =>
      expect(
        asked.some((one) => one.method === "POST" && one.path === `/api/jobs/piece/p${piecesOpened}/runs`),
      ).toBe(true),
    );
  });

  it("asks for nothing round an ear", async () => {
    const asked = open();
    await screen.findByRole("option", { name: "ear" });
    fireEvent.change(screen.getByLabelText("Worn on"), { target: { value: "EAR" } });
    await waitFor(() => expect(kept(asked)?.body?.part).toBe("EAR"));
    expect(screen.queryByLabelText("Girth")).toBeNull();
    expect(screen.getByTestId("finished-length").textContent).toContain("it hangs");
  });
});
