import { useMetals, useSpools } from "../../api/queries";
import type { FormAnswer, FormJobData, FormWire, Kept, SpoolData } from "../../api/types";
import { capital } from "../../shared/words/lists";
import type { ChangeForm } from "./FormSentence";

interface Props {
  form: FormAnswer;
  data: FormJobData;
  change: ChangeForm;
}

/** Wires that bind, lash or run through others: each of the form's metal or of one of its own, from a spool of its own or none. */
export function WireMetals({ form, data, change }: Props) {
  const metals = useMetals().data ?? [];
  const spools = useSpools().data ?? [];
  const chosen = new Map(
    ((data.parameters.metals ?? []) as string[]).map((one) => one.split("=") as [string, string]),
  );
  const set = (wire: string, metal: string) => {
    const now = new Map(chosen);
    if (metal === "") {
      now.delete(wire);
    } else {
      now.set(wire, metal);
    }
    const { metals: _, ...rest } = data.parameters;
    const kept = [...now].map(([name, of]) => `${name}=${of}`);
    const { [wire]: __, ...lots } = data.lots;
    change({ parameters: kept.length === 0 ? rest : { ...rest, metals: kept }, lots }, `metal of ${wire}`);
  };
  const cutFrom = (wire: string, spool: string) => {
    const { [wire]: _, ...others } = data.lots;
    change({ lots: spool === "" ? others : { ...others, [wire]: spool } }, `spool of ${wire}`);
  };
  return form.wires
    .filter((wire) => wire.ownMetal)
    .map((wire) => (
      <div key={wire.name} className="parameter">
        <span>{capital(wire.name)} of</span>
        <span className="flex flex-wrap items-baseline gap-x-2">
          <select
            className="word-select"
            aria-label={`Metal of the ${wire.name}`}
            value={chosen.get(wire.name) ?? ""}
            onChange={(event) => set(wire.name, event.target.value)}
          >
            <option value="">the same metal</option>
            {metals.map((metal) => (
              <option key={metal.id} value={metal.id}>
                {metal.name}
              </option>
            ))}
          </select>
          <OwnSpool
            wire={wire}
            spools={fitting(spools, wire, chosen.get(wire.name) ?? form.metal)}
            spool={data.lots[wire.name] ?? ""}
            onSpool={(spool) => cutFrom(wire.name, spool)}
          />
        </span>
      </div>
    ));
}

/** Spools of that very wire. */
function fitting(spools: Kept<SpoolData>[], wire: FormWire, metal: string): Kept<SpoolData>[] {
  return spools.filter(
    ({ data }) =>
      data.metal === metal &&
      data.wireDiameterMm >= wire.spoolFromMm &&
      data.wireDiameterMm <= wire.spoolToMm,
  );
}

interface OwnSpoolProps {
  wire: FormWire;
  spools: Kept<SpoolData>[];
  /** Chosen; empty for none of its own. */
  spool: string;
  onSpool: (spool: string) => void;
}

function OwnSpool({ wire, spools, spool, onSpool }: OwnSpoolProps) {
  if (spools.length === 0 && spool === "") {
    return null;
  }
  return (
    <select
      className="word-select"
      aria-label={`Spool of the ${wire.name}`}
      value={spool}
      onChange={(event) => onSpool(event.target.value)}
    >
      <option value="">no spool of its own</option>
      {spools.map((kept) => (
        <option key={kept.id} value={kept.id}>
          from {kept.data.name}
        </option>
      ))}
      {spool !== "" && !spools.some((kept) => kept.id === spool) && (
        <option value={spool}>from a spool of other wire</option>
      )}
    </select>
  );
}
