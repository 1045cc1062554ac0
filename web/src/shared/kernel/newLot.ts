import type { Facts, LotData } from "../../api/types";

/** A lot of which nothing is known but what it is and how much of it there is. */
export function blankLot(kind: string, name: string, facts: Facts, left: number | null): LotData {
  return {
    kind,
    name: name.slice(0, 120),
    facts,
    left,
    unitPrice: null,
    boughtOn: null,
    useBy: null,
    tareG: null,
    lowMark: null,
    place: "",
    note: "",
  };
}
