import { many, plain, signedPercent, sizeText, wireLength, type Units } from "../../quantity/format";
import type { RingLineReply } from "../kernel/newJob";
import { Understood } from "./Understood";

/** A ring line as the Rings place will show it: the same sheet, the maker's own spool, spare and tails in it. */
export function RingLine({ reply, units }: { reply: RingLineReply; units: Units }) {
  const { answer, job, sheet, refusal } = reply;
  const ring = sheet?.ring;
  return (
    <>
      <p className="figures text-3xl font-extrabold">
        {sizeText(ring?.closedInnerMm ?? answer.innerDiameterMm, units)}{" "}
        <span className="text-base font-medium soft">inside</span>
      </p>
      <p className="mt-1">
        aspect ratio <strong>{plain(ring?.aspectRatio ?? answer.aspectRatio)}</strong>, outside{" "}
        <strong>{sizeText(ring?.closedOuterMm ?? answer.outerDiameterMm, units)}</strong>, on a{" "}
        <strong>{sizeText(ring?.mandrelDiameterMm ?? answer.mandrelDiameterMm, units)}</strong> rod
      </p>
      {refusal && <p className="care">{refusal}</p>}
      {answer.count !== null && sheet && (
        <p>
          {many(answer.count, "ring")} take{" "}
          <strong>
            {wireLength(sheet.figures.find((figure) => figure.id === "wire-total")!.value, units)}
          </strong>{" "}
          of wire: {sheet.ringsMade > answer.count && `${sheet.ringsMade} with the spare, `}
          {sheet.coils[0]!.spoiltTurns > 0 &&
            `${many(sheet.coils[0]!.spoiltTurns / 2, "spoilt turn")} at each end, `}
          lead {sizeText(job.leadMm, units, 0)}, tail {sizeText(job.tailMm, units, 0)}
          {sheet.coils.length > 1 && `, for each of ${sheet.coils.length} coils`}
        </p>
      )}
      {answer.fromRings !== null && (
        <p>
          that gives <strong>{many(answer.fromRings, "ring")}</strong>, leads and tails aside
        </p>
      )}
      {answer.otherGauge && (
        <p className="care">
          Read as {answer.otherGauge.taken}; {answer.otherGauge.name} is{" "}
          {answer.otherGauge.millimetres.toFixed(2)} mm, {signedPercent(answer.otherGauge.differencePercent)}.
        </p>
      )}
      <Understood parts={answer.understood} place="Rings">
        {job.spoolId ? (
          <li>your spool of {sizeText(job.wireDiameterMm, units)}</li>
        ) : (
          answer.understood.every((part) => part.role !== "metal") && (
            <li>{answer.metal.replaceAll("-", " ")}</li>
          )
        )}
      </Understood>
    </>
  );
}
