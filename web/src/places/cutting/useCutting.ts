import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call } from "../../api/client";
import type { CutLists, CuttingAnswer, CuttingQuestion } from "../../api/types";
import { useKeptChoice } from "../../shared/kernel/keptChoice";
import { NOTHING_DONE, type WireDone } from "./cutState";

interface Cutting {
  jobs: readonly string[];
  kerfMm: number;
  usefulMm: number;
  /** Whether wire of nearly the size stands for it. */
  near: boolean;
  done: Readonly<Record<string, WireDone>>;
}

const FIRST: Cutting = { jobs: [], kerfMm: 0, usefulMm: 30, near: false, done: {} };

/** What is cut for, how, and what is cut already: kept on this device, each change one step back. */
export function useCutting() {
  const [cutting, keep] = useKeptChoice<Cutting>("cutting", FIRST);
  return {
    cutting,
    choose: (id: string, chosen: boolean) =>
      keep(
        { jobs: chosen ? [...cutting.jobs, id] : cutting.jobs.filter((one) => one !== id) },
        `cutting for ${id}`,
      ),
    set: (patch: Partial<Pick<Cutting, "kerfMm" | "usefulMm" | "near">>) =>
      keep(patch, Object.keys(patch).join()),
    doneOf: (wire: string) => cutting.done[wire] ?? NOTHING_DONE,
    setDone: (wire: string, done: WireDone, what: string) =>
      keep({ done: { ...cutting.done, [wire]: done } }, what),
  };
}

/** What the jobs have cut, wire by wire. */
export function useCutLists(jobs: readonly string[], nearSizes: boolean) {
  return useQuery({
    queryKey: ["cutting", "lists", jobs, nearSizes],
    queryFn: ({ signal }) => call<CutLists>("POST", "/api/cutting/lists", { jobs, nearSizes }, signal),
    enabled: jobs.length > 0,
    placeholderData: (before) => before,
  });
}

const LOOKED_MS = 2_000;
/** Nobody waits longer for a plan that can hardly be better. */
const MOST_ASKED = 20;

/** The plan, asked for again and so bettered until none can be better, or until it is said to do. */
export function useCutPlan(task: CuttingQuestion) {
  const asked = JSON.stringify(task);
  const [will, setWill] = useState<string | null>(null);
  const plan = useQuery({
    queryKey: ["cutting", "plan", asked],
    queryFn: ({ signal }) =>
      call<CuttingAnswer>("POST", "/api/cutting/plan", { ...task, timeLimitMs: LOOKED_MS }, signal),
    enabled: task.pieces.some((one) => (one.count ?? 1) > 0),
    placeholderData: (before) => before,
    refetchInterval: ({ state }) =>
      state.data && !state.data.provenOptimal && will !== asked && state.dataUpdateCount < MOST_ASKED
        ? 100
        : false,
  });
  return {
    ...plan,
    looking: plan.isFetching,
    /** Leaves it at the plan there is. */
    leave: () => setWill(asked),
  };
}
