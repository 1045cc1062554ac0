import { describe, expect, it } from "vitest";
import type { NoteCode, Note, Refusal, RefusalCode, RefusalUnit, Remedy } from "../../api/types";
import { refusal } from "../../test/app";
import { NOTES, noteWords } from "./noteWords";
import { refusalWords } from "./refused";
import { REFUSALS } from "./refusalWords";
import { REMEDIES } from "./remedyWords";
import { Said, withLengths } from "./said";

/** Whatever a sentence asks for is there: a length of 25.4 mm, a number, a word, a list. */
const values = new Proxy<Record<string, unknown>>(
  {},
  {
    get: (_, name) =>
      String(name).endsWith("Mm")
        ? 25.4
        : ["known", "choices", "columns", "toldNotSo", "soNotTold"].includes(String(name))
          ? ["one", "other"]
          : ["weave", "form", "metal", "wire", "ring", "spool", "temper", "reason"].includes(String(name))
            ? ({ temper: "HALF_HARD", reason: "{8..10} is usual." }[String(name)] ?? "thing")
            : 3,
  },
);

const RANGE: Partial<Refusal> = { field: "kerfMm", value: "9", minimum: 0, maximum: 2, unit: "mm" };

describe("a refusal in words", () => {
  it.each(["MILLIMETRES", "INCHES"] as const)("has a whole sentence for every code, in %s", (units) => {
    for (const code of Object.keys(REFUSALS) as RefusalCode[]) {
      const words = refusalWords(refusal(code, { ...RANGE, remedy: "measure-it", values }), {}, units);
      expect(words).toMatch(/^["A-Z0-9].*[.?]$/);
      expect(words).not.toMatch(/undefined|NaN|\[object/);
    }
    for (const remedy of Object.keys(REMEDIES) as Remedy[]) {
      const words = refusalWords(refusal("out-of-range", { ...RANGE, remedy, values }), {}, units);
      expect(words).toMatch(/ [A-Z0-9].*[.]$/);
      expect(words).not.toMatch(/undefined|NaN|\{/);
      if (units === "INCHES") {
        expect(words).not.toMatch(/\d mm/);
      }
    }
  });

  it("names what, value, unit, range and remedy, in the maker's own unit", () => {
    const given = refusal("out-of-range", { ...RANGE, remedy: "measure-it" });
    expect(refusalWords(given, {}, "MILLIMETRES")).toBe(
      "The kerf cannot be 9 mm; it can be from 0 to 2 mm. Measure it.",
    );
    expect(refusalWords(given, {}, "INCHES")).toBe(
      "The kerf cannot be 0.3543 in; it can be from 0 to 0.0787 in. Measure it.",
    );
    const least = refusal("out-of-range", { field: "innerDiameterMm", value: "1", minimum: 3, unit: "mm" });
    expect(refusalWords(least, {}, "MILLIMETRES")).toBe(
      "The inner diameter cannot be 1 mm; it can be at least 3 mm.",
    );
    expect(refusalWords(given, { kerfMm: "blade" }, "MILLIMETRES")).toMatch(/^Blade cannot be/);
  });

  it("rounds limits inward, so that what is told is allowed", () => {
    const tight = refusal("out-of-range", { ...RANGE, minimum: 1.23456, maximum: 7.65432 });
    expect(refusalWords(tight, {}, "MILLIMETRES")).toContain("from 1.235 to 7.654 mm");
    const exact = refusal("out-of-range", { ...RANGE, minimum: 0.1 + 0.2, maximum: 4.8 });
    expect(refusalWords(exact, {}, "MILLIMETRES")).toContain("from 0.3 to 4.8 mm");
  });

  it("counts in words", () => {
    const one = (unit: RefusalUnit, value: number) =>
      new Said(refusal("out-of-range", { unit }), {}, "MILLIMETRES").measure(value);
    expect([one("rings", 1), one("rings", 3), one("rings-in-a-row", 2), one("°", 90), one("%", 5)]).toEqual([
      "1 ring",
      "3 rings",
      "2 rings in a row",
      "90°",
      "5 %",
    ]);
  });

  it("says what is usual, and what a form says of its parameter", () => {
    const usual = (named: Record<string, unknown>) =>
      refusalWords(refusal("out-of-range", { ...RANGE, remedy: "usual", values: named }), {}, "MILLIMETRES");
    expect(usual({ fromMm: 0.2, toMm: 0.5, usualUnit: "mm" })).toContain("0.2 to 0.5 mm is usual.");
    expect(usual({ fromMm: 25, toMm: 25, usualUnit: "mm" })).toContain("25.0 mm is usual.");
    expect(usual({ from: 5, to: 5, usualUnit: "%" })).toContain("5 % is usual.");
    expect(withLengths("{8..10} is usual.", "MILLIMETRES")).toBe("8 to 10 mm is usual.");
    expect(withLengths("A finger takes {16..20}, a wrist {50..65}.", "INCHES")).toBe(
      "A finger takes 0.63 to 0.787 in, a wrist 1.969 to 2.559 in.",
    );
  });
});

describe("a note in words", () => {
  it.each(["MILLIMETRES", "INCHES"] as const)("has a whole sentence for every code, in %s", (units) => {
    for (const code of Object.keys(NOTES) as NoteCode[]) {
      const words = noteWords({ code, severity: "INFO", values } as Note, units);
      expect(words).toMatch(/^[A-Z0-9].*[.]$/);
      expect(words).not.toMatch(/undefined|NaN/);
      if (units === "INCHES") {
        expect(words).not.toMatch(/\d mm/);
      }
    }
  });
});
