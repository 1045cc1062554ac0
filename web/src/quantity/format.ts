/** Numbers as shown. Rounding happens here and nowhere earlier; the values are the core's. */
import { MM_PER_INCH } from "./inches";
import type { Choices } from "../api/types";

export type Units = Choices["units"];

export interface Shown {
  value: string;
  unit: string;
  other: string;
}

/** A size in the maker's tongue first, the other beside it. */
export function size(mm: number, units: Units, decimals = 2): Shown {
  const millimetres = mm.toFixed(decimals);
  const inches = (mm / MM_PER_INCH).toFixed(decimals + 1);
  return units === "INCHES"
    ? { value: inches, unit: "in", other: `${millimetres} mm` }
    : { value: millimetres, unit: "mm", other: `${inches} in` };
}

/** A size in one piece of text: {@code 4.58 mm}. */
export function sizeText(mm: number, units: Units, decimals = 2): string {
  const shown = size(mm, units, decimals);
  return `${shown.value} ${shown.unit}`;
}

/** Half a band, with its sign: {@code ± 0.02}. */
export function band(low: number, high: number, units: Units, decimals = 2): string {
  const half = (high - low) / 2;
  return `± ${units === "INCHES" ? (half / MM_PER_INCH).toFixed(decimals + 1) : half.toFixed(decimals)}`;
}

/** A length of wire, in metres or feet once it is long. */
export function wireLength(mm: number, units: Units): string {
  if (units === "INCHES") {
    const inches = mm / MM_PER_INCH;
    return inches < 24 ? `${inches.toFixed(1)} in` : `${(inches / 12).toFixed(1)} ft`;
  }
  return mm < 1000 ? `${mm.toFixed(0)} mm` : `${(mm / 1000).toFixed(2)} m`;
}

/** A mass: milligram rings and kilogram spools. */
export function mass(grams: number): string {
  if (grams < 1) {
    return `${(grams * 1000).toFixed(0)} mg`;
  }
  return grams < 1000 ? `${grams.toFixed(grams < 10 ? 2 : 1)} g` : `${(grams / 1000).toFixed(2)} kg`;
}

/** Of one operation: "40 s", "4.5 min", "25 min". */
export function shortTime(minutes: number): string {
  if (minutes < 1.5) {
    return `${Math.max(5, 5 * Math.round((60 * minutes) / 5))} s`;
  }
  if (minutes < 10) {
    return `${plain(Math.round(2 * minutes) / 2, 1)} min`;
  }
  return minutes < 60 ? `${Math.round(minutes)} min` : minutesText(minutes);
}

/** Time at the bench as it is guessed: to five minutes, from three hours on to the half hour. */
export function minutesText(minutes: number): string {
  if (minutes < 5) {
    return "5 min";
  }
  return minutes < 180
    ? `${5 * Math.round(minutes / 5)} min`
    : `${plain(Math.round(minutes / 30) / 2, 1)} hours`;
}

/** A whole or nearly whole number without idle zeros: {@code 4}, {@code 4.5}. */
export function plain(value: number, most = 2): string {
  return String(Number(value.toFixed(most)));
}

/** With its sign, a true minus: {@code +2 %}, {@code −5 %}. */
export function signedPercent(value: number, decimals = 0): string {
  const text = Math.abs(value).toFixed(decimals);
  if (Number(text) === 0) {
    return `0 %`;
  }
  return `${value < 0 ? "−" : "+"}${text} %`;
}

/** "14:05", as this device's clock has it. */
export function timeOfDay(moment: string): string {
  return new Date(moment).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
}

/** {@code 12 March}, with the year when it is not this one. */
export function day(iso: string, now: Date = new Date()): string {
  const date = new Date(iso);
  const year = date.getFullYear() === now.getFullYear() ? undefined : "numeric";
  return date.toLocaleDateString("en-GB", { day: "numeric", month: "long", year });
}

/** {@code 1 ring}, {@code 3 rings}. */
export function many(count: number, one: string, more = `${one}s`): string {
  return `${count} ${count === 1 ? one : more}`;
}
