import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { PREFERENCES, Refused, serve, show } from "../../../test/app";
import { begun, movedCorner, withMark, withSpot, type Marked } from "./marks";

const store = new Map<string, unknown>();
vi.mock("idb-keyval", () => ({
  createStore: () => store,
  get: (key: string) => Promise.resolve(store.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(store.set(key, value)),
  del: (key: string) => Promise.resolve(store.delete(key)),
}));

const { SizesFromPhoto } = await import("./SizesFromPhoto");

const FOUND = {
  mm: 8.02,
  bandMm: 0.31,
  slantDegrees: 7,
  outline: [
    { x: 1, y: 1 },
    { x: 2, y: 2 },
    { x: 3, y: 1 },
  ],
};

function marked(): Marked {
  let one = withMark(begun(new Blob(["x"]), 1000, 800), "ROUND");
  for (const [x, y] of [
    [300, 90],
    [340, 100],
    [320, 130],
  ]) {
    one = withSpot(one, 0, { x: x!, y: y! });
  }
  return one;
}

function lies(one: Marked) {
  const { picture, ...marks } = one;
  store.set("picture", picture);
  store.set("marks", marks);
}

beforeEach(() => {
  store.clear();
  URL.createObjectURL = () => "blob:x";
  URL.revokeObjectURL = () => undefined;
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("keeps corners and spots in the picture, and begins a way across anew with its third spot", () => {
  const one = withMark(begun(new Blob([]), 1000, 800), "ACROSS");
  expect(movedCorner(one, 0, { x: -50, y: 9000 }).corners[0]).toEqual({ x: 0, y: 800 });
  const two = withSpot(withSpot(one, 0, { x: 1, y: 1 }), 0, { x: 2, y: 2 });
  expect(two.marks[0]!.spots).toHaveLength(2);
  expect(withSpot(two, 0, { x: 3, y: 3 }).marks[0]!.spots).toEqual([{ x: 3, y: 3 }]);
});

it("goes on where it was left on this device, and tells the size with its band", async () => {
  lies(marked());
  const asked = serve({ ...PREFERENCES, "POST /api/photo-sizes": { sizes: [FOUND] } });
  show(<SizesFromPhoto />);
  expect((await screen.findByRole("button", { name: /8.02/ })).textContent).toBe("8.02mm ± 0.31");
  expect(screen.getByText(/7° off straight above/)).toBeTruthy();
  expect(asked.find((one) => one.method === "POST")!.body).toMatchObject({
    card: "BANK_CARD",
    marks: [{ kind: "ROUND", wireMm: 1, spots: [{ x: 300, y: 90 }, {}, {}] }],
  });
});

it("is marked by keyboard as well: arrows move a corner, Delete takes a spot away", async () => {
  lies(marked());
  serve({ ...PREFERENCES, "POST /api/photo-sizes": { sizes: [FOUND] } });
  show(<SizesFromPhoto />);
  const corner = await screen.findByLabelText(/first corner/);
  const before = Number(corner.getAttribute("cx"));
  fireEvent.keyDown(corner, { key: "ArrowRight", shiftKey: true });
  expect(Number(screen.getByLabelText(/first corner/).getAttribute("cx"))).toBe(before + 10);
  fireEvent.keyDown(screen.getByLabelText(/Spot 3 of mark 1/), { key: "Delete" });
  expect(await screen.findByText(/1 more spot along the edge/)).toBeTruthy();
  await waitFor(() => expect((store.get("marks") as Marked).marks[0]!.spots).toHaveLength(2));
});

it("says what is wrong with the corners, and tells no size then", async () => {
  lies(marked());
  serve({
    ...PREFERENCES,
    "POST /api/photo-sizes": new Refused({
      code: "photo-from-the-side",
      values: { slantDegrees: 41, mostDegrees: 35 },
    }),
  });
  show(<SizesFromPhoto />);
  expect((await screen.findByRole("alert")).textContent).toMatch(/taken 41° from straight above; up to 35°/);
  expect(screen.queryByRole("button", { name: /8.02/ })).toBeNull();
});

it("says a size to the window that measures", async () => {
  lies(marked());
  serve({ ...PREFERENCES, "POST /api/photo-sizes": { sizes: [FOUND] } });
  const heard: unknown[] = [];
  const channel = new BroadcastChannel("toroid:instruments");
  channel.onmessage = ({ data }: MessageEvent<unknown>) => heard.push(data);
  show(<SizesFromPhoto />);
  fireEvent.click(await screen.findByRole("button", { name: "note it where I measure" }));
  await waitFor(() => expect(heard).toEqual([{ kind: "CALIPER", value: 8.02, steady: true }]));
  channel.close();
});
