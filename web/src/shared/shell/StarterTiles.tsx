import { Link } from "react-router";
import { usePiecePicture, useStarters } from "../../api/queries";
import type { BodyPart, Starter } from "../../api/types";
import { PiecePicture } from "./PiecePicture";
import { isAtTheEar } from "../words/pieceWords";

const CLOSED = ["round", "along"] as const;
const HUNG = ["down"] as const;

const GROUPS: readonly (readonly [string, readonly BodyPart[]])[] = [
  ["round a wrist", ["WRIST", "ANKLE", "ANKLE_AND_FOOT"]],
  ["round a neck", ["NECK"]],
  ["at the ear", ["EAR", "EAR_EDGE"]],
  ["round a finger", ["FINGER"]],
  ["round a waist", ["WAIST"]],
];

/** Pieces to begin from, drawn large in their metal, by where they are worn. */
export function StarterTiles({ only }: { only?: (starter: Starter) => boolean }) {
  const starters = (useStarters().data ?? []).filter((one) => !only || only(one));
  return (
    <>
      {GROUPS.map(([title, parts]) => {
        const shown = starters.filter((one) => parts.includes(one.body));
        return shown.length === 0 ? null : (
          <section key={title} aria-label={title}>
            <h2>{title}</h2>
            <ul className="starters">
              {shown.map((starter) => (
                <StarterTile key={starter.id} starter={starter} />
              ))}
            </ul>
          </section>
        );
      })}
    </>
  );
}

function StarterTile({ starter }: { starter: Starter }) {
  const piece = usePiecePicture(starter.line, starter.metal).data;
  return (
    <li>
      <Link className="starter" to={`/pieces/new/${starter.id}`}>
        <span className="starter-picture">
          {piece?.drawing && (
            <PiecePicture
              drawing={piece.drawing}
              {...(piece.pair && { pair: "both" as const })}
              metal={starter.metal}
              ways={isAtTheEar(starter.body) ? HUNG : CLOSED}
              aside={isAtTheEar(starter.body)}
            />
          )}
        </span>
        <span className="strong">{starter.name}</span>
        <span className="tiny soft">{starter.built}</span>
      </Link>
    </li>
  );
}
