import { describe, expect, it } from "vitest";
import type { WeaveView } from "../../api/types";
import { listed } from "./lists";
import { cautionWords, cutWord, stepTitle, weaveWords } from "./words";

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
