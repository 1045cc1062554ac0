import { useState } from "react";
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed, useMetalPrices, useMetals, usePreferences, usePricesInForce } from "../../api/queries";
import type { MetalPriceData, PriceListLook } from "../../api/types";
import { many } from "../../quantity/format";
import { say } from "../../shared/kernel/says";
import { NumberInput } from "../../shared/shell/NumberInput";
import { Sideways } from "../../shared/shell/Sideways";
import { failureWords, refusalWords } from "../../shared/words/refused";
import { addKept, KeptRow } from "./rows";
import { TableSum } from "./TableSum";

const today = () => new Date().toISOString().slice(0, 10);

/** What a gram of each metal cost on which day, as the maker was told: wire without a price of its own is reckoned by it. */
export function MetalPriceList() {
  const prices = [...(useMetalPrices().data ?? [])].sort(
    (a, b) => b.data.day.localeCompare(a.data.day) || a.data.metal.localeCompare(b.data.metal),
  );
  const inForce = new Set((usePricesInForce().data ?? []).map((one) => one.id));
  const fresh = (): MetalPriceData => ({
    metal: prices[0]?.data.metal ?? "sterling-silver",
    day: today(),
    perGram: prices[0]?.data.perGram ?? 1,
    note: "",
  });
  return (
    <section className="mt-10" aria-label="Metal prices">
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl font-bold">Metal prices</h2>
        <button className="quiet" onClick={() => void addKept("metal-prices", fresh())}>
          add a price
        </button>
      </div>
      <p className="soft max-w-[62ch]">
        In your own money, as your dealer told it; nothing is fetched. Wire that has no price of its own costs
        what it weighs, at the latest price of its metal: those stand bold.
      </p>
      {prices.length > 0 && (
        <Sideways name="Table of metal prices">
          <table className="ruled metal-prices">
            <thead>
              <tr>
                <th scope="col">day</th>
                <th scope="col">metal</th>
                <th scope="col">a gram</th>
                <th scope="col">
                  <span className="sr-only">Row</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {prices.map((price) => (
                <KeptRow
                  key={price.id}
                  nameOf={(data) => `${data.metal} of ${data.day}`}
                  path="metal-prices"
                  kept={price}
                  cells={(data, change) => (
                    <PriceCells data={data} change={change} inForce={inForce.has(price.id)} />
                  )}
                />
              ))}
            </tbody>
          </table>
        </Sideways>
      )}
      <FromTable />
    </section>
  );
}

interface CellsProps {
  data: MetalPriceData;
  change: (patch: Partial<MetalPriceData>, tag: string) => void;
  inForce: boolean;
}

function PriceCells({ data, change, inForce }: CellsProps) {
  const metals = useMetals().data ?? [];
  return (
    <>
      <td>
        <input
          type="date"
          className="plain-input figures"
          aria-label="Day"
          value={data.day}
          onChange={(event) => event.target.value !== "" && change({ day: event.target.value }, "day")}
        />
      </td>
      <td>
        <select
          className="word-select"
          aria-label="Metal"
          value={data.metal}
          onChange={(event) => change({ metal: event.target.value }, "metal")}
        >
          {metals.map((metal) => (
            <option key={metal.id} value={metal.id}>
              {metal.name}
            </option>
          ))}
        </select>
      </td>
      <td className={inForce ? "font-bold" : "soft"}>
        <NumberInput
          label={`A gram of ${data.metal} on ${data.day}`}
          kind="number"
          decimals={3}
          step={0.01}
          minimum={0}
          value={data.perGram}
          onChange={(perGram) => change({ perGram }, "price")}
        />
      </td>
    </>
  );
}

/** A list pasted or from a file, looked at before anything is written. */
function FromTable() {
  const [text, setText] = useState("");
  const [look, setLook] = useState<PriceListLook | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const see = async (typed: string) => {
    setText(typed);
    setTold(null);
    try {
      setLook(typed.trim() === "" ? null : await call("POST", "/api/metal-prices/look", { text: typed }));
    } catch (failure) {
      setLook(null);
      setTold(failureWords(failure, "The server is not answering; nothing was taken in."));
    }
  };
  const take = async () => {
    try {
      const taken = await call<PriceListLook>("POST", "/api/metal-prices", { id: newId(), text });
      changed("metal-prices", "lots");
      say(`${many(taken.added, "price")} added, ${taken.changed} changed.`);
      setText("");
      setLook(null);
    } catch (failure) {
      setTold(failureWords(failure, "The server is not answering; try again, it is never taken in twice."));
    }
  };
  return (
    <details className="price-list-in">
      <summary>from a table</summary>
      <p className="small soft">A row a price: day, metal, a gram. Paste it here, or choose a file (CSV).</p>
      <textarea
        className="plain-input figures w-full"
        rows={5}
        aria-label="Price list"
        placeholder={`${today()}; sterling silver; 0.95`}
        value={text}
        onChange={(event) => void see(event.target.value)}
      />
      <label className="quiet file-choice">
        choose a file
        <input
          type="file"
          accept=".csv,text/csv,text/plain"
          aria-label="Choose a price list"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            void file?.text().then(see);
          }}
        />
      </label>
      {told && (
        <p className="care" role="status">
          {told}
        </p>
      )}
      {look && <Looked look={look} onTake={() => void take()} />}
    </details>
  );
}

function Looked({ look, onTake }: { look: PriceListLook; onTake: () => void }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const metals = useMetals().data ?? [];
  return (
    <section aria-label="What it would change">
      <TableSum {...look} />
      <ul>
        {look.rows
          .filter((row) => row.becomes !== "ALIKE")
          .map((row) => (
            <li key={row.line} className="small">
              {row.refusal ? (
                <span className="care">
                  row {row.line}: {refusalWords(row.refusal, {}, units)}
                </span>
              ) : (
                row.price && (
                  <>
                    {row.price.day}: {metals.find((one) => one.id === row.price!.metal)?.name}{" "}
                    {row.before !== null && `${row.before} → `}
                    <strong className="figures">{row.price.perGram}</strong>
                  </>
                )
              )}
            </li>
          ))}
      </ul>
      {look.refused === 0 && look.added + look.changed > 0 && (
        <button className="action" onClick={onTake}>
          take it in
        </button>
      )}
    </section>
  );
}
