import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Problem } from "../../api/client";

interface Solving<T> {
  queryKey: unknown[];
  queryFn: (context: { signal: AbortSignal }) => Promise<T>;
  enabled?: boolean;
  /** How long an answer is remembered, ms. */
  gcTime?: number;
  /** How long it is not asked for anew, ms. */
  staleTime?: number;
}

/**
 * What the core works out of the screen as it stands, saved or not. The last good answer stays, told as stale, while a new one is worked
 * out and while what stands there is refused. A lost connection is tried again.
 */
export function useSolving<T>({ gcTime = 10_000, ...asked }: Solving<T>) {
  const [lastGood, setLastGood] = useState<T | undefined>(undefined);
  const query = useQuery({
    ...asked,
    gcTime,
    placeholderData: keepPreviousData,
    retry: (times: number, failure: Error) => !(failure instanceof Problem) && times < 20,
    retryDelay: 1000,
  });
  if (query.data !== undefined && query.data !== lastGood) {
    setLastGood(query.data);
  }
  return {
    data: query.data ?? lastGood,
    problem: query.error instanceof Problem ? query.error.body : null,
    stale: query.isPlaceholderData || query.error !== null,
    working: query.isFetching,
  };
}
