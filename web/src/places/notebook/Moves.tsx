import { useRunNames } from "../../api/queries";
import type { StockMove } from "../../api/types";
import { useSomeMoves } from "../../shared/kernel/useSomeMoves";
import { MOVED } from "../../shared/words/stockWords";
import { day, wireLength, type Units } from "../../quantity/format";

/** What came on to a spool and went off it: what is left is their sum. */
export function Moves({ spoolId, units }: { spoolId: string; units: Units }) {
  const { moves, earlier } = useSomeMoves(spoolId);
  const names = useRunNames(moves.map((move) => move.runId)).data;
  const nameOf = (move: StockMove) => (move.runId && names?.[move.runId]) ?? "a run";
  if (moves.length === 0) {
    return null;
  }
  return (
    <section className="mt-10 max-w-3xl" aria-label="Wire on and off">
      <h2 className="text-xl font-bold">Wire on and off</h2>
      <table className="ruled mt-2">
        <tbody>
          {moves.map((move) => (
            <tr key={move.id}>
              <td>{day(move.movedAt)}</td>
              <td>{move.why === "USED" ? nameOf(move) : MOVED[move.why]}</td>
              <td className="figures text-right font-bold">
                {move.amount < 0 ? "−" : "+"}
                {wireLength(Math.abs(move.amount), units)}
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
