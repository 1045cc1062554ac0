import { useMemo, useState } from "react";
import { call } from "../../../api/client";
import { usePreferences, useWeaves } from "../../../api/queries";
import type { CompositionAnswer } from "../../../api/types";
import { useKeptChoice } from "../../../shared/keptChoice";
import { RefusedValue } from "../../../shared/RefusedValue";
import { useSolving } from "../../../shared/useSolving";
import { PieceScene } from "../PieceScene";
import { Modes } from "../Modes";
import { PutTogether } from "../piece/PutTogether";
import { FIRST, KEPT, questionOf, type MedallionChoice } from "./choice";
import { MedallionFigures } from "./MedallionFigures";
import { MedallionSentence } from "./MedallionSentence";

/** What the server's fields are here, and what they are called. */
const FIELDS: Record<string, keyof MedallionChoice> = {
  wireDiameterMm: "wireMm",
  innerDiameterMm: "innerMm",
  hubWireMm: "hubWireMm",
  hubInnerMm: "hubInnerMm",
  arms: "arms",
  rows: "rows",
  longerBy: "longerBy",
};
const NAMES: Record<string, string> = {
  innerDiameterMm: "The small ring, inside,",
  hubWireMm: "The larger rings' wire",
  hubInnerMm: "The larger ring, inside,",
  arms: "The number of arms",
  rows: "The rows of an arm",
  rings: "The rings of an arm",
  columns: "The rings in a row",
  longerBy: "The rows longer",
};
const MODES = [
  ["whole", "whole"],
  ["together", "ring by ring"],
] as const;

/** A cross, a star, a medallion: arms of a weave about larger rings, solved; which of those go in, how it lies, how it is made. */
export function MedallionPlace() {
  const weaves = (useWeaves().data ?? []).filter(
    (weave) => (weave.kind === "CHAIN" || weave.kind === "SHEET") && weave.sizes.length === 1,
  );
  const [choice, change] = useKeptChoice(KEPT, FIRST);
  const [mode, setMode] = useState<"whole" | "together">("whole");
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const weave = weaves.find((one) => one.id === choice.weave);
  const question = questionOf(choice, weave);
  const asked = useSolving({
    queryKey: ["composition", choice.weave, question],
    enabled: weave !== undefined,
    queryFn: async ({ signal }) => ({
      choice,
      question,
      answer: await call<CompositionAnswer>(
        "POST",
        `/api/weaves/${choice.weave}/composition`,
        question,
        signal,
      ),
    }),
  });
  const refused = asked.problem;
  const drawn = asked.data;
  return (
    <div className="piece-place" data-stale={asked.stale} data-refused={refused !== null}>
      <section className="weave-main" aria-label="The medallion">
        <MedallionSentence {...{ choice, weave, weaves, change }} />
        {refused && (
          <RefusedValue
            problem={refused}
            names={NAMES}
            onTake={(field) => {
              const own = FIELDS[field];
              return own === undefined || (own === "wireMm" && choice.spoolId !== null)
                ? null
                : (value) => change({ [own]: value }, own);
            }}
          />
        )}
        <Modes modes={MODES} mode={mode} onMode={setMode} />
        {drawn ? (
          <Laid {...{ mode }} choice={drawn.choice} answer={drawn.answer} />
        ) : (
          <p className="soft grow" role="status">
            {refused ? "" : "being worked out"}
          </p>
        )}
      </section>
      {drawn && (
        <aside aria-label="Rings and figures">
          <MedallionFigures {...drawn} units={units} refused={refused !== null} />
        </aside>
      )}
    </div>
  );
}

function Laid({
  mode,
  choice,
  answer,
}: {
  mode: "whole" | "together";
  choice: MedallionChoice;
  answer: CompositionAnswer;
}) {
  const rings = useMemo(() => Float32Array.from(answer.rings), [answer]);
  const all = useMemo(() => answer.colours.map((_, n) => n), [answer]);
  const name = `Medallion of ${choice.arms} arms`;
  const fitKey = `${choice.weave} ${answer.colours.length}`;
  const { palette, ringWireMm: wires } = answer;
  if (mode === "together") {
    const piece = { preClosed: answer.closedBefore, steps: answer.steps, colours: answer.colours };
    return (
      <PutTogether made={{ name, palette, wireMm: choice.wireMm, wires }} {...{ fitKey, piece, rings }} />
    );
  }
  return (
    <PieceScene
      {...{ name, rings, palette, wires, fitKey }}
      which={all}
      colours={answer.colours}
      wireMm={choice.wireMm}
      firstLook="face"
    />
  );
}
