import type { PartsHandled } from "../../api/types";

export type Strung = PartsHandled["strung"][number];

/** One bead of a strand: of which run, where it lies along the strand and on which of the strands beside each other. */
export interface Bead {
  run: number;
  /** Its middle along the strand, mm. */
  atMm: number;
  strand: number;
}

/** Every bead of one strand in the order it is threaded: where strands have beads of their own, one strand after the other. */
export function beadsOf(strung: readonly Strung[]): Bead[] {
  let from = 0;
  return strung.flatMap((run, k) => {
    const begin = from;
    from += run.count * run.lengthMm;
    return Array.from({ length: run.apart * run.count }, (_, i) => ({
      run: k,
      atMm: begin + ((i % run.count) + 0.5) * run.lengthMm,
      strand: Math.floor(i / run.count),
    }));
  });
}

/** How many more like it follow at once, itself left out. */
export function alikeAfter(beads: readonly Bead[], at: number): number {
  const here = beads[at];
  let more = 0;
  while (here && beads[at + more + 1]?.run === here.run && beads[at + more + 1]!.strand === here.strand) {
    more++;
  }
  return more;
}
