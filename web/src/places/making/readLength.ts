import { call } from "../../api/client";
import type { LengthAnswer } from "../../api/types";

/** A length as makers write it, "5/32 in" or "18 gauge", read by the server. mm. */
export async function readLength(text: string, bareGauge: "AWG" | "SWG" | undefined): Promise<number> {
  return (await call<LengthAnswer>("POST", "/api/quantity/length", { text, bareGauge })).millimetres;
}

export const ONLY_THE_SERVER_READS_THIS =
  "The server is not answering, and only it reads this. Type a bare number: it is kept here.";
