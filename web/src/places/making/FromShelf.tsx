import { useLots, usePreferences, useStockKinds } from "../../api/queries";
import type { Operation } from "../../api/types";
import { amountText } from "../../shared/words/stockWords";

/** What the operation takes from the shelf for the copies in hand, from which lot, and where that lies. */
export function FromShelf({ operation, copies }: { operation: Operation; copies: number }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const lots = useLots().data;
  const kinds = useStockKinds().data;
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
    </p>
  );
}
