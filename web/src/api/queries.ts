/** What the places read. Lists are read again after every write to their path. */
import { keepPreviousData, type Query, QueryClient, useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { call, Problem } from "./client";
import type { PieceInMaking } from "./inMaking";
import type {
  BackupStanding,
  AtAGlance,
  BodyView,
  CatalogueForm,
  Finding,
  FormInMaking,
  FormJobData,
  FormLearnt,
  FormPicture,
  InHand,
  Choices,
  CutterData,
  FirstOne,
  Kept,
  KeptBackup,
  Photo,
  MandrelData,
  MetalPriceData,
  MedallionJobData,
  MetalView,
  NotebookEntry,
  NotebookPage,
  PieceAnswer,
  PieceJobData,
  ReadingData,
  RingJobData,
  RunData,
  SessionView,
  LotData,
  Standing,
  StocktakingView,
  StockKindView,
  SpoolData,
  Starter,
  StockMove,
  SpringbackView,
  TableRow,
  WeaveEntry,
  WeaveJobData,
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
    void askAnew(({ queryKey }) => queryKey[0] === path || String(queryKey[0]).startsWith(`${path}/`));
  }
}

/** What is asked for the first time while it changes may be answered from before, and would stand as new: it is asked for again. */
async function askAnew(which: (query: Query) => boolean): Promise<void> {
  const first = (query: Query) => query.state.data === undefined && query.state.fetchStatus === "fetching";
  await queries.cancelQueries({ predicate: (query) => first(query) && which(query) });
  await queries.invalidateQueries({ predicate: which });
}

/** Reads a list anew where it is shown; resolves when what stands there is what the server has. */
export async function readAnew(path: string): Promise<void> {
  await askAnew(({ queryKey }) => queryKey[0] === path);
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
export const useLots = () => useList<Kept<LotData>[]>("lots");
export const useStandings = () => useList<Standing[]>("lots/standings");
export const useStocktakings = () => useList<StocktakingView[]>("stocktakings");
export const useBackups = () => useList<BackupStanding>("backups");
export const useMetalPrices = () => useList<Kept<MetalPriceData>[]>("metal-prices");
export const usePricesInForce = () => useList<Kept<MetalPriceData>[]>("metal-prices/in-force");
export const useMandrels = () => useList<Kept<MandrelData>[]>("mandrels");
export const useCutters = () => useList<Kept<CutterData>[]>("cutters");
export const useJobs = () => useList<Kept<RingJobData>[]>("jobs/ring");

/** The notebook, newest first, page by page; of those words alone where some are given. */
export function useNotebook(words = "") {
  return useInfiniteQuery({
    queryKey: ["notebook", "pages", words],
    queryFn: ({ pageParam, signal }) =>
      call<NotebookPage>(
        "GET",
        `/api/notebook?words=${encodeURIComponent(words)}${pageParam ? `&after=${pageParam}` : ""}`,
        undefined,
        signal,
      ),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
}

/** One run as the notebook has it. */
export function useNotebookEntry(runId: string) {
  return useQuery({
    queryKey: ["notebook", "run", runId],
    queryFn: ({ signal }) => call<NotebookEntry>("GET", `/api/notebook/${runId}`, undefined, signal),
  });
}

/** The backups that lie beside the server, once they are looked at. */
export function useKeptBackups(wanted: boolean) {
  return useQuery({
    queryKey: ["backups/kept"],
    queryFn: ({ signal }) => call<KeptBackup[]>("GET", "/api/backups/kept", undefined, signal),
    enabled: wanted,
  });
}

/** The photos of a run, the first taken first. */
export function usePhotos(runId: string) {
  return useQuery({
    queryKey: ["photos", runId],
    queryFn: ({ signal }) => call<Kept<Photo>[]>("GET", `/api/photos?run=${runId}`, undefined, signal),
  });
}

/** What runs are called, by their ids. */
export function useRunNames(ids: readonly (string | null)[]) {
  const known = [...new Set(ids.filter((id) => id !== null))].sort();
  return useQuery({
    queryKey: ["runs/names", ...known],
    queryFn: ({ signal }) =>
      call<Record<string, string>>("GET", `/api/runs/names?id=${known.join(",")}`, undefined, signal),
    enabled: known.length > 0,
  });
}

export const useGlance = () => useList<AtAGlance>("notebook/learnt");
export const usePreferences = () => useList<Kept<Choices>>("preferences");

/** The maker's unit as last read, for words made outside a component. */
export function unitsNow(): Choices["units"] {
  return queries.getQueryData<Kept<Choices>>(["preferences"])?.data.units ?? "MILLIMETRES";
}
/** Who is in, and where; asked again while another server works on the same workshop. */
export function useSession() {
  return useQuery({
    queryKey: ["session"],
    queryFn: ({ signal }) => call<SessionView>("GET", "/api/session", undefined, signal),
    refetchInterval: (query) => ((query.state.data?.servers ?? 1) > 1 ? 20_000 : false),
  });
}

/** Where another device in the house opens this workshop. */
export const useAddresses = () => useList<string[]>("session/addresses");

export const useFormJobs = () => useList<Kept<FormJobData>[]>("jobs/form");
export const useMedallionJobs = () => useList<Kept<MedallionJobData>[]>("jobs/medallion");
export const usePieceJobs = () => useList<Kept<PieceJobData>[]>("jobs/piece");
export const useWeaveJobs = () => useList<Kept<WeaveJobData>[]>("jobs/weave");

/** Everything in hand; asked again while some of it is still being looked at. */
export function useBench() {
  return useQuery({
    queryKey: ["bench"],
    queryFn: ({ signal }) => call<InHand[]>("GET", "/api/bench", undefined, signal),
    refetchInterval: (query) => (query.state.data?.some((hand) => hand.glance === null) ? 700 : false),
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

/** What is shown of a run beside its plan, as it stood when the run began: it never changes. */
export function useShown<T>(runId: string, enabled = true) {
  return useQuery({
    enabled,
    queryKey: ["shown", runId],
    queryFn: ({ signal }) => call<T>("GET", `/api/runs/${runId}/shown`, undefined, signal),
    staleTime: Infinity,
  });
}

export const useFormInMaking = (runId: string) => useShown<FormInMaking>(runId);

/** The piece as it was when its run began. */
export const usePieceInMaking = (runId: string) => useShown<PieceInMaking>(runId).data?.piece;

export function useReadings(runId: string) {
  return useQuery({
    queryKey: ["readings", runId],
    queryFn: () => call<Kept<ReadingData>[]>("GET", `/api/readings/of-run/${runId}`),
  });
}

/** How the copies of a run, once put together, measure against plan and twin. */
export function useInspection(runId: string) {
  return useQuery({
    queryKey: ["readings", runId, "inspection"],
    queryFn: ({ signal }) =>
      call<{ findings: Finding[] }>("GET", `/api/readings/of-run/${runId}/inspection`, undefined, signal),
  }).data?.findings;
}

/** What the first one of a run came out at. */
export function useFirstOne(runId: string, enabled: boolean) {
  return useQuery({
    enabled,
    queryKey: ["readings", runId, "first-one"],
    queryFn: ({ signal }) =>
      call<FirstOne>("GET", `/api/readings/of-run/${runId}/first-one`, undefined, signal),
  });
}

/** What a form's measurements have taught: the handling tail, its loops and cuts. */
export function useLearnt(formId: string) {
  return useQuery({
    queryKey: ["readings", "learnt", formId],
    queryFn: () => call<FormLearnt>("GET", `/api/readings/of-form/${formId}`),
  });
}

/** Every kind of stock and tool the core knows. */
export function useStockKinds() {
  return useQuery({
    queryKey: ["stock-kinds"],
    queryFn: () => call<StockKindView[]>("GET", "/api/stock-kinds"),
    staleTime: Infinity,
  });
}

/** Moves of a lot the server tells at once. */
const MOVES_AT_ONCE = 200;

/** What came and went of a lot, newest first, page by page. */
export function useMoves(lot: string) {
  return useInfiniteQuery({
    queryKey: ["lots", lot, "moves"],
    queryFn: ({ pageParam, signal }) =>
      call<StockMove[]>(
        "GET",
        `/api/lots/${lot}/moves${pageParam ? `?before=${pageParam}` : ""}`,
        undefined,
        signal,
      ),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => (page.length < MOVES_AT_ONCE ? null : page.at(-1)!.id),
  });
}

/** Pieces to begin from. */
export function useStarters() {
  return useQuery({
    queryKey: ["pieces", "starters"],
    queryFn: () => call<Starter[]>("GET", "/api/pieces/starters"),
    staleTime: Infinity,
  });
}

/** What pieces go round, with usual sizes. */
export function useBodies() {
  return useQuery({
    queryKey: ["pieces", "bodies"],
    queryFn: () => call<BodyView[]>("GET", "/api/pieces/bodies"),
    staleTime: Infinity,
  });
}

/** A piece as a picture: worked out once for that line and metal. */
export function usePiecePicture(line: string, metal: string) {
  return useQuery({
    queryKey: ["piece-picture", line, metal],
    queryFn: () => call<PieceAnswer>("POST", "/api/pieces/solve", { line, metal, drawn: true }),
    staleTime: Infinity,
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

export function useRingTable(cut: RingJobData["cut"]) {
  return useQuery({
    queryKey: ["ring-table", cut],
    queryFn: () => call<TableRow[]>("POST", "/api/rings/table", { cut }),
    placeholderData: (before) => before,
  });
}
