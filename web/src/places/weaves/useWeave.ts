import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import type { WeaveBends, WeaveEntry, WeaveJudged, WeavePose, WeaveSolved } from "../../api/types";

import { useKeptChoice, writeChoice } from "../../shared/kernel/keptChoice";
import { useSolving } from "../../shared/kernel/useSolving";
import type { WireOfJob } from "../../shared/shell/WireChoice";

/** The rings a weave is looked at in, and which weave. */
export interface WeaveChoice {
  weave: string;
  spoolId: string | null;
  metal: string;
  wireMm: number;
  /** One for each ring size of the weave. */
  innerMm: number[];
}

const KEPT = "toroid-weave";
const FIRST: WeaveChoice = { weave: "byzantine", spoolId: null, metal: "copper", wireMm: 1, innerMm: [3.8] };

/** What was looked at last. */
export function useWeaveChoice() {
  return useKeptChoice(KEPT, FIRST);
}

/** The wire of a choice, as the sentence asks for it. */
export function wireOf(choice: Pick<WeaveChoice, "spoolId" | "metal" | "wireMm">): WireOfJob {
  return {
    spoolId: choice.spoolId,
    metal: choice.metal,
    temper: null,
    wireDiameterMm: choice.wireMm,
  };
}

/** What was changed of it. */
export function chosenWire(
  patch: Partial<WireOfJob>,
): Partial<Pick<WeaveChoice, "spoolId" | "metal" | "wireMm">> {
  return {
    ...(patch.spoolId !== undefined && { spoolId: patch.spoolId }),
    ...(patch.metal !== undefined && { metal: patch.metal }),
    ...(patch.wireDiameterMm !== undefined && { wireMm: patch.wireDiameterMm }),
  };
}

/** Another choice, for whoever looks next. */
export function keepChoice(choice: WeaveChoice): void {
  writeChoice(KEPT, choice);
}

/** An inner diameter for each size of a weave: those chosen, the others in the weave's usual proportion. */
export function innerFor(weave: WeaveEntry, choice: Pick<WeaveChoice, "wireMm" | "innerMm">): number[] {
  const first = choice.innerMm[0]!;
  return weave.sizes.map(
    (size, i) =>
      choice.innerMm[i] ??
      Math.max(0.5, Number((size.usualRatio * (first + choice.wireMm) - choice.wireMm).toFixed(2))),
  );
}

function question(choice: WeaveChoice, innerMm: number[]) {
  return { wireDiameterMm: choice.wireMm, innerDiameterMm: innerMm, metal: choice.metal };
}

/** The weave solved for these rings, and its poses. The last good ones stay while new ones are worked out. */
export function useSolved(weave: WeaveEntry | undefined, choice: WeaveChoice, innerMm: number[]) {
  const body = question(choice, innerMm);
  const options = { enabled: weave !== undefined, gcTime: 60_000 };
  const judged = useSolving({
    queryKey: ["judged", weave?.id, body],
    queryFn: ({ signal }) => call<WeaveJudged>("POST", `/api/weaves/${weave!.id}/judge`, body, signal),
    ...options,
  });
  const solved = useSolving({
    queryKey: ["weave", weave?.id, body],
    queryFn: ({ signal }) => call<WeaveSolved>("POST", `/api/weaves/${weave!.id}/solve`, body, signal),
    ...options,
  });
  const poses = useSolving({
    queryKey: ["poses", weave?.id, body.wireDiameterMm, body.innerDiameterMm],
    queryFn: ({ signal }) => call<WeavePose[]>("POST", `/api/weaves/${weave!.id}/poses`, body, signal),
    ...options,
  });
  return {
    judged: judged.data?.weaveId === weave?.id ? judged.data : undefined,
    solved: solved.data?.weaveId === weave?.id ? solved.data : undefined,
    poses: poses.data,
    working: solved.working || poses.working,
    stale: poses.stale || solved.stale,
    problem: judged.problem,
  };
}

/** How tightly a weave bends, once it is wanted: some weaves take seconds the first time. */
export function useBend(weave: WeaveEntry, choice: WeaveChoice, innerMm: number[], wanted: boolean) {
  const { wireDiameterMm, innerDiameterMm } = question(choice, innerMm);
  return useQuery({
    queryKey: ["weave-bend", weave.id, wireDiameterMm, innerDiameterMm],
    queryFn: ({ signal }) =>
      call<WeaveBends>("POST", `/api/weaves/${weave.id}/bend`, { wireDiameterMm, innerDiameterMm }, signal),
    enabled: wanted,
    retry: false,
    gcTime: 600_000,
    staleTime: Infinity,
  });
}
