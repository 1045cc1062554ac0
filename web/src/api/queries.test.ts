import { describe, expect, it } from "vitest";
import { Problem, Unreachable } from "./client";
import { refusal } from "../test/app";
import { askedAgain } from "./queries";

describe("asking again", () => {
  it("does not ask a second time for what is refused", () => {
    expect(askedAgain(0, new Problem(404, refusal("not-kept")))).toBe(false);
    expect(askedAgain(0, new Problem(422, refusal("no-way")))).toBe(false);
  });

  it("asks twice more where the connection is lost or the server stumbles", () => {
    const stumbled = new Problem(503, refusal("busy"));
    for (const failure of [new Unreachable(), stumbled]) {
      expect([0, 1, 2].map((times) => askedAgain(times, failure))).toEqual([true, true, false]);
    }
  });
});
