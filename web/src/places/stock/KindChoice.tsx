import { useStockKinds } from "../../api/queries";
import { kindWord } from "../../shared/words/stockWords";

interface Props {
  label: string;
  /** A kind's id; empty for everything. */
  kind: string;
  onKind: (kind: string) => void;
}

/** One kind of stock, or everything. */
export function KindChoice({ label, kind, onKind }: Props) {
  const kinds = useStockKinds().data ?? [];
  return (
    <select
      className="word-select"
      aria-label={label}
      value={kind}
      onChange={(event) => onKind(event.target.value)}
    >
      <option value="">everything</option>
      {kinds.map((one) => (
        <option key={one.id} value={one.id}>
          {kindWord(one.id)}
        </option>
      ))}
    </select>
  );
}
