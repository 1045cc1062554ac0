import { useCutters } from "../../api/queries";
import type { CutterData } from "../../api/types";
import { NumberInput } from "../../shared/shell/NumberInput";
import { addKept, KeptRow, NameCell } from "./rows";
import { Sideways } from "../../shared/shell/Sideways";

const NEW_BLADE: CutterData = { name: "New blade", method: "SAW", lossMm: 0.3, flipped: true, note: "" };

export function CutterTable() {
  const cutters = useCutters().data ?? [];
  return (
    <section className="mt-10" aria-label="What rings are cut with">
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl font-bold">What rings are cut with</h2>
        <button className="quiet" onClick={() => void addKept("cutters", NEW_BLADE)}>
          add a blade or cutters
        </button>
      </div>
      {cutters.length === 0 ? (
        <p className="soft">
          Nothing yet. A saw's kerf decides how much smaller the closed ring is; measure a cut in scrap.
        </p>
      ) : (
        <Sideways name="Table of blades and cutters">
          {" "}
          <table className="ruled">
            <thead>
              <tr>
                <th scope="col">name</th>
                <th scope="col">how</th>
                <th scope="col">kerf, or trim between rings</th>
                <th scope="col">both ends flush</th>
                <th scope="col">
                  <span className="sr-only">Row</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {cutters.map((cutter) => (
                <KeptRow
                  key={cutter.id}
                  nameOf={(data) => data.name}
                  path="cutters"
                  kept={cutter}
                  cells={(data, change) => <CutterCells data={data} change={change} />}
                />
              ))}
            </tbody>
          </table>
        </Sideways>
      )}
    </section>
  );
}

function CutterCells({
  data,
  change,
}: {
  data: CutterData;
  change: (patch: Partial<CutterData>, tag: string) => void;
}) {
  return (
    <>
      <NameCell name={data.name} onChange={(name) => change({ name }, "name")} />
      <td>
        <select
          className="word-select"
          aria-label="How it cuts"
          value={data.method}
          onChange={(event) => change({ method: event.target.value as CutterData["method"] }, "how it cuts")}
        >
          <option value="SAW">saw or disc</option>
          <option value="FLUSH">flush cutters</option>
        </select>
      </td>
      <td>
        <NumberInput
          label={`Loss of ${data.name}`}
          value={data.lossMm}
          step={0.01}
          onChange={(lossMm) => change({ lossMm }, "loss")}
        />
      </td>
      <td>
        {data.method === "SAW" ? (
          <span className="soft">always</span>
        ) : (
          <label className="inline-flex min-h-[44px] items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={data.flipped}
              onChange={(event) => change({ flipped: event.target.checked }, "flipping")}
            />
            flipped before each ring
          </label>
        )}
      </td>
    </>
  );
}
