import { useMetals, useSpools } from "../../api/queries";
import type { SpoolData, Temper } from "../../api/types";
import { NumberInput } from "./NumberInput";
import { temperWord } from "../words/temper";

/** The wire of a job: a spool in stock, or metal, temper and thickness of wire that is not. */
export interface WireOfJob {
  spoolId: string | null;
  metal: string;
  /** Null where it does not matter: it is then not asked for. */
  temper: Temper | null;
  wireDiameterMm: number;
}

interface Props {
  wire: WireOfJob;
  change: (patch: Partial<WireOfJob & { temper: Temper }>, tag: string) => void;
  /** Told when another spool is taken, before it is. */
  onSpool?: (spool: SpoolData) => void;
  /** Whether loose wire's thickness is asked for here. */
  asksThickness?: boolean;
}

/** Chooses a job's wire in its sentence. */
export function WireChoice({ wire, change, onSpool, asksThickness = false }: Props) {
  const spools = useSpools().data ?? [];
  const choose = (id: string) => {
    const spool = spools.find((kept) => kept.id === id);
    if (spool) {
      onSpool?.(spool.data);
    }
    change(
      spool
        ? {
            spoolId: id,
            metal: spool.data.metal,
            temper: spool.data.temper,
            wireDiameterMm: spool.data.wireDiameterMm,
          }
        : { spoolId: null },
      "wire",
    );
  };
  return (
    <>
      <select
        className="word-select"
        aria-label="Wire from"
        value={wire.spoolId ?? ""}
        onChange={(event) => choose(event.target.value)}
      >
        <option value="">wire not in stock</option>
        {spools.map((spool) => (
          <option key={spool.id} value={spool.id}>
            {spool.data.name}
          </option>
        ))}
      </select>
      {wire.spoolId === null && (
        <>
          {asksThickness && (
            <NumberInput
              label="Wire"
              value={wire.wireDiameterMm}
              minimum={0.1}
              onChange={(value) => change({ wireDiameterMm: value }, "wire diameter")}
            />
          )}
          <LooseWire wire={wire} change={change} />
        </>
      )}
    </>
  );
}

interface LooseProps {
  wire: Pick<WireOfJob, "metal" | "temper">;
  change: (patch: { metal?: string; temper?: Temper }, tag: string) => void;
}

/** Metal and temper of wire that is of no spool. */
export function LooseWire({ wire, change }: LooseProps) {
  const metals = useMetals().data ?? [];
  const metal = metals.find((one) => one.id === wire.metal);
  return (
    <>
      <select
        className="word-select"
        aria-label="Metal"
        value={wire.metal}
        onChange={(event) => {
          const chosen = metals.find((one) => one.id === event.target.value)!;
          const kept = chosen.tempers.find((t) => t.temper === wire.temper) ?? chosen.tempers[0];
          change({ metal: chosen.id, ...(wire.temper !== null && kept && { temper: kept.temper }) }, "metal");
        }}
      >
        {metals.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      {wire.temper !== null && (
        <select
          className="word-select"
          aria-label="Temper"
          value={wire.temper}
          onChange={(event) => change({ temper: event.target.value as Temper }, "temper")}
        >
          {(metal?.tempers ?? []).map((t) => (
            <option key={t.temper} value={t.temper}>
              {temperWord(t.temper)}
            </option>
          ))}
        </select>
      )}
    </>
  );
}
