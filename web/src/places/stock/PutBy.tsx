import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { call } from "../../api/client";
import { useBench, usePreferences } from "../../api/queries";
import type { Level, StockKindView } from "../../api/types";
import { amountText } from "../../shared/words/stockWords";
import { placeOfJob } from "../../shared/words/jobs";

interface Props {
  lot: string;
  kind: StockKindView;
  level: Level;
}

/** How much jobs have put by of a lot, which of them, and what is left for others. */
export function PutBy({ lot, kind, level }: Props) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const bench = useBench().data ?? [];
  const putBy = useQuery({
    queryKey: ["lots", lot, "put-by"],
    queryFn: ({ signal }) =>
      call<{ job: string; amount: number }[]>("GET", `/api/lots/${lot}/put-by`, undefined, signal),
  });
  const text = (amount: number) => amountText(kind.measure, amount, units);
  return (
    <p>
      {text(level.reserved)} put by
      {(putBy.data ?? []).map(({ job, amount }, i) => {
        const hand = bench.find((one) => one.jobId === job);
        return (
          <span key={job}>
            {i === 0 ? " for " : ", "}
            {hand ? <Link to={placeOfJob(hand.kind, job)}>{hand.name}</Link> : "a job"} ({text(amount)})
          </span>
        );
      })}
      ; {level.free >= 0 ? `${text(level.free)} free` : `${text(-level.free)} too little`}
    </p>
  );
}
