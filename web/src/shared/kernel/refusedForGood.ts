import { Problem } from "../../api/client";

/** Signing in, something written in the same moment, too many at once: the same again may be taken. */
const COMES_LATER = [401, 409, 429];

/** The server that worked on it has gone, and another stands there. */
const ASKED_OF_ANOTHER = "no-such-effort";

/** Asking to sign in, or a stumble of the server's own, is no refusal. */
export function isRefused(failure: unknown): failure is Problem {
  return (
    failure instanceof Problem &&
    failure.status < 500 &&
    failure.body.code !== ASKED_OF_ANOTHER &&
    !COMES_LATER.includes(failure.status)
  );
}
