import type { OutlineRow } from "../../api/types";
import { NumberInput } from "../../shared/NumberInput";

const NEW_ROW: OutlineRow = { feedMm: 10, rotateDegrees: 0, bendDegrees: 30, insideRadiusMm: 1 };

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
    <table className="ruled outline-table">
      <caption className="small soft">{reason}</caption>
      <thead>
        <tr>
          <th scope="col">feed</th>
          <th scope="col">turn</th>
          <th scope="col">bend</th>
          <th scope="col">radius</th>
          <th scope="col">
            <span className="sr-only">Row</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={i}>
            <td>
              <NumberInput
                label={`Feed, row ${i + 1}`}
                value={row.feedMm}
                decimals={1}
                step={0.5}
                onChange={(feedMm) => set(i, { feedMm })}
              />
            </td>
            <td>
              <NumberInput
                label={`Turn, row ${i + 1}`}
                kind="number"
                unit="°"
                decimals={0}
                step={5}
                minimum={-360}
                value={row.rotateDegrees}
                onChange={(rotateDegrees) => set(i, { rotateDegrees })}
              />
            </td>
            <td>
              <NumberInput
                label={`Bend, row ${i + 1}`}
                kind="number"
                unit="°"
                decimals={0}
                step={5}
                minimum={-350}
                value={row.bendDegrees}
                onChange={(bendDegrees) => set(i, { bendDegrees })}
              />
            </td>
            <td>
              <NumberInput
                label={`Inside radius, row ${i + 1}`}
                value={row.insideRadiusMm}
                decimals={1}
                step={0.1}
                onChange={(insideRadiusMm) => set(i, { insideRadiusMm })}
              />
            </td>
            <td>
              <button
                className="quiet tiny at-end"
                aria-label={`Take row ${i + 1} out`}
                disabled={rows.length === 1}
                onClick={() => onRows(rows.filter((_, k) => k !== i))}
              >
                out
              </button>
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={5}>
            <button className="quiet small" onClick={() => onRows([...rows, NEW_ROW])}>
              add a bend
            </button>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}
