import type { OutlineRow } from "../../api/types";
import { NumberInput } from "./NumberInput";
import { RowsTable } from "./RowsTable";

const NEW_ROW: OutlineRow = { feedMm: 10, rotateDegrees: 0, bendDegrees: 30, insideRadiusMm: 1 };

interface AngleProps {
  label: string;
  minimum: number;
  value: number;
  onChange: (degrees: number) => void;
}

function Angle(props: AngleProps) {
  return <NumberInput {...props} kind="number" unit="°" decimals={0} step={5} />;
}

/** The free editor: feed so far, turn the plane, bend, on what radius; row by row. */
export function OutlineTable({
  rows,
  reason,
  onRows,
}: {
  rows: OutlineRow[];
  reason: string;
  onRows: (rows: OutlineRow[]) => void;
}) {
  const set = (i: number, patch: Partial<OutlineRow>) =>
    onRows(rows.map((row, k) => (k === i ? { ...row, ...patch } : row)));
  return (
    <RowsTable
      reason={reason}
      heads={["feed", "turn", "bend", "radius"]}
      rows={rows}
      outLabel={(i) => `Take row ${i + 1} out`}
      onOut={(i) => onRows(rows.filter((_, k) => k !== i))}
      cells={(row, i) => [
        <NumberInput
          key="feed"
          label={`Feed, row ${i + 1}`}
          value={row.feedMm}
          decimals={1}
          step={0.5}
          onChange={(feedMm) => set(i, { feedMm })}
        />,
        <Angle
          key="turn"
          label={`Turn, row ${i + 1}`}
          minimum={-360}
          value={row.rotateDegrees}
          onChange={(rotateDegrees) => set(i, { rotateDegrees })}
        />,
        <Angle
          key="bend"
          label={`Bend, row ${i + 1}`}
          minimum={-350}
          value={row.bendDegrees}
          onChange={(bendDegrees) => set(i, { bendDegrees })}
        />,
        <NumberInput
          key="radius"
          label={`Inside radius, row ${i + 1}`}
          value={row.insideRadiusMm}
          decimals={1}
          step={0.1}
          onChange={(insideRadiusMm) => set(i, { insideRadiusMm })}
        />,
      ]}
    >
      <button className="quiet small" onClick={() => onRows([...rows, NEW_ROW])}>
        add a bend
      </button>
    </RowsTable>
  );
}
