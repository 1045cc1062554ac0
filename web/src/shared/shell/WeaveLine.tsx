import type { WeaveLineAnswer } from "../../api/types";
import { many, plain, sizeText, type Units } from "../../quantity/format";
import { Understood } from "./Understood";

/** A weave as the bench line counted it. */
export function WeaveLine({ answer, units }: { answer: WeaveLineAnswer; units: Units }) {
  const { count } = answer;
  const verdict = count.notes[0];
  const room = answer.kind === "SHEET" ? count.rest : count.taut;
  return (
    <>
      <p className="figures text-3xl font-extrabold">
        {count.preClosed.inHand} <span className="text-base font-medium soft">to close,</span> {count.opened}{" "}
        <span className="text-base font-medium soft">to open</span>
      </p>
      <p className="mt-1">
        {answer.name} in <strong>{sizeText(answer.wireDiameterMm, units)}</strong> wire, rings{" "}
        <strong>{answer.innerDiameterMm.map((inner) => sizeText(inner, units)).join(" and ")}</strong> inside
        {!answer.ringsSaid && " (usual for it)"}
      </p>
      {room && (
        <p>
          {many(count.total, "ring")}, <strong>{sizeText(room.lengthMm, units, 1)}</strong>
          {answer.kind === "SHEET" ? ` by ${sizeText(room.widthMm, units, 1)} at rest` : " long, taut"}
        </p>
      )}
      {verdict && verdict.severity !== "GOOD" && (
        <p className="care">
          {verdict.severity === "STOP" ? "These rings will not close in it" : "These rings sit badly in it"}:
          play {plain(Number(verdict.values.playPercent), 0)} %.
        </p>
      )}
      <Understood parts={answer.understood} place="Weaves" />
    </>
  );
}
