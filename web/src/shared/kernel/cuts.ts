/** From what is made of rings to the wire: its rings as jobs of their own, kept together with it or not at all. */
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept, MedallionJobData, PieceJobData, RingJobData, WeaveJobData } from "../../api/types";
import { many } from "../../quantity/format";
import { say } from "./says";

interface Laid {
  cuts: Kept<RingJobData>[];
}

/** Lays them out, once however often it is asked; answers the first one's id. */
export async function layOutCuts(
  kind: "weave" | "medallion" | "piece",
  id: string,
  data: WeaveJobData | MedallionJobData | PieceJobData,
): Promise<string> {
  const { cuts } = await call<Laid>("POST", `/api/jobs/${kind}/${id}/cuts`, { version: null, data });
  changed(`jobs/${kind}`, "jobs/ring", "bench");
  say(`${many(cuts.length, "ring job")} laid out, spare included.`);
  return cuts[0]!.id;
}
