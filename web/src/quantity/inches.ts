/** An inch is 25.4 mm exactly (international yard and pound agreement of 1959). */
export const MM_PER_INCH = 25.4;

/** A bare number as a maker types it, with a comma or a point, in their own unit; null for what is no bare number. */
export function bareLengthMm(typed: string, units: "MILLIMETRES" | "INCHES"): number | null {
  const number = Number(typed.trim().replace(",", "."));
  return typed.trim() === "" || !Number.isFinite(number)
    ? null
    : number * (units === "INCHES" ? MM_PER_INCH : 1);
}
