/** Lengths to cut, one for each wire: several wires are several lengths, never their sum. */
import { size, sizeText, type Units } from "../../quantity/format";

export interface WireCut {
  name: string;
  diameterMm: number;
  lengthInPieceMm: number;
  lengthToCutMm: number;
}

/** "85.0 mm", or "coil 812.0 mm, core 105.0 mm". */
export function cutWords(wires: WireCut[], units: Units): string {
  return wires.length === 1
    ? sizeText(wires[0]!.lengthToCutMm, units, 1)
    : wires
        .map((wire) => {
          const cut = size(wire.lengthToCutMm, units, 1);
          return `${wire.name} ${cut.value} ${cut.unit}`;
        })
        .join(", ");
}

/** The wire of which so much stays in the piece. */
export function wireOfLength(wires: WireCut[], inPieceMm: number | null): WireCut | undefined {
  return (
    wires.find((wire) => inPieceMm !== null && Math.abs(wire.lengthInPieceMm - inPieceMm) < 0.01) ?? wires[0]
  );
}
