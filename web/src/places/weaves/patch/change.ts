import type { WeaveJobData } from "../../../api/types";

/** Changes some of a job; what is tagged alike is one step back. */
export interface ChangeWeave {
  (patch: Partial<WeaveJobData>, tag: string): void;
}
