/** Talks to the server: JSON in and out, the anti-forgery token echoed, refusals as {@link Problem}. */

import * as z from "zod/mini";
import { newId } from "./newId";
import type { Refusal } from "./types";

/** A refusal the server answered with; where two edits met, with what stands there now. */
export type ProblemBody = Refusal & { current?: unknown };

/** As it comes over the wire: what does not apply is left out. */
const PROBLEM = z.object({
  code: z.string(),
  field: z.nullish(z.string()),
  value: z.nullish(z.string()),
  minimum: z.nullish(z.number()),
  maximum: z.nullish(z.number()),
  unit: z.nullish(z.string()),
  remedy: z.nullish(z.string()),
  values: z.nullish(z.record(z.string(), z.unknown())),
  current: z.optional(z.unknown()),
});

/** What is told of an answer that comes later. */
const LATER = z.object({ effort: z.string(), seconds: z.number(), share: z.nullable(z.number()) });

export class Problem extends Error {
  readonly status: number;
  readonly body: ProblemBody;

  constructor(status: number, body: ProblemBody) {
    super(body.code);
    this.status = status;
    this.body = body;
  }
}

/** The server could not be reached. */
export class Unreachable extends Error {}

function token(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";
}

/** Work the server has begun and not finished: since when, and how much is done where that is known. */
export interface Working {
  path: string;
  seconds: number;
  share: number | null;
}

/** Told of work that takes the server long, and again, with null, when that work is over. */
export const working = new Set<(number: string, now: Working | null) => void>();

/**
 * One call; a body that is text or a file goes as it is, anything else as JSON. What takes the server long is asked for until it is there;
 * given up, it is called off. Throws {@link Problem} or {@link Unreachable}.
 */
export async function call<T>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  type = "application/json",
): Promise<T> {
  const text = await (await answered(method, path, body, signal, type)).text();
  return (text ? JSON.parse(text) : undefined) as T;
}

/** The same for an answer that is a file. */
export async function fetchFile(path: string, question?: unknown): Promise<Blob> {
  return (await answered(question === undefined ? "GET" : "POST", path, question)).blob();
}

async function answered(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  type = "application/json",
): Promise<Response> {
  const number = newId();
  const off = () => callOff(number);
  signal?.addEventListener("abort", off);
  let waited = false;
  try {
    let response = await send(method, path, body, signal, type, number);
    while (response.status === 202) {
      const told = LATER.parse(await response.json());
      waited = true;
      working.forEach((hear) => hear(number, { path, seconds: told.seconds, share: told.share }));
      response = await send("GET", `/api/efforts/${told.effort}`, undefined, signal, type);
    }
    return await checked(response);
  } finally {
    signal?.removeEventListener("abort", off);
    if (waited) {
      working.forEach((hear) => hear(number, null));
    }
  }
}

function callOff(number: string): void {
  void send("DELETE", `/api/efforts/${number}`, undefined, undefined, "application/json").catch(() => {
    // not reached: the server stops by itself what is no longer asked for
  });
}

async function checked(response: Response): Promise<Response> {
  if (response.ok) {
    return response;
  }
  if (response.status === 401) {
    window.dispatchEvent(new Event("toroid:shut"));
  }
  if (response.status >= 502) {
    throw new Unreachable("the server is not answering");
  }
  throw new Problem(response.status, await problemOf(response));
}

async function send(
  method: string,
  path: string,
  body: unknown,
  signal: AbortSignal | undefined,
  type: string,
  number?: string,
): Promise<Response> {
  const headers: Record<string, string> = { Accept: "application/json, */*" };
  if (number !== undefined) {
    headers["X-Effort"] = number;
  }
  if (method !== "GET") {
    headers["X-XSRF-TOKEN"] = token();
    headers["Content-Type"] = type;
  }
  try {
    return await fetch(path, {
      method,
      headers,
      body:
        body === undefined || typeof body === "string" || body instanceof Blob ? body : JSON.stringify(body),
      signal,
      credentials: "same-origin",
      // a browser lets no large body outlive its page
      keepalive: method === "PUT" && !(body instanceof Blob),
    });
  } catch (failure) {
    if (failure instanceof DOMException && failure.name === "AbortError") {
      throw failure;
    }
    throw new Unreachable("the server is not answering");
  }
}

async function problemOf(response: Response): Promise<ProblemBody> {
  const body = PROBLEM.safeParse(await response.json().catch(() => null));
  const told = body.success ? body.data : { code: "request-not-taken", values: { status: response.status } };
  return { ...NOTHING_SAID, ...told, values: told.values ?? {} } as ProblemBody;
}

const NOTHING_SAID = { field: null, value: null, minimum: null, maximum: null, unit: null, remedy: null };
