/** For tests: a component in the app's surroundings, with a server that answers from a table. */
import { QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { vi } from "vitest";
import { queries } from "../api/queries";
import type { Refusal, RefusalCode } from "../api/types";

/** What was asked of the server, latest last. */
export interface Asked {
  method: string;
  path: string;
  body: unknown;
}

/** Answers by "METHOD path"; a function is given the body. What is not in the table is not found. */
export type Answers = Record<string, unknown>;

/** A refusal as the app holds it. */
export function refusal(code: RefusalCode, more: Partial<Refusal> = {}): Refusal {
  const nothing = { field: null, value: null, minimum: null, maximum: null, unit: null, remedy: null };
  return { code, ...nothing, values: {}, ...more };
}

/** A refusal, as the server sends it. */
export class Refused {
  readonly body: Partial<Refusal> & { code: RefusalCode };
  constructor(body: Partial<Refusal> & { code: RefusalCode }) {
    this.body = body;
  }
}

export function serve(answers: Answers): Asked[] {
  const asked: Asked[] = [];
  queries.clear();
  vi.stubGlobal("fetch", (url: string, init: RequestInit) => {
    const method = init.method ?? "GET";
    const text = typeof init.body === "string" ? init.body : undefined;
    const body: unknown = text?.startsWith("{") ? JSON.parse(text) : text;
    asked.push({ method, path: url, body });
    const key = Object.keys(answers)
      .sort((a, b) => b.length - a.length)
      .find((one) => `${method} ${url}`.startsWith(one));
    const found = key === undefined ? undefined : answers[key];
    const answer: unknown = typeof found === "function" ? (found as (b: unknown) => unknown)(body) : found;
    if (answer instanceof Refused) {
      return Promise.resolve(new Response(JSON.stringify(answer.body), { status: 400 }));
    }
    return Promise.resolve(
      key === undefined
        ? new Response("{}", { status: 404 })
        : answer === null
          ? new Response(null, { status: 204 })
          : new Response(JSON.stringify(answer), { status: 200 }),
    );
  });
  return asked;
}

export const CHOICES = {
  units: "MILLIMETRES",
  bareGauge: "AWG",
  convention: "INNER",
  winding: "TURNED",
  cutMethod: "saw",
  kerfMm: 0.3,
  sparePercent: 5,
  leadMm: 25,
  tailMm: 40,
  spoiltTurnsPerEnd: 1,
  formCutting: "PRE_CUT",
  rhythm: "BATCH",
  plainFromMm: 1,
  wraps: 3,
  people: [] as unknown[],
};

export const PREFERENCES = {
  "GET /api/preferences": { id: "p", version: 0, updatedAt: "", deleted: false, data: CHOICES },
};

export function show(what: ReactNode, at = "/") {
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>{what}</MemoryRouter>
    </QueryClientProvider>,
  );
}

/** Types into the field of that label and leaves it. */
export function typeInto(label: string, value: string): void {
  const field = screen.getByLabelText(label);
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

/** A key pressed, as a browser tells it. */
export function press(key: string, at: Element | Window = window, more: KeyboardEventInit = {}): void {
  const code = key === " " ? "Space" : /^[a-z]$/i.test(key) ? `Key${key.toUpperCase()}` : key;
  fireEvent.keyDown(at, { key, code, ...more });
}
