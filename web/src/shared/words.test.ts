import { describe, expect, it } from "vitest";
import type { Note, WeaveView } from "../api/types";
import { cautionWords, cutWord, listed, noteWords, problemWords, stepTitle, weaveWords } from "./words";

const weave = (id: string, fit: string, betterMandrelMm: number | null = null): WeaveView => ({
  id,
  name: id,
  low: 1,
  high: 2,
  fit,
  betterMandrelMm,
});

describe("judgement", () => {
  it("says what suits and the nearest thing on the shelf for what does not", () => {
    const words = weaveWords([weave("box chain", "USUAL"), weave("byzantine", "LOOSE", 3.5)]);
    expect(words.good).toBe("Box chain is usually made with such a ring.");
    expect(words.other).toBe("Byzantine would hang loose: take the 3.5 rod.");
  });

  it("says nothing it has no rod for", () => {
    expect(weaveWords([weave("byzantine", "TIGHT")])).toEqual({ good: null, habit: null, other: null });
  });

  it("goes by what was solved once it is, with what habit takes it for besides", () => {
    const weaves = [
      weave("box chain", "USUAL"),
      weave("sheet", "TIGHT", 6),
      weave("byzantine", "LOOSE", 3.5),
    ];
    expect(weaveWords(weaves, ["sheet"])).toEqual({
      good: "Drapes in sheet.",
      habit: "Habit also takes it for box chain.",
      other: "Byzantine would hang loose: take the 3.5 rod.",
    });
    expect(weaveWords(weaves, [])).toMatchObject({ good: null, habit: "Habit also takes it for box chain." });
    expect(weaveWords(weaves, ["byzantine", "box chain"])).toEqual({
      good: "Drapes in box chain and byzantine.",
      habit: null,
      other: "Sheet would be tight: take the 6 rod.",
    });
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
