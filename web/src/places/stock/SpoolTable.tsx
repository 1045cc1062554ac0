import { failureWords } from "../../shared/words/refused";
import { useState } from "react";
import { call } from "../../api/client";
import { useMetals, usePreferences, useSpools, useStandings } from "../../api/queries";
import type { MetalView, SpoolData, Standing, Temper, Weighed } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { wireLength } from "../../quantity/format";
import { NumberInput } from "../../shared/shell/NumberInput";
import { usePixelsPerMm } from "../../shared/kernel/scale";
import { temperWord } from "../../shared/words/temper";
import { addKept, KeptRow, NameCell } from "./rows";
import { Sideways } from "../../shared/shell/Sideways";

const NEW_SPOOL: SpoolData = {
  name: "New spool",
  metal: "copper",
  temper: "HALF_HARD",
  wireDiameterMm: 1,
  lengthLeftMm: 10_000,
  pricePerMetre: null,
  note: "",
};

export function SpoolTable() {
  const spools = useSpools().data ?? [];
  const metals = useMetals().data ?? [];
  const standings = new Map((useStandings().data ?? []).map((one) => [one.lot, one]));
  const most = Math.max(1, ...spools.map((spool) => spool.data.lengthLeftMm ?? 0));
  return (
    <section className="mt-5" aria-label="Wire">
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl font-bold">Wire</h2>
        <button className="quiet" onClick={() => void addKept("spools", NEW_SPOOL)}>
          add a spool
        </button>
      </div>
      {spools.length === 0 ? (
        <p className="soft">
          No wire yet. Add a spool, put a caliper on the wire, and rings can be worked out for it.
        </p>
      ) : (
        <Sideways name="Table of wire">
          <table className="ruled">
            <thead>
              <tr>
                <th scope="col">
                  <span className="sr-only">Cross-section, true size</span>
                </th>
                <th scope="col">name</th>
                <th scope="col">metal, temper</th>
                <th scope="col">caliper says</th>
                <th scope="col">left</th>
                <th scope="col">
                  <span className="sr-only">Row</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {spools.map((spool) => (
                <KeptRow
                  key={spool.id}
                  nameOf={(data) => data.name}
                  path="spools"
                  kept={spool}
                  more={`/stock/lot/${spool.id}`}
                  cells={(data, change) => (
                    <SpoolCells {...{ data, change, metals, most }} standing={standings.get(spool.id)} />
                  )}
                />
              ))}
            </tbody>
          </table>
        </Sideways>
      )}
    </section>
  );
}

interface CellsProps {
  data: SpoolData;
  change: (patch: Partial<SpoolData>, tag: string) => void;
  metals: MetalView[];
  most: number;
  standing: Standing | undefined;
}

function SpoolCells({ data, change, metals, most, standing }: CellsProps) {
  const pixelsPerMm = usePixelsPerMm();
  const tone = toneOf(data.metal);
  return (
    <>
      <td style={{ width: 44 }}>
        <svg width="40" height="40" aria-hidden="true">
          <circle
            cx="20"
            cy="20"
            r={Math.min(18, (data.wireDiameterMm * pixelsPerMm) / 2)}
            fill={tone.body}
            stroke={tone.deep}
          />
        </svg>
      </td>
      <NameCell name={data.name} onChange={(name) => change({ name }, "name")} />
      <td className="whitespace-nowrap">
        <MetalAndTemper data={data} change={change} metals={metals} />
      </td>
      <td>
        <NumberInput
          label={`Wire diameter of ${data.name}`}
          value={data.wireDiameterMm}
          step={0.01}
          onChange={(wireDiameterMm) => change({ wireDiameterMm }, "wire diameter")}
        />
      </td>
      <td style={{ minWidth: 180 }}>
        <LengthLeft {...{ data, change, most, standing }} tone={tone.body} />
      </td>
    </>
  );
}

/** A temper the metal does not come in is not kept when the metal changes. */
function MetalAndTemper({ data, change, metals }: Pick<CellsProps, "data" | "change" | "metals">) {
  const tempersOf = (id: string) => metals.find((m) => m.id === id)?.tempers.map((t) => t.temper) ?? [];
  const setMetal = (id: string) => {
    const tempers = tempersOf(id);
    change({ metal: id, temper: tempers.includes(data.temper) ? data.temper : tempers[0]! }, "metal");
  };
  return (
    <>
      <select
        className="word-select"
        aria-label="Metal"
        value={data.metal}
        onChange={(event) => setMetal(event.target.value)}
      >
        {metals.map((m) => (
          <option key={m.id} value={m.id}>
            {m.name}
          </option>
        ))}
      </select>{" "}
      <select
        className="word-select"
        aria-label="Temper"
        value={data.temper}
        onChange={(event) => change({ temper: event.target.value as Temper }, "temper")}
      >
        {tempersOf(data.metal).map((temper) => (
          <option key={temper} value={temper}>
            {temperWord(temper)}
          </option>
        ))}
      </select>
    </>
  );
}

function LengthLeft({ data, change, most, standing, tone }: Omit<CellsProps, "metals"> & { tone: string }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [weighing, setWeighing] = useState(false);
  const left = data.lengthLeftMm ?? 0;
  return (
    <>
      <span className="flex items-baseline justify-between gap-3">
        <NumberInput
          label={`Length left of ${data.name}, metres`}
          kind="number"
          unit="m"
          step={1}
          value={left / 1000}
          onChange={(metres) => change({ lengthLeftMm: metres * 1000 }, "length left")}
        />
        <button
          className="quiet small"
          style={{ minHeight: 32 }}
          aria-expanded={weighing}
          onClick={() => setWeighing(!weighing)}
        >
          weigh
        </button>
      </span>
      <svg width="100%" height="7" aria-label={wireLength(left, units)} role="img" preserveAspectRatio="none">
        <rect width={`${(100 * left) / most}%`} height="5" fill={tone} />
      </svg>
      {standing?.level?.low && <span className="low-mark">low: buy more</span>}
      {standing?.level != null && standing.level.overdrawn > 0 && (
        <span className="care small">more was taken than there was: count it</span>
      )}
      {weighing && (
        <Weighing data={data} onLength={(lengthLeftMm) => change({ lengthLeftMm }, "length left")} />
      )}
    </>
  );
}

function Weighing({ data, onLength }: { data: SpoolData; onLength: (mm: number) => void }) {
  const [grams, setGrams] = useState("");
  const [says, setSays] = useState<string | null>(null);
  const weigh = async () => {
    try {
      const massG = Number(grams.replace(",", "."));
      const answer = await call<Weighed>("POST", "/api/spools/weigh", {
        metal: data.metal,
        wireDiameterMm: data.wireDiameterMm,
        massG,
      });
      onLength(answer.lengthMm);
      setSays(`${answer.gramsPerMetre.toFixed(2)} g a metre: ${(answer.lengthMm / 1000).toFixed(2)} m.`);
    } catch (failure) {
      setSays(failureWords(failure, "The server is not answering."));
    }
  };
  return (
    <form
      className="sentence small"
      onSubmit={(event) => {
        event.preventDefault();
        void weigh();
      }}
    >
      <input
        className="plain-input w-16 text-right"
        aria-label={`Weight of ${data.name} in grams, spool taken off`}
        inputMode="decimal"
        autoFocus
        value={grams}
        onChange={(event) => setGrams(event.target.value)}
      />
      <span>g without the spool</span>
      <button className="quiet small">take it</button>
      {says && (
        <span className="basis-full soft" role="status">
          {says}
        </span>
      )}
    </form>
  );
}
