/** Which wire of the shelf a line takes. */
import { call } from "../../api/client";
import { queries } from "../../api/queries";
import type { Kept, SpoolData } from "../../api/types";

type Spool = Kept<SpoolData>;

/** The spools there are by now: what stood here may be from before one was put down or changed. */
export const spoolsNow = (): Promise<Spool[]> =>
  queries.fetchQuery({
    queryKey: ["spools"],
    queryFn: () => call<Spool[]>("GET", "/api/spools"),
    staleTime: 0,
  });

/** Sold sizes that are told alike: 18 gauge is 1.02 mm in one table and 1.00 in a shop. */
const ALIKE_MM = 0.035;

/** One of that metal and size; none where the shelf has no such wire. */
export const spoolOf = (
  spools: readonly Spool[],
  { metal, wireDiameterMm }: { metal: string; wireDiameterMm: number },
): Spool | undefined =>
  spools.find(
    ({ data }) => data.metal === metal && Math.abs(data.wireDiameterMm - wireDiameterMm) < ALIKE_MM,
  );
