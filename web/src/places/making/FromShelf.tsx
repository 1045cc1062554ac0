import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import { useLots, usePreferences, useStockKinds } from "../../api/queries";
import type { CutLists, Operation, WorkPlan } from "../../api/types";
import { operationTitle } from "../../shared/words/operationWords";
import { chain } from "./astray";
import { amountText } from "../../shared/words/stockWords";

const SAME_MM = 1e-6;

/** How many of the lengths this operation takes were cut for the job before. */
function useCutBefore(job: string, operation: Operation): number {
  const lists = useQuery({
    queryKey: ["cutting", "lists", [job], false],
    queryFn: ({ signal }) =>
      call<CutLists>("POST", "/api/cutting/lists", { jobs: [job], nearSizes: false }, signal),
    enabled: operation.draws.length > 0,
  });
  const lengths = (lists.data?.wires ?? []).flatMap((wire) => wire.lengths);
  return lengths
    .filter((one) => operation.draws.some((draw) => Math.abs(draw.amount - one.lengthMm) < SAME_MM))
    .reduce((sum, one) => sum + one.cut, 0);
}

/** Amounts of lots as they are told, with the lots. */
function useFromLots(draws: Operation["draws"]) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const lots = useLots().data;
  const kinds = useStockKinds().data;
  return draws.flatMap(({ lot: id, amount }) => {
    const lot = lots?.find((one) => one.id === id);
    const kind = kinds?.find((one) => one.id === lot?.data.kind);
    return lot && kind ? [{ id, amount: amountText(kind.measure, amount, units), lot: lot.data }] : [];
  });
}

/** What goes from the shelf with what failed, and where it begins anew. */
export function GoneWithIt({
  plan,
  operation,
  times,
}: {
  plan: WorkPlan;
  operation: Operation;
  times: number;
}) {
  const lost = new Map<string, number>();
  const all = chain(plan, operation.id);
  for (const one of all) {
    for (const { lot, amount } of one.draws) {
      lost.set(lot, (lost.get(lot) ?? 0) + (amount * times) / Math.max(1, one.times));
    }
  }
  const gone = useFromLots([...lost].map(([lot, amount]) => ({ lot, amount })));
  const first = plan.operations.find((one) => all.includes(one))!;
  return (
    <p className="what">
      {gone.length > 0 && (
        <>
          With it {gone.length > 1 || times > 1 ? "go" : "goes"}{" "}
          {gone.map(({ id, amount, lot }, i) => (
            <span key={id}>
              {i > 0 && ", "}
              <strong className="figures">{amount}</strong> of {lot.name}
            </span>
          ))}
          .{" "}
        </>
      )}
      Made again, it begins at “{operationTitle(first).toLowerCase()}”.
    </p>
  );
}

/** What the operation takes from the shelf for the copies in hand, from which lot, and where that lies. */
export function FromShelf({ job, operation, copies }: { job: string; operation: Operation; copies: number }) {
  const cut = useCutBefore(job, operation);
  const taken = useFromLots(operation.draws.map(({ lot, amount }) => ({ lot, amount: amount * copies })));
  return taken.length === 0 ? null : (
    <p className="soft from-shelf">
      from the shelf:{" "}
      {taken.map(({ id, amount, lot }, i) => (
        <span key={id}>
          {i > 0 && ", "}
          <strong className="figures">{amount}</strong> of {lot.name}
          {lot.place && ` (${lot.place})`}
        </span>
      ))}
      {cut > 0 && (
        <>
          . <strong className="figures">{cut}</strong> {cut === 1 ? "is" : "are"} cut already
        </>
      )}
    </p>
  );
}
