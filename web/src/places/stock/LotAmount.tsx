import { useState, type ReactNode } from "react";
import { call } from "../../api/client";
import { usePreferences } from "../../api/queries";
import type { Kept, LotData, ScaleReading, Standing, StockKindView } from "../../api/types";
import { plain } from "../../quantity/format";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";
import { amountText, priceFor } from "../../shared/words/stockWords";
import { LotCare } from "./LotShelf";
import { PutBy } from "./PutBy";
import { cutOff, moveLot } from "./lotWrites";

interface Props {
  lot: Kept<LotData>;
  data: LotData;
  kind: StockKindView;
  standing: Standing | undefined;
}

type Way = "came in" | "came back" | "lost" | "count" | "weigh" | "offcut";

const WHAT = { "came in": "RECEIVED", "came back": "RETURNED", lost: "LOST", count: "COUNTED" } as const;

/** How much there is, the largest number of the page, and every way it changes by hand. */
export function LotAmount({ lot, data, kind, standing }: Props) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [way, setWay] = useState<Way | null>(null);
  const level = standing?.level ?? null;
  const ways: Way[] = ["came in", "came back", "lost", "count"];
  if (standing?.gramsPerUnit != null && kind.measure !== "MASS") {
    ways.push("weigh");
  }
  if (kind.id === "wire" && lot.data.left !== null) {
    ways.push("offcut");
  }
  return (
    <section aria-label="How much there is" className="lot-holds">
      <p className="lot-holds-much">
        <strong className="figures">
          {lot.data.left === null ? "not counted" : amountText(kind.measure, lot.data.left, units)}
        </strong>
      </p>
      {level !== null && level.reserved > 0 && <PutBy lot={lot.id} {...{ kind, level }} />}
      {standing?.worth != null && <p className="soft">worth {standing.worth.toFixed(2)}</p>}
      <LotCare data={data} standing={standing} />
      <div className="lot-ways no-print" role="group" aria-label="More or less of it">
        {ways.map((one) => (
          <button
            key={one}
            className="quiet"
            aria-pressed={way === one}
            onClick={() => setWay(way === one ? null : one)}
          >
            {one === "offcut" ? "make an offcut a lot" : one}
          </button>
        ))}
      </div>
      {way && <OneWay key={way} {...{ way, lot, kind, standing }} onDone={() => setWay(null)} />}
    </section>
  );
}

interface WayProps {
  way: Way;
  lot: Kept<LotData>;
  kind: StockKindView;
  standing: Standing | undefined;
  onDone: () => void;
}

const ASKS: Record<Way, string> = {
  "came in": "so much came in",
  "came back": "so much came back",
  lost: "so much was lost or spoilt",
  count: "there is",
  weigh: "the scale says, with its spool or dish",
  offcut: "the offcut is long",
};

/** The unit an amount is typed in: metres off the spool, millimetres for what was cut. */
function typedIn(way: Way, kind: StockKindView): { unit: string; per: number } {
  if (way === "weigh" || kind.measure === "MASS") {
    return { unit: "g", per: 1 };
  }
  if (kind.measure === "PIECES") {
    return { unit: "", per: 1 };
  }
  return way === "offcut" ? { unit: "mm", per: 1 } : { unit: "m", per: 1000 };
}

/** What is typed for one way, and taking it: said where it cannot be, and nothing changed then. */
function useWay({ way, lot, kind, onDone }: WayProps, per: number) {
  const [typed, setTyped] = useState("");
  const [told, setTold] = useState<ReactNode>(null);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const done = async (number: number) => {
    if (way === "weigh") {
      const weighed = await call<ScaleReading>("POST", `/api/lots/${lot.id}/weigh`, { grossG: number });
      await moveLot(lot.id, "COUNTED", weighed.amount, "weighed");
      const [is, off] = [weighed.amount, Math.max(weighed.off, kind.measure === "PIECES" ? 1 : 0)].map(
        (one) => amountText(kind.measure, one, units),
      );
      say(`${plain(weighed.gramsPerUnit, 3)} g ${priceFor[kind.measure]}: ${is}, within ${off}.`);
    } else if (way === "offcut") {
      await cutOff(lot.id, number);
      say("The offcut is a lot of its own now. Print its label.");
    } else {
      await moveLot(lot.id, WHAT[way], number * per, way);
    }
  };
  const take = async () => {
    const number = Number(typed.replace(",", "."));
    if (typed.trim() === "" || !Number.isFinite(number)) {
      setTold(`"${typed}" is not a number. Nothing was changed.`);
      return;
    }
    try {
      await done(number);
      onDone();
    } catch (failure) {
      setTold(failureWords(failure, "The server is not answering; nothing was changed."));
    }
  };
  return { typed, setTyped, told, take };
}

function OneWay(props: WayProps) {
  const { way, lot, kind, standing } = props;
  const { unit, per } = typedIn(way, kind);
  const { typed, setTyped, told, take } = useWay(props, per);
  return (
    <form
      className="sentence lot-way"
      onSubmit={(event) => {
        event.preventDefault();
        void take();
      }}
    >
      <label>
        {ASKS[way]}{" "}
        <input
          className="plain-input w-24 text-right"
          aria-label={ASKS[way]}
          inputMode="decimal"
          autoFocus
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />{" "}
        {unit}
      </label>
      {way === "weigh" && (
        <span className="soft small">
          {standing?.gramsPerUnit != null &&
            `${priceFor[kind.measure]} weighs ${plain(standing.gramsPerUnit, 3)} g; `}
          tare {lot.data.tareG === null ? "not said, so 0 g" : `${plain(lot.data.tareG)} g`}
        </span>
      )}
      <button className="action">take it</button>
      {told && (
        <span className="basis-full care" role="status">
          {told}
        </span>
      )}
    </form>
  );
}
