import { useMetals } from "../../api/queries";
import { many, sizeText, wireLength, type Units } from "../../quantity/format";
import type { WireList } from "./cutWords";

/** What one wire lacks: how much more is enough, and how many lengths that frees. */
export interface Lack {
  lengthMm: number;
  frees: number;
}

interface Props {
  wires: readonly WireList[];
  lacking: Readonly<Record<string, Lack | null>>;
  units: Units;
}

/** Of several wires that lack something, the one purchase that frees most. */
export function BuyFirst({ wires, lacking, units }: Props) {
  const metals = useMetals().data ?? [];
  const short = wires
    .flatMap((wire) => {
      const lack = lacking[wire.id];
      return lack ? [{ wire, lack }] : [];
    })
    .sort((a, b) => b.lack.frees - a.lack.frees || a.lack.lengthMm - b.lack.lengthMm);
  const first = short[0];
  if (!first || short.length < 2) {
    return null;
  }
  const metal = metals.find((one) => one.id === first.wire.metal)?.name ?? first.wire.metal;
  return (
    <p className="buy-first" role="status">
      {many(short.length, "wire")} fall short. Buy{" "}
      <strong className="figures">{wireLength(first.lack.lengthMm, units)}</strong> of{" "}
      {sizeText(first.wire.diameterMm, units)} {metal} first: no other single purchase frees more than its{" "}
      {many(first.lack.frees, "length")}.
    </p>
  );
}
