import { useMetals, usePreferences } from "../../api/queries";
import type { PieceAnswer, PieceJobData } from "../../api/types";
import { mass, minutesText, sizeText, wireLength, type Units } from "../../quantity/format";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { pieceAsked, type PieceAsked } from "../../shared/kernel/pieceQuestion";
import { useKeptChoice } from "../../shared/kernel/keptChoice";
import { usePiece } from "./usePiece";
import { usePrice } from "./usePrice";
import { isAtTheEar } from "../../shared/words/pieceWords";

type Kept = PieceAsked;

/** So many are seen at a glance. */
const MOST = 3;

interface Props {
  id: string;
  data: PieceJobData;
  piece: PieceAnswer;
  onTake: (kept: Kept) => void;
}

/** Variants of the piece side by side: as it is now, and as it was when it was set beside. */
export function SetBeside({ id, data, piece, onTake }: Props) {
  const [{ beside }, keep] = useKeptChoice<{ beside: readonly Kept[] }>(`variants.${id}`, { beside: [] });
  const setBeside = (next: readonly Kept[]) => keep({ beside: next }, "variants");
  const now: Kept = pieceAsked(data);
  const there = beside.some((one) => same(one, now));
  return (
    <section className="set-beside" aria-label="Variants">
      <p className="small">
        <button className="quiet small" onClick={() => !there && setBeside([...beside, now].slice(-MOST))}>
          set this beside
        </button>{" "}
        <span className="soft">
          {beside.length === 0
            ? "then change it: another wire, metal or size; both are shown here."
            : there
              ? "Change the piece: another wire, metal or size."
              : ""}
        </span>
      </p>
      {beside.length > 0 && (
        <ul className="variants">
          <li data-now="true">
            <Variant kept={now} piece={piece} title="now" />
          </li>
          {beside
            .filter((one) => !same(one, now))
            .map((one, i) => (
              <li key={`${one.metal} ${one.line}`}>
                <WorkedOut kept={one} title={`beside, ${i + 1}`} />
                <span className="variant-acts">
                  <button className="quiet small" onClick={() => onTake(one)}>
                    take this one
                  </button>
                  <button
                    className="quiet small"
                    onClick={() => setBeside(beside.filter((other) => other !== one))}
                  >
                    put away
                  </button>
                </span>
              </li>
            ))}
        </ul>
      )}
    </section>
  );
}

/** Also of one set beside before finishes were asked. */
const same = (one: Kept, other: Kept) =>
  JSON.stringify(pieceAsked(one)) === JSON.stringify(pieceAsked(other));

function WorkedOut({ kept, title }: { kept: Kept; title: string }) {
  const { piece } = usePiece({ ...kept, name: "", note: "" } as PieceJobData);
  return piece ? <Variant kept={kept} piece={piece} title={title} /> : null;
}

const WAYS = ["round", "along"] as const;
const HUNG = ["down"] as const;

/** One of them: its picture, and the figures by which they are told apart. */
function Variant({ kept, piece, title }: { kept: Kept; piece: PieceAnswer; title: string }) {
  const units: Units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const metal = useMetals().data?.find((one) => one.id === kept.metal)?.name ?? kept.metal;
  const price = usePrice(kept, 1).data;
  const hangs = kept.body === null || isAtTheEar(kept.body.part);
  const figures: [string, string][] = [
    [hangs ? "hangs" : "long", sizeText(hangs ? piece.hangsMm : piece.finishedLengthMm, units, 1)],
    ["weighs", mass(piece.weightG)],
    ...piece.wires.map((wire): [string, string] => [
      `${sizeText(wire.diameterMm, units)} wire`,
      wireLength(wire.lengthMm, units),
    ]),
    ["takes", `about ${minutesText(piece.minutes)}`],
    ["gives at", piece.weakest ? `${piece.weakest.staysOpenN.toFixed(1)} N` : "—"],
    ["its wire costs", piece.wireCost === null ? "price not known" : piece.wireCost.toFixed(2)],
    ["asked for one", price ? `${price.missing > 0 ? "from " : ""}${price.each.toFixed(2)}` : "…"],
  ];
  return (
    <>
      <span className="variant-picture">
        {piece.drawing && (
          <PiecePicture drawing={piece.drawing} ways={hangs ? HUNG : WAYS} aside={hangs} metal={kept.metal} />
        )}
      </span>
      <span className="strong">
        {title} <span className="soft">{metal}</span>
      </span>
      <dl>
        {figures.map(([name, value]) => (
          <div key={name}>
            <dt className="soft">{name}</dt>
            <dd className="figures">{value}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
