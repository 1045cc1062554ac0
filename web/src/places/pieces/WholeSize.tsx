import { useState } from "react";
import { call } from "../../api/client";
import type { PieceAnswer, PieceJobData, PieceScaled } from "../../api/types";
import { pieceAsked } from "../../shared/kernel/pieceQuestion";
import { say } from "../../shared/kernel/says";
import { NumberInput } from "../../shared/shell/NumberInput";
import { failureWords } from "../../shared/words/refused";

interface Props {
  data: PieceJobData;
  piece: PieceAnswer;
  onLine: (line: string, tag: string) => void;
}

type How = { factor: number } | { wireMm: number } | { fits: true };

/** The whole piece in another size, of the nearest wires and rods there are; what became of its parts is told. */
export function WholeSize({ data, piece, onLine }: Props) {
  const [done, setDone] = useState<PieceScaled | null>(null);
  const scale = async (how: How) => {
    try {
      const question = { piece: pieceAsked(data), ...how };
      const scaled = await call<PieceScaled>("POST", "/api/pieces/scale", question);
      setDone(scaled);
      onLine(scaled.line, "size of the whole");
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was changed."));
    }
  };
  const main = piece.wires.reduce<PieceAnswer["wires"][number] | null>(
    (most, one) => (most === null || one.lengthMm > most.lengthMm ? one : most),
    null,
  );
  return (
    <div className="whole-size small soft">
      <span>
        all wire and lengths times
        <NumberInput
          label="All wire and lengths times"
          kind="number"
          unit="%"
          decimals={0}
          step={5}
          minimum={10}
          value={100}
          onChange={(percent) => void scale({ factor: percent / 100 })}
        />
      </span>
      {main && (
        <span>
          or its main wire
          <NumberInput
            label="Its main wire"
            kind="length"
            decimals={2}
            step={0.1}
            minimum={0.2}
            value={main.diameterMm}
            onChange={(wireMm) => void scale({ wireMm })}
          />
        </span>
      )}
      {piece.targetLengthMm !== null && (
        <button className="quiet small" onClick={() => void scale({ fits: true })}>
          fit it by its size
        </button>
      )}
      {done?.line === data.line && <Changes scaled={done} />}
    </div>
  );
}

const SHOWN = 6;

/** What became of its parts: nothing is of a wire nobody has. */
function Changes({ scaled }: { scaled: PieceScaled }) {
  return (
    <ul className="size-changes" aria-label="What changed">
      {scaled.changes.length === 0 && <li>The nearest wires and rods are those it has: nothing changed.</li>}
      {scaled.changes.slice(0, SHOWN).map((change) => (
        <li key={`${change.from} ${change.to}`}>
          {change.count} × {change.from} → <strong>{change.to}</strong>
        </li>
      ))}
    </ul>
  );
}
