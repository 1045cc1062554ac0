import { useState } from "react";
import { Link } from "react-router";
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed } from "../../api/queries";
import type { LotData, RingFacts } from "../../api/types";
import { blankLot } from "../../shared/kernel/newLot";
import { plain } from "../../quantity/format";
import { failureWords } from "../../shared/words/refused";

/** Which of a lot's cuts a job's cut is. */
const CUTS: Record<string, string> = { saw: "saw", flush: "flush" };

/** So many rings as made, as a lot. */
function lotOf({ job, sizes }: RingFacts, count: number): LotData {
  const facts = {
    metal: job.metal,
    temper: job.temper.toLowerCase().replace("_", "-"),
    wire: job.wireDiameterMm,
    inside: sizes.closedInnerMm,
    turns: job.turnsPerRing,
    cut: CUTS[job.cut.method] ?? "pinch",
    from: "wound",
  };
  return blankLot("rings", `${job.name}, left over`, facts, count);
}

/** Keeps them once, however often it is pressed. */
function useLeft(facts: RingFacts) {
  const [id] = useState(() => newId());
  const [told, setTold] = useState<string | null>(null);
  const [kept, setKept] = useState<number | null>(null);
  const keep = async (typed: string) => {
    const count = Number(typed);
    if (!Number.isInteger(count) || count < 1) {
      setTold(`"${typed}" is no number of rings. Nothing was kept.`);
      return;
    }
    try {
      await call("PUT", `/api/lots/${id}`, { version: null, data: lotOf(facts, count) });
      setKept(count);
      changed("lots");
    } catch (failure) {
      setTold(failureWords(failure, "The server is not answering; nothing was kept."));
    }
  };
  return { id, told, kept, keep };
}

/** Rings made and not used go to the shelf as a lot of their own. */
export function RingsLeft({ facts }: { facts: RingFacts }) {
  const { id, told, kept, keep } = useLeft(facts);
  const [typed, setTyped] = useState("");
  if (kept !== null) {
    return (
      <p className="what mt-3" role="status">
        {plain(kept)} are on the shelf: <Link to={`/stock/lot/${id}`}>their lot and its label</Link>
      </p>
    );
  }
  return (
    <form
      className="sentence mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep(typed);
      }}
    >
      <label>
        left over{" "}
        <input
          className="plain-input w-20 text-right"
          aria-label="Rings left over"
          inputMode="numeric"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />{" "}
        rings
      </label>
      <button className="quiet">put them on the shelf</button>
      {told && (
        <span className="basis-full care" role="status">
          {told}
        </span>
      )}
    </form>
  );
}
