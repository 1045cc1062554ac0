import { useEffect, useState } from "react";
import { moment } from "./moment";

const TICK_MS = 250;

/** The moment, anew four times a second while something runs. */
export function useTicking(runs: boolean): number {
  const [now, setNow] = useState(() => moment());
  useEffect(() => {
    if (!runs) {
      return;
    }
    const tick = () => setNow(moment());
    tick();
    const timer = setInterval(tick, TICK_MS);
    return () => clearInterval(timer);
  }, [runs]);
  return now;
}
