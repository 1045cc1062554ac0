import type { RingFacts, RingStep } from "../../api/types";
import { toneOf, type Tone } from "../../drawing/metals";
import { n, onCircle, openRing } from "../../drawing/ring";
import { MetalFace } from "../../shared/shell/MetalFace";

const W = 640;
const H = 400;

/** The picture of one step. Wire is metal; the tool is hatched; what is to come is dashed. */
export function StepDrawing({ plan, step, count }: { plan: RingFacts; step: RingStep; count: number }) {
  const tone = toneOf(plan.job.metal);
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-full max-h-[440px] w-full"
      role="img"
      aria-label="The step, drawn"
    >
      <defs>
        <linearGradient id="wire-across" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor={tone.deep} />
          <stop offset="0.16" stopColor={tone.body} />
          <stop offset="0.38" stopColor={tone.light} />
          <stop offset="0.74" stopColor={tone.body} />
          <stop offset="1" stopColor={tone.deep} />
        </linearGradient>
        <pattern
          id="tool-hatch"
          width="8"
          height="8"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V8" stroke="var(--hatch)" strokeWidth="1.6" />
        </pattern>
      </defs>
      <Picture plan={plan} step={step} count={count} tone={tone} />
    </svg>
  );
}

function Picture({
  plan,
  step,
  count,
  tone,
}: {
  plan: RingFacts;
  step: RingStep;
  count: number;
  tone: Tone;
}) {
  switch (step.kind) {
    case "WIND":
      return <Winding plan={plan} onRod />;
    case "SPRING_BACK":
      return <FaceOn plan={plan} />;
    case "SLIDE_OFF":
      return <Winding plan={plan} onRod={false} />;
    case "MEASURE_COIL":
      return <Jaws plan={plan} coil />;
    case "CUT":
      return <Cutting plan={plan} tone={tone} share={step.count === 0 ? 0 : count / step.count} />;
    case "CLOSE":
      return <Closing plan={plan} tone={tone} />;
    case "MEASURE_RINGS":
      return <Jaws plan={plan} coil={false} />;
  }
}

/** A coil seen from the side, its turns leaning as a helix leans. */
function Turns({
  x,
  y,
  turns,
  pitch,
  height,
}: {
  x: number;
  y: number;
  turns: number;
  pitch: number;
  height: number;
}) {
  return (
    <>
      {Array.from({ length: turns }, (_, i) => (
        <rect
          key={i}
          x={x + i * pitch}
          y={y}
          width={pitch - 1}
          height={height}
          rx={pitch / 2.2}
          fill="url(#wire-across)"
          transform={`skewX(-1.5)`}
          style={{ transformOrigin: `${x + i * pitch}px ${y + height / 2}px` }}
        />
      ))}
    </>
  );
}

function Winding({ plan, onRod }: { plan: RingFacts; onRod: boolean }) {
  const { sizes } = plan;
  const scale = Math.min(34, 190 / sizes.closedOuterMm);
  const pitch = Math.max(7, sizes.wireDiameterMm * scale);
  const inner = (onRod ? sizes.mandrelDiameterMm : sizes.sprungInnerMm) * scale;
  const height = inner + 2 * pitch;
  const y = H / 2 - height / 2;
  const turns = Math.floor(300 / pitch);
  const x = onRod ? 120 : 240;
  const rod = sizes.mandrelDiameterMm * scale;
  return (
    <>
      <rect
        x={onRod ? 20 : -60}
        y={H / 2 - rod / 2}
        width={onRod ? 600 : 200}
        height={rod}
        fill="url(#tool-hatch)"
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      <Turns x={x} y={y} turns={turns} pitch={pitch} height={height} />
      {onRod ? (
        <>
          <rect
            x={x + turns * pitch}
            y={y + height - pitch}
            width={W}
            height={pitch}
            fill="url(#wire-across)"
            transform={`rotate(-24 ${x + turns * pitch} ${y + height})`}
          />
          <path className="marked" strokeWidth="3" d={`M58 ${H / 2 - 120}A 60 130 0 0 0 58 ${H / 2 + 120}`} />
          <path
            className="marked"
            strokeWidth="3"
            d={`M44 ${H / 2 + 104}L58 ${H / 2 + 122}L76 ${H / 2 + 108}`}
          />
        </>
      ) : (
        <>
          <path
            className="marked"
            strokeWidth="3"
            d={`M170 ${y - 34}H300M284 ${y - 46}L302 ${y - 34}L284 ${y - 22}`}
          />
          <path className="dimension" d={`M${x} ${y + height + 34}H${x + turns * pitch}`} />
          <path
            className="extension"
            d={`M${x} ${y + height + 6}v38M${x + turns * pitch} ${y + height + 6}v38`}
          />
        </>
      )}
    </>
  );
}

function FaceOn({ plan }: { plan: RingFacts }) {
  const { sizes } = plan;
  const scale = 175 / (sizes.sprungInnerMm / 2 + sizes.wireDiameterMm);
  const c = { x: W / 2 - 30, y: H / 2 };
  const ring = (innerMm: number) => ({
    inner: (innerMm / 2) * scale,
    outer: (innerMm / 2 + sizes.wireDiameterMm) * scale,
  });
  const wound = ring(sizes.mandrelDiameterMm);
  const open = ring(sizes.sprungInnerMm);
  const end = onCircle(c.x, c.y, open.outer + 26, 62);
  return (
    <>
      <MetalFace cx={c.x} cy={c.y} outer={open.outer} inner={open.inner} metal={plan.job.metal} />
      <circle
        cx={c.x}
        cy={c.y}
        r={wound.inner}
        fill="url(#tool-hatch)"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <circle cx={c.x} cy={c.y} r={wound.outer} className="dash" strokeWidth="1.6" />
      <path
        className="marked"
        strokeWidth="3"
        d={`M${n(onCircle(c.x, c.y, open.outer + 26, 20).x)} ${n(onCircle(c.x, c.y, open.outer + 26, 20).y)}A${n(open.outer + 26)} ${n(open.outer + 26)} 0 0 1 ${n(end.x)} ${n(end.y)}m-20 -6l20 6l4 -22`}
      />
    </>
  );
}

/** Caliper jaws across a coil, or a ring. */
function Jaws({ plan, coil }: { plan: RingFacts; coil: boolean }) {
  const { sizes } = plan;
  const scale = 200 / sizes.closedOuterMm;
  const outer = (sizes.closedOuterMm * scale) / 2;
  const c = { x: W / 2, y: H / 2 + 20 };
  const jaw = (side: 1 | -1, x: number) =>
    `M${x} ${c.y + 70}V${c.y - 150}H${x + side * 46}V${c.y + 10}L${x + side * 14} ${c.y + 70}Z`;
  return (
    <>
      {coil ? (
        <Turns
          x={c.x - 90}
          y={c.y - outer}
          turns={Math.floor(180 / Math.max(8, sizes.wireDiameterMm * scale))}
          pitch={Math.max(8, sizes.wireDiameterMm * scale)}
          height={2 * outer}
        />
      ) : (
        <MetalFace
          cx={c.x}
          cy={c.y}
          outer={outer}
          inner={(sizes.closedInnerMm * scale) / 2}
          metal={plan.job.metal}
        />
      )}
      {coil ? (
        <g transform={`rotate(90 ${c.x} ${c.y})`}>
          <path d={jaw(-1, c.x - outer)} fill="url(#tool-hatch)" stroke="var(--ink)" strokeWidth="1.5" />
          <path d={jaw(1, c.x + outer)} fill="url(#tool-hatch)" stroke="var(--ink)" strokeWidth="1.5" />
        </g>
      ) : (
        <>
          <path d={jaw(-1, c.x - outer)} fill="url(#tool-hatch)" stroke="var(--ink)" strokeWidth="1.5" />
          <path d={jaw(1, c.x + outer)} fill="url(#tool-hatch)" stroke="var(--ink)" strokeWidth="1.5" />
        </>
      )}
    </>
  );
}

function Cutting({ plan, tone, share }: { plan: RingFacts; tone: Tone; share: number }) {
  const { sizes, job } = plan;
  const scale = 190 / sizes.closedOuterMm;
  const pitch = Math.max(8, sizes.wireDiameterMm * scale);
  const height = sizes.closedOuterMm * scale;
  const y = H / 2 - height / 2;
  const turns = Math.max(1, Math.round((340 / pitch) * (1 - share)));
  const x = 250;
  const ring = Math.min(64, height / 2);
  return (
    <>
      <Turns x={x} y={y} turns={turns} pitch={pitch} height={height} />
      {job.cut.method === "saw" ? (
        <>
          <path
            d={`M${x - 30} ${y + 8}H${W - 10}`}
            stroke="var(--mark)"
            strokeWidth="2"
            strokeDasharray="10 6"
          />
          <path
            d={`M${x - 34} ${y - 60}V${y + 40}h12V${y - 60}Z`}
            fill="url(#tool-hatch)"
            stroke="var(--ink)"
          />
        </>
      ) : (
        <path
          d={`M${x - 12} ${y - 70}L${x - 2} ${y + 6}L${x + 10} ${y - 70}Z`}
          fill="url(#tool-hatch)"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      )}
      <path d={openRing(110, H / 2 + 30, ring, 16)} fill="none" stroke={tone.deep} strokeWidth={pitch + 3} />
      <path d={openRing(110, H / 2 + 30, ring, 16)} fill="none" stroke={tone.body} strokeWidth={pitch} />
      <path
        d={openRing(110, H / 2 + 30, ring + pitch * 0.1, 16)}
        fill="none"
        stroke={tone.light}
        strokeWidth={pitch * 0.22}
      />
    </>
  );
}

/** Sideways, a little past and back. */
function Closing({ plan, tone }: { plan: RingFacts; tone: Tone }) {
  const { sizes } = plan;
  const c = { x: W / 2, y: H / 2 + 10 };
  const r = 130;
  const wire = (2 * r * sizes.wireDiameterMm) / (sizes.closedInnerMm + sizes.wireDiameterMm);
  const left = onCircle(c.x, c.y, r, -6);
  const right = onCircle(c.x, c.y, r, 6);
  return (
    <>
      {[
        { width: wire + 3, colour: tone.deep },
        { width: wire, colour: tone.body },
        { width: wire * 0.22, colour: tone.light },
      ].map(({ width, colour }) => (
        <path key={width} d={openRing(c.x, c.y, r, 10)} fill="none" stroke={colour} strokeWidth={width} />
      ))}
      <path
        className="marked"
        strokeWidth="3"
        d={`M${n(left.x - 60)} ${n(left.y - 62)}q30 -26 52 4m-20 -2l20 2l2 -20M${n(right.x + 60)} ${n(right.y - 34)}q-30 26 -52 -4m20 2l-20 -2l-2 20`}
      />
      <text x={left.x - 66} y={left.y - 74} textAnchor="end" style={{ fontSize: 20 }}>
        toward you
      </text>
      <text x={right.x + 70} y={right.y - 34} style={{ fontSize: 20 }}>
        away
      </text>
    </>
  );
}
