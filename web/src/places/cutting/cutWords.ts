/** What a length and a spool of a cut list are called. */
import type { CutLists } from "../../api/types";
import { many, sizeText, type Units } from "../../quantity/format";

export type WireList = CutLists["wires"][number];

export const nameOf = (wire: WireList, spoolId: string): string =>
  (
    wire.spools.find((one) => one.id === spoolId) ??
    wire.spools.find((one) => one.lot === spoolId.split("/")[0])
  )?.name.replace(/, length \d+$/, (number) =>
    wire.spools.some((one) => one.id === spoolId) ? number : "",
  ) ?? "a spool no longer kept";

export function lengthText(wire: WireList, id: string, units: Units): string {
  const length = wire.lengths.find((one) => one.id === id);
  return length ? sizeText(length.lengthMm, units, 1) : "a length no longer asked for";
}

/** What it becomes: "coil of 48 rings", "eye pin". */
export function becomes(wire: WireList, id: string): string {
  const length = wire.lengths.find((one) => one.id === id);
  if (!length) {
    return "";
  }
  return length.rings > 0 ? `coil of ${many(length.rings, "ring")}` : length.name;
}
