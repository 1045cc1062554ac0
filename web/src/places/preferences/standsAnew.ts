import { call } from "../../api/client";

const LOOKS_MS = 400;

/** Looks that find it still there after which it was gone and back in between. */
const MISSED_LOOKS = 25;

const pause = () => new Promise((resolve) => setTimeout(resolve, LOOKS_MS));

async function stands(): Promise<boolean> {
  try {
    await call("GET", "/api/session");
    return true;
  } catch {
    return false;
  }
}

/** Resolves once the server, which begins anew, answers again. */
export async function standsAnew(): Promise<void> {
  for (let looks = 0; looks < MISSED_LOOKS && (await stands()); looks++) {
    await pause();
  }
  while (!(await stands())) {
    await pause();
  }
}
