/** Starting a form job: from the catalogue, from the bench line. */
import { spoolOf, spoolsNow } from "./spools";
import type { CatalogueForm, Choices, FormJobData, FormLineAnswer, Kept, SpoolData } from "../../api/types";
import { keepNew } from "./keepNew";

/** The spool nearest to the wire a form is usually made in, within a fifth. */
function fitting(spools: readonly Kept<SpoolData>[], wireMm: number): Kept<SpoolData> | undefined {
  const near = [...spools].sort(
    (a, b) => Math.abs(a.data.wireDiameterMm - wireMm) - Math.abs(b.data.wireDiameterMm - wireMm),
  )[0];
  return near && Math.abs(near.data.wireDiameterMm / wireMm - 1) < 0.2 ? near : undefined;
}

/** The wraps of its loops, of which the maker has a habit; a binding's are counted for themselves. */
function wrapsOfLoops(form: { parameters: { id: string }[] }): string[] {
  const ids = form.parameters.map((parameter) => parameter.id);
  return ids.filter(
    (id) => /[wW]raps$/.test(id) && ids.includes(id.replace("wraps", "loop").replace("Wraps", "Loop")),
  );
}

/** A job as the maker's preferences and stock would have it. */
export function blankForm(
  form: Pick<CatalogueForm, "id" | "name" | "usualWireMm"> & { parameters: { id: string }[] },
  choices: Choices,
  spools: readonly Kept<SpoolData>[],
): FormJobData {
  const spool = fitting(spools, form.usualWireMm);
  return {
    name: form.name.charAt(0).toUpperCase() + form.name.slice(1),
    formId: form.id,
    spoolId: spool?.id ?? null,
    metal: spool?.data.metal ?? "copper",
    temper: spool?.data.temper ?? "HALF_HARD",
    wireDiameterMm: spool?.data.wireDiameterMm ?? form.usualWireMm,
    parameters:
      choices.wraps === 3 ? {} : Object.fromEntries(wrapsOfLoops(form).map((id) => [id, choices.wraps])),
    hand: "RIGHT",
    copies: 2,
    rhythm: choices.rhythm,
    cutting: choices.formCutting,
    plainFromMm: choices.plainFromMm,
    tailFactor: 1,
    lots: {},
    note: "",
  };
}

export const keepForm = (data: FormJobData): Promise<string> => keepNew("form", data);

/** A bench line's answer as a job. A spool of that metal and size is taken if there is one. */
export async function takeFormLine(answer: FormLineAnswer, text: string, choices: Choices): Promise<string> {
  const spool = spoolOf(await spoolsNow(), answer);
  const form = { id: answer.formId, name: answer.name, usualWireMm: answer.wireDiameterMm, parameters: [] };
  return keepForm({
    ...blankForm(form, choices, []),
    name: text.trim().slice(0, 120),
    spoolId: spool?.id ?? null,
    metal: spool?.data.metal ?? answer.metal,
    temper: spool?.data.temper ?? answer.temper,
    wireDiameterMm: spool?.data.wireDiameterMm ?? answer.wireDiameterMm,
    parameters: answer.parameters,
    copies: answer.count ?? 2,
  });
}
