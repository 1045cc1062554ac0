import { useEffect, useRef } from "react";
import { notify, ring } from "../kernel/announce";
import { clockText, moreTime, stopTimer, useTimers, type Timer } from "../kernel/timers";
import { useTicking } from "../kernel/useTicking";

const AGAIN_MS = 10_000;

/** Rings again every ten seconds, for a minute: whoever is at the torch hears it late. */
const RINGS_MS = 60_000;

/** Every timer that runs or is up, on every page. */
export function Timers() {
  const timers = useTimers();
  const now = useTicking(timers.length > 0);
  const up = timers.filter((one) => one.ends <= now);
  useAnnounced(up, now);
  return timers.length === 0 ? null : (
    <ul className="timers no-print" aria-label="Timers">
      {timers.map((timer) => (
        <One key={timer.id} timer={timer} now={now} />
      ))}
    </ul>
  );
}

const named = (timer: Timer) => timer.label || "timer";

/** As a ring that closes: open while it runs, shut when it is up. */
function One({ timer, now }: { timer: Timer; now: number }) {
  const left = timer.ends - now;
  const up = left <= 0;
  const share = Math.max(0, Math.min(1, 1 - left / timer.lengthMs));
  const around = 2 * Math.PI * 8;
  return (
    <li className={up ? "up" : undefined}>
      <svg width="22" height="22" viewBox="-11 -11 22 22" aria-hidden="true">
        <circle r="8" fill="none" stroke="var(--line)" strokeWidth="3" />
        <circle
          r="8"
          fill="none"
          className="marked"
          strokeWidth="3"
          strokeDasharray={`${share * around} ${around}`}
          transform="rotate(-90)"
        />
      </svg>
      <span>
        {named(timer)} <strong className="figures">{up ? "is up" : clockText(left)}</strong>
        {up && left < -1000 && <span className="soft"> for {clockText(left)}</span>}
      </span>
      <button
        className="quiet"
        aria-label={`Five minutes more for ${named(timer)}`}
        onClick={() => moreTime(timer.id, 5)}
      >
        +5
      </button>
      <button className="quiet" aria-label={`Stop ${named(timer)}`} onClick={() => stopTimer(timer.id)}>
        {up ? "done" : "stop"}
      </button>
    </li>
  );
}

/** Each is told once, rings for a while, and stays in the title until it is stopped. */
function useAnnounced(up: Timer[], now: number): void {
  const rung = useRef(new Map<string, number>());
  const words = up.map(named).join(", ");
  useEffect(() => {
    for (const timer of up) {
      const last = rung.current.get(timer.id);
      if (last === undefined) {
        notify(`${named(timer)} is up`, timer.id);
      }
      const late = now - timer.ends;
      if (last === undefined || (late < RINGS_MS && now - last >= AGAIN_MS)) {
        rung.current.set(timer.id, now);
        ring();
      }
    }
  });
  useEffect(() => {
    if (words === "") {
      return;
    }
    const before = document.title;
    document.title = `${words}: up`;
    return () => {
      document.title = before;
    };
  }, [words]);
}
