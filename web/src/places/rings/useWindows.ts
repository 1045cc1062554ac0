import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import type { RingSheet, WeaveWindow } from "../../api/types";

/** Solved windows; asked for again until they are there, and the last ones kept while the ring changes. */
export function useWindows({ ring: { aspectRatio, nominalAspectRatio }, weaves }: RingSheet) {
  return useQuery({
    queryKey: ["weave-windows", aspectRatio, nominalAspectRatio],
    queryFn: ({ signal }) =>
      call<WeaveWindow[]>(
        "GET",
        `/api/weaves/windows?aspectRatio=${aspectRatio}&nominalAspectRatio=${nominalAspectRatio}`,
        undefined,
        signal,
      ),
    placeholderData: keepPreviousData,
    refetchInterval: ({ state: { data } }) =>
      data && weaves.some((weave) => !data.some((one) => one.weaveId === weave.id)) ? 2000 : false,
    gcTime: 60_000,
    staleTime: 60_000,
  }).data;
}
