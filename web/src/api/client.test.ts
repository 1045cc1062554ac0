import { afterEach, expect, it, vi } from "vitest";
import { call, fetchFile, Problem, working, type Working } from "./client";

interface Sent {
  method: string;
  path: string;
  number: string | undefined;
}

/** A server that answers these, one after another. */
function answering(...responses: (() => Response)[]): Sent[] {
  const sent: Sent[] = [];
  vi.stubGlobal("fetch", (path: string, init: RequestInit) => {
    const headers = init.headers as Record<string, string>;
    sent.push({ method: init.method!, path, number: headers["X-Effort"] });
    if (init.signal?.aborted) {
      return Promise.reject(new DOMException("given up", "AbortError"));
    }
    return Promise.resolve(responses.shift()?.() ?? new Response(null, { status: 204 }));
  });
  return sent;
}

const later = (seconds: number, share: number | null) => () =>
  new Response(JSON.stringify({ effort: "e1", seconds, share }), { status: 202 });

afterEach(() => vi.unstubAllGlobals());

it("asks for what takes long until it is there, and tells how far it is", async () => {
  const told: (Working | null)[] = [];
  const hear = (_: string, now: Working | null) => void told.push(now);
  working.add(hear);
  const sent = answering(later(2, null), later(4, 0.5), () => new Response('{"pitch": 3}'));
  expect(await call("POST", "/api/weaves/w/solve", {})).toEqual({ pitch: 3 });
  working.delete(hear);
  expect(sent.map((one) => `${one.method} ${one.path}`)).toEqual([
    "POST /api/weaves/w/solve",
    "GET /api/efforts/e1",
    "GET /api/efforts/e1",
  ]);
  expect(told.map((now) => now && now.share)).toEqual([null, 0.5, null]);
  expect(told.at(-1)).toBeNull();
});

it("calls off what is given up, under the number it was asked with", async () => {
  const sent = answering(later(2, null));
  const giveUp = new AbortController();
  const waiting = call("POST", "/api/weaves/w/bend", {}, giveUp.signal);
  giveUp.abort();
  await expect(waiting).rejects.toThrow("given up");
  const first = sent[0]!.number!;
  expect(first).toMatch(/^[0-9a-f-]{36}$/);
  expect(sent.some((one) => one.method === "DELETE" && one.path === `/api/efforts/${first}`)).toBe(true);
});

it("throws a refusal that comes late like one that comes at once", async () => {
  answering(later(2, null), () => new Response('{"code": "too-large", "detail": "No."}', { status: 400 }));
  await expect(call("POST", "/api/x", {})).rejects.toThrow(Problem);
});

it("waits for a file as well", async () => {
  answering(later(2, null), () => new Response("<svg/>"));
  expect(await (await fetchFile("/api/jobs/weave/j/export/svg")).text()).toBe("<svg/>");
});
