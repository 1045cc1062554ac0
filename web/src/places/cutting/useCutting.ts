import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed } from "../../api/queries";
import type { CutLists, CuttingAnswer, CuttingAssignment, CuttingQuestion } from "../../api/types";
import { useKeptChoice } from "../../shared/kernel/keptChoice";
import { say } from "../../shared/kernel/says";
import { remember } from "../../shared/kernel/undo";
import { failureWords } from "../../shared/words/refused";
import { cutGiven, type Manner, type Measured } from "./cutState";

interface Cutting extends Manner {
  jobs: readonly string[];
  /** Whether wire of nearly the size stands for it. */
  near: boolean;
  measured: Measured;
}

const FIRST: Cutting = {
  jobs: [],
  kerfMm: 0,
  usefulMm: 30,
  marginMm: 0,
  feedMm: 0,
  near: false,
  measured: {},
};

/** What is cut for and how: kept on this device, each change one step back. */
export function useCutting() {
  const [kept, keep] = useKeptChoice<Cutting>("cutting", FIRST);
  const cutting = { ...FIRST, ...kept };
  return {
    cutting,
    choose: (id: string, chosen: boolean) =>
      keep(
        { jobs: chosen ? [...cutting.jobs, id] : cutting.jobs.filter((one) => one !== id) },
        `cutting for ${id}`,
      ),
    set: (patch: Partial<Manner & Pick<Cutting, "near">>) => keep(patch, Object.keys(patch).join()),
    /** A strip turned out to hold so much; null once it is cut. */
    measure: (strip: string, mm: number | null) =>
      keep(
        {
          measured: Object.fromEntries(
            Object.entries({ ...cutting.measured, [strip]: mm }).filter(([, one]) => one !== null),
          ) as Measured,
        },
        `measured ${strip}`,
      ),
  };
}

const cutChanged = () => changed("cutting", "lots", "spools", "bench", "sheet", "stocktakings");

/** Tells that a strip is cut: wire leaves the shelf. One step back brings it there again. */
export async function cutStrip(
  wire: CutLists["wires"][number],
  strip: CuttingAssignment,
  measured: Measured,
  manner: Manner,
): Promise<boolean> {
  const given = cutGiven(newId(), wire, strip, measured, manner);
  if (!given) {
    return false;
  }
  try {
    await call("POST", "/api/cutting/cuts", given);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; the strip is not ticked."));
    return false;
  } finally {
    cutChanged();
  }
  let id = given.id;
  remember(
    "cut a strip",
    () => void notCut(id),
    () => {
      id = newId();
      void call("POST", "/api/cutting/cuts", { ...given, id }).finally(cutChanged);
    },
  );
  return true;
}

/** It was not cut after all. */
export async function notCut(id: string): Promise<void> {
  try {
    await call("POST", `/api/cutting/cuts/${id}/undo`);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was taken back."));
  }
  cutChanged();
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
