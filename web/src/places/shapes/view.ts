import type { FormWire } from "../../api/types";

/** How a form is looked at. */
export type ViewKind = "solid" | "face" | "edge" | "true";

export interface ViewWire {
  diameterMm: number;
  points: readonly number[];
  sections?: readonly number[];
  holes?: FormWire["holes"];
  marked?: boolean;
  /** Of another metal than the form. */
  metal?: string | null;
}
