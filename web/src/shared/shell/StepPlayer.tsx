import { useEffect, useState } from "react";

/** How many steps are done of so many; while it plays, one more at a time. */
export function useSteps(last: number, begin: number, paceMs: number) {
  const [done, setDone] = useState(begin);
  const [playing, setPlaying] = useState(false);
  const at = Math.min(done, last);
  const go = (to: number) => setDone(Math.max(0, Math.min(last, to)));
  useEffect(() => {
    if (!playing) {
      return;
    }
    const timer = setTimeout(() => (at < last ? go(at + 1) : setPlaying(false)), paceMs);
    return () => clearTimeout(timer);
  }); // one step at a time, set anew by what is shown
  return {
    at,
    playing,
    /** Plays, from the beginning where it is at its end; or stops. */
    play: () => {
      if (!playing && at === last) {
        go(0);
      }
      setPlaying(!playing);
    },
    go: (to: number) => {
      setPlaying(false);
      go(to);
    },
  };
}

interface Props {
  steps: ReturnType<typeof useSteps>;
  last: number;
  /** What one step is: "ring". */
  one: string;
  /** What the slider counts. */
  counted: string;
  /** The step last done, in words. */
  told: string | null;
}

/** Play, one back, one on, and anywhere between. */
export function StepKeys({ steps: { at, playing, play, go }, last, one, counted, told }: Props) {
  return (
    <div className="player-keys">
      <button className="quiet" onClick={play}>
        {playing ? "stop" : "play"}
      </button>
      <button
        className="quiet at-end"
        aria-label={`One ${one} back`}
        disabled={at === 0}
        onClick={() => go(at - 1)}
      >
        ←
      </button>
      <input
        type="range"
        className="grow"
        min={0}
        max={last}
        value={at}
        aria-label={counted}
        aria-valuetext={told === null ? "not begun" : `${at} of ${last}, ${told}`}
        onChange={(event) => go(Number(event.target.value))}
      />
      <button
        className="quiet at-end"
        aria-label={`One ${one} on`}
        disabled={at === last}
        onClick={() => go(at + 1)}
      >
        →
      </button>
      <span className="figures soft">
        {at} of {last}
      </span>
    </div>
  );
}
