import { failureWords } from "../../shared/words/refused";
import { useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { FormAnswer, FormJobData, Kept } from "../../api/types";
import { cuttingWord, handWord, rhythmWord } from "../../shared/words/formWords";
import { CountInput } from "../../shared/shell/CountInput";
import { say } from "../../shared/kernel/says";
import { REFUSED_ABOVE, ShutButton } from "../../shared/shell/ShutButton";
import { WordChoice } from "../../shared/shell/WordChoice";
import { editorOf } from "../../shared/kernel/useEditor";
import type { ChangeForm } from "./FormSentence";

const worded = <T extends string>(values: readonly T[], word: (value: T) => string) =>
  values.map((value) => [value, word(value)] as const);
const HANDS = worded(["RIGHT", "LEFT", "PAIRS"] as const, handWord);
const RHYTHMS = worded(["BATCH", "FIRST_ALONE", "TANDEM", "ONE_BY_ONE"] as const, rhythmWord);
const CUTTINGS = worded(["PRE_CUT", "FROM_SPOOL"] as const, cuttingWord);

interface Props {
  kept: Kept<FormJobData>;
  form: FormAnswer;
  data: FormJobData;
  change: ChangeForm;
  /** A value is refused: what is shown is from before. */
  shut?: boolean;
}

/** From the drawing to the bench: how many, in what rhythm, of which hand. */
export function StartForm({ kept, form, data, change, shut = false }: Props) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const stopped = form.notes.some((note) => note.severity === "STOP");
  const start = async () => {
    setBusy(true);
    try {
      await editorOf("jobs/form", kept).flush();
      const run = await call<Kept<unknown>>("POST", `/api/jobs/form/${kept.id}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was begun."));
      setBusy(false);
    }
  };
  return (
    <div className="start-form">
      <p className="sentence">
        <CountInput label="Copies" value={data.copies} onChange={(copies) => change({ copies }, "copies")} />
        <span>copies,</span>
        <HowMade data={data} change={change} />
      </p>
      <p className="flex flex-wrap items-center gap-x-5">
        <ShutButton why={shut ? REFUSED_ABOVE : busy ? "being begun" : null} onClick={() => void start()}>
          Make {data.copies} of these
        </ShutButton>
        {data.hand !== "PAIRS" && (
          <button
            className="quiet"
            onClick={() =>
              change({ hand: "PAIRS", copies: data.copies + (data.copies % 2), rhythm: "TANDEM" }, "twins")
            }
          >
            make twins
          </button>
        )}
      </p>
      {stopped && !shut && <p className="care small">As it stands it cannot be made: see beside.</p>}
    </div>
  );
}

/** Of which hand, in what rhythm, cut how. */
function HowMade({ data, change }: Pick<Props, "data" | "change">) {
  return (
    <>
      <WordChoice
        label="Hand"
        values={HANDS}
        value={data.hand}
        onValue={(hand) => change({ hand }, "hand")}
      />
      <WordChoice
        label="Rhythm"
        values={RHYTHMS}
        value={data.rhythm}
        onValue={(rhythm) => change({ rhythm }, "rhythm")}
      />
      <WordChoice
        label="Cutting"
        values={CUTTINGS}
        value={data.cutting}
        onValue={(cutting) => change({ cutting }, "cutting")}
      />
    </>
  );
}
