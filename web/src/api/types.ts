/** The server's records as they arrive: what OpenAPI calls optional comes as null. */
import type {
  Check,
  Finding,
  Inspected,
  FinishLot,
  FinishStep,
  FinishWork,
  Finish,
  Finishing,
} from "./finishing";
import type { Received, Schemas } from "./received";

export type Figure = Received<Schemas["Figure"]>;
export type RefusalCode = Schemas["RefusalCode"];
export type RefusalUnit = Schemas["RefusalUnit"];
export type Remedy = Schemas["Remedy"];
/** Why something is refused: codes and typed values, no words. */
export interface Refusal {
  code: RefusalCode;
  field: string | null;
  value: string | null;
  minimum: number | null;
  maximum: number | null;
  unit: RefusalUnit | null;
  remedy: Remedy | null;
  values: Record<string, unknown>;
}
export type NoteCode = Schemas["NoteCode"];
export type Note = Omit<Received<Schemas["Note"]>, "values" | "code"> & {
  code: NoteCode;
  values: Record<string, number | string>;
};
export type Coil = Received<Schemas["Coil"]>;
export type RingSizes = Received<Schemas["RingSizes"]>;
export type RingStep = Received<Schemas["RingStep"]>;
export type RingsHandled = Omit<Received<Schemas["RingsHandled"]>, "of"> & {
  /** The part of a piece that is woven; none in plans from before those were put together ring by ring. */
  of?: Received<Schemas["OfPart"]> | null;
};
export type PartsHandled = Omit<Received<Schemas["PartsHandled"]>, "toMm" | "rounds" | "strung"> & {
  toMm: number | null;
  /** What is formed round a neighbour at some of the joins. */
  rounds: { joins: number[]; steps: FormingStep[] }[];
  /** Beads in the order they are threaded. */
  strung: Received<Schemas["Strung"]>[];
};
export type FormingStep = Omit<Received<Schemas["FormingStep"]>, "of"> & {
  /** The part of a piece it is done to; none in plans from before those were made step by step. */
  of?: Received<Schemas["PartOf"]> | null;
};
export type { Check, Finding, Inspected, FinishLot, FinishStep, FinishWork, Finish, Finishing };
/** What an operation says beyond where it stands in its plan, told apart by its family of verbs. */
export type Detail =
  | ({ family: "rings" } & RingStep)
  | ({ family: "forming" } & FormingStep)
  | ({ family: "weaving" } & RingsHandled)
  | ({ family: "joining" } & PartsHandled)
  | ({ family: "checking" } & Inspected)
  | ({ family: "finishing" } & FinishStep);
export type Family = Detail["family"];
export type Measurable = Omit<Received<Schemas["Measurable"]>, "quantity" | "context"> & {
  quantity: Quantity;
  /** What it teaches by; of a time on how many timings it rests. */
  context?: { timings?: number };
};
export type Operation = Omit<Received<Schemas["Operation"]>, "detail" | "measurable"> & {
  detail: Detail;
  measurable: Measurable[];
};
export type WorkPlan = {
  operations: Operation[];
  copies: number;
  perGroup: number;
  /** Copies made by themselves before all others; none in plans from before there were such. */
  ahead?: number;
};
/** What the first one of a run came out at, that the rest are made by. */
export type FirstOne = Received<Schemas["FirstOneAnswer"]>;
/** How far a run is, by the ids of its operations. */
export type Spoilt = Schemas["SpoiltAt"];
export type Skipped = Schemas["SkippedAt"];
export type RunProgress = {
  done: Record<string, number>;
  counts: Record<string, number>;
  /** Copies beyond those planned; less than 0 where some are given up. */
  more: number;
  spoilt: Spoilt[];
  skipped: Skipped[];
  note: string;
};
export type RingFacts = Received<Schemas["RingFacts"]>;
export type FormFacts = Omit<Received<Schemas["FormFacts"]>, "job"> & { job: FormJobData };
export type WeaveFacts = Received<Schemas["WeaveFacts"]>;
export type PieceFacts = Received<Schemas["PieceFacts"]>;
export type MedallionFacts = Received<Schemas["MedallionFacts"]>;
export type MedallionJobData = Received<Schemas["MedallionJobData"]>;
type Told<K, F> = { kind: K; facts: F };
/** A run as it stands; its facts are of its kind. */
export type RunData = (
  | Told<"ring", RingFacts>
  | Told<"form", FormFacts>
  | Told<"weave", WeaveFacts>
  | Told<"medallion", MedallionFacts>
  | Told<"piece", PieceFacts>
) &
  RunProgress & {
    jobId: string;
    name: string;
    lotId: string | null;
    plan: WorkPlan;
    drawn: Record<string, number>;
    startedAt: string;
    finishedAt: string | null;
  };
export type JobKind = RunData["kind"];
export type RingSketch = Received<Schemas["RingSketch"]>;
export type FormSketch = Received<Schemas["FormSketch"]>;
export type WeaveSketch = Received<Schemas["WeaveSketch"]>;
export type MedallionSketch = Received<Schemas["MedallionSketch"]>;
export type PieceSketch = Received<Schemas["PieceSketch"]>;
interface Sketches {
  ring: RingSketch;
  form: FormSketch;
  weave: WeaveSketch;
  medallion: MedallionSketch;
  piece: PieceSketch;
}
/** All a list shows of a job or a run. */
export type Glance<K extends JobKind = JobKind> = Omit<
  Received<Schemas["Glance"]>,
  "sketch" | "thread" | "next"
> & {
  sketch: Sketches[K] | null;
  thread: Record<Stage, StageState> | null;
  next: Operation | null;
};
type Seen<T> = { [K in JobKind]: T & { kind: K; glance: Glance<K> | null } }[JobKind];
export type InHand = Seen<Omit<Received<Schemas["InHand"]>, "kind" | "glance">>;
export type BroughtBackup = Received<Schemas["BroughtBackup"]>;
export type KeptBackup = Received<Schemas["KeptBackup"]>;
export type Photo = Received<Schemas["PhotoData"]>;
/** So many runs of the notebook, and the one the next page begins after. */
export type NotebookPage = { entries: NotebookEntry[]; next: string | null };
export type NotebookEntry = Seen<Omit<Received<Schemas["Entry"]>, "kind" | "glance">>;
export type Made = Received<Schemas["Made"]>;
export type ReadingData = Received<Schemas["ReadingData"]>;
export type Quantity = ReadingData["quantity"];
export type RodView = Received<Schemas["RodView"]>;
export type WeaveView = Received<Schemas["WeaveView"]>;
export type StockView = Received<Schemas["StockView"]>;
export type RingSheet = Omit<Received<Schemas["RingSheet"]>, "notes"> & { notes: Note[] };
export type RingJobData = Received<Schemas["RingJobData"]>;
export type CutData = Received<Schemas["CutData"]>;
export type SpoolData = Received<Schemas["SpoolData"]>;
export type LotData = Omit<Received<Schemas["LotData"]>, "facts"> & { facts: Facts };
/** What a lot is told by: numbers, words, several of either. */
export type Facts = Record<string, number | string | number[] | string[] | null>;
export type StockKindView = Omit<Received<Schemas["StockKindView"]>, "blank"> & { blank: Facts };
export type FactView = Received<Schemas["FactView"]>;
export type Level = Received<Schemas["Level"]>;
export type Standing = Received<Schemas["Standing"]>;
export type ScaleReading = Received<Schemas["ScaleCount"]>;
export type StocktakingView = Received<Schemas["StocktakingView"]>;
export type BackupStanding = {
  folder: string | null;
  last: Received<Schemas["LastBackup"]> | null;
  count: number;
  failed: string | null;
};
export type MetalPriceData = Received<Schemas["MetalPriceData"]>;
export type PriceListLook = Omit<Received<Schemas["ListLook"]>, "rows"> & {
  rows: (Omit<Received<Schemas["ListLook"]>["rows"][number], "price" | "before" | "refusal"> & {
    price: MetalPriceData | null;
    before: number | null;
    refusal: Refusal | null;
  })[];
};
export type TableView = Omit<Received<Schemas["TableView"]>, "rows"> & {
  rows: (Omit<Received<Schemas["TableRow"]>, "refusal"> & { refusal: Refusal | null })[];
};
export type Rates = Received<Schemas["Rates"]>;
export type PriceView = Received<Schemas["PriceView"]>;
export type OnAJaw = Omit<Received<Schemas["OnAJaw"]>, "place"> & {
  place: { fromTipMm: number; mark: number | null; perMmOfSlip: number };
};
export type StockMove = Received<Schemas["MoveView"]>;
export type MandrelData = Received<Schemas["MandrelData"]>;
export type CutterData = Received<Schemas["CutterData"]>;
export type Choices = Received<Schemas["Choices"]>;
export type AtAGlance = Received<Schemas["AtAGlance"]>;
export type FromWire = Received<Schemas["FromWire"]>;
export type WireLearnt = Received<Schemas["OfWire"]>;
export type OpenSession = Received<Schemas["OpenSessionView"]>;
export type WorkLearnt = Received<Schemas["OfWork"]>;
export type FormAtAGlance = Received<Schemas["OfForm"]>;
export type Repeatability = Received<Schemas["Repeatability"]>;
export type SpringbackView = Received<Schemas["SpringbackView"]>;
export type LengthAnswer = Received<Schemas["LengthAnswer"]>;
export type LineAnswer = Received<Schemas["LineAnswer"]>;
export type MetalView = Received<Schemas["MetalView"]>;
export type TableRow = Received<Schemas["Row"]>;
export type TableCell = Received<Schemas["Cell"]>;
export type SessionView = Received<Schemas["SessionView"]>;
export type Weighed = Received<Schemas["Weighed"]>;
export type Parameters = Record<string, number | string | OutlineRow[] | StackItem[] | string[]>;
/** One thing threaded in a row, or several alike. */
export interface StackItem {
  kind: "BEAD" | "SPACER" | "CAP" | "COIL";
  count: number;
  acrossMm: number;
  longMm: number;
  holeMm: number;
}
export interface OutlineRow {
  feedMm: number;
  rotateDegrees: number;
  bendDegrees: number;
  insideRadiusMm: number;
}
export type ParameterView = Received<Schemas["ParameterView"]>;
export type CatalogueForm = Received<Schemas["CatalogueForm"]>;
export type FormPicture = Received<Schemas["Picture"]>;
export type FormWire = Received<Schemas["WireView"]>;
export type FormSolid = Received<Schemas["SolidView"]>;
export type FormStep = Received<Schemas["Step"]>;
export type FormStepKind = FormStep["kind"];
export type FormMark = FormWire["marks"][number];
export type FormAnswer = Omit<Received<Schemas["FormAnswer"]>, "notes" | "parameters"> & {
  notes: Note[];
  parameters: Parameters;
};
export type FormShape = {
  stepsDone: number;
  held: number[][] | null;
  free: number[][];
  sections: number[][];
};
/** A form as a run makes it: frozen when the run began. */
export interface FormInMaking {
  form: FormAnswer;
  shapes: FormShape[];
}
/** A piece as a run makes it, with the forms its parts are bent as, by the place of the first of each. */
export type FormJobData = Omit<Received<Schemas["FormJobData"]>, "parameters" | "lots"> & {
  parameters: Parameters;
  /** Spools of their own, by the wire's name. */
  lots: Record<string, string>;
};
export type Expected = Received<Schemas["Expected"]>;
export type FormLearnt = Received<Schemas["Learnt"]>;
export type FormLineAnswer = Omit<Received<Schemas["FormLineAnswer"]>, "parameters" | "notes"> & {
  parameters: Parameters;
  notes: Note[];
};
export type WeaveEntry = Received<Schemas["WeaveEntry"]>;
export type WeavePose = Received<Schemas["WeavePose"]>;
export type WeaveSolved = Omit<Received<Schemas["WeaveSolved"]>, "notes"> & { notes: Note[] };
export type WeaveJudged = Omit<Received<Schemas["WeaveJudged"]>, "notes"> & { notes: Note[] };
export type PatchCount = Omit<Received<Schemas["PatchCount"]>, "notes"> & { notes: Note[] };
export type WeaveLineAnswer = Omit<Received<Schemas["WeaveLineAnswer"]>, "count"> & { count: PatchCount };
export type PatchView = Received<Schemas["PatchView"]>;
export type PatchStep = Received<Schemas["PatchStep"]>;
export type PatchSpec = Received<Schemas["PatchSpec"]>;
export type ColourSpec = Received<Schemas["ColourSpec"]>;
export type WeaveJobData = Received<Schemas["WeaveJobData"]>;
export type Attempt = Received<Schemas["AttemptAnswer"]>;
export type Diagnosis = Received<Schemas["DiagnosisAnswer"]>;
export type SeenAnswer = Received<Schemas["SeenAnswer"]>;
export type WeaveWindow = Received<Schemas["WeaveWindow"]>;
export type WeaveBends = Received<Schemas["WeaveBends"]>;
export type CompositionAnswer = Received<Schemas["CompositionAnswer"]>;
export type CompositionQuestion = Received<Schemas["CompositionQuestion"]>;
export type WeaveShelf = Received<Schemas["WeaveShelf"]>;
export type Tightness = WeaveSolved["tightness"];
export type Temper = SpoolData["temper"];
export type Convention = RingJobData["convention"];
export type StepKind = RingStep["kind"];
export type Caution = Operation["cautions"][number];

export type Stage = "IDEA" | "WIRE" | "CUT" | "FORM" | "JOIN" | "FINISH" | "CHECK";
export type StageState = "OPEN" | "STARTED" | "DONE" | "NOT_NEEDED";

/** A thing as the workshop keeps it. */
export interface Kept<D> {
  id: string;
  version: number;
  updatedAt: string;
  deleted: boolean;
  data: D;
}

type Whole<T> = { [K in keyof T]-?: Exclude<T[K], undefined> };
/** A whole piece: its job, and what the core says of it. */
export type PieceBody = Received<Schemas["Body"]>;
export type PieceJobData = Omit<Received<Schemas["PieceJobData"]>, "body" | "finish"> & {
  body: PieceBody | null;
  finish: Finishing | null;
};
export type Person = Received<Schemas["Person"]>;
export type PieceDrawing = Received<Schemas["PieceDrawing"]>;
export type PieceStep = Whole<Schemas["AssemblyStep"]>;
export type PieceFault = Whole<Schemas["PieceFault"]>;
export type PieceCure = Whole<Schemas["Cure"]>;
export type PieceMend = Whole<Schemas["Mend"]>;
export type Bought = Whole<Schemas["Bought"]>;
export type WrittenPart = Omit<Received<Schemas["WrittenView"]>, "fields"> & {
  fields: { id: string; value: number | string | boolean | StackItem[] | OutlineRow[] }[];
};
export type PieceAnswer = Omit<
  Received<Schemas["PieceAnswer"]>,
  | "assemblyOrder"
  | "faults"
  | "cures"
  | "mends"
  | "bought"
  | "written"
  | "worn"
  | "weakest"
  | "cuff"
  | "hangs"
  | "drawing"
> & {
  assemblyOrder: PieceStep[];
  faults: PieceFault[];
  cures: PieceCure[];
  mends: PieceMend[];
  bought: Bought[];
  written: WrittenPart[];
  worn: Whole<Schemas["Worn"]> | null;
  weakest: Whole<Schemas["Weakest"]> | null;
  cuff: Whole<Schemas["CuffFit"]> | null;
  hangs: {
    askew: Whole<Schemas["Askew"]>[];
    pushing: Whole<Schemas["Push"]>[];
    touching: Whole<Schemas["Touching"]>[];
    hiding: Whole<Schemas["Hiding"]>[];
    heavyFromG: number | null;
  } | null;
  drawing: PieceDrawing | null;
};
export type PieceEdit = Omit<Schemas["EditQuestion"], "line" | "value"> & { value?: unknown };
export type PieceScaled = Received<Schemas["ScaledView"]> & { changes: Whole<Schemas["Change"]>[] };
export type Starter = Whole<Schemas["Starter"]>;
export type BodyView = Received<Schemas["BodyView"]>;
export type BodyPart = BodyView["part"];
export type CutLists = Received<Schemas["CutLists"]>;
export type CuttingAnswer = Received<Schemas["CuttingAnswer"]>;
export type CuttingAssignment = CuttingAnswer["assignments"][number];
export type CuttingQuestion = Schemas["CuttingQuestion"];
