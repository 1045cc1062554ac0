import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { call, Problem } from "../../api/client";
import type { FormAnswer, FormJobData, FormShape } from "../../api/types";

/** The question a job asks the core. */
export function questionOf(job: FormJobData) {
  return {
    wireDiameterMm: job.wireDiameterMm,
    metal: job.metal,
    temper: job.temper,
    spoolId: job.spoolId,
    parameters: job.parameters,
    leftHanded: job.hand === "LEFT",
    cutting: job.cutting,
    plainFromMm: job.plainFromMm,
    tailFactor: job.tailFactor,
    pieces: job.pieces,
  };
}

/** The form as it stands on the screen, saved or not. The last good one stays while it cannot be made. */
export function useForm(job: FormJobData) {
  const lastGood = useRef<FormAnswer | null>(null);
  const question = questionOf(job);
  const query = useQuery({
    queryKey: ["form", job.formId, question],
    queryFn: ({ signal }) => call<FormAnswer>("POST", `/api/forms/${job.formId}/solve`, question, signal),
    placeholderData: keepPreviousData,
    retry: (times, failure) => !(failure instanceof Problem) && times < 20,
    retryDelay: 1000,
    gcTime: 10_000,
  });
  if (query.data) {
    lastGood.current = query.data;
  }
  const problem = query.error instanceof Problem ? query.error.body : null;
  return {
    form: query.data ?? lastGood.current,
    problem,
    stale: query.isPlaceholderData || problem !== null,
  };
}

/** The wire's shape before the first step and after each; asked for once the player is opened. */
export function useForming(job: FormJobData, wanted: boolean) {
  const question = questionOf(job);
  const query = useQuery({
    queryKey: ["forming", job.formId, question],
    queryFn: ({ signal }) => call<FormShape[]>("POST", `/api/forms/${job.formId}/forming`, question, signal),
    enabled: wanted,
    retry: false,
    gcTime: 10_000,
  });
  return {
    shapes: query.data,
    /** Why they cannot be played; null when they can. */
    refusal: query.error instanceof Problem ? query.error.body.detail : null,
  };
}
