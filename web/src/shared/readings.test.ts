import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { MeasurementData } from "../api/types";
import { keepSending, sendWaiting, takeReading } from "./readings";

type Reply = { status: number; body: unknown } | "unreachable" | "answer lost";

/** The server: what it holds by id, however often it is sent; its next replies. */
let held: Map<string, unknown>;
let replies: Reply[];
let tries: string[];

function reading(valueMm: number, takenAt = "2026-11-02T09:00:00Z"): MeasurementData {
  return { valueMm, takenAt } as MeasurementData;
}

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  held = new Map();
  replies = [];
  tries = [];
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
      const current = { code: "changed-elsewhere", detail: "It was changed.", current: held.get(url) };
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
    expect((await takeReading("measurements", reading(4.1))).waits).toBe(false);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it("whose answer was lost is tried again by the same id and counted once", async () => {
    replies = ["answer lost"];
    expect((await takeReading("measurements", reading(4.1))).waits).toBe(true);
    expect(waiting()).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2100);
    expect(new Set(tries).size).toBe(1);
    expect(tries).toHaveLength(2);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it.each(["measurements", "form-measurements"] as const)(
    "of %s that could not be sent is sent after a reload",
    async (kind) => {
      replies = ["unreachable"];
      await takeReading(kind, reading(4.1) as never);
      vi.clearAllTimers(); // the page is gone, and its timers
      expect(held.size).toBe(0);
      keepSending();
      await vi.advanceTimersByTimeAsync(10);
      expect([...held.values()]).toEqual([reading(4.1)]);
      expect(waiting()).toEqual([]);
    },
  );

  it("waits its turn: those kept are sent in the order they were taken", async () => {
    replies = ["unreachable", "unreachable", "unreachable"];
    await takeReading("form-measurements", reading(3, "2026-11-02T09:00:03Z") as never);
    await takeReading("measurements", reading(1, "2026-11-02T09:00:01Z"));
    await takeReading("measurements", reading(2, "2026-11-02T09:00:02Z"));
    await sendWaiting();
    expect([...held.values()].map((one) => (one as MeasurementData).valueMm)).toEqual([1, 2, 3]);
  });

  it("is tried until the server answers, and not dropped because it asks to sign in", async () => {
    replies = [
      "unreachable",
      { status: 503, body: { detail: "busy" } },
      { status: 401, body: { detail: "Sign in." } },
      { status: 409, body: { detail: "In the same moment." } },
    ];
    await takeReading("measurements", reading(4.1));
    await vi.advanceTimersByTimeAsync(6100);
    expect(waiting()).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2100);
    expect(held.size).toBe(1);
    expect(waiting()).toEqual([]);
  });

  it("that is refused is kept nowhere, at once or later", async () => {
    replies = [{ status: 400, body: { detail: "A ring of 0 mm is no ring." } }];
    await expect(takeReading("measurements", reading(0))).rejects.toThrow("no ring");
    expect(waiting()).toEqual([]);
    replies = ["unreachable", { status: 400, body: { detail: "A ring of 0 mm is no ring." } }];
    await takeReading("measurements", reading(0));
    await sendWaiting();
    expect(waiting()).toEqual([]);
    expect(held.size).toBe(0);
  });
});
