import { useMemo } from "react";
import type { PieceView } from "../../api/types";
import { there } from "../../drawing/piece";
import { lettersOf } from "../../shared/assemblyWords";
import { PieceScene } from "./PieceScene";

/** What is put together: its name, its colours, its wire. */
export interface Made {
  name: string;
  palette: readonly string[];
  wireMm: number;
  /** Wire of each ring, where they are not of one. */
  wires?: readonly number[];
}

interface Props {
  made: Made;
  piece: Pick<PieceView, "preClosed" | "steps" | "colours">;
  rings: Float32Array;
  /** Steps done; the last of them is the ring in hand. */
  done: number;
  fitKey: string;
  /** Whether the ring in hand is shown open, and by its letters what it goes through. */
  inHand?: boolean;
  className?: string;
}

const CLOSE_UP_FROM = 30;

/** A piece as far as it is: the ring in hand open, in the mark's colour; those it goes through bright, the rest dimmed. */
export function AssemblyScene({ made, piece, rings, done, fitKey, inHand = true, className = "" }: Props) {
  // before the first step, what is closed beforehand
  const which = useMemo(() => (done === 0 ? [...piece.preClosed] : there(piece.steps, done)), [piece, done]);
  const step = inHand ? piece.steps[done - 1] : undefined;
  const held = useMemo(() => new Set(step ? [...step.through, ...step.pickUp, ...step.over] : []), [step]);
  const chosen = useMemo(() => (step ? new Set([step.ring]) : null), [step]);
  const tags = useMemo(
    () => (step ? [...lettersOf(step)].map(([ring, text]) => ({ ring, text })) : []),
    [step],
  );
  const focus = useMemo(() => {
    if (!step) {
      return which;
    }
    return piece.colours.length > CLOSE_UP_FROM
      ? [step.ring, ...step.through, ...step.pickUp, ...step.over]
      : null;
  }, [step, which, piece]);
  return (
    <PieceScene
      className={className}
      name={`${made.name}, put together as far as ${which.length} of ${piece.colours.length} rings`}
      rings={rings}
      which={which}
      colours={piece.colours}
      palette={made.palette}
      wireMm={made.wireMm}
      wires={made.wires}
      fitKey={`${fitKey} ${piece.colours.length}`}
      open={step && !step.closed ? { ring: step.ring, angle: step.openingAngle } : null}
      chosen={chosen}
      linked={held}
      tags={tags}
      focus={focus}
    />
  );
}
