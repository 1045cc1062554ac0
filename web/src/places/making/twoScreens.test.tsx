import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import jsQR from "jsqr";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { AT_THE_BENCH, hooks } from "../../test/runs";
import { RunPage } from "./RunPage";

/** The server's word to a screen. */
class Told extends EventTarget {
  static all: Told[] = [];
  closed = false;
  constructor(readonly url: string) {
    super();
    Told.all.push(this);
  }
  close(): void {
    this.closed = true;
  }
  say(what: string, data: unknown): void {
    act(() => void this.dispatchEvent(new MessageEvent(what, { data: JSON.stringify(data) })));
  }
}

beforeEach(() => {
  localStorage.clear();
  Told.all = [];
  vi.stubGlobal("EventSource", Told);
  HTMLDialogElement.prototype.showModal = function () {
    this.open = true;
  };
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const AHEAD = { counts: {}, more: 0, spoilt: [], skipped: [], note: "" };

describe("two screens at one run", () => {
  it("goes where the other one went, and lets go as it is left", () => {
    serve(AT_THE_BENCH);
    const run = hooks(1, 2, 0);
    const { unmount } = show(<RunPage run={run} />);
    const [told] = Told.all;
    expect(told!.url).toBe(`/api/runs/${run.id}/follow`);
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Cut the wire");
    told!.say("progress", {
      id: run.id,
      version: 1,
      updatedAt: "2026-11-20T10:00:00Z",
      deleted: false,
      data: { ...AHEAD, done: { "step-1": 1, "step-2": 0 } },
    });
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Form the hook");
    unmount();
    expect(told!.closed).toBe(true);
  });

  it("does not leave what is not kept here yet, nor follow nonsense", async () => {
    const asked = serve({ ...AT_THE_BENCH, "PUT /api/runs/": () => new Promise(() => undefined) });
    const run = hooks(1, 2, 0);
    show(<RunPage run={run} />);
    fireEvent.click(screen.getByRole("button", { name: "Next" }));
    await waitFor(() => expect(asked.some((one) => one.method === "PUT")).toBe(true));
    const [told] = Told.all;
    told!.say("progress", { version: "many" });
    told!.say("progress", {
      id: run.id,
      version: 5,
      updatedAt: "2026-11-20T10:00:00Z",
      deleted: false,
      data: { ...AHEAD, done: {} },
    });
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe("Form the hook");
  });
});

/** What a camera sees of the drawn squares. */
function seen(svg: Element): string | null {
  const side = Number(svg.getAttribute("viewBox")!.split(" ")[2]);
  const scale = 4;
  const pixels = new Uint8ClampedArray((side * scale) ** 2 * 4).fill(255);
  for (const [, x, y] of svg
    .querySelector("path")!
    .getAttribute("d")!
    .matchAll(/M(\d+) (\d+)h1v1h-1z/g)) {
    for (let i = 0; i < scale * scale; i++) {
      const column = Number(x) * scale + (i % scale);
      const row = Number(y) * scale + Math.floor(i / scale);
      pixels.fill(0, (row * side * scale + column) * 4, (row * side * scale + column) * 4 + 3);
    }
  }
  return jsQR(pixels, side * scale, side * scale)?.data ?? null;
}

describe("this step on a tablet", () => {
  it("is a code a camera reads as the address of this very step", async () => {
    serve({ ...AT_THE_BENCH, "GET /api/session/addresses": ["http://192.168.7.20:8420"] });
    window.history.pushState({}, "", "/making/the-run");
    show(<RunPage run={hooks(1, 2, 0)} />);
    fireEvent.click(screen.getByRole("button", { name: "on a tablet" }));
    const code = await screen.findByRole("img", { name: /Code for/, hidden: true });
    expect(seen(code)).toBe("http://192.168.7.20:8420/making/the-run");
  });

  it("says how to open the workshop where it is open to this machine alone", async () => {
    serve({ ...AT_THE_BENCH, "GET /api/session/addresses": [] });
    show(<RunPage run={hooks(1, 2, 0)} />);
    fireEvent.click(screen.getByRole("button", { name: "on a tablet" }));
    expect(await screen.findByText(/--bind 0\.0\.0\.0/)).toBeTruthy();
  });
});
