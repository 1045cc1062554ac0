import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { call } from "../../api/client";
import { readAnew, usePieceJobs, usePiecePicture, usePreferences, useStarters } from "../../api/queries";
import type { Kept, PieceJobData } from "../../api/types";
import { many, sizeText, type Units } from "../../quantity/format";
import { ranked, starterToFind } from "../../shared/kernel/finder";
import { say } from "../../shared/kernel/says";
import { keepPiece } from "../../shared/kernel/newPiece";
import { FindField, Found } from "../../shared/shell/Find";
import { ReadIn } from "../../shared/shell/ReadIn";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { StarterTiles } from "../../shared/shell/StarterTiles";
import { isAtTheEar } from "../../shared/words/pieceWords";

/** The workshop's own pieces, then pieces to begin from. */
export function PiecesDoor() {
  const jobs = usePieceJobs().data;
  const starters = useStarters().data ?? [];
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [wanted, setWanted] = useState("");
  if (!jobs) {
    return null;
  }
  const words = wanted.trim();
  const found = new Set(ranked(starters, starterToFind, words).map((one) => one.id));
  return (
    <div className="place catalogue pieces-door">
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">Pieces</h1>
        <span className="flex flex-wrap items-baseline gap-x-8">
          <ReadPiece />
          <FindField words={wanted} onWords={setWanted} />
        </span>
      </div>
      <p className="mt-1 max-w-prose soft">
        Take one that is built like yours, say whom it is for and how it is worn, and change it part by part.
      </p>
      {words === "" && jobs.length > 0 && (
        <section aria-label="Your own">
          <h2>your own</h2>
          <ul className="starters">
            {jobs.map((job) => (
              <OwnPiece key={job.id} job={job} units={units} />
            ))}
          </ul>
        </section>
      )}
      <StarterTiles {...(words !== "" && { only: (starter) => found.has(starter.id) })} />
      <Found words={words} without="Pieces" />
    </div>
  );
}

/** A piece from a file, and the weaves of its maker's own that are not here. */
interface PieceRead {
  piece: PieceJobData;
  weaves: string[];
}

/** A piece that was taken out, here or elsewhere. */
function ReadPiece() {
  const navigate = useNavigate();
  const read = async (text: string) => {
    const came = await call<PieceRead>("POST", "/api/pieces/import", text, undefined, "text/plain");
    for (const weave of came.weaves) {
      await call("POST", "/api/own-weaves", weave, undefined, "text/plain");
    }
    if (came.weaves.length > 0) {
      await readAnew("weaves");
      say(`${many(came.weaves.length, "weave")} of its maker's own came with it.`);
    }
    await navigate(`/pieces/${await keepPiece(came.piece)}`);
  };
  return <ReadIn label="A piece's file" accept=".json" onText={read} />;
}

const CLOSED = ["round", "along"] as const;
const HUNG = ["down"] as const;

function OwnPiece({ job, units }: { job: Kept<PieceJobData>; units: Units }) {
  const { data } = job;
  const piece = usePiecePicture(data.line, data.metal).data;
  const hangs = data.body === null || isAtTheEar(data.body.part);
  return (
    <li>
      <Link className="starter" to={`/pieces/${job.id}`}>
        <span className="starter-picture">
          {piece?.drawing && (
            <PiecePicture
              drawing={piece.drawing}
              {...(piece.pair && { pair: "both" as const })}
              metal={data.metal}
              ways={hangs ? HUNG : CLOSED}
              aside={hangs}
            />
          )}
        </span>
        <span className="strong">{data.name}</span>
        {piece && (
          <span className="tiny soft">
            {hangs
              ? `hangs ${sizeText(piece.hangsMm, units, 1)}`
              : `${sizeText(piece.finishedLengthMm, units, 1)} long`}
          </span>
        )}
      </Link>
    </li>
  );
}
