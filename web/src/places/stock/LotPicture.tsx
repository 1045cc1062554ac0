import type { ReactNode } from "react";
import type { Facts } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { usePixelsPerMm } from "../../shared/kernel/scale";

const BOX = 62;

const number = (facts: Facts, id: string): number | null =>
  typeof facts[id] === "number" ? facts[id] : null;

const metal = (facts: Facts) => toneOf(typeof facts.metal === "string" ? facts.metal : "steel");
const PLAIN = { fill: "var(--hatch)", stroke: "var(--ink)", strokeWidth: 1.2 } as const;

type Draw = (facts: Facts, scale: number) => ReactNode;

const fit = (mm: number, scale: number) => Math.min(mm * scale, BOX - 4);

/** A bead seen along its hole, with the hole. */
const bead: Draw = (facts, scale) => {
  const across = fit(number(facts, "across") ?? 6, scale);
  const hole = ((number(facts, "hole") ?? 1) * across) / (number(facts, "across") ?? 6);
  return (
    <>
      {facts.shape === "cube" ? (
        <rect x={-across / 2} y={-across / 2} width={across} height={across} {...PLAIN} />
      ) : (
        <circle r={across / 2} {...PLAIN} />
      )}
      <circle r={hole / 2} fill="var(--paper)" stroke="var(--ink)" />
    </>
  );
};

const ring: Draw = (facts, scale) => {
  const wire = number(facts, "wire") ?? 1;
  const inside = number(facts, "inside") ?? 5;
  const outside = fit(inside + 2 * wire, scale);
  const share = outside / (inside + 2 * wire);
  const tone = metal(facts);
  return (
    <circle r={((inside + wire) / 2) * share} fill="none" stroke={tone.body} strokeWidth={wire * share} />
  );
};

/** Two links, one turned. */
const chain: Draw = (facts, scale) => {
  const pitch = number(facts, "pitch") ?? 3;
  const wire = number(facts, "wire") ?? 0.8;
  const share = Math.min(1, (BOX - 4) / ((2 * pitch + 2 * wire) * scale)) * scale;
  const tone = metal(facts);
  const long = (pitch + wire) * share;
  return (
    <>
      <ellipse
        cx={(-pitch / 2) * share}
        rx={long / 2}
        ry={long / 2.6}
        fill="none"
        stroke={tone.body}
        strokeWidth={wire * share}
      />
      <line
        x1={0}
        x2={pitch * share + (wire * share) / 2}
        stroke={tone.deep}
        strokeWidth={wire * share * 1.3}
        strokeLinecap="round"
      />
    </>
  );
};

/** Round from its end, of metal: wire. */
const wireEnd: Draw = (facts, scale) => {
  const tone = metal(facts);
  return <circle r={fit(number(facts, "diameter") ?? 1, scale) / 2} fill={tone.body} stroke={tone.deep} />;
};

/** Round from its end, of anything else: cord, punches. */
const roundEnd: Draw = (facts, scale) => (
  <circle r={fit(number(facts, "diameter") ?? 2, scale) / 2} {...PLAIN} />
);

const tube: Draw = (facts, scale) => {
  const outside = fit(number(facts, "outside") ?? 2, scale);
  const bore = (outside * (number(facts, "bore") ?? 1.3)) / (number(facts, "outside") ?? 2);
  const tone = metal(facts);
  return (
    <circle r={(outside + bore) / 4} fill="none" stroke={tone.body} strokeWidth={(outside - bore) / 2} />
  );
};

/** A tapered jaw along its length with its pen marks. */
const jaw: Draw = (facts, scale) => {
  const length = number(facts, "length") ?? 22;
  const share = Math.min(scale, (BOX - 6) / length);
  const tip = (number(facts, "tip") ?? 1.2) * share;
  const back = (number(facts, "back") ?? 6) * share;
  const left = (-length * share) / 2;
  const marks = Array.isArray(facts.marks) ? (facts.marks as number[]) : [];
  return (
    <>
      <path d={`M${left} ${-tip / 2} L${-left} ${-back / 2} V${back / 2} L${left} ${tip / 2} Z`} {...PLAIN} />
      {marks.map((mark) => {
        const half = (tip + ((back - tip) * mark) / length) / 2;
        return (
          <line
            key={mark}
            x1={left + mark * share}
            x2={left + mark * share}
            y1={-half}
            y2={half}
            stroke="var(--mark)"
            strokeWidth="2"
          />
        );
      })}
    </>
  );
};

/** Where a finding is hung by, as long as it is. */
const finding: Draw = (facts, scale) => {
  const length = number(facts, "length") ?? 12;
  const share = Math.min(scale, (BOX - 6) / length);
  const inside = (number(facts, "loop-inside") ?? 0) * share;
  const wire = (number(facts, "loop-wire") ?? 0.8) * share;
  const tone = metal(facts);
  const body = Math.max(4, length * share - inside - wire);
  return (
    <>
      <rect
        x={-(length * share) / 2}
        y={-Math.min(5, body / 4)}
        width={body}
        height={2 * Math.min(5, body / 4)}
        rx={Math.min(5, body / 4)}
        fill={tone.body}
      />
      {inside > 0 && (
        <circle
          cx={-(length * share) / 2 + body + inside / 2}
          r={(inside + wire) / 2}
          fill="none"
          stroke={tone.body}
          strokeWidth={wire}
        />
      )}
    </>
  );
};

const DRAWN: Record<string, Draw> = {
  beads: bead,
  rings: ring,
  chain,
  wire: wireEnd,
  cord: roundEnd,
  "beading-wire": wireEnd,
  punches: roundEnd,
  crimps: tube,
  findings: finding,
  "tapered-jaws": jaw,
};

/** What a lot is, at true size where it fits; nothing where there is nothing to draw by its facts. */
export function LotPicture({ kind, facts, large = 1 }: { kind: string; facts: Facts; large?: number }) {
  const pixelsPerMm = usePixelsPerMm();
  const draw = DRAWN[kind];
  return (
    <svg
      className="lot-picture"
      width={BOX * large}
      height={BOX * large}
      viewBox={`${-BOX / 2} ${-BOX / 2} ${BOX} ${BOX}`}
      aria-hidden="true"
    >
      {draw?.(facts, pixelsPerMm)}
    </svg>
  );
}
