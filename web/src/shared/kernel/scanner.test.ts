import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { codeIn, onScan } from "./scanner";
import { typing } from "./typing";

let heard: string[];
let found: string[];
let stop: () => void;
const page = (event: KeyboardEvent) => heard.push(event.key);

beforeEach(() => {
  vi.useFakeTimers();
  heard = [];
  found = [];
  stop = onScan((code) => found.push(code), typing);
  window.addEventListener("keydown", page);
});
afterEach(() => {
  stop();
  window.removeEventListener("keydown", page);
  document.body.innerHTML = "";
  vi.useRealTimers();
});

function type(keys: string[], apartMs: number, at: EventTarget = document.body): void {
  for (const key of keys) {
    at.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
    vi.advanceTimersByTime(apartMs);
  }
}

it("takes a code typed by a scanner, of which the page hears no more than the first sign", () => {
  type([..."7KQ2F4XM", "Enter"], 5);
  expect(found).toEqual(["7KQ2F4XM"]);
  vi.runAllTimers();
  expect(heard).toEqual(["7"]);
});

it("takes the code at the end of a scanned address", () => {
  type([..."http://127.0.0.1:8420/stock/code/7kq2f4xm", "Enter"], 3);
  expect(found).toEqual(["7KQ2F4XM"]);
  expect(heard).toEqual(["h"]);
});

it("lets a hand's keys be heard, in their order and how they were pressed", () => {
  type(["g"], 200);
  expect(heard).toEqual(["g"]);
  type(["s"], 200);
  expect(heard).toEqual(["g", "s"]);
  type(["g", "e"], 10);
  vi.runAllTimers();
  expect(heard).toEqual(["g", "s", "g", "e"]);
  expect(found).toEqual([]);
});

it("gives what was held to the page before a key that is no sign", () => {
  type(["t"], 10);
  type(["ArrowUp"], 10);
  expect(heard).toEqual(["t", "ArrowUp"]);
  type(["a", "b", "Enter"], 10);
  expect(heard).toEqual(["t", "ArrowUp", "a", "b", "Enter"]);
});

it("lets what opens a field be heard at once", () => {
  type(["/", "?"], 5);
  expect(heard).toEqual(["/", "?"]);
});

it("leaves alone what is typed into a field", () => {
  const field = document.body.appendChild(document.createElement("input"));
  type([..."7KQ2F4XM", "Enter"], 5, field);
  expect(found).toEqual([]);
  expect(heard.join("")).toBe("7KQ2F4XMEnter");
});

it("knows a code from a word", () => {
  expect(codeIn("7kq2-f4xm")).toBeNull();
  expect(codeIn(" 7KQ2F4XM ")).toBe("7KQ2F4XM");
  expect(codeIn("7KQ2F4X1")).toBeNull();
  expect(codeIn("s-hook")).toBeNull();
});
