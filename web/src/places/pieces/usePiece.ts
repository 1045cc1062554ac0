import { call, Problem } from "../../api/client";
import { useMandrels } from "../../api/queries";
import type { PieceAnswer, PieceEdit, PieceJobData } from "../../api/types";
import { useSolving } from "../../shared/kernel/useSolving";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";

/** Insides that are asked for on the maker's own rods, so that cures are of rings that can be wound. */
const MOST_INSIDES = 40;

/** With fewer rods than these the usual ones are tried: a shelf just begun tells little. */
const FEW = 5;

/** The piece as it stands, worked out whole. */
export function usePiece(data: PieceJobData) {
  const rods = useMandrels().data ?? [];
  const insides = [...new Set(rods.map((rod) => rod.data.diameterMm))].sort((a, b) => a - b);
  const { line, metal, temper, body, sparePercent } = data;
  const question = {
    line,
    metal,
    temper,
    body,
    sparePercent,
    ringInsidesMm: insides.length < FEW ? null : insides.slice(0, MOST_INSIDES),
    drawn: true,
  };
  const asked = useSolving({
    queryKey: ["piece", question],
    queryFn: ({ signal }) => call<PieceAnswer>("POST", "/api/pieces/solve", question, signal),
  });
  return { piece: asked.data, problem: asked.problem, stale: asked.stale };
}

/** Asks the core for the line after one change; null, said why, where it refuses. */
export async function edited(line: string, edit: PieceEdit): Promise<string | null> {
  try {
    const { line: changed } = await call<{ line: string }>("POST", "/api/pieces/edit", { line, ...edit });
    return changed;
  } catch (failure) {
    if (failure instanceof Problem) {
      say(failureWords(failure, ""));
      return null;
    }
    say(failureWords(failure, "The server is not answering; nothing was changed."));
    return null;
  }
}
