import { scaleLinear } from "d3-scale";
import type { CompositionAnswer } from "../../../api/types";
import { spread } from "../../../drawing/ladder";
import { size } from "../../../quantity/format";
import type { Units } from "../../../quantity/format";

const WIDTH = 292;
const EDGE = 22;
const BAR = 34;
const LABEL_GAP = 58;

/** Which larger rings go in: from the smallest to the largest, the usual one, the plain rule, and the one it is laid about. */
export function HubScale({
  answer,
  plainRule,
  units,
}: {
  answer: CompositionAnswer;
  plainRule: number;
  units: Units;
}) {
  const { hubSmallestMm: least, hubUsualMm: usual, hubLargestMm: most, hubInnerDiameterMm: own } = answer;
  const high = Math.max(most ?? 1.6 * usual, plainRule, own) * 1.04;
  const low = Math.min(least, plainRule, own) * 0.94;
  const x = scaleLinear([low, high], [EDGE, WIDTH - EDGE]);
  const ends: [number, string][] = [
    [least, "smallest"],
    [usual, "usual"],
    ...(most === null ? [] : ([[most, "largest"]] as [number, string][])),
  ];
  const at = spread(
    ends.map(([mm]) => x(mm)),
    LABEL_GAP,
    EDGE + 6,
    WIDTH - EDGE - 6,
  );
  return (
    <svg className="hub-scale" viewBox={`0 0 ${WIDTH} 84`} role="img" aria-label={said(answer, units)}>
      <line className="rest" x1={x(low)} x2={x(high)} y1={BAR} y2={BAR} />
      <line className="goes-in" x1={x(least)} x2={most === null ? x(high) : x(most)} y1={BAR} y2={BAR} />
      {ends.map(([mm, word], k) => (
        <g key={word}>
          <path className="leader" d={`M${x(mm)} ${BAR + 5}V${BAR + 12}L${at[k]!} ${BAR + 20}`} />
          <text className="figures strong" x={at[k]} y={BAR + 33} textAnchor="middle">
            {size(mm, units).value}
          </text>
          <text className="soft" x={at[k]} y={BAR + 46} textAnchor="middle">
            {word}
          </text>
        </g>
      ))}
      <g className="rule">
        <path d={`M${x(plainRule)} ${BAR - 5}v-8`} />
        <text
          className="soft"
          x={Math.min(WIDTH - 40, Math.max(40, x(plainRule)))}
          y={BAR - 17}
          textAnchor="middle"
        >
          plain rule {size(plainRule, units).value}
        </text>
      </g>
      <circle className="own" cx={x(own)} cy={BAR} r={6.5} />
    </svg>
  );
}

function said({ hubSmallestMm, hubUsualMm, hubLargestMm }: CompositionAnswer, units: Units): string {
  const told = (mm: number) => size(mm, units).value;
  return `Larger rings that go in: from ${told(hubSmallestMm)}, usual ${told(hubUsualMm)}, ${
    hubLargestMm === null ? "any larger" : `to ${told(hubLargestMm)}`
  }`;
}
