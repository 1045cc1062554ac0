import { cleanup, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { PREFERENCES, serve, show } from "../../test/app";
import { PIECE } from "../../test/piece";
import { operation, OPERATIONS, run } from "../../test/pieceRun";
import { RunPage } from "./RunPage";

beforeEach(() => {
  localStorage.clear();
  serve({
    ...PREFERENCES,
    "GET /api/runs/": { piece: PIECE, forms: {}, woven: {} },
    "GET /api/readings/of-run/": [],
    "GET /api/notebook/": null,
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("has a strand threaded bead by bead, and a weave put together ring by ring", async () => {
  const strung = [
    { count: 2, lengthMm: 6, widthMm: 6, strands: 1, apart: 1 },
    { count: 1, lengthMm: 10, widthMm: 8, strands: 1, apart: 1 },
  ];
  const strand = {
    kind: "STRING",
    what: "strand",
    part: 0,
    wireMm: 0.38,
    insideMm: 0,
    parts: 2,
    toMm: null,
  } as const;
  const threading = { ...operation("make-0", { ...strand, strung }), times: 6 };
  const begun = run({}, { "make-0": 3 });
  Object.assign(begun.data.plan, { operations: [threading, OPERATIONS[2]!] });
  const shown = show(<RunPage run={begun} />);
  expect((await screen.findByTestId("big-number")).textContent).toBe("1of 3 beads, strand 2 of 2");
  expect(screen.getByText(/1 more like it, then 10.00 mm/)).toBeTruthy();
  expect(screen.getByRole("img", { name: "0 of 3 beads threaded" })).toBeTruthy();
  shown.unmount();
  const put = operation("make-1", { ...strand, kind: "MAKE" });
  const weaving = {
    ...put,
    verb: "PUT_IN",
    times: 8,
    detail: { family: "weaving", kind: "PUT_IN", rings: 8, of: { what: "byzantine", part: 1, parts: 2 } },
  };
  const woven = run({}, { "make-1": 5 });
  Object.assign(woven.data.plan, { operations: [weaving, OPERATIONS[2]!] });
  const step = (ring: number, through: number[]) => ({
    ring,
    closed: ring === 0,
    through,
    pickUp: [],
    over: [],
    unit: 1,
    passages: through.map((one) => ({ ring: one, angle: 1, towards: true })),
    openingAngle: 0,
    leanDegrees: 10,
  });
  serve({
    ...PREFERENCES,
    "GET /api/runs/": {
      piece: PIECE,
      forms: {},
      woven: {
        "1": {
          rings: [0, 1, 2, 3].flatMap((n) => [3 * n, 0, 0, n % 2, 0, 1 - (n % 2), 2.5]),
          wiresMm: [1, 1, 1, 1],
          preClosed: [0],
          steps: [step(0, []), step(1, [0]), step(2, [1]), step(3, [2])],
        },
      },
    },
    "GET /api/readings/of-run/": [],
    "GET /api/notebook/": null,
  });
  show(<RunPage run={woven} />);
  // the sixth of eight: the second ring of the second such part
  expect((await screen.findByTestId("big-number")).textContent).toBe("2of 4, unit 1, 2 of 2 such parts");
  expect(screen.getByRole("heading", { level: 1 }).textContent).not.toContain("being worked out");
});
