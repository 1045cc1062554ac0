import { call } from "../../api/client";
import type { LengthAnswer, Choices } from "../../api/types";
import { bareLengthMm } from "../../quantity/inches";

/**
 * A length as makers type it, mm. A bare number is one of the maker's own unit and needs no server; "5/32 in" or "18 gauge" is read there.
 *
 * @throws Problem where the server cannot read it, Unreachable where there is none ({@link ONLY_THE_SERVER_READS_THIS})
 */
export async function typedLength(typed: string, choices: Choices | undefined): Promise<number> {
  const bare = bareLengthMm(typed, choices?.units ?? "MILLIMETRES");
  const asked = { text: typed, bareGauge: choices?.bareGauge };
  return bare ?? (await call<LengthAnswer>("POST", "/api/quantity/length", asked)).millimetres;
}

export const ONLY_THE_SERVER_READS_THIS =
  "The server is not answering, and only it reads this. Type a bare number: it is kept here.";
