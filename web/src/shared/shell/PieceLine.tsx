import type { PieceAnswer } from "../../api/types";
import { mass, many, sizeText, type Units } from "../../quantity/format";

/** What a piece typed in the bench line comes to. */
export function PieceLine({ answer, units }: { answer: PieceAnswer; units: Units }) {
  const rings = answer.rings.reduce((sum, ring) => sum + ring.count, 0);
  return (
    <>
      <p className="figures text-2xl font-extrabold">{sizeText(answer.finishedLengthMm, units, 1)}</p>
      <p>
        {many(answer.parts.length, "part")}
        {rings > 0 && `, ${many(rings, "ring")}`}, {mass(answer.weightG)}
        {answer.pair && ", each of a pair"}
      </p>
      {!answer.canBeMade && (
        <p className="care">One of its joints cannot be made so: take it to its board.</p>
      )}
      <p className="mt-2 small">
        <kbd>Enter</kbd> takes it to Pieces
      </p>
    </>
  );
}
