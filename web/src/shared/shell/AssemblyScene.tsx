import { useMemo } from "react";
import type { PatchView } from "../../api/types";
import { there } from "../../drawing/patch";
import { lettersOf } from "../words/assemblyWords";
import { PatchScene } from "./PatchScene";

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
  patch: Pick<PatchView, "preClosed" | "steps" | "colours">;
  rings: Float32Array;
  /** Steps done; the last of them is the ring in hand. */
  done: number;
  fitKey: string;
  /** Whether the ring in hand is shown open, and by its letters what it goes through. */
  inHand?: boolean;
  className?: string;
}

const CLOSE_UP_FROM = 30;

/** A patch as far as it is: the ring in hand open, in the mark's colour; those it goes through bright, the rest dimmed. */
export function AssemblyScene({ made, patch, rings, done, fitKey, inHand = true, className = "" }: Props) {
  // before the first step, what is closed beforehand
  const which = useMemo(() => (done === 0 ? [...patch.preClosed] : there(patch.steps, done)), [patch, done]);
  const step = inHand ? patch.steps[done - 1] : undefined;
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
    return patch.colours.length > CLOSE_UP_FROM
      ? [step.ring, ...step.through, ...step.pickUp, ...step.over]
      : null;
  }, [step, which, patch]);
  return (
    <PatchScene
      className={className}
      name={`${made.name}, put together as far as ${which.length} of ${patch.colours.length} rings`}
      rings={rings}
      which={which}
      colours={patch.colours}
      palette={made.palette}
      wireMm={made.wireMm}
      wires={made.wires}
      fitKey={`${fitKey} ${patch.colours.length}`}
      open={step && !step.closed ? { ring: step.ring, angle: step.openingAngle } : null}
      chosen={chosen}
      linked={held}
      tags={tags}
      focus={focus}
    />
  );
}
