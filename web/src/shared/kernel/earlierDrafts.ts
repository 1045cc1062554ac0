/** What was typed into an earlier version of this app and not sent yet, by today's names. */
const RENAMED: Record<string, readonly [before: string, now: string]> = {
  "jobs/form": ["pieces", "copies"],
  "jobs/weave": ["piece", "patch"],
};

export function inTodaysNames(path: string, held: unknown): unknown {
  const renamed = RENAMED[path];
  if (!renamed || typeof held !== "object" || held === null || !(renamed[0] in held)) {
    return held;
  }
  const { [renamed[0]]: kept, ...rest } = held as Record<string, unknown>;
  return { ...rest, [renamed[1]]: kept };
}
