import { call } from "../../api/client";
import type { RingJobData, RingSheet } from "../../api/types";
import { useSolving } from "../../shared/kernel/useSolving";

/** The sheet of a job as it stands on the screen. */
export function useSheet(job: RingJobData) {
  const { data, problem, stale } = useSolving({
    queryKey: ["sheet", job],
    queryFn: ({ signal }) => call<RingSheet>("POST", "/api/rings/sheet", job, signal),
  });
  return { sheet: data ?? null, problem, stale };
}
