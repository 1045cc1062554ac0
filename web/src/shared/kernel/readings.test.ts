import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { queries } from "../../api/queries";
import type { Reading } from "./reading";
import { keepSending, sendWaiting, takeReading } from "./readings";

type Reply = { status: number; body: unknown } | "unreachable" | "answer lost";

/** The server: what it holds by id, however often it is sent; its next replies. */
let held: Map<string, unknown>;
let replies: Reply[];
let tries: string[];

function reading(value: number): Reading {
  return { quantity: "COIL_OUTER", value, runId: "run", operation: "coil-1/measure-coil" };
}

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  held = new Map();
  replies = [];
  tries = [];
  queries.clear();
  vi.stubGlobal("fetch", (url: string, init: { body: string }) => {
    tries.push(url);
    const reply = replies.shift();
    if (reply === "unreachable") {
      return Promise.reject(new TypeError("failed to fetch"));
    }
    if (reply && reply !== "answer lost") {
      return Promise.resolve(new Response(JSON.stringify(reply.body), { status: reply.status }));
    }
    if (held.has(url)) {
      const current = { code: "changed-elsewhere", current: held.get(url) };
      return Promise.resolve(new Response(JSON.stringify(current), { status: 409 }));
    }
    held.set(url, (JSON.parse(init.body) as { data: unknown }).data);
    return reply === "answer lost"
      ? Promise.reject(new TypeError("failed to fetch"))
      : Promise.resolve(new Response(JSON.stringify({ version: 0 }), { status: 200 }));
  });
});

afterEach(() => {
  vi.clearAllTimers();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const waiting = () => Object.keys(localStorage).filter((key) => key.startsWith("toroid:unsaved:"));

describe("a reading", () => {
  it("is sent once and waits nowhere", async () => {
    expect((await takeReading(reading(4.1))).waits).toBe(false);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it("whose answer was lost is tried again by the same id and counted once", async () => {
    replies = ["answer lost"];
    expect((await takeReading(reading(4.1))).waits).toBe(true);
    expect(waiting()).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2100);
    expect(new Set(tries).size).toBe(1);
    expect(tries).toHaveLength(2);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it("that could not be sent is sent after a reload", async () => {
    replies = ["unreachable"];
    await takeReading(reading(4.1));
    vi.clearAllTimers(); // the page is gone, its timers and what it was sending
    queries.clear();
    expect(held.size).toBe(0);
    keepSending();
    await vi.advanceTimersByTimeAsync(10);
    expect([...held.values()]).toMatchObject([reading(4.1)]);
    expect(waiting()).toEqual([]);
  });

  it("that was on its way when the page went is sent again, by the same id", async () => {
    replies = ["answer lost"];
    void takeReading(reading(4.1));
    expect(waiting()).toHaveLength(1); // before any answer
    await vi.advanceTimersByTimeAsync(10);
    vi.clearAllTimers();
    queries.clear();
    keepSending();
    await vi.advanceTimersByTimeAsync(10);
    expect(new Set(tries).size).toBe(1);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it("that can be kept nowhere is sent all the same, and said to be lost where it cannot", async () => {
    vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
      throw new DOMException("no room", "QuotaExceededError");
    });
    expect((await takeReading(reading(4.1))).waits).toBe(false);
    replies = ["unreachable"];
    await expect(takeReading(reading(4.2))).rejects.toThrow("not answering");
    vi.restoreAllMocks();
    await vi.advanceTimersByTimeAsync(5000);
    expect(held.size).toBe(1);
  });

  it("waits its turn: those kept are sent in the order they were taken", async () => {
    replies = ["unreachable", "unreachable", "unreachable"];
    for (const value of [1, 2, 3]) {
      vi.setSystemTime(new Date(`2026-11-02T09:00:0${value}Z`));
      await takeReading(reading(value));
    }
    expect(waiting()).toHaveLength(3);
    await sendWaiting(); // on their way already: not sent twice
    await vi.advanceTimersByTimeAsync(6100);
    expect([...held.values()].map((one) => (one as { value: number }).value)).toEqual([1, 2, 3]);
    expect(tries).toHaveLength(6);
  });

  it("left on the device by an earlier version is sent in today's terms", async () => {
    const common = { takenAt: "2026-11-02T09:00:00Z", note: "", spoolId: "s1" };
    localStorage.setItem(
      "toroid:unsaved:measurements/m1",
      JSON.stringify({
        ...common,
        runId: "r1",
        step: 8,
        measured: "COIL_OUTER",
        valueMm: 8.7,
        wireDiameterMm: 1.2,
        mandrelDiameterMm: 6,
        turnsPerRing: 1,
        predictedMm: 8.68,
        cut: { method: "saw", kerfMm: 0.26, trimMm: null, flipped: null },
      }),
    );
    localStorage.setItem(
      "toroid:unsaved:form-measurements/m2",
      JSON.stringify({
        ...common,
        takenAt: "2026-11-02T09:00:01Z",
        runId: "r2",
        sessionId: null,
        formId: "s-hook",
        wireMm: 1,
        measured: "CUT_LENGTH",
        value: 67.5,
        predicted: 61.5,
        tailMm: 4.9,
      }),
    );
    await sendWaiting();
    expect([...held.entries()]).toMatchObject([
      [
        "/api/readings/m1",
        {
          runId: "r1",
          operation: "coil-2/measure-coil",
          quantity: "COIL_OUTER",
          value: 8.7,
          lotId: "s1",
          context: { rodMm: 6, cut: "saw", lossMm: 0.26 },
        },
      ],
      [
        "/api/readings/m2",
        {
          quantity: "CUT_LENGTH",
          value: 67.5,
          context: { formId: "s-hook", wireMm: 1, inPieceMm: 61.5, tailMm: 4.9 },
        },
      ],
    ]);
    expect(waiting()).toEqual([]);
  });

  it("is tried until the server answers, and not dropped because it asks to sign in", async () => {
    replies = [
      "unreachable",
      { status: 503, body: { code: "busy" } },
      { status: 401, body: {} },
      { status: 409, body: { code: "changed-meanwhile" } },
    ];
    await takeReading(reading(4.1));
    await vi.advanceTimersByTimeAsync(6100);
    expect(waiting()).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2100);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it("that is refused is kept nowhere, at once or later", async () => {
    const no = {
      status: 400,
      body: {
        code: "out-of-range",
        field: "value",
        value: "0",
        minimum: 0.1,
        unit: "mm",
        remedy: "measure-again",
      },
    };
    replies = [no];
    await expect(takeReading(reading(0))).rejects.toThrow("out-of-range");
    expect(waiting()).toEqual([]);
    replies = ["unreachable", no];
    await takeReading(reading(0));
    await vi.advanceTimersByTimeAsync(2100);
    expect(waiting()).toEqual([]);
    expect(held.size).toBe(0);
  });
});
