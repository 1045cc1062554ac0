import { size, type Units } from "../../quantity/format";

const WIDTH = 520;

interface Props {
  values: readonly number[];
  low: number;
  high: number;
  target: number;
  units: Units;
}

/** Measurements as dots over the band they were expected in; the newest is filled. */
export function DotRow({ values, low, high, target, units }: Props) {
  const shift = target - (low + high) / 2;
  const from = low + shift;
  const to = high + shift;
  const least = Math.min(from, ...values);
  const most = Math.max(to, ...values);
  const room = Math.max((most - least) * 0.12, 0.02);
  const x = (value: number) => 10 + ((value - least + room) / (most - least + 2 * room)) * (WIDTH - 20);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 58`}
      className="w-full max-w-[520px]"
      role="img"
      aria-label={`${values.length} measured, expected ${size(from, units).value} to ${size(to, units).value}`}
    >
      <rect
        x={x(from)}
        y={12}
        width={Math.max(2, x(to) - x(from))}
        height={22}
        fill="color-mix(in oklab, var(--mark) 16%, transparent)"
      />
      <path className="marked" strokeWidth="1.5" d={`M${x(target)} 8V38`} />
      <path className="dimension" d={`M0 34H${WIDTH}`} />
      {values.map((value, i) => (
        <circle
          key={i}
          cx={x(value)}
          cy={23}
          r={6}
          fill={i === values.length - 1 ? "var(--ink)" : "var(--paper)"}
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      ))}
      <text x={x(from)} y={52} textAnchor="middle" className="soft">
        {size(from, units).value}
      </text>
      <text x={x(to)} y={52} textAnchor="middle" className="soft">
        {size(to, units).value}
      </text>
    </svg>
  );
}
