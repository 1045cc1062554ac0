/** A value out of its range: what it is, what it may be, the way out. */
import { REMEDIES } from "./remedyWords";
import type { Said } from "./said";

export function rangeWords(said: Said): string {
  const { value, minimum: least, maximum: most } = said.refusal;
  const given = value === null ? NaN : Number(value);
  const is = Number.isNaN(given) ? (value ?? "that") : said.measure(given);
  const range =
    least !== null && most !== null
      ? `from ${said.bare(least, Math.ceil)} to ${said.measure(most, Math.floor)}`
      : least !== null
        ? `at least ${said.measure(least, Math.ceil)}`
        : `at most ${said.measure(most ?? 0, Math.floor)}`;
  return `${said.what()} cannot be ${is}; it can be ${range}. ${remedyOf(said)}`.trim();
}

function remedyOf(said: Said): string {
  const words = said.refusal.remedy ? REMEDIES[said.refusal.remedy] : "";
  return typeof words === "string" ? words : words(said);
}
