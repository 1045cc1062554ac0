import type { CompositionQuestion, MedallionJobData, WeaveEntry } from "../../../api/types";

/** What is put together. Lengths mm. */
export interface MedallionChoice {
  weave: string;
  spoolId: string | null;
  metal: string;
  wireMm: number;
  innerMm: number;
  hubWireMm: number;
  /** Inside of the larger ring the maker has; null for the usual one. */
  hubInnerMm: number | null;
  arms: number;
  /** Rows of a chain's arms, and how many more the longer one has. */
  rows: number;
  longerBy: number;
  /** Rings in each row of a sheet's arms, and in the rows the longer one has more. */
  rowCounts: number[];
  longerCounts: number[];
  held: number;
  hubs: number;
  tieRow: number | null;
  tieAll: boolean;
  bail: boolean;
  colours: "PLAIN" | "ROWS" | "ARMS" | "BINDING";
  secondColour: string;
}

export const KEPT = "toroid-medallion";

export const FIRST: MedallionChoice = {
  weave: "byzantine",
  spoolId: null,
  metal: "copper",
  wireMm: 1,
  innerMm: 3.8,
  hubWireMm: 1.2,
  hubInnerMm: null,
  arms: 6,
  rows: 3,
  longerBy: 2,
  rowCounts: [2, 3, 2],
  longerCounts: [3, 2],
  held: 0,
  hubs: 2,
  tieRow: 0,
  tieAll: false,
  bail: true,
  colours: "PLAIN",
  secondColour: "yellow-brass",
};

/** Rows of an arm, the longer one's left out. */
export function rowsOf(choice: MedallionChoice, weave: Pick<WeaveEntry, "kind"> | undefined): number {
  return weave?.kind === "SHEET" ? choice.rowCounts.length : choice.rows;
}

/** What the server is asked. */
export function questionOf(
  choice: MedallionChoice,
  weave: Pick<WeaveEntry, "kind"> | undefined,
): CompositionQuestion {
  const sheet = weave?.kind === "SHEET";
  return {
    wireDiameterMm: choice.wireMm,
    innerDiameterMm: choice.innerMm,
    hubWireMm: choice.hubWireMm,
    hubInnerMm: choice.hubInnerMm,
    metal: choice.metal,
    arms: choice.arms,
    rows: sheet ? null : choice.rows,
    longerBy: sheet ? null : choice.longerBy,
    rowCounts: sheet ? choice.rowCounts : null,
    longerCounts: sheet ? choice.longerCounts : null,
    held: choice.held,
    hubs: choice.hubs,
    tieRow: choice.tieRow,
    tieAll: choice.tieAll,
    bail: choice.bail,
    hold: null,
    colours: choice.colours,
    secondColour: choice.secondColour,
  };
}

export type ChangeMedallion = (patch: Partial<MedallionChoice>, tag: string) => void;

/** A kept job as it is chosen here; what its kind of weave does not say stays as first. */
export function choiceOf({ weaveId, spoolId, composition: asked }: MedallionJobData): MedallionChoice {
  return {
    weave: weaveId,
    spoolId,
    metal: asked.metal ?? FIRST.metal,
    wireMm: asked.wireDiameterMm,
    innerMm: asked.innerDiameterMm,
    hubWireMm: asked.hubWireMm ?? asked.wireDiameterMm,
    hubInnerMm: asked.hubInnerMm,
    arms: asked.arms,
    rows: asked.rows ?? FIRST.rows,
    longerBy: asked.longerBy ?? FIRST.longerBy,
    rowCounts: asked.rowCounts ?? FIRST.rowCounts,
    longerCounts: asked.longerCounts ?? FIRST.longerCounts,
    held: asked.held ?? 0,
    hubs: asked.hubs,
    tieRow: asked.tieRow,
    tieAll: asked.tieAll ?? false,
    bail: asked.bail,
    colours: asked.colours ?? "PLAIN",
    secondColour: asked.secondColour ?? FIRST.secondColour,
  };
}

/** Rows written as makers say them, 2-3-2; null for what is none. */
export function readRows(text: string): number[] | null {
  const parts = text.trim().split(/[\s,;–-]+/);
  const counts = parts.map(Number);
  return counts.every((count) => Number.isInteger(count) && count >= 1 && count <= 40) ? counts : null;
}
