import { inchTicks, metricTicks } from "../../drawing/ruler";

/** A ruler edge at its scale: millimetres above, inches below. */
export function Ruler({
  width,
  pixelsPerMm,
  inset = 0,
}: {
  width: number;
  pixelsPerMm: number;
  inset?: number;
}) {
  const length = Math.max(0, (width - inset) / pixelsPerMm);
  const metric = metricTicks(length, pixelsPerMm);
  const inch = inchTicks(length, pixelsPerMm);
  const x = (mm: number) => inset + mm * pixelsPerMm;
  return (
    <svg width={width} height={42} aria-hidden="true" className="block">
      <path className="dimension" d={`M0 .5H${width}M0 41.5H${width}`} />
      <path className="dimension" d={metric.map((t) => `M${x(t.at)} 0v${t.length}`).join("")} />
      <path className="extension" d={inch.map((t) => `M${x(t.at)} 42v${-t.length * 0.7}`).join("")} />
      {metric
        .filter((t) => t.label)
        .map((t) => (
          <text key={t.at} x={x(t.at)} y={23} textAnchor="middle">
            {t.label}
          </text>
        ))}
      {inch
        .filter((t) => t.label)
        .map((t) => (
          <text key={`i${t.at}`} x={x(t.at) + 4} y={38} className="soft">
            {t.label} in
          </text>
        ))}
    </svg>
  );
}
