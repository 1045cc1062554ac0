import type { ExerciseView } from "../../api/exercises";
import { day } from "../../quantity/format";

const WIDTH = 560;
const HEIGHT = 120;
const SHOWN = 24;

/** The whole sessions' figures, the oldest first, 0 at the foot: lower is better. */
export function Trail({ exercise, small = false }: { exercise: ExerciseView; small?: boolean }) {
  const whole = exercise.sessions.filter((one) => one.whole).slice(-SHOWN);
  if (whole.length === 0) {
    return <span />;
  }
  const width = small ? 150 : WIDTH;
  const height = small ? 44 : HEIGHT;
  const most = Math.max(...whole.map((one) => one.verdict.figure), 1e-9);
  const step = (width - 20) / Math.max(whole.length - 1, small ? 5 : 9);
  const at = (k: number) => ({
    x: 10 + k * step,
    y: height - 6 - (whole[k]!.verdict.figure / most) * (height - 16),
  });
  const line = whole.map((_, k) => `${k === 0 ? "M" : "L"}${at(k).x} ${at(k).y}`).join("");
  return (
    <svg
      viewBox={`0 0 ${width} ${height + (small ? 0 : 24)}`}
      className={small ? "trail small" : "trail"}
      role="img"
      aria-label={`${whole.length} sessions, lower is better`}
    >
      <path className="dimension" d={`M0 ${height - 6}H${width}`} />
      <path d={line} fill="none" stroke="var(--soft)" strokeWidth="1.5" />
      {whole.map((one, k) => (
        <circle
          key={one.id}
          cx={at(k).x}
          cy={at(k).y}
          r={small ? 3.5 : 5}
          fill={k === whole.length - 1 ? "var(--mark)" : "var(--paper)"}
          stroke={k === whole.length - 1 ? "var(--mark)" : "var(--ink)"}
          strokeWidth="1.5"
        />
      ))}
      {!small && (
        <>
          <text className="soft" x={10} y={height + 16}>
            {day(whole[0]!.startedAt)}
          </text>
          {whole.length > 4 && (
            <text className="soft" x={at(whole.length - 1).x} y={height + 16} textAnchor="middle">
              {day(whole.at(-1)!.startedAt)}
            </text>
          )}
        </>
      )}
    </svg>
  );
}
