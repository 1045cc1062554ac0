import { Link, useNavigate } from "react-router";
import { useLots, usePreferences, useStandings } from "../../api/queries";
import type { Kept, LotData, Standing, StockKindView } from "../../api/types";
import { plain } from "../../quantity/format";
import { amountText, factsLine, kindWord } from "../../shared/words/stockWords";
import { addLot } from "./lotWrites";
import { LotPicture } from "./LotPicture";

/** The lots of one kind: what each is at true size, and how much of it there is. */
export function LotShelf({ kind }: { kind: StockKindView }) {
  const navigate = useNavigate();
  const lots = (useLots().data ?? []).filter((lot) => lot.data.kind === kind.id);
  const standings = new Map((useStandings().data ?? []).map((one) => [one.lot, one]));
  const most = Math.max(1, ...lots.map((lot) => lot.data.left ?? 0));
  const add = async () => {
    const id = await addLot(kind);
    if (id) {
      await navigate(`/stock/lot/${id}`);
    }
  };
  return (
    <section className="mt-5" aria-label={kindWord(kind.id)}>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl font-bold first-letter:uppercase">{kindWord(kind.id)}</h2>
        <button className="quiet" onClick={() => void add()}>
          add a lot
        </button>
      </div>
      {lots.length === 0 && <p className="soft">None on the shelf yet.</p>}
      <ul className="lot-rows">
        {lots.map((lot) => (
          <LotRow key={lot.id} {...{ lot, kind, most }} standing={standings.get(lot.id)} />
        ))}
      </ul>
    </section>
  );
}

interface RowProps {
  lot: Kept<LotData>;
  kind: StockKindView;
  standing: Standing | undefined;
  most: number;
}

function LotRow({ lot, kind, standing, most }: RowProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { data } = lot;
  const level = standing?.level ?? null;
  const putBy = level !== null && level.reserved > 0;
  return (
    <li>
      <Link to={`/stock/lot/${lot.id}`} className="lot-row">
        <LotPicture kind={kind.id} facts={data.facts} />
        <span className="lot-what">
          <span className="lot-name">{data.name}</span>
          <span className="soft small">{factsLine(kind, data.facts, units)}</span>
          {data.place && <span className="soft small">lies: {data.place}</span>}
        </span>
        {!kind.tool && (
          <span className="lot-much">
            <span className="figures lot-amount">
              {data.left === null ? "not counted" : amountText(kind.measure, data.left, units)}
            </span>
            <span
              className={`lot-bar ${level?.low ? "is-low" : ""}`}
              style={{ width: `${(100 * (data.left ?? 0)) / most}%` }}
            />
            <span className="small soft">
              {putBy && `${amountText(kind.measure, level.reserved, units)} put by`}
              {putBy && standing?.worth !== null && " · "}
              {standing?.worth != null && `worth ${standing.worth.toFixed(2)}`}
            </span>
            <LotCare data={data} standing={standing} />
          </span>
        )}
        {kind.tool && data.left !== null && data.left > 1 && (
          <span className="lot-much figures lot-amount">{plain(data.left, 0)}</span>
        )}
      </Link>
    </li>
  );
}

/** What is to be seen to: running low, more taken than there was, past its day. */
export function LotCare({ data, standing }: { data: LotData; standing: Standing | undefined }) {
  const today = new Date().toLocaleDateString("sv-SE");
  const past = data.useBy !== null && data.useBy < today;
  const level = standing?.level;
  return (
    <>
      {level?.low && <span className="low-mark">low: buy more</span>}
      {level != null && level.overdrawn > 0 && (
        <span className="care">more was taken than there was: count it</span>
      )}
      {past && <span className="care">to be used by {data.useBy}: past</span>}
    </>
  );
}
