/** Takes a run out of the notebook, with all that was measured and photographed in it, and brings it back. */
import type { NavigateFunction } from "react-router";
import { call } from "../../../api/client";
import { changed } from "../../../api/queries";
import type { NotebookEntry } from "../../../api/types";
import { say } from "../../../shared/kernel/says";
import { broughtBack } from "../../../shared/kernel/takeAway";
import { failureWords } from "../../../shared/words/refused";

/** What tells of runs, or is learnt from them. */
const SHOWN = ["bench", "notebook", "readings", "springback", "photos", "sheet", "ring-table"];

export async function runAway({ runId, name }: NotebookEntry, navigate: NavigateFunction): Promise<void> {
  try {
    await call("DELETE", `/api/runs/${runId}`);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
    return;
  }
  await navigate("/notebook");
  changed(...SHOWN);
  say(
    `This run of ${name} was taken out, with what was measured in it. What it used of the shelf stays used.`,
    {
      label: "bring it back",
      run: () => void broughtBack("runs", runId, ...SHOWN),
    },
  );
}
