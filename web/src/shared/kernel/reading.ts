import type { Quantity, ReadingData } from "../../api/types";

/** What this app knows of a reading; what was planned, the wire and the tool, the server fills in. */
export interface Reading {
  quantity: Quantity;
  value: number;
  /** In a run: at which of its operations. */
  runId?: string;
  operation?: string;
  lotId?: string;
  sessionId?: string;
  /** Of a run, which of its copies, from 0; and how often the like had come to nothing by then. */
  copy?: number;
  lost?: number;
  planned?: number;
  context?: Partial<ReadingData["context"]>;
}

export interface Sent extends Reading {
  takenAt: string;
  note: string;
}
