/** What is said of a refusal, and of a call that did not come through. */
import { Problem } from "../../api/client";
import { unitsNow } from "../../api/queries";
import type { Refusal } from "../../api/types";
import type { Units } from "../../quantity/format";
import { capital } from "./lists";
import { REFUSALS } from "./refusalWords";
import { Said } from "./said";

/**
 * A refusal, as a sentence with the way out.
 *
 * @param names what fields are called on this screen, by id
 */
export function refusalWords(
  refusal: Refusal,
  names: Record<string, string> = {},
  units: Units = unitsNow(),
): string {
  return capital(REFUSALS[refusal.code](new Said(refusal, names, units)));
}

/** What to say of a call that failed: the refusal, or that the server was not reached and what that means here. */
export function failureWords(failure: unknown, notReached: string): string {
  return failure instanceof Problem ? refusalWords(failure.body) : notReached;
}
