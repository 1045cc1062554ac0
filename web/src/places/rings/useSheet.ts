import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { call, Problem } from "../../api/client";
import type { RingJobData, RingSheet } from "../../api/types";

/**
 * The sheet of a job as it stands on the screen, saved or not. The last good one stays while a new one is worked out, and when
 * the job as it stands cannot be made.
 */
export function useSheet(job: RingJobData) {
  const lastGood = useRef<RingSheet | null>(null);
  const query = useQuery({
    queryKey: ["sheet", job],
    queryFn: ({ signal }) => call<RingSheet>("POST", "/api/rings/sheet", job, signal),
    placeholderData: keepPreviousData,
    retry: (times, failure) => !(failure instanceof Problem) && times < 20,
    retryDelay: 1000,
    gcTime: 10_000,
  });
  if (query.data) {
    lastGood.current = query.data;
  }
  const problem = query.error instanceof Problem ? query.error.body : null;
  return {
    sheet: query.data ?? lastGood.current,
    problem,
    stale: query.isPlaceholderData || problem !== null,
  };
}
