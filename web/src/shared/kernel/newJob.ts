/** Starting a ring job: from nothing, from the bench line, from the shelf's table. */
import { spoolOf, spoolsNow } from "./spools";
import { refusalWords } from "../words/refused";
import { call, Problem } from "../../api/client";
import type { Choices, CutData, Kept, LineAnswer, RingJobData, RingSheet, SpoolData } from "../../api/types";
import { keepNew } from "./keepNew";

export function usualCut(choices: Choices): CutData {
  const saw = choices.cutMethod === "saw";
  return {
    method: saw ? "saw" : choices.cutMethod === "flush" ? "flush" : "none",
    kerfMm: saw ? choices.kerfMm : null,
    trimMm: null,
    flipped: null,
  };
}

/** A job as the maker's preferences would have it. */
export function blankJob(choices: Choices, spool: Kept<SpoolData> | undefined): RingJobData {
  return {
    name: "New rings",
    spoolId: spool?.id ?? null,
    metal: spool?.data.metal ?? "copper",
    temper: spool?.data.temper ?? "HALF_HARD",
    wireDiameterMm: spool?.data.wireDiameterMm ?? 1,
    convention: choices.convention,
    aimValue: choices.convention === "ASPECT_RATIO" ? 4.5 : choices.convention === "OUTER" ? 6.5 : 4.5,
    ringCount: 100,
    sparePercent: choices.sparePercent,
    turnsPerRing: 1,
    cut: usualCut(choices),
    winding: choices.winding,
    leadMm: choices.leadMm,
    tailMm: choices.tailMm,
    spoiltTurnsPerEnd: choices.spoiltTurnsPerEnd,
    usableMandrelMm: 180,
    note: "",
  };
}

/** Rings of a known inside, closed, as a job. */
export function ringsOf(
  choices: Choices,
  rings: {
    name: string;
    metal: string;
    spoolId: string | null;
    wireMm: number;
    innerMm: number;
    count: number;
    sparePercent?: number | null;
  },
): RingJobData {
  return {
    ...blankJob(choices, undefined),
    name: rings.name.slice(0, 120),
    spoolId: rings.spoolId,
    metal: rings.metal,
    wireDiameterMm: rings.wireMm,
    convention: "INNER",
    aimValue: rings.innerMm,
    ringCount: rings.count,
    sparePercent: rings.sparePercent ?? choices.sparePercent,
  };
}

/** Keeps a new job and answers its id. */
export const keepJob = (data: RingJobData): Promise<string> => keepNew("ring", data);

/** The job a bench line's answer is: a spool of that metal and size is taken if there is one, the rest as the maker chose. */
export function lineJob(
  answer: LineAnswer,
  text: string,
  choices: Choices,
  spools: Kept<SpoolData>[],
): RingJobData {
  const spool = spoolOf(spools, answer);
  const cut: CutData =
    answer.cutMethod === "saw"
      ? { method: "saw", kerfMm: answer.cutLossMm, trimMm: null, flipped: null }
      : answer.cutMethod === "flush"
        ? { method: "flush", kerfMm: null, trimMm: answer.cutLossMm, flipped: true }
        : usualCut(choices);
  return {
    ...blankJob(choices, spool),
    name: text.trim().slice(0, 120),
    metal: spool?.data.metal ?? answer.metal,
    temper: spool?.data.temper ?? answer.temper,
    wireDiameterMm: spool?.data.wireDiameterMm ?? answer.wireDiameterMm,
    convention: answer.convention as RingJobData["convention"],
    aimValue: answer.aimValue,
    ringCount: answer.count ?? 100,
    turnsPerRing: answer.turnsPerRing,
    cut,
  };
}

/** A bench line's answer as its job, and as the Rings place works that out: one question, one answer. */
export async function sheetOfLine(
  answer: LineAnswer,
  text: string,
  choices: Choices,
  signal: AbortSignal,
): Promise<RingLineReply> {
  const spools = await spoolsNow();
  const job = lineJob(answer, text, choices, spools);
  try {
    return {
      answer,
      job,
      sheet: await call<RingSheet>("POST", "/api/rings/sheet", job, signal),
      refusal: null,
    };
  } catch (failure) {
    if (failure instanceof Problem) {
      return { answer, job, sheet: null, refusal: refusalWords(failure.body) };
    }
    throw failure;
  }
}

export interface RingLineReply {
  answer: LineAnswer;
  job: RingJobData;
  sheet: RingSheet | null;
  /** Why the Rings place would not make it, in words. */
  refusal: string | null;
}
