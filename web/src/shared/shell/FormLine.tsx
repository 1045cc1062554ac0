import type { FormLineAnswer } from "../../api/types";
import { many, sizeText, wireLength, type Units } from "../../quantity/format";
import { noteWords } from "../words/noteWords";
import { Understood } from "./Understood";

/** What a line about a form comes to: what to cut of each wire, largest. */
export function FormLine({ answer, units }: { answer: FormLineAnswer; units: Units }) {
  return (
    <>
      {answer.wires.map((wire, i) => (
        <p key={i} className="figures text-3xl font-extrabold">
          {sizeText(wire.lengthToCutMm, units, 1)}{" "}
          <span className="text-base font-medium soft">
            to cut{answer.wires.length > 1 && `, ${wire.name}`}
          </span>
        </p>
      ))}
      <p className="mt-1">
        {answer.name} in <strong>{sizeText(answer.wireDiameterMm, units)}</strong> wire
        {answer.wires.length === 1 && (
          <>
            , <strong>{sizeText(answer.wires[0]!.lengthInPieceMm, units, 1)}</strong> in the piece
          </>
        )}
      </p>
      {answer.count !== null && (
        <p>
          {many(answer.count, "copy", "copies")} take{" "}
          <strong>
            {answer.wires
              .map((wire) =>
                answer.wires.length > 1
                  ? `${wire.name} ${wireLength(wire.forCountMm, units)}`
                  : wireLength(wire.forCountMm, units),
              )
              .join(", ")}
          </strong>
        </p>
      )}
      {answer.notes
        .filter((note) => note.severity === "STOP" || note.severity === "CARE")
        .slice(0, 2)
        .map((note) => (
          <p key={note.code} className="care">
            {noteWords(note, units)}
          </p>
        ))}
      <Understood parts={answer.understood} place="Shapes" />
    </>
  );
}
