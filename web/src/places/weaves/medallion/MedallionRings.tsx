import { useState } from "react";
import { useNavigate } from "react-router";
import { fetchFile, Problem } from "../../../api/client";
import { usePreferences } from "../../../api/queries";
import type { CompositionAnswer, CompositionQuestion } from "../../../api/types";
import { keepJob, ringsOf } from "../../../shared/newJob";
import { REFUSED_ABOVE, ShutButton } from "../../../shared/ShutButton";
import { say } from "../../../shared/says";
import { saveFile } from "../../../shared/takeAway";
import type { MedallionChoice } from "./choice";

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
}: {
  choice: MedallionChoice;
  answer: CompositionAnswer;
  /** A value is refused: what is shown is from before. */
  refused: boolean;
  /** What was answered. */
  question: CompositionQuestion;
}) {
  const choices = usePreferences().data?.data;
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const take = (format: string) =>
    saveFile(`Medallion of ${choice.arms}`, format, () =>
      fetchFile(`/api/weaves/${choice.weave}/composition/export/${format}`, question),
    );
  const cut = async () => {
    setBusy(true);
    try {
      const name = `Medallion of ${choice.arms}`;
      const [small, larger] = answer.ringCount;
      const own = { metal: choice.metal, spoolId: choice.spoolId, wireMm: choice.wireMm };
      const hubs =
        choice.hubWireMm === choice.wireMm ? own : { ...own, spoolId: null, wireMm: choice.hubWireMm };
      const first = await keepJob(
        ringsOf(choices!, { ...own, name: `${name}, small rings`, innerMm: choice.innerMm, count: small! }),
      );
      await keepJob(
        ringsOf(choices!, {
          ...hubs,
          name: `${name}, larger rings`,
          innerMm: answer.hubInnerDiameterMm,
          count: larger!,
        }),
      );
      say("Two ring jobs laid out, spare included.");
      await navigate(`/rings/${first}`);
    } catch (failure) {
      say(
        failure instanceof Problem
          ? failure.body.detail
          : "The server is not answering; nothing was laid out.",
      );
    }
    setBusy(false);
  };
  return (
    <p className="mt-2 mb-1 flex flex-wrap items-center gap-x-4">
      <ShutButton
        why={
          refused
            ? REFUSED_ABOVE
            : NO_FIT.has(answer.fit)
              ? "no such larger ring goes in"
              : busy
                ? "being laid out"
                : choices
                  ? null
                  : "not connected yet"
        }
        onClick={() => void cut()}
      >
        Cut its rings
      </ShutButton>
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
