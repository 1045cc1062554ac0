import type { StackItem } from "../../api/types";
import { size, type Units } from "../../quantity/format";
import { CountInput } from "./CountInput";
import { NumberInput } from "./NumberInput";
import { RowsTable } from "./RowsTable";

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
    <RowsTable
      reason={reason}
      className="stack-table"
      heads={["count", "what", `across, ${unit}`, "long", "hole"]}
      rows={items}
      outLabel={(i) => `Take ${i + 1} out`}
      onOut={(i) => onItems(items.filter((_, k) => k !== i))}
      also={(i) => (
        <button
          className="quiet tiny at-end"
          aria-label={`Move ${i + 1} up`}
          disabled={i === 0}
          onClick={() => moved(i)}
        >
          ↑
        </button>
      )}
      cells={(item, i) => cells(item, i + 1, (patch) => set(i, patch))}
    >
      {Object.values(NEW).map((fresh) => (
        <button key={fresh.kind} className="quiet small mr-3" onClick={() => onItems([...items, fresh])}>
          add a {WORDS[fresh.kind]}
        </button>
      ))}
    </RowsTable>
  );
}

/** One thing on the wire: how many, what, and its sizes. */
function cells(item: StackItem, place: number, set: (patch: Partial<StackItem>) => void) {
  return [
    <CountInput
      key="count"
      label={`How many of ${place}`}
      value={item.count}
      onChange={(count) => set({ count })}
    />,
    <select
      key="what"
      className="word-select"
      aria-label={`What ${place} is`}
      value={item.kind}
      onChange={(event) => set({ ...NEW[event.target.value as StackItem["kind"]], count: item.count })}
    >
      {Object.entries(WORDS).map(([kind, word]) => (
        <option key={kind} value={kind}>
          {word}
        </option>
      ))}
    </select>,
    <Size
      key="across"
      label={item.kind === "COIL" ? `Wire of ${place}` : `Across ${place}`}
      value={item.acrossMm}
      onChange={(acrossMm) => set(isRoundBead(item) ? { acrossMm, longMm: acrossMm } : { acrossMm })}
    />,
    <Size key="along" label={`Along ${place}`} value={item.longMm} onChange={(longMm) => set({ longMm })} />,
    item.kind === "COIL" ? (
      <span key="hole" className="soft tiny">
        wound
      </span>
    ) : (
      <Size
        key="hole"
        label={`Hole of ${place}`}
        value={item.holeMm}
        onChange={(holeMm) => set({ holeMm })}
      />
    ),
  ];
}

/** It stays round until its length is said. */
function isRoundBead(item: StackItem): boolean {
  return item.kind === "BEAD" && item.longMm === item.acrossMm;
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
