import { useBench, usePreferences, useRunNames } from "../../api/queries";
import type { StockKindView, StockMove } from "../../api/types";
import { day } from "../../quantity/format";
import { useSomeMoves } from "../../shared/kernel/useSomeMoves";
import { MOVED, movedText } from "../../shared/words/stockWords";
import { takeBack } from "./lotWrites";

/** What came and went: what is there is their sum. What was done by hand can be taken back. */
export function LotMoves({ lot, kind }: { lot: string; kind: StockKindView }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { moves, earlier } = useSomeMoves(lot);
  const names = useRunNames(moves.map((move) => move.runId)).data;
  const jobs = useBench().data ?? [];
  const madeIn = (move: StockMove) => (move.runId ? names?.[move.runId] : undefined);
  const words = (move: StockMove) =>
    move.why === "USED"
      ? (madeIn(move) ?? MOVED.USED)
      : [
          MOVED[move.why],
          move.note,
          move.runId ? madeIn(move) : jobs.find((job) => job.jobId === move.jobId)?.name,
        ]
          .filter(Boolean)
          .join(", ");
  const byHand = (move: StockMove) => !move.undone && move.byHand;
  if (moves.length === 0) {
    return null;
  }
  return (
    <section aria-label="Came and went" className="lot-moves">
      <h2>came and went</h2>
      <table className="ruled">
        <tbody>
          {moves.map((move) => (
            <tr key={move.id} className={move.undone ? "is-undone" : undefined}>
              <td className="small">{day(move.movedAt)}</td>
              <td>{words(move)}</td>
              <td className="figures right font-bold whitespace-nowrap">
                {movedText(kind.measure, move.amount, units)}
              </td>
              <td className="right">
                {byHand(move) && (
                  <button
                    className="quiet small no-print"
                    aria-label={`Take back: ${words(move)}, ${movedText(kind.measure, move.amount, units)}`}
                    onClick={() => void takeBack(move.id)}
                  >
                    take back
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {earlier && (
        <button className="quiet no-print" onClick={earlier}>
          earlier ones
        </button>
      )}
    </section>
  );
}
