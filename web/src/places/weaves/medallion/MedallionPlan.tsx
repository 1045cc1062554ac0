import { toneOf } from "../../../drawing/metals";
import { useSize } from "../../../shared/useSize";

interface Props {
  arms: number;
  units: number;
  longerBy: number;
  tied: boolean;
  bail: boolean;
  wireMm: number;
  innerMm: number;
  hubWireMm: number;
  hubInnerMm: number;
  metal: string;
}

/** The composition from above: the larger ring and the small rings in true proportion, arms as lines of rings. */
export function MedallionPlan(props: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const { arms, units, longerBy, tied, bail, wireMm, innerMm, hubWireMm, hubInnerMm, metal } = props;
  const tone = toneOf(metal);
  const r = (innerMm + wireMm) / 2;
  const hub = (hubInnerMm + hubWireMm) / 2;
  const step = 1.25 * innerMm;
  const links = (arm: number) => 2 * (units + (arm === 0 ? longerBy : 0)) + 1;
  const reach = hub + step * (links(0) - 1) + r + wireMm + (bail ? 2 * r : 0);
  const short = hub + step * (links(1) - 1);
  const wide = Math.max(reach / 2, short + r + wireMm);
  const box = `${-wide} ${-reach} ${2 * wide} ${reach + short + r + wireMm}`;
  const place = (arm: number, out: number): [number, number] => {
    const angle = (2 * Math.PI * arm) / arms - Math.PI / 2;
    return [out * Math.cos(angle), out * Math.sin(angle)];
  };
  const ring = (
    key: string,
    [x, y]: [number, number],
    flat: number,
    angle: number,
    wire = wireMm,
    radius = r,
  ) => (
    <g key={key} transform={`translate(${x} ${y}) rotate(${angle})`}>
      <ellipse rx={radius} ry={radius * flat} fill="none" stroke={tone.deep} strokeWidth={wire} />
      <ellipse rx={radius} ry={radius * flat} fill="none" stroke={tone.body} strokeWidth={wire * 0.74} />
      <ellipse rx={radius} ry={radius * flat} fill="none" stroke={tone.light} strokeWidth={wire * 0.2} />
    </g>
  );
  return (
    <div ref={ref} className="scene weave-scene">
      {width > 0 && height > 0 && (
        <svg
          className="absolute inset-0 h-full w-full"
          viewBox={box}
          role="img"
          aria-label={`${arms} arms about a larger ring of ${hubInnerMm.toFixed(1)} mm inside`}
        >
          {Array.from({ length: arms }, (_, arm) =>
            Array.from({ length: links(arm) }, (_, k) =>
              ring(
                `${arm} ${k}`,
                place(arm, hub + k * step),
                k % 2 === 0 ? 0.45 : 0.9,
                (360 * arm) / arms - 90,
              ),
            ),
          )}
          {ring("hub", [0, 0], 1, 0, hubWireMm, hub)}
          {tied &&
            Array.from({ length: arms }, (_, arm) => {
              const out = Math.min(short, hub + step * (links(arm) - 1));
              const [x0, y0] = place(arm, out);
              const [x1, y1] = place(arm + 1, out);
              return (
                <path
                  key={`tie ${arm}`}
                  className="marked"
                  fill="none"
                  strokeWidth={wireMm * 0.45}
                  strokeDasharray={`${wireMm} ${wireMm * 0.8}`}
                  d={`M${x0} ${y0}A${out} ${out} 0 0 1 ${x1} ${y1}`}
                />
              );
            })}
          {bail && ring("bail", place(0, hub + step * (links(0) - 1) + 1.6 * r), 0.9, 0)}
        </svg>
      )}
    </div>
  );
}
