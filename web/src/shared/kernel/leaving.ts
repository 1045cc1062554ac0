/** Taking a measurement out of the fit, and bringing it back. Nothing is erased. */
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept, ReadingData } from "../../api/types";
import { remember } from "./undo";

export async function setLeftOut(id: string, version: number, leave: boolean): Promise<void> {
  await (leave
    ? call("DELETE", `/api/readings/${id}?version=${version}`)
    : call("POST", `/api/readings/${id}/restore`));
  changed("readings", "springback", "bench", "notebook", "sheet", "ring-table");
}

/** Undo takes the measurement out again; redo counts it again. */
export function rememberMeasurement(label: string, id: string): void {
  const leave = async () => {
    const kept = await call<Kept<ReadingData>>("GET", `/api/readings/${id}`);
    await setLeftOut(id, kept.version, true);
  };
  remember(
    label,
    () => void leave(),
    () => void setLeftOut(id, 0, false),
  );
}
