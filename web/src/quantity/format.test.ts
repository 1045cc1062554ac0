import { describe, expect, it } from "vitest";
import { band, day, many, mass, minutesText, plain, signedPercent, size, wireLength } from "./format";

describe("sizes in both tongues", () => {
  it("puts the maker's tongue first and the other beside it", () => {
    expect(size(4.58, "MILLIMETRES")).toEqual({ value: "4.58", unit: "mm", other: "0.180 in" });
    expect(size(25.4, "INCHES")).toEqual({ value: "1.000", unit: "in", other: "25.40 mm" });
  });

  it("shows half a band with its sign", () => {
    expect(band(4.5, 4.66, "MILLIMETRES")).toBe("± 0.08");
    expect(band(0, 2.54, "INCHES")).toBe("± 0.050");
  });

  it("turns to metres and feet when wire gets long", () => {
    expect(wireLength(999, "MILLIMETRES")).toBe("999 mm");
    expect(wireLength(2230, "MILLIMETRES")).toBe("2.23 m");
    expect(wireLength(304.8, "INCHES")).toBe("12.0 in");
    expect(wireLength(3048, "INCHES")).toBe("10.0 ft");
  });
});

describe("other figures", () => {
  it("weighs rings in milligrams and spools in kilograms", () => {
    expect(mass(0.125)).toBe("125 mg");
    expect(mass(3.456)).toBe("3.46 g");
    expect(mass(1234)).toBe("1.23 kg");
  });

  it("writes a true minus and no signed zero", () => {
    expect(signedPercent(-2.31)).toBe("−2 %");
    expect(signedPercent(19.1)).toBe("+19 %");
    expect(signedPercent(-0.2)).toBe("0 %");
  });

  it("leaves idle zeros out", () => {
    expect(plain(4)).toBe("4");
    expect(plain(4.5)).toBe("4.5");
    expect(plain(4.004)).toBe("4");
  });

  it("guesses time in round numbers", () => {
    expect(minutesText(2)).toBe("5 min");
    expect(minutesText(13.2)).toBe("15 min");
    expect(minutesText(178)).toBe("180 min");
    expect(minutesText(200)).toBe("3.5 hours");
    expect(minutesText(241)).toBe("4 hours");
  });

  it("names the year only when it is another", () => {
    expect(day("2026-03-12T10:00:00Z", new Date("2026-11-24"))).toBe("12 March");
    expect(day("2025-03-12T10:00:00Z", new Date("2026-11-24"))).toBe("12 March 2025");
  });

  it("counts in words", () => {
    expect(many(1, "ring")).toBe("1 ring");
    expect(many(3, "ring")).toBe("3 rings");
  });
});
