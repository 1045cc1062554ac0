import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { Problem, type ProblemBody } from "../../api/client";
import { lookOut } from "../kernel/outbox";
import { editorOf } from "../kernel/useEditor";
import { Outbox } from "./Outbox";

const REFUSED: ProblemBody = {
  code: "out-of-range",
  field: "copies",
  value: "0",
  minimum: 1,
  maximum: 999,
  unit: "copies",
  remedy: null,
  values: {},
};

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function later(ms: number) {
  const { act } = await import("@testing-library/react");
  await act(async () => void (await vi.advanceTimersByTimeAsync(ms)));
}

describe("the outbox", () => {
  it("says nothing of what is kept in a moment, and all of what is not", async () => {
    serve({});
    localStorage.setItem("toroid:unsaved:jobs/form/7", JSON.stringify({ name: "Cloak hooks" }));
    localStorage.setItem("toroid:unsaved:readings/3", JSON.stringify({ value: 4 }));
    show(<Outbox />);
    expect(screen.queryByRole("status")).toBeNull();
    await later(6000);
    expect(screen.getByRole("status").textContent).toMatch(/2 things typed here are not kept yet/);
    expect(screen.getByRole("link", { name: "Cloak hooks", hidden: true }).getAttribute("href")).toBe(
      "/shapes/7",
    );
    localStorage.clear();
    await later(2000);
    expect(screen.queryByRole("status")).toBeNull();
  });

  it("says what was refused and why, and drops it: what the server has stands again", async () => {
    const kept = { id: "9", version: 3, updatedAt: "", deleted: false, data: { name: "Hooks", copies: 4 } };
    serve({
      "PUT /api/jobs/form/9": () => {
        throw new Problem(400, REFUSED);
      },
    });
    const editor = editorOf("jobs/form", kept);
    vi.spyOn(editor, "get").mockReturnValue({
      data: { name: "Hooks", copies: 0 },
      state: { kind: "refused", problem: REFUSED },
    });
    localStorage.setItem("toroid:unsaved:jobs/form/9", JSON.stringify({ name: "Hooks", copies: 0 }));
    show(<Outbox />);
    await later(6000);
    const item = screen.getByRole("listitem");
    expect(item.textContent).toMatch(/copies/);
    vi.restoreAllMocks();
    fireEvent.click(within(item).getByRole("button", { name: "Drop Hooks" }));
    expect(localStorage.getItem("toroid:unsaved:jobs/form/9")).toBeNull();
    expect(editor.get().data).toEqual({ name: "Hooks", copies: 4 });
  });

  it("looks again from when a thing was first seen", () => {
    localStorage.setItem("toroid:unsaved:runs/1", "{}");
    expect(lookOut(1000)).toEqual([]);
    expect(lookOut(4000)).toEqual([]);
    expect(lookOut(5000)).toEqual([{ at: "runs/1", name: "", state: "shut", problem: null }]);
  });
});
