import { call } from "../../api/client";
import type { PieceAnswer, PieceEdit, PieceJobData } from "../../api/types";
import { pieceAsked } from "../../shared/kernel/pieceQuestion";
import { useSolving } from "../../shared/kernel/useSolving";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";

/** The piece as it stands, worked out whole. */
export function usePiece(data: PieceJobData) {
  const question = { ...pieceAsked(data), drawn: true };
  const asked = useSolving({
    queryKey: ["piece", question],
    queryFn: ({ signal }) => call<PieceAnswer>("POST", "/api/pieces/solve", question, signal),
  });
  return { piece: asked.data, problem: asked.problem, stale: asked.stale };
}

/** A piece after a change, and where the part is that was changed; −1 where it is gone. */
export interface Edited {
  line: string;
  at: number;
}

/** Asks the core what the piece is after one change; null, said why, where it refuses. */
export async function edited(line: string, edit: PieceEdit): Promise<Edited | null> {
  try {
    return await call<Edited>("POST", "/api/pieces/edit", { line, ...edit });
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
    return null;
  }
}
