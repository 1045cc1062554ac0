import type { PieceEdit } from "../../api/types";
import { NumberInput } from "../../shared/shell/NumberInput";

/** The whole piece in another size: all its wire and all its lengths. What is bought ready stays. */
export function WholeSize({ onEdit }: { onEdit: (edit: PieceEdit, tag: string) => void }) {
  return (
    <p className="whole-size small soft">
      all wire and lengths times
      <NumberInput
        label="All wire and lengths times"
        kind="number"
        unit="%"
        decimals={0}
        step={5}
        minimum={10}
        value={100}
        onChange={(percent) => onEdit({ act: "SCALE", factor: percent / 100 }, "size of the whole")}
      />
    </p>
  );
}
