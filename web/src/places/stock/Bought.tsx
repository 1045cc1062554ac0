import type { LotData, StockKindView } from "../../api/types";
import { NumberInput } from "../../shared/shell/NumberInput";
import { priceFor } from "../../shared/words/stockWords";

interface Props {
  data: LotData;
  kind: StockKindView;
  change: (patch: Partial<LotData>, tag: string) => void;
}

/** What it cost, when it came, where it lies. */
export function Bought({ data, kind, change }: Props) {
  return (
    <section aria-label="Bought and kept" className="lot-facts">
      <h2>bought and kept</h2>
      <NumberField
        label={`price of ${priceFor[kind.measure]}`}
        value={data.unitPrice}
        step={0.1}
        onValue={(unitPrice) => change({ unitPrice }, "price")}
      />
      {!kind.tool && <UsedUp {...{ data, kind, change }} />}
      <DayField label="bought" day={data.boughtOn} onDay={(boughtOn) => change({ boughtOn }, "day")} />
      <label>
        <span>lies</span>
        <input
          className="plain-input"
          aria-label="Where it lies"
          maxLength={120}
          placeholder="not said"
          value={data.place}
          onChange={(event) => change({ place: event.target.value }, "place")}
        />
      </label>
      <label className="lot-note">
        <span>note</span>
        <textarea
          className="plain-input"
          aria-label="Note"
          rows={2}
          maxLength={4000}
          value={data.note}
          onChange={(event) => change({ note: event.target.value }, "note")}
        />
      </label>
    </section>
  );
}

/** What only what is used up has. */
function UsedUp({ data, kind, change }: Props) {
  const unit = kind.measure === "LENGTH" ? "m" : kind.measure === "MASS" ? "g" : "";
  const per = kind.measure === "LENGTH" ? 1000 : 1;
  return (
    <>
      <NumberField
        label="buy more at or below"
        unit={unit}
        decimals={kind.measure === "PIECES" ? 0 : 1}
        value={data.lowMark === null ? null : data.lowMark / per}
        onValue={(low) => change({ lowMark: low === null ? null : low * per }, "mark for buying more")}
      />
      <NumberField
        label="its empty spool or dish weighs"
        unit="g"
        value={data.tareG}
        onValue={(tareG) => change({ tareG }, "tare")}
      />
      <DayField label="to be used by" day={data.useBy} onDay={(useBy) => change({ useBy }, "use by")} />
    </>
  );
}

interface NumberProps {
  label: string;
  unit?: string;
  decimals?: number;
  step?: number;
  value: number | null;
  onValue: (value: number | null) => void;
}

/** A number that may be left unsaid. */
function NumberField({ label, unit = "", decimals = 2, step = 1, value, onValue }: NumberProps) {
  return (
    <label>
      <span>{label}</span>
      <NumberInput
        label={label}
        kind="number"
        {...{ unit, decimals, step, value }}
        onChange={onValue}
        onClear={() => onValue(null)}
      />
    </label>
  );
}

interface DayProps {
  label: string;
  day: string | null;
  onDay: (day: string | null) => void;
}

/** A day, kept once it is whole. */
function DayField({ label, day, onDay }: DayProps) {
  return (
    <label>
      <span>{label}</span>
      <input
        type="date"
        className="plain-input"
        aria-label={label}
        value={day ?? ""}
        onChange={(event) => onDay(event.target.value === "" ? null : event.target.value)}
      />
    </label>
  );
}
