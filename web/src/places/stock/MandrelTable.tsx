import { useMandrels } from "../../api/queries";
import type { MandrelData } from "../../api/types";
import { NumberInput } from "../../shared/shell/NumberInput";
import { usePixelsPerMm } from "../../shared/kernel/scale";
import { addKept, KeptRow, NameCell } from "./rows";
import { Sideways } from "../../shared/shell/Sideways";

const KINDS: [MandrelData["kind"], string][] = [
  ["ROD", "rod"],
  ["DOWEL", "dowel"],
  ["NEEDLE", "knitting needle"],
  ["DRILL", "drill shank"],
  ["PLIERS_STEP", "step of pliers"],
];

const NEW_ROD: MandrelData = { name: "New rod", kind: "ROD", diameterMm: 5, usableLengthMm: 150, note: "" };

export function MandrelTable() {
  const mandrels = [...(useMandrels().data ?? [])].sort((a, b) => a.data.diameterMm - b.data.diameterMm);
  return (
    <section className="mt-10" aria-label="What rings are wound on">
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl font-bold">What rings are wound on</h2>
        <button className="quiet" onClick={() => void addKept("mandrels", NEW_ROD)}>
          add a rod
        </button>
      </div>
      {mandrels.length === 0 ? (
        <p className="soft">
          Nothing yet. Dowels, steel rods, knitting needles, drill shanks and the steps of pliers all do.
        </p>
      ) : (
        <Sideways name="Table of rods">
          <table className="ruled">
            <thead>
              <tr>
                <th scope="col">
                  <span className="sr-only">End-on, true size</span>
                </th>
                <th scope="col">name</th>
                <th scope="col">what it is</th>
                <th scope="col">diameter</th>
                <th scope="col">usable length</th>
                <th scope="col">
                  <span className="sr-only">Row</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {mandrels.map((mandrel) => (
                <KeptRow
                  key={mandrel.id}
                  nameOf={(data) => data.name}
                  path="mandrels"
                  kept={mandrel}
                  cells={(data, change) => <MandrelCells data={data} change={change} />}
                />
              ))}
            </tbody>
          </table>
        </Sideways>
      )}
    </section>
  );
}

function RodEnd({ diameter }: { diameter: number }) {
  const box = Math.max(44, Math.min(60, diameter + 4));
  return (
    <svg
      width={box}
      height={Math.max(28, Math.min(60, diameter + 4))}
      viewBox={`${-box / 2} ${-Math.max(28, Math.min(60, diameter + 4)) / 2} ${box} ${Math.max(28, Math.min(60, diameter + 4))}`}
      aria-hidden="true"
    >
      <circle r={Math.min(28, diameter / 2)} fill="var(--hatch)" stroke="var(--ink)" strokeWidth="1.3" />
    </svg>
  );
}

function MandrelCells({
  data,
  change,
}: {
  data: MandrelData;
  change: (patch: Partial<MandrelData>, tag: string) => void;
}) {
  const pixelsPerMm = usePixelsPerMm();
  return (
    <>
      <td style={{ width: 60 }}>
        <RodEnd diameter={data.diameterMm * pixelsPerMm} />
      </td>
      <NameCell name={data.name} onChange={(name) => change({ name }, "name")} />
      <td>
        <select
          className="word-select"
          aria-label="What it is"
          value={data.kind}
          onChange={(event) => change({ kind: event.target.value as MandrelData["kind"] }, "kind")}
        >
          {KINDS.map(([kind, name]) => (
            <option key={kind} value={kind}>
              {name}
            </option>
          ))}
        </select>
      </td>
      <td>
        <NumberInput
          label={`Diameter of ${data.name}`}
          value={data.diameterMm}
          onChange={(diameterMm) => change({ diameterMm }, "diameter")}
        />
      </td>
      <td>
        <NumberInput
          label={`Usable length of ${data.name}`}
          decimals={0}
          step={5}
          value={data.usableLengthMm}
          onChange={(usableLengthMm) => change({ usableLengthMm }, "usable length")}
        />
      </td>
    </>
  );
}
