import type { RingJobData } from "../../api/types";

/** A size as its field shows it: the one the maker holds fixed as typed, also while it is refused; the others as worked out. */
export function aimed(data: RingJobData, convention: RingJobData["convention"], workedOut: number): number {
  return data.convention === convention ? data.aimValue : workedOut;
}
