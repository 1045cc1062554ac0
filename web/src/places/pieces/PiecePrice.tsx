import { useState } from "react";
import { fetchFile } from "../../api/client";
import { useMetals, usePreferences } from "../../api/queries";
import type { Choices, Kept, PieceAnswer, PieceJobData, PriceView, Rates } from "../../api/types";
import { many, mass, minutesText, plain, sizeText, type Units } from "../../quantity/format";
import { saveFile } from "../../shared/kernel/takeAway";
import { useEditor } from "../../shared/kernel/useEditor";
import { NumberInput } from "../../shared/shell/NumberInput";
import { boughtWords } from "../../shared/words/pieceWords";
import { priceQuestion, usePrice } from "./usePrice";

interface Props {
  data: PieceJobData;
  piece: PieceAnswer;
  units: Units;
}

/** What is asked for it, what drives that, and the rates it is reckoned with. */
export function PiecePrice({ data, piece, units }: Props) {
  const [copies, setCopies] = useState(1);
  const price = usePrice(data, copies).data;
  if (!price) {
    return null;
  }
  const quote = () =>
    saveFile(`${data.name} quote`, "pdf", () =>
      fetchFile("/api/pieces/quote", { name: data.name || null, ...priceQuestion(data, copies) }),
    );
  return (
    <section className="piece-price" aria-label="Price">
      <p className="price-each">
        <strong className="figures" data-testid="price-each">
          {price.each.toFixed(2)}
        </strong>{" "}
        <span className="soft">{piece.pair ? "a pair" : "each"}, of </span>
        <NumberInput
          label="Copies in the batch"
          kind="number"
          decimals={0}
          step={1}
          minimum={1}
          value={copies}
          onChange={(to) => setCopies(Math.max(1, Math.round(to)))}
          className="inline-number"
        />
        {copies > 1 && <span className="soft"> {price.price.toFixed(2)} in all</span>}
      </p>
      {price.missing > 0 && (
        <p className="care small">
          {many(price.missing, "thing")} without a price on the shelf: it is at least this.
        </p>
      )}
      <Lines {...{ price, piece, units }} />
      <Sums price={price} />
      <RatesOf />
      <button className="quiet no-print" onClick={() => void quote()}>
        quote sheet (PDF)
      </button>
    </section>
  );
}

type Line = PriceView["lines"][number];

/** What costs, the dearest first, each as long as its share. */
function Lines({ price, piece, units }: { price: PriceView } & Omit<Props, "data">) {
  const metals = useMetals().data ?? [];
  const most = Math.max(...price.lines.map((line) => line.cost ?? 0), 1e-9);
  const words = (line: Line): string => {
    if (line.kind === "HANDS") {
      return `hands, about ${minutesText(line.amount)}`;
    }
    if (line.kind === "SOLDER") {
      return `solder, about ${mass(line.amount)}`;
    }
    if (line.kind === "CONSUMABLES") {
      return "flux, pickle and the like";
    }
    if (line.kind === "RINGS") {
      const rings = piece.rings[line.at];
      return rings
        ? `${plain(line.amount)} rings, ${sizeText(rings.innerDiameterMm, units)} inside`
        : "ready rings";
    }
    if (line.kind === "WIRE") {
      const wire = piece.wires[line.at];
      return wire
        ? `${sizeText(wire.diameterMm, units)} ${metals.find((one) => one.id === wire.metal)?.name ?? wire.metal}`
        : "wire";
    }
    const bought = piece.bought[line.at];
    return bought ? boughtWords({ ...bought, amount: line.amount }, units) : "bought ready";
  };
  return (
    <ul className="price-lines">
      {price.lines.map((line) => (
        <li key={`${line.kind} ${line.at}`}>
          <span>{words(line)}</span>
          <span className="figures">{line.cost === null ? "no price" : line.cost.toFixed(2)}</span>
          {line.cost !== null && (
            <span className="price-bar" style={{ width: `${(100 * line.cost) / most}%` }} />
          )}
        </li>
      ))}
    </ul>
  );
}

/** From what it costs to what is asked. */
function Sums({ price }: { price: PriceView }) {
  const rows: [string, number][] = [
    ["overhead", price.overhead],
    ["costs", price.cost],
    ["margin", price.margin],
    ["tax", price.tax],
  ];
  return (
    <dl className="price-sums">
      {rows
        .filter(([name, value]) => value > 0 || name === "costs")
        .map(([name, value]) => (
          <div key={name}>
            <dt className="soft">{name}</dt>
            <dd className="figures">{value.toFixed(2)}</dd>
          </div>
        ))}
    </dl>
  );
}

const RATES: readonly [keyof Rates, string, string][] = [
  ["perHour", "an hour of hands", ""],
  ["consumablesEach", "used up on each", ""],
  ["overheadPercent", "overhead", "%"],
  ["marginPercent", "margin, of what is asked", "%"],
  ["taxPercent", "tax", "%"],
];

/** The workshop's rates, the same for every piece; changed here, they are kept. */
function RatesOf() {
  const kept = usePreferences().data;
  return kept?.data.rates ? <RateFields kept={kept} /> : null;
}

function RateFields({ kept }: { kept: Kept<Choices> }) {
  const { editor, data } = useEditor("preferences", kept);
  const rates = data.rates!;
  return (
    <div className="price-rates no-print">
      {RATES.map(([id, word, unit]) => (
        <label key={id}>
          <span className="soft small">{word}</span>
          <NumberInput
            label={word}
            kind="number"
            unit={unit}
            decimals={unit === "" ? 2 : 1}
            step={1}
            value={rates[id] ?? 0}
            onChange={(to) => editor.change({ rates: { ...rates, [id]: to } }, word)}
          />
        </label>
      ))}
    </div>
  );
}
