import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed } from "../../api/queries";
import type { JobKind } from "../../api/types";

/** Keeps a new job of that kind and answers its id. */
export async function keepNew(kind: JobKind, data: unknown): Promise<string> {
  const id = newId();
  await call("PUT", `/api/jobs/${kind}/${id}`, { version: null, data });
  changed(`jobs/${kind}`, "bench");
  return id;
}
