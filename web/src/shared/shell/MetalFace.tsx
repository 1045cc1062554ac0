import { useId } from "react";
import { toneOf } from "../../drawing/metals";
import { annulus, wireStops } from "../../drawing/ring";

interface Props {
  cx: number;
  cy: number;
  outer: number;
  inner: number;
  metal: string;
}

/** The face of a ring, shaded round along its wire, in the colour of its metal. To be placed inside an svg. */
export function MetalFace({ cx, cy, outer, inner, metal }: Props) {
  const id = useId();
  const tone = toneOf(metal);
  const stops = wireStops(inner, outer);
  const across = (share: number) => stops.inner + (1 - stops.inner) * share;
  return (
    <>
      <defs>
        <radialGradient id={id} gradientUnits="userSpaceOnUse" cx={cx} cy={cy} r={outer}>
          <stop offset={stops.inner} stopColor={tone.deep} />
          <stop offset={across(0.16)} stopColor={tone.body} />
          <stop offset={stops.light} stopColor={tone.light} />
          <stop offset={across(0.74)} stopColor={tone.body} />
          <stop offset={1} stopColor={tone.deep} />
        </radialGradient>
      </defs>
      <path d={annulus(cx, cy, outer, inner)} fill={`url(#${id})`} fillRule="evenodd" />
      <circle cx={cx} cy={cy} r={outer} className="edge" />
      <circle cx={cx} cy={cy} r={inner} className="edge" />
    </>
  );
}
