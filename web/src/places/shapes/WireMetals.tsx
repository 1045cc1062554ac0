import { useMetals } from "../../api/queries";
import type { FormAnswer, FormJobData } from "../../api/types";
import { capital } from "../../shared/words";
import type { ChangeForm } from "./FormSentence";

/** Wires that bind, lash or run through others: each of the form's metal or of one of its own. */
export function WireMetals({
  form,
  data,
  change,
}: {
  form: FormAnswer;
  data: FormJobData;
  change: ChangeForm;
}) {
  const metals = useMetals().data ?? [];
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
    change({ parameters: kept.length === 0 ? rest : { ...rest, metals: kept } }, `metal of ${wire}`);
  };
  return form.wires
    .filter((wire) => wire.ownMetal)
    .map((wire) => (
      <div key={wire.name} className="parameter">
        <span>{capital(wire.name)} of</span>
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
      </div>
    ));
}
