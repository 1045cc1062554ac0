/** An inch is 25.4 mm exactly (international yard and pound agreement of 1959). */
export const MM_PER_INCH = 25.4;

const IN_MM = /^\s*([+-]?[\d.,]+)\s*mm\s*$/;

/**
 * A bare number as a maker types it, with a comma or a point, in their own unit; one that an instrument said in mm; null for what is
 * neither.
 */
export function bareLengthMm(typed: string, units: "MILLIMETRES" | "INCHES"): number | null {
  const mm = IN_MM.exec(typed)?.[1];
  if (mm !== undefined) {
    return bareLengthMm(mm, "MILLIMETRES");
  }
  const number = Number(typed.trim().replace(",", "."));
  return typed.trim() === "" || !Number.isFinite(number)
    ? null
    : number * (units === "INCHES" ? MM_PER_INCH : 1);
}
