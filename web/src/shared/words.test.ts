import { describe, expect, it } from "vitest";
import type { Note, WeaveView } from "../api/types";
import { cautionWords, cutWord, listed, noteWords, problemWords, stepTitle, weaveWords } from "./words";

const weave = (
  id: string,
  fit: WeaveView["fit"],
  betterMandrelMm: number | null = null,
  low = 1,
  high = 2,
): WeaveView => ({ id, name: id, low, high, fit, betterMandrelMm });

const RING = { aspectRatio: 4.1, nominalAspectRatio: 4 };

describe("judgement", () => {
  it("says where it drapes and the nearest thing on the shelf for what it does not suit", () => {
    const words = weaveWords([weave("box chain", "USUAL"), weave("byzantine", "LOOSE", 3.5)], RING);
    expect(words.good).toBe("Drapes in box chain.");
    expect(words.other).toBe("Byzantine would hang loose: take the 3.5 rod.");
  });

  it("says nothing it has no rod for, and waits for what is not solved", () => {
    expect(weaveWords([weave("byzantine", "TIGHT")], RING)).toEqual({
      good: "No weave on the ladder drapes with such a ring.",
      habit: null,
      other: null,
    });
    expect(weaveWords([weave("byzantine", null)], RING).good).toBe("The weaves are being solved.");
  });

  it("never calls tight what will not close, whatever habit says", () => {
    const words = weaveWords([weave("half Persian", "WILL_NOT_CLOSE", 6, 3.9, 5.5)], RING);
    expect(words.habit).toBe("Habit also takes it for half Persian (it would not close).");
    expect(words.other).toBe("Half Persian would not close: take the 6 rod.");
  });

  it("gives a hoop no advice on weaving", () => {
    const words = weaveWords([weave("byzantine", "FLOPPY", 3.5)], {
      aspectRatio: 11,
      nominalAspectRatio: 10.8,
    });
    expect(words).toEqual({ good: null, habit: expect.stringContaining("hoop") as string, other: null });
  });

  it("has a sentence for every note the core gives", () => {
    for (const code of ["anneal-first", "kerf-shrinks", "pointed-ends", "bears", "opens-easily"]) {
      const note = {
        code,
        severity: "INFO",
        values: { strainPercent: 30, byMm: 0.1, staysOpenN: 4, staysOpenGf: 400, use: "EARRING" },
      };
      const words = noteWords(note as unknown as Note, "MILLIMETRES");
      expect(words).not.toBe(code);
      expect(words).not.toMatch(/undefined|NaN/);
    }
  });
});

describe("refusals", () => {
  it("name what, value, unit, range and remedy", () => {
    expect(
      problemWords({
        code: "out-of-range",
        detail: "",
        field: "kerfMm",
        value: "9",
        minimum: 0,
        maximum: 2,
        unit: "mm",
        remedy: "Measure.",
      }),
    ).toBe("The kerf cannot be 9 mm; it can be from 0 to 2 mm. Measure.");
    expect(
      problemWords({
        code: "out-of-range",
        detail: "",
        field: "innerDiameterMm",
        value: "1",
        minimum: 3,
        unit: "mm",
      }),
    ).toBe("The inner diameter cannot be 1 mm; it can be at least 3 mm.");
  });

  it("fall back to the server's sentence", () => {
    expect(problemWords({ code: "something-else", detail: "As it is." })).toBe("As it is.");
  });
});

describe("small words", () => {
  it("lists", () => {
    expect(listed(["a", "b", "c"])).toBe("a, b and c");
    expect(listed(["a"])).toBe("a");
  });

  it("names cuts, steps and cautions", () => {
    expect(cutWord({ method: "saw", kerfMm: 0.26, trimMm: null, flipped: null })).toBe("saw, kerf 0.26");
    expect(cutWord({ method: "flush", kerfMm: null, trimMm: 0.7, flipped: false })).toBe(
      "cutters, not flipped",
    );
    expect(stepTitle("SPRING_BACK")).toBe("Let it spring back");
    expect(cautionWords("GLASSES_ENDS_FLY")).toContain("Glasses");
  });
});
