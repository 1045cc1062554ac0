import { failureWords } from "../../../shared/words/refused";
import { useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../../../api/client";
import { changed } from "../../../api/queries";
import type { CompositionAnswer, CompositionQuestion, Kept, MedallionJobData } from "../../../api/types";
import { say } from "../../../shared/kernel/says";
import { REFUSED_ABOVE, ShutButton } from "../../../shared/shell/ShutButton";
import type { MedallionChoice } from "./choice";
import { keepMedallion } from "./keepMedallion";

interface Props {
  choice: MedallionChoice;
  question: CompositionQuestion;
  answer: CompositionAnswer;
  refused: boolean;
  kept?: Kept<MedallionJobData>;
}

/** To the bench, kept as a job if it is not one yet. */
export function MakeMedallion({ choice, question, answer, refused, kept }: Props) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const rings = answer.ringCount.reduce((sum, count) => sum + count, 0);
  const make = async () => {
    setBusy(true);
    try {
      const { id } = await keepMedallion(choice, question, kept);
      const run = await call<Kept<unknown>>("POST", `/api/jobs/medallion/${id}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was begun."));
      setBusy(false);
    }
  };
  const out = answer.fit === "TOO_SMALL" || answer.fit === "TOO_LARGE";
  const why = refused
    ? REFUSED_ABOVE
    : out
      ? "The larger ring does not go in: take another."
      : busy
        ? "being begun"
        : null;
  return (
    <ShutButton why={why} onClick={() => void make()}>
      Make it, {rings} rings
    </ShutButton>
  );
}
