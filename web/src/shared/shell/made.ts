import type { WeaveJobData } from "../../api/types";
import type { Made } from "./AssemblyScene";

/** A kept patch as what is put together. */
export function madeOf(job: WeaveJobData): Made {
  return { name: job.name, palette: job.colours.palette, wireMm: job.wireDiameterMm };
}
