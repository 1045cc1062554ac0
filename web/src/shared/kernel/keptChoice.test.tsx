import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { readChoice, useKeptChoice } from "./keptChoice";
import { forget, redo, undo } from "./undo";

const FIRST = { wireMm: 1, weave: "byzantine" };

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  forget();
  vi.useRealTimers();
});

describe("a choice kept on this device", () => {
  it("is kept as it is made, and there when the place is opened again", () => {
    const { result, unmount } = renderHook(() => useKeptChoice("k", FIRST));
    act(() => result.current[1]({ wireMm: 1.2 }, "wire"));
    unmount();
    expect(renderHook(() => useKeptChoice("k", FIRST)).result.current[0]).toEqual({
      wireMm: 1.2,
      weave: "byzantine",
    });
  });

  it("is as first where what was kept cannot be read, or lacks something", () => {
    localStorage.setItem("k", "{ broken");
    expect(readChoice("k", FIRST)).toEqual(FIRST);
    localStorage.setItem("k", JSON.stringify({ weave: "box-chain" }));
    expect(readChoice("k", FIRST)).toEqual({ wireMm: 1, weave: "box-chain" });
  });

  it("goes back and forth; quick changes of one kind are one step", () => {
    vi.useFakeTimers();
    const { result } = renderHook(() => useKeptChoice("k", FIRST));
    const change = (patch: Partial<typeof FIRST>, tag: string) => act(() => result.current[1](patch, tag));
    change({ wireMm: 1.1 }, "wire");
    change({ wireMm: 1.2 }, "wire");
    change({ weave: "box-chain" }, "weave");
    vi.advanceTimersByTime(2000);
    change({ weave: "single-chain" }, "weave");
    act(() => void undo());
    expect(result.current[0].weave).toBe("box-chain");
    act(() => void undo());
    expect(result.current[0]).toEqual({ wireMm: 1.2, weave: "byzantine" });
    act(() => void undo());
    expect(result.current[0]).toEqual(FIRST);
    expect(undo()).toBe(false);
    act(() => void redo());
    expect(result.current[0].wireMm).toBe(1.2);
  });

  it("is undone though its place is shut", () => {
    const { result, unmount } = renderHook(() => useKeptChoice("k", FIRST));
    act(() => result.current[1]({ wireMm: 2 }, "wire"));
    unmount();
    undo();
    expect(readChoice("k", FIRST).wireMm).toBe(1);
  });
});
