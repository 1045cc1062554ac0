import { refusalWords } from "../../shared/words/refused";
import { useQuery } from "@tanstack/react-query";
import { call, Problem } from "../../api/client";
import type { FormAnswer, FormJobData, FormShape } from "../../api/types";
import { useSolving } from "../../shared/kernel/useSolving";

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
    copies: job.copies,
  };
}

/** The form as it stands on the screen, saved or not. The last good one stays while it cannot be made. */
export function useForm(job: FormJobData) {
  const question = questionOf(job);
  const { data, problem, stale } = useSolving({
    queryKey: ["form", job.formId, question],
    queryFn: ({ signal }) => call<FormAnswer>("POST", `/api/forms/${job.formId}/solve`, question, signal),
  });
  return { form: data ?? null, problem, stale };
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
    refusal: query.error instanceof Problem ? refusalWords(query.error.body) : null,
  };
}
