/** The order a piece is put together in, as the core told it. */
import type { PieceAnswer, PieceStep } from "../../api/types";

/** The steps that join something. */
export function joiningSteps(piece: Pick<PieceAnswer, "assemblyOrder">): PieceStep[] {
  return piece.assemblyOrder.filter((step) => step.joints.length > 0);
}

/** The parts that hang in something after so many of them. */
export function joinedAfter(
  piece: Pick<PieceAnswer, "assemblyOrder" | "joints">,
  steps: number,
): Set<number> {
  return new Set(
    joiningSteps(piece)
      .slice(0, steps)
      .flatMap((step) => step.joints.flatMap((at) => [piece.joints[at]!.a, piece.joints[at]!.b])),
  );
}
