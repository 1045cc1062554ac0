import { failureWords } from "../../../shared/words/refused";
import { useState } from "react";
import { useNavigate } from "react-router";
import { fetchFile } from "../../../api/client";
import { newId } from "../../../api/newId";
import type { CompositionAnswer, CompositionQuestion, Kept, MedallionJobData } from "../../../api/types";
import { layOutCuts } from "../../../shared/kernel/cuts";
import { ShutButton } from "../../../shared/shell/ShutButton";
import { say } from "../../../shared/kernel/says";
import { saveFile } from "../../../shared/kernel/takeAway";
import type { MedallionChoice } from "./choice";
import { keepMedallion, medallionJob } from "./keepMedallion";

/** Larger rings that would be cut for nothing. */
const NO_FIT: ReadonlySet<CompositionAnswer["fit"]> = new Set(["TOO_SMALL", "TOO_LARGE"]);

const FORMATS: [string, string][] = [
  ["svg", "SVG"],
  ["stl", "STL"],
  ["gltf", "glTF"],
  ["csv", "count CSV"],
];

/** From the medallion to the wire: its small rings and its larger ones as jobs of their own. */
export function MedallionRings({
  choice,
  answer,
  refused,
  question,
  kept,
}: {
  choice: MedallionChoice;
  answer: CompositionAnswer;
  /** A value is refused: what is shown is from before. */
  refused: boolean;
  /** What was answered. */
  question: CompositionQuestion;
  kept?: Kept<MedallionJobData>;
}) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const take = (format: string) =>
    saveFile(`Medallion of ${choice.arms}`, format, () =>
      fetchFile(`/api/weaves/${choice.weave}/composition/export/${format}`, question),
    );
  const cut = async () => {
    setBusy(true);
    try {
      const id = kept ? kept.id : newId();
      const data = kept ? (await keepMedallion(choice, question, kept)).data : medallionJob(choice, question);
      await navigate(`/rings/${await layOutCuts("medallion", id, data)}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was laid out."));
    }
    setBusy(false);
  };
  return (
    <p className="mt-2 mb-1 flex flex-wrap items-center gap-x-4">
      {!refused && (
        <ShutButton
          className="quiet"
          why={NO_FIT.has(answer.fit) ? "no such larger ring goes in" : busy ? "being laid out" : null}
          onClick={() => void cut()}
        >
          cut its rings
        </ShutButton>
      )}
      <span className="exports small">
        {FORMATS.map(([format, name]) => (
          <button key={format} className="quiet small" onClick={() => void take(format)}>
            {name}
          </button>
        ))}
      </span>
    </p>
  );
}
