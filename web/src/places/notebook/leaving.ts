/** Taking a measurement out of the fit, and bringing it back. Nothing is erased. */
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept, MeasurementData } from "../../api/types";
import { remember } from "../../shared/undo";

export async function setLeftOut(id: string, version: number, leave: boolean): Promise<void> {
  await (leave
    ? call("DELETE", `/api/measurements/${id}?version=${version}`)
    : call("POST", `/api/measurements/${id}/restore`));
  changed("measurements", "springback", "notebook", "sheet", "ring-table");
}

/** Undo takes the measurement out again; redo counts it again. */
export function rememberMeasurement(label: string, id: string): void {
  const leave = async () => {
    const kept = await call<Kept<MeasurementData>>("GET", `/api/measurements/${id}`);
    await setLeftOut(id, kept.version, true);
  };
  remember(
    label,
    () => void leave(),
    () => void setLeftOut(id, 0, false),
  );
}
