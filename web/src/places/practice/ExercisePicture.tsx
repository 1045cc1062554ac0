import type { ReactNode } from "react";
import { openRing } from "../../drawing/ring";

/** What is made, and where it is measured: the place in hand is marked. */
export function ExercisePicture({ id, at }: { id: string; at?: string }) {
  const picture = PICTURES[id];
  return (
    <svg viewBox="0 0 120 100" className="exercise-picture" aria-hidden="true">
      {picture?.(at)}
    </svg>
  );
}

const WIRE = { fill: "none", stroke: "var(--ink)", strokeWidth: 5, strokeLinecap: "round" } as const;

/** A length across, its ends at the wire's edges. */
function Span({ d, marked }: { d: string; marked: boolean }) {
  return (
    <path
      d={d}
      fill="none"
      stroke={marked ? "var(--mark)" : "var(--soft)"}
      strokeWidth={marked ? 2.5 : 1}
      markerEnd="none"
    />
  );
}

const PICTURES: Record<string, (at?: string) => ReactNode> = {
  "ten-loops": () => (
    <>
      <path {...WIRE} d="M60 96V60" />
      <circle cx={60} cy={36} r={21} {...WIRE} />
      {[64, 70, 76].map((y) => (
        <path key={y} {...WIRE} d={`M53 ${y + 2}L67 ${y - 2}`} />
      ))}
      <Span d="M41.5 36H78.5M41.5 31V41M78.5 31V41" marked />
    </>
  ),
  "twenty-rings": () => (
    <>
      <path {...WIRE} d={openRing(60, 52, 32, 2)} />
      <circle cx={60} cy={20} r={13} fill="none" stroke="var(--mark)" strokeWidth={2.5} />
    </>
  ),
  "close-coil": () => (
    <>
      {Array.from({ length: 11 }, (_, i) => (
        <path key={i} {...WIRE} d={`M${30 + 6 * i} 64L${32 + 6 * i} 32`} />
      ))}
      <Span d="M27.5 78H94.5M27.5 72V84M94.5 72V84" marked />
    </>
  ),
  "ear-wire-pair": (at) => (
    <>
      {[34, 88].map((x) => (
        <g key={x}>
          <path {...WIRE} strokeWidth={4} d={`M${x - 13} 74V32A13 13 0 0 1 ${x + 13} 32V62L${x + 17} 72`} />
          <circle cx={x - 13} cy={81} r={6} {...WIRE} strokeWidth={4} />
        </g>
      ))}
      <Span d="M6 17V89M2 17H10M2 89H10" marked={at === undefined || at === "height"} />
      <Span d="M23.500 40H44.500M23.500 36V44M44.500 36V44" marked={at === "bow"} />
      <Span d="M17 81H25" marked={at === "loop"} />
    </>
  ),
  "weave-unit": () => (
    <>
      {[30, 60, 90].map((x) => (
        <circle key={x} cx={x} cy={50} r={20} {...WIRE} strokeWidth={4.5} />
      ))}
      <circle
        cx={45}
        cy={32}
        r={20}
        fill="none"
        stroke="var(--mark)"
        strokeWidth={4.5}
        strokeDasharray="6 5"
      />
    </>
  ),
};
