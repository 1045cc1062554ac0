import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import { useLots, usePreferences, useStockKinds } from "../../api/queries";
import type { CutLists, Operation } from "../../api/types";
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

/** What the operation takes from the shelf for the copies in hand, from which lot, and where that lies. */
export function FromShelf({ job, operation, copies }: { job: string; operation: Operation; copies: number }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const lots = useLots().data;
  const kinds = useStockKinds().data;
  const cut = useCutBefore(job, operation);
  if (!lots || !kinds) {
    return null;
  }
  const taken = operation.draws.flatMap(({ lot: id, amount }) => {
    const lot = lots.find((one) => one.id === id);
    const kind = kinds.find((one) => one.id === lot?.data.kind);
    return lot && kind
      ? [{ id, amount: amountText(kind.measure, amount * copies, units), lot: lot.data }]
      : [];
  });
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
