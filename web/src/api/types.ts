/** The server's records as they arrive: what OpenAPI calls optional comes as null. */
import type { components } from "./schema";

type Schemas = components["schemas"];

type Received<T> = T extends (infer U)[]
  ? Received<U>[]
  : T extends object
    ? { [K in keyof T]-?: Received<Exclude<T[K], undefined>> | (undefined extends T[K] ? null : never) }
    : T;

export type Figure = Received<Schemas["Figure"]>;
export type Note = Omit<Received<Schemas["Note"]>, "values"> & { values: Record<string, number | string> };
export type Coil = Received<Schemas["Coil"]>;
export type RingSizes = Received<Schemas["RingSizes"]>;
export type RingStep = Received<Schemas["RingStep"]>;
export type RodView = Received<Schemas["RodView"]>;
export type WeaveView = Received<Schemas["WeaveView"]>;
export type StockView = Received<Schemas["StockView"]>;
export type RingSheet = Omit<Received<Schemas["RingSheet"]>, "notes"> & { notes: Note[] };
export type RingJobData = Received<Schemas["RingJobData"]>;
export type CutData = Received<Schemas["CutData"]>;
export type SpoolData = Received<Schemas["SpoolData"]>;
export type MandrelData = Received<Schemas["MandrelData"]>;
export type CutterData = Received<Schemas["CutterData"]>;
export type MeasurementData = Received<Schemas["MeasurementData"]>;
export type Choices = Received<Schemas["Choices"]>;
export type RunPlan = Received<Schemas["RunPlan"]>;
export type RunProgress = { step: number; counts: Record<string, number>; note: string };
export type RunData = Omit<Received<Schemas["RunData"]>, "counts"> & { counts: Record<string, number> };
export type JobInHand = Omit<Received<Schemas["JobInHand"]>, "thread" | "job"> & {
  thread: Record<Stage, StageState>;
  job: Kept<RingJobData>;
};
export type AtAGlance = Received<Schemas["AtAGlance"]>;
export type FromWire = Received<Schemas["FromWire"]>;
export type WireLearnt = Received<Schemas["OfWire"]>;
export type FormAtAGlance = Received<Schemas["OfForm"]>;
export type NotebookEntry = Received<Schemas["Entry"]>;
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
export type FormJobData = Omit<Received<Schemas["FormJobData"]>, "parameters"> & { parameters: Parameters };
export type FormRunData = Omit<Received<Schemas["FormRunData"]>, "counts" | "plan"> & {
  counts: Record<string, number>;
  plan: Omit<Received<Schemas["FormRunPlan"]>, "job"> & { job: FormJobData };
};
export type FormInHand = Omit<Received<Schemas["FormInHand"]>, "job"> & { job: Kept<FormJobData> };
export type FormMeasurementData = Received<Schemas["FormMeasurementData"]>;
export type FormMeasured = FormMeasurementData["measured"];
export type Expected = Received<Schemas["Expected"]>;
export type FormLearnt = Received<Schemas["Learnt"]>;
export type FormEntry = Received<Schemas["FormEntry"]>;
export type FormLineAnswer = Omit<Received<Schemas["FormLineAnswer"]>, "parameters" | "notes"> & {
  parameters: Parameters;
  notes: Note[];
};
export type WeaveEntry = Received<Schemas["WeaveEntry"]>;
export type WeavePose = Received<Schemas["WeavePose"]>;
export type WeaveSolved = Omit<Received<Schemas["WeaveSolved"]>, "notes"> & { notes: Note[] };
export type WeaveJudged = Omit<Received<Schemas["WeaveJudged"]>, "notes"> & { notes: Note[] };
export type PieceCount = Omit<Received<Schemas["PieceCount"]>, "notes"> & { notes: Note[] };
export type WeaveLineAnswer = Omit<Received<Schemas["WeaveLineAnswer"]>, "count"> & { count: PieceCount };
export type PieceView = Received<Schemas["PieceView"]>;
export type PieceStep = Received<Schemas["PieceStep"]>;
export type PieceSpec = Received<Schemas["PieceSpec"]>;
export type ColourSpec = Received<Schemas["ColourSpec"]>;
export type WeaveJobData = Received<Schemas["WeaveJobData"]>;
export type WeaveRunData = Omit<Received<Schemas["WeaveRunData"]>, "counts" | "plan"> & {
  counts: Record<string, number>;
  plan: Received<Schemas["WeaveRunPlan"]>;
};
export type WeaveInHand = Received<Schemas["WeaveInHand"]>;
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
export type Caution = RingStep["cautions"][number];

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
