import type { StackItem } from "../../api/types";
import { size, type Units } from "../../quantity/format";
import { NumberInput } from "../../shared/NumberInput";

const WORDS: Record<StackItem["kind"], string> = {
  BEAD: "bead",
  SPACER: "spacer",
  CAP: "cap",
  COIL: "coil",
};

/** What a new one of each kind is until it is measured; a coil's first figure is the wire it is wound of. */
const NEW: Record<StackItem["kind"], StackItem> = {
  BEAD: { kind: "BEAD", count: 1, acrossMm: 6, longMm: 6, holeMm: 1 },
  SPACER: { kind: "SPACER", count: 1, acrossMm: 3, longMm: 1, holeMm: 1.1 },
  CAP: { kind: "CAP", count: 1, acrossMm: 5, longMm: 1.5, holeMm: 1.1 },
  COIL: { kind: "COIL", count: 1, acrossMm: 0.4, longMm: 6, holeMm: 0 },
};

interface Props {
  items: StackItem[];
  reason: string;
  units: Units;
  onItems: (items: StackItem[]) => void;
}

/** What is threaded on the wire, thing by thing, from the first end to the second; the drawing shows it as it is typed. */
export function StackTable({ items, reason, units, onItems }: Props) {
  const unit = size(0, units).unit;
  const set = (i: number, patch: Partial<StackItem>) =>
    onItems(items.map((item, k) => (k === i ? { ...item, ...patch } : item)));
  const moved = (i: number) =>
    onItems(items.map((item, k) => items[k === i ? i - 1 : k === i - 1 ? i : k] ?? item));
  return (
    <table className="ruled outline-table stack-table">
      <caption className="small soft">{reason}</caption>
      <thead>
        <tr>
          <th scope="col">count</th>
          <th scope="col">what</th>
          <th scope="col">across, {unit}</th>
          <th scope="col">long</th>
          <th scope="col">hole</th>
          <th scope="col">
            <span className="sr-only">Order</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {items.map((item, i) => (
          <tr key={i}>
            <td>
              <NumberInput
                label={`How many of ${i + 1}`}
                kind="number"
                decimals={0}
                step={1}
                minimum={1}
                value={item.count}
                onChange={(count) => set(i, { count: Math.round(count) })}
              />
            </td>
            <td>
              <select
                className="word-select"
                aria-label={`What ${i + 1} is`}
                value={item.kind}
                onChange={(event) =>
                  set(i, { ...NEW[event.target.value as StackItem["kind"]], count: item.count })
                }
              >
                {Object.entries(WORDS).map(([kind, word]) => (
                  <option key={kind} value={kind}>
                    {word}
                  </option>
                ))}
              </select>
            </td>
            <td>
              <Size
                label={item.kind === "COIL" ? `Wire of ${i + 1}` : `Across ${i + 1}`}
                value={item.acrossMm}
                onChange={(acrossMm) =>
                  // a round bead stays round until its length is said
                  set(
                    i,
                    item.kind === "BEAD" && item.longMm === item.acrossMm
                      ? { acrossMm, longMm: acrossMm }
                      : { acrossMm },
                  )
                }
              />
            </td>
            <td>
              <Size label={`Along ${i + 1}`} value={item.longMm} onChange={(longMm) => set(i, { longMm })} />
            </td>
            <td>
              {item.kind === "COIL" ? (
                <span className="soft tiny">wound</span>
              ) : (
                <Size
                  label={`Hole of ${i + 1}`}
                  value={item.holeMm}
                  onChange={(holeMm) => set(i, { holeMm })}
                />
              )}
            </td>
            <td>
              <button
                className="quiet tiny at-end"
                aria-label={`Move ${i + 1} up`}
                disabled={i === 0}
                onClick={() => moved(i)}
              >
                ↑
              </button>{" "}
              <button
                className="quiet tiny at-end"
                aria-label={`Take ${i + 1} out`}
                disabled={items.length === 1}
                onClick={() => onItems(items.filter((_, k) => k !== i))}
              >
                out
              </button>
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={6}>
            {Object.values(NEW).map((fresh) => (
              <button
                key={fresh.kind}
                className="quiet small mr-3"
                onClick={() => onItems([...items, fresh])}
              >
                add a {WORDS[fresh.kind]}
              </button>
            ))}
          </td>
        </tr>
      </tfoot>
    </table>
  );
}

function Size({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
}) {
  return <NumberInput label={label} unit="" decimals={1} step={0.1} value={value} onChange={onChange} />;
}
