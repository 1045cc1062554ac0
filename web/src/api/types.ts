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
