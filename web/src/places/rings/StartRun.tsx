import { useState } from "react";
import { useNavigate } from "react-router";
import { call, Problem } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept, RingJobData, RingSheet, RunData } from "../../api/types";
import { KeptLink } from "../../shared/KeptLink";
import { say } from "../../shared/says";
import { REFUSED_ABOVE, ShutButton } from "../../shared/ShutButton";
import { editorOf } from "../../shared/useEditor";

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
      await editorOf("ring-jobs", kept).flush();
      const run = await call<Kept<RunData>>("POST", `/api/ring-jobs/${kept.id}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(
        failure instanceof Problem ? failure.body.detail : "The server is not answering; nothing was begun.",
      );
      setBusy(false);
    }
  };
  return (
    <span className="flex items-center gap-x-5">
      <ShutButton why={shut ? REFUSED_ABOVE : busy ? "being begun" : null} onClick={() => void start()}>
        Wind {sheet.ringsMade} of these
      </ShutButton>
      <KeptLink editor={editorOf("ring-jobs", kept)} path="ring-jobs" to={`/print/${kept.id}`}>
        print sheet
      </KeptLink>
    </span>
  );
}
