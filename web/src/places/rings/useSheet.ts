import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { call, Problem } from "../../api/client";
import type { RingJobData, RingSheet } from "../../api/types";

/** The sheet of a job as it stands on the screen, saved or not; the last good one stays while a new one is worked out. */
export function useSheet(job: RingJobData) {
  const query = useQuery({
    queryKey: ["sheet", job],
    queryFn: ({ signal }) => call<RingSheet>("POST", "/api/rings/sheet", job, signal),
    placeholderData: keepPreviousData,
    retry: (times, failure) => !(failure instanceof Problem) && times < 20,
    retryDelay: 1000,
    gcTime: 10_000,
  });
  const problem = query.error instanceof Problem ? query.error.body : null;
  return { sheet: query.data ?? null, problem, stale: query.isPlaceholderData || problem !== null };
}
