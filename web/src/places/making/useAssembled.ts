import { useMemo } from "react";
import { useShown } from "../../api/queries";
import type { PieceInMaking, WovenInMaking } from "../../api/inMaking";
import type { CompositionAnswer, Kept, PatchView, RingsHandled, RunData } from "../../api/types";
import { useLaid, useRunPatch } from "../../shared/kernel/weavePatch";
import { madeOf } from "../../shared/shell/made";
import type { Made } from "../../shared/shell/AssemblyScene";

/** What is put together ring by ring, and where each ring lies. */
export interface Assembled {
  patch: Pick<PatchView, "preClosed" | "steps" | "colours">;
  rings: Float32Array;
  made: Made;
}

/**
 * A weave or a medallion as it was frozen with its run; a weave in the pose its rings take.
 *
 * @param of the woven part, where it is a piece's
 */
export function useAssembled({ id, data }: Kept<RunData>, of?: RingsHandled["of"]) {
  const job = data.kind === "weave" ? data.facts.job : null;
  const { patch, poses, problem } = useRunPatch(id, job);
  const laid = useLaid(patch, poses, null);
  const asStar = useShown<CompositionAnswer>(id, data.kind === "medallion").data;
  const star = data.kind === "medallion" ? asStar : undefined;
  const ofPiece = useShown<PieceInMaking>(id, data.kind === "piece" && !!of).data;
  const woven = of ? ofPiece?.woven[of.part] : undefined;
  const metal = data.kind === "piece" ? data.facts.job.metal : "copper";
  const assembled = useMemo<Assembled | null>(() => {
    if (of) {
      return woven ? part(woven, of.what, metal) : null;
    }
    if (job) {
      return patch && laid ? { patch, rings: laid, made: madeOf(job) } : null;
    }
    return star ? medallion(star, data.name) : null;
  }, [job, patch, laid, star, data.name, of, woven, metal]);
  return { assembled, problem, whole: patch };
}

function part(woven: WovenInMaking, name: string, metal: string): Assembled {
  const colours = woven.wiresMm.map(() => 0);
  return {
    patch: { preClosed: woven.preClosed, steps: woven.steps, colours },
    rings: Float32Array.from(woven.rings),
    made: { name, palette: [metal], wireMm: Math.min(...woven.wiresMm), wires: woven.wiresMm },
  };
}

function medallion(star: CompositionAnswer, name: string): Assembled {
  return {
    patch: { preClosed: star.closedBefore, steps: star.steps, colours: star.colours },
    rings: Float32Array.from(star.rings),
    made: { name, palette: star.palette, wireMm: Math.min(...star.ringWireMm), wires: star.ringWireMm },
  };
}
