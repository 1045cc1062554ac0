import { failureWords } from "../../shared/words/refused";
import { useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept, RingJobData, RingSheet } from "../../api/types";
import { KeptLink } from "../../shared/shell/KeptLink";
import { say } from "../../shared/kernel/says";
import { REFUSED_ABOVE, ShutButton } from "../../shared/shell/ShutButton";
import { editorOf } from "../../shared/kernel/useEditor";

/** From the drawing to the bench. */
export function StartRun({
  kept,
  sheet,
  shut = false,
}: {
  kept: Kept<RingJobData>;
  sheet: RingSheet;
  /** A value is refused: what is shown is from before. */
  shut?: boolean;
}) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const start = async () => {
    setBusy(true);
    try {
      await editorOf("jobs/ring", kept).flush();
      const run = await call<Kept<unknown>>("POST", `/api/jobs/ring/${kept.id}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was begun."));
      setBusy(false);
    }
  };
  return (
    <span className="flex items-center gap-x-5">
      <ShutButton why={shut ? REFUSED_ABOVE : busy ? "being begun" : null} onClick={() => void start()}>
        Wind {sheet.ringsMade} of these
      </ShutButton>
      <KeptLink editor={editorOf("jobs/ring", kept)} path="jobs/ring" to={`/print/${kept.id}`}>
        print sheet
      </KeptLink>
    </span>
  );
}
