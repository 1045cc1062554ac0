import { useEffect, useState } from "react";
import type { PatchView } from "../../../api/types";
import { AssemblyScene, type Made } from "../../../shared/shell/AssemblyScene";
import { stepHead, stepWay } from "../../../shared/words/assemblyWords";

interface Props {
  made: Made;
  fitKey: string;
  patch: Pick<PatchView, "preClosed" | "steps" | "colours">;
  rings: Float32Array;
}

const PACE_MS = 900;

/** How many rings are in; while it plays, one more at a time. */
function usePlaying(last: number) {
  const [done, setDone] = useState(1);
  const [playing, setPlaying] = useState(false);
  const at = Math.min(done, last);
  const go = (to: number) => setDone(Math.max(0, Math.min(last, to)));
  useEffect(() => {
    if (!playing) {
      return;
    }
    const timer = setTimeout(() => (at < last ? go(at + 1) : setPlaying(false)), PACE_MS);
    return () => clearTimeout(timer);
  }); // one ring at a time, set anew by what is shown
  return { at, go, playing, setPlaying };
}

interface KeysProps {
  at: number;
  last: number;
  playing: boolean;
  step: PatchView["steps"][number] | undefined;
  onPlay: () => void;
  onGo: (to: number) => void;
}

function PlayerKeys({ at, last, playing, step, onPlay, onGo }: KeysProps) {
  return (
    <div className="player-keys">
      <button className="quiet" onClick={onPlay}>
        {playing ? "stop" : "play"}
      </button>
      <button
        className="quiet at-end"
        aria-label="One ring back"
        disabled={at === 0}
        onClick={() => onGo(at - 1)}
      >
        ←
      </button>
      <input
        type="range"
        className="grow"
        min={0}
        max={last}
        value={at}
        aria-label="Rings put in"
        aria-valuetext={step ? `${at} of ${last}, ${stepHead(step)}` : "not begun"}
        onChange={(event) => onGo(Number(event.target.value))}
      />
      <button
        className="quiet at-end"
        aria-label="One ring on"
        disabled={at === last}
        onClick={() => onGo(at + 1)}
      >
        →
      </button>
      <span className="figures soft">
        {at} of {last}
      </span>
    </div>
  );
}

/** The patch put together one ring at a time, forward and back. */
export function PutTogether({ made, fitKey, patch, rings }: Props) {
  const last = patch.steps.length;
  const { at, go, playing, setPlaying } = usePlaying(last);
  const step = patch.steps[at - 1];
  if (last === 0) {
    return (
      <p className="max-w-prose mt-4">
        With so many rings the order is not shown ring by ring. Make it in parts: a shorter patch shows every
        step, and parts are joined as their rows are.
      </p>
    );
  }
  return (
    <>
      <AssemblyScene {...{ made, patch, rings, fitKey }} done={at} />
      <div className="assembly" role="group" aria-label="Ring by ring">
        <PlayerKeys
          {...{ at, last, playing, step }}
          onPlay={() => {
            if (at === last) {
              go(0);
            }
            setPlaying(!playing);
          }}
          onGo={(to) => {
            setPlaying(false);
            go(to);
          }}
        />
        <p className="assembly-words" role="status">
          {step ? (
            <>
              <strong>{stepHead(step)}.</strong> {stepWay(step)}
            </>
          ) : (
            <span className="soft">
              Close {patch.preClosed.length} rings first, open the others. Then one ring at a time.
            </span>
          )}
        </p>
      </div>
    </>
  );
}
