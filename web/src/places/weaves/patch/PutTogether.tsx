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

/** The patch put together one ring at a time, forward and back. */
export function PutTogether({ made, fitKey, patch, rings }: Props) {
  const [done, setDone] = useState(1);
  const [playing, setPlaying] = useState(false);
  const last = patch.steps.length;
  const at = Math.min(done, last);
  const step = patch.steps[at - 1];
  const go = (to: number) => setDone(Math.max(0, Math.min(last, to)));
  useEffect(() => {
    if (!playing) {
      return;
    }
    const timer = setTimeout(() => (at < last ? go(at + 1) : setPlaying(false)), PACE_MS);
    return () => clearTimeout(timer);
  }); // one ring at a time, set anew by what is shown
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
        <div className="player-keys">
          <button
            className="quiet"
            onClick={() => {
              if (at === last) {
                go(0);
              }
              setPlaying(!playing);
            }}
          >
            {playing ? "stop" : "play"}
          </button>
          <button
            className="quiet at-end"
            aria-label="One ring back"
            disabled={at === 0}
            onClick={() => {
              setPlaying(false);
              go(at - 1);
            }}
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
            onChange={(event) => {
              setPlaying(false);
              go(Number(event.target.value));
            }}
          />
          <button
            className="quiet at-end"
            aria-label="One ring on"
            disabled={at === last}
            onClick={() => {
              setPlaying(false);
              go(at + 1);
            }}
          >
            →
          </button>
          <span className="figures soft">
            {at} of {last}
          </span>
        </div>
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
