import type { CompositionQuestion, Kept, MedallionJobData } from "../../../api/types";
import { keepNew } from "../../../shared/kernel/keepNew";
import { editorOf } from "../../../shared/kernel/useEditor";
import type { MedallionChoice } from "./choice";

/** A medallion that is not kept yet, as a job. */
export function medallionJob(choice: MedallionChoice, composition: CompositionQuestion): MedallionJobData {
  return {
    name: `Medallion of ${choice.arms} arms`,
    weaveId: choice.weave,
    spoolId: choice.spoolId,
    composition,
    note: "",
  };
}

/** Keeps it as a job, what was changed of one that is kept included; answers where, and what it holds. */
export async function keepMedallion(
  choice: MedallionChoice,
  composition: CompositionQuestion,
  kept?: Kept<MedallionJobData>,
): Promise<{ id: string; data: MedallionJobData }> {
  if (kept) {
    const editor = editorOf("jobs/medallion", kept);
    await editor.flush();
    return { id: kept.id, data: editor.get().data };
  }
  const data = medallionJob(choice, composition);
  return { id: await keepNew("medallion", data), data };
}
