import { afterEach, expect, it, vi } from "vitest";
import { inTurn, notAnyMore } from "./inTurn";
import { remembered } from "./remembered";

afterEach(() => vi.unstubAllGlobals());

/** Frames that come when they are asked for, and a clock that each piece of work moves on. */
function frames() {
  const due: (() => void)[] = [];
  let now = 0;
  vi.stubGlobal("requestAnimationFrame", (act: () => void) => due.push(act));
  vi.stubGlobal("performance", { now: () => now });
  return { due, takes: (ms: number) => (now += ms), next: () => due.shift()!() };
}

it("does as much in a frame as leaves room for keys, in order, and asks for a frame only while something waits", () => {
  const { due, takes, next } = frames();
  const done: number[] = [];
  const things = [0, 1, 2, 3, 4].map((i) => ({ i }));
  things.forEach((one) =>
    inTurn(one, () => {
      takes(5);
      done.push(one.i);
    }),
  );
  expect(due).toHaveLength(1);
  next();
  expect(done).toEqual([0, 1]);
  notAnyMore(things[2]!);
  // asked for once more before its turn: done once, as it is now
  inTurn(things[4]!, () => done.push(44));
  next();
  expect(done).toEqual([0, 1, 3, 44]);
  expect(due).toHaveLength(0);
});

it("goes on with the others where one goes wrong", () => {
  const { due, next } = frames();
  const done: string[] = [];
  inTurn({}, () => {
    throw new Error("no such picture");
  });
  inTurn({}, () => done.push("the next"));
  expect(next).toThrow("no such picture");
  expect(due).toHaveLength(1);
  next();
  expect(done).toEqual(["the next"]);
});

it("keeps what was worked out by the thing and by how it was asked for", () => {
  const of = remembered<object, number>();
  const ring = {};
  let worked = 0;
  const work = () => ++worked;
  expect([
    of(ring, "face", work),
    of(ring, "face", work),
    of(ring, "corner", work),
    of({}, "face", work),
  ]).toEqual([1, 1, 2, 3]);
});
