import { useEffect, useMemo, useState } from "react";
import type { PieceAnswer, PieceStep } from "../../api/types";
import type { Way } from "../../drawing/board";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { joinHead, joinWay } from "../../shared/words/pieceWords";

const PACE_MS = 1100;

/** The steps that join something, and which parts hang together after so many of them. */
function usePlay(piece: PieceAnswer) {
  const steps = useMemo(() => piece.assemblyOrder.filter((step) => step.joints.length > 0), [piece]);
  const [at, setAt] = useState(0);
  const [playing, setPlaying] = useState(false);
  const done = Math.min(at, steps.length);
  useEffect(() => {
    if (!playing) {
      return;
    }
    const timer = setTimeout(() => (done < steps.length ? setAt(done + 1) : setPlaying(false)), PACE_MS);
    return () => clearTimeout(timer);
  }, [playing, done, steps.length]);
  return { steps, done, setAt, playing, setPlaying };
}

/** The parts that hang in something after these steps. */
export function joinedParts(piece: Pick<PieceAnswer, "joints">, steps: PieceAnswer["assemblyOrder"]) {
  return new Set(
    steps.flatMap((step) => step.joints.flatMap((at) => [piece.joints[at]!.a, piece.joints[at]!.b])),
  );
}

/** The piece put together joint by joint, forward and back. */
export function Order({ piece, metal, ways }: { piece: PieceAnswer; metal: string; ways: readonly Way[] }) {
  const play = usePlay(piece);
  const { steps, done } = play;
  const step = steps[done - 1];
  const only = useMemo(() => joinedParts(piece, steps.slice(0, done)), [piece, steps, done]);
  if (!piece.drawing || steps.length === 0) {
    return <p className="soft mt-6">There is nothing to join yet.</p>;
  }
  return (
    <div className="piece-order">
      <PiecePicture
        drawing={piece.drawing}
        metal={metal}
        ways={ways}
        only={only}
        className="piece-order-picture"
        label={`${done} of ${steps.length} joined`}
      />
      <Keys {...{ piece, play, step }} />
      <p className="assembly-words" role="status">
        {step ? (
          <>
            <strong>{joinHead(piece, step)}.</strong> {joinWay(piece, step)}
          </>
        ) : (
          <span className="soft">
            Everything is made, rings that need not open are closed. Then joint by joint.
          </span>
        )}
      </p>
    </div>
  );
}

interface KeysProps {
  piece: PieceAnswer;
  play: ReturnType<typeof usePlay>;
  step: PieceStep | undefined;
}

function Keys({ piece, play, step }: KeysProps) {
  const { steps, done, setAt, playing, setPlaying } = play;
  const begin = () => {
    if (done === steps.length) {
      setAt(0);
    }
    setPlaying(!playing);
  };
  return (
    <div className="player-keys" role="group" aria-label="Joint by joint">
      <button className="quiet" onClick={begin}>
        {playing ? "stop" : "play"}
      </button>
      <button
        className="quiet at-end"
        aria-label="One step back"
        disabled={done === 0}
        onClick={() => setAt(done - 1)}
      >
        ←
      </button>
      <input
        type="range"
        className="grow"
        min={0}
        max={steps.length}
        value={done}
        aria-label="Steps done"
        aria-valuetext={step ? `${done} of ${steps.length}, ${joinHead(piece, step)}` : "not begun"}
        onChange={(event) => setAt(Number(event.target.value))}
      />
      <button
        className="quiet at-end"
        aria-label="One step on"
        disabled={done === steps.length}
        onClick={() => setAt(done + 1)}
      >
        →
      </button>
      <span className="figures soft">
        {done} of {steps.length}
      </span>
    </div>
  );
}
