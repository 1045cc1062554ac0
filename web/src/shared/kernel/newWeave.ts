/** Starting a weave job: from the weave looked at, from the bench line. */
import { spoolOf, spoolsNow } from "./spools";
import type { Choices, PatchSpec, WeaveEntry, WeaveJobData, WeaveLineAnswer } from "../../api/types";
import { capital } from "../words/lists";
import { keepNew } from "./keepNew";

export interface WeaveRingsChosen {
  spoolId: string | null;
  metal: string;
  wireMm: number;
  innerMm: number[];
}

const NOTHING_SAID: PatchSpec = {
  lengthMm: null,
  units: null,
  rows: null,
  columns: null,
  rowCounts: null,
  outline: "EVEN",
  sheet: "ROWS",
  doubling: "TOGETHER",
  hold: 4,
  sparePercent: 5,
};

/** A bracelet's length of a chain, a small square of a sheet. */
export function usualPatch(kind: WeaveEntry["kind"], sparePercent: number): PatchSpec {
  const size =
    kind === "SHEET" ? { rows: 9, columns: 12 } : kind === "FINITE" ? { units: 1 } : { lengthMm: 180 };
  return { ...NOTHING_SAID, sparePercent, ...size };
}

export function blankWeave(
  weave: Pick<WeaveEntry, "id" | "name" | "kind">,
  rings: WeaveRingsChosen,
  sparePercent: number,
): WeaveJobData {
  return {
    name: capital(weave.name),
    weaveId: weave.id,
    spoolId: rings.spoolId,
    metal: rings.metal,
    wireDiameterMm: rings.wireMm,
    innerDiameterMm: rings.innerMm,
    patch: usualPatch(weave.kind, sparePercent),
    colours: { palette: [rings.metal], by: "RING", sequence: [0], painted: [] },
    note: "",
  };
}

export const keepWeave = (data: WeaveJobData): Promise<string> => keepNew("weave", data);

/** A bench line's answer as a job. A spool of that metal and size is taken if there is one. */
export async function takeWeaveLine(
  answer: WeaveLineAnswer,
  text: string,
  choices: Choices,
): Promise<string> {
  const spool = spoolOf(await spoolsNow(), answer);
  const rings = {
    spoolId: spool?.id ?? null,
    metal: answer.metal,
    wireMm: answer.wireDiameterMm,
    innerMm: answer.innerDiameterMm,
  };
  const job = blankWeave(
    { id: answer.weaveId, name: answer.name, kind: answer.kind },
    rings,
    choices.sparePercent,
  );
  const { lengthMm, units, rows, columns } = answer;
  return keepWeave({
    ...job,
    name: text.trim().slice(0, 120),
    patch: { ...job.patch, lengthMm, units, rows, columns },
  });
}
