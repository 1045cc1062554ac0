/** What the places read. Lists are read again after every write to their path. */
import { QueryClient, useQuery } from "@tanstack/react-query";
import { call, Problem } from "./client";
import type {
  AtAGlance,
  CatalogueForm,
  FormEntry,
  FormInHand,
  FormInMaking,
  FormJobData,
  FormLearnt,
  FormMeasurementData,
  FormPicture,
  FormRunData,
  Choices,
  CutterData,
  JobInHand,
  Kept,
  MandrelData,
  MeasurementData,
  MetalView,
  NotebookEntry,
  RingJobData,
  RunData,
  SessionView,
  SpoolData,
  SpringbackView,
  TableRow,
  WeaveEntry,
  WeaveInHand,
  WeaveJobData,
  WeaveRunData,
} from "./types";

/** A lost connection or a stumbling server is asked again twice; what is refused stays refused. */
export function askedAgain(times: number, failure: Error): boolean {
  return times < 2 && !(failure instanceof Problem && failure.status < 500);
}

export const queries = new QueryClient({
  defaultOptions: { queries: { staleTime: 1_000, retry: askedAgain, refetchOnWindowFocus: true } },
});

/** Everything under this path may have changed. */
export function changed(...paths: string[]): void {
  for (const path of paths) {
    void queries.invalidateQueries({
      predicate: ({ queryKey }) => queryKey[0] === path || String(queryKey[0]).startsWith(`${path}/`),
    });
  }
}

/** Read again when next looked at, not at once: a run's plan is frozen, and large. */
export function outdated(path: string): void {
  void queries.invalidateQueries({ queryKey: [path], refetchType: "none" });
}

function useList<T>(path: string) {
  return useQuery({
    queryKey: [path],
    queryFn: ({ signal }) => call<T>("GET", `/api/${path}`, undefined, signal),
  });
}

export const useSpools = () => useList<Kept<SpoolData>[]>("spools");
export const useMandrels = () => useList<Kept<MandrelData>[]>("mandrels");
export const useCutters = () => useList<Kept<CutterData>[]>("cutters");
export const useJobs = () => useList<Kept<RingJobData>[]>("ring-jobs");
export const useBench = () => useList<JobInHand[]>("bench");
export const useNotebook = () => useList<NotebookEntry[]>("notebook");
export const useGlance = () => useList<AtAGlance>("notebook/learnt");
export const usePreferences = () => useList<Kept<Choices>>("preferences");
export const useSession = () => useList<SessionView>("session");

export const useFormJobs = () => useList<Kept<FormJobData>[]>("form-jobs");
export const useFormBench = () => useList<FormInHand[]>("bench/forms");
export const useFormNotebook = () => useList<FormEntry[]>("notebook/forms");

export const useWeaveJobs = () => useList<Kept<WeaveJobData>[]>("weave-jobs");
export const useWeaveBench = () => useList<WeaveInHand[]>("bench/weaves");

export function useWeaveRun(id: string) {
  return useQuery({
    queryKey: ["weave-runs", id],
    queryFn: () => call<Kept<WeaveRunData>>("GET", `/api/weave-runs/${id}`),
  });
}

/** Every weave; asked again while the smallest aspect ratios are still being solved. */
export function useWeaves() {
  return useQuery({
    queryKey: ["weaves"],
    queryFn: () => call<WeaveEntry[]>("GET", "/api/weaves"),
    staleTime: Infinity,
    refetchInterval: (query) =>
      query.state.data?.some((weave) => weave.aspectRatioMin === null) ? 1500 : false,
  });
}

/** The catalogue with defaults and limits for that wire. */
export function useCatalogue(wireDiameterMm: number | null = null) {
  const query = wireDiameterMm === null ? "" : `?wireDiameterMm=${wireDiameterMm}`;
  return useQuery({
    queryKey: ["forms", wireDiameterMm],
    queryFn: () => call<CatalogueForm[]>("GET", `/api/forms${query}`),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });
}

export function usePictures() {
  return useQuery({
    queryKey: ["pictures"],
    queryFn: () => call<FormPicture[]>("GET", "/api/forms/pictures"),
    staleTime: Infinity,
  });
}

export function useFormRun(id: string) {
  return useQuery({
    queryKey: ["form-runs", id],
    queryFn: () => call<Kept<FormRunData>>("GET", `/api/form-runs/${id}`),
  });
}

/** The form a run is of, its marks and shapes, as they stood when it began: they never change. */
export function useFormInMaking(runId: string) {
  return useQuery({
    queryKey: ["form-run-form", runId],
    queryFn: ({ signal }) => call<FormInMaking>("GET", `/api/form-runs/${runId}/form`, undefined, signal),
    staleTime: Infinity,
  });
}

export function useFormMeasurements(runId: string) {
  return useQuery({
    queryKey: ["form-measurements", runId],
    queryFn: () => call<Kept<FormMeasurementData>[]>("GET", `/api/form-measurements/of-run/${runId}`),
  });
}

/** What a form's measurements have taught: the handling tail, the practice sessions. */
export function useLearnt(formId: string) {
  return useQuery({
    queryKey: ["form-measurements", "learnt", formId],
    queryFn: () => call<FormLearnt>("GET", `/api/form-measurements/of-form/${formId}`),
  });
}

export function useMetals() {
  return useQuery({
    queryKey: ["metals"],
    queryFn: () => call<MetalView[]>("GET", "/api/metals"),
    staleTime: Infinity,
  });
}

export function useSpringback(spoolId: string | null) {
  return useQuery({
    queryKey: ["springback", spoolId],
    queryFn: () => call<SpringbackView>("GET", `/api/spools/${spoolId}/springback`),
    enabled: spoolId !== null,
  });
}

export function useRun(id: string) {
  return useQuery({ queryKey: ["runs", id], queryFn: () => call<Kept<RunData>>("GET", `/api/runs/${id}`) });
}

export function useMeasurementsOfRun(id: string) {
  return useQuery({
    queryKey: ["measurements", id],
    queryFn: () => call<Kept<MeasurementData>[]>("GET", `/api/measurements/of-run/${id}`),
  });
}

export function useRingTable(cut: RingJobData["cut"]) {
  return useQuery({
    queryKey: ["ring-table", cut],
    queryFn: () => call<TableRow[]>("POST", "/api/rings/table", { cut }),
    placeholderData: (before) => before,
  });
}
