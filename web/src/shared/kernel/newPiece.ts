/** Starting a piece: from a starter, from the bench line, from one part. */
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed } from "../../api/queries";
import type { BodyView, Choices, PieceJobData, Starter } from "../../api/types";

/** A piece as the maker's preferences would have it; its body of a usual size until it is measured. */
export function blankPiece(
  piece: Pick<Starter, "name" | "line" | "metal" | "body">,
  choices: Choices,
  bodies: readonly BodyView[],
): PieceJobData {
  const body = bodies.find((one) => one.part === piece.body);
  return {
    name: piece.name,
    line: piece.line,
    spoolId: null,
    metal: piece.metal,
    temper: "HALF_HARD",
    body: body
      ? {
          part: body.part,
          girthMm: body.usualGirthMm,
          easeMm: (body.eases[1] ?? body.eases[0])?.easeMm ?? null,
        }
      : null,
    sparePercent: choices.sparePercent,
    note: "",
  };
}

export async function keepPiece(data: PieceJobData): Promise<string> {
  const id = newId();
  await call("PUT", `/api/jobs/piece/${id}`, { version: null, data });
  changed("jobs/piece", "bench");
  return id;
}
