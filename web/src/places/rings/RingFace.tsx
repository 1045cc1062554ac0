import type { RingJobData, RingSheet } from "../../api/types";
import { n, tick } from "../../drawing/ring";
import { MetalFace } from "../../shared/shell/MetalFace";
import { NumberInput } from "../../shared/shell/NumberInput";
import { usePixelsPerMm } from "../../shared/kernel/scale";
import { useSize } from "../../shared/kernel/useSize";
import { sizeText } from "../../quantity/format";
import { usePreferences } from "../../api/queries";
import { aimed } from "./aimed";
import type { Change } from "./JobSentence";

interface Props {
  sheet: RingSheet;
  data: RingJobData;
  change: Change;
  trueSize: boolean;
  onTrueSize: (on: boolean) => void;
}

/** The ring face-on with its dimensions; the numbers are the inputs, and the ring's edges can be pulled. */
export function RingFace({ sheet, data, change, trueSize, onTrueSize }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const pixelsPerMm = usePixelsPerMm();
  const { ring } = sheet;
  const outer = ring.closedOuterMm / 2;
  const several = data.turnsPerRing > 1;
  const below = several ? 44 : 0;
  const room = Math.max(40, Math.min(width / 2 - 84, (height - 84 - below) / 2 - 6) / (several ? 1.08 : 1));
  const scale = trueSize ? pixelsPerMm : room / outer;
  const cx = width / 2 - (several ? 34 + room / 3 : 34);
  const cy = 82 + (height - 84 - below) / 2;
  const geometry = {
    cx,
    cy,
    outer: outer * scale,
    inner: (ring.closedInnerMm / 2) * scale,
    sprung: (ring.sprungInnerMm / 2) * scale,
    rod: (ring.mandrelDiameterMm / 2) * scale,
  };
  return (
    <div ref={ref} className="ring-face relative min-h-[330px] flex-1" data-testid="ring-face">
      {width > 0 && (
        <>
          <FaceDrawing
            g={geometry}
            turns={data.turnsPerRing}
            metal={data.metal}
            width={width}
            height={height}
          />
          <Sizes {...{ sheet, data, change, several }} g={geometry} />
          <WireSize {...{ sheet, data, change, width }} g={geometry} />
          <button
            className="quiet small absolute right-4 bottom-0"
            aria-pressed={trueSize}
            onClick={() => onTrueSize(!trueSize)}
          >
            {trueSize ? "drawn large" : "true size"}
          </button>
        </>
      )}
    </div>
  );
}

/** The sizes as dimensions of the drawing: each can be typed and then holds the ring. */
function Sizes({
  sheet,
  data,
  change,
  several,
  g,
}: Pick<Props, "sheet" | "data" | "change"> & { several: boolean; g: Geometry }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { ring } = sheet;
  return (
    <>
      <Dimension x={g.cx} y={24} suffix="outside">
        <NumberInput
          label="Outer diameter"
          value={aimed(data, "OUTER", ring.closedOuterMm)}
          onChange={(value) => change({ convention: "OUTER", aimValue: value }, "outer diameter")}
        />
      </Dimension>
      <Dimension x={g.cx} y={60} suffix="inside">
        <NumberInput
          label="Inner diameter"
          value={aimed(data, "INNER", ring.closedInnerMm)}
          onChange={(value) => change({ convention: "INNER", aimValue: value }, "inner diameter")}
        />
      </Dimension>
      <div className="absolute -translate-x-1/2 -translate-y-1/2 text-center" style={rodPlace(g, several)}>
        <span className="sentence justify-center text-lg">
          <NumberInput
            label="Rod"
            value={aimed(data, "MANDREL", ring.mandrelDiameterMm)}
            onChange={(value) => change({ convention: "MANDREL", aimValue: value }, "rod")}
          />
          <span className="figures strong soft">rod</span>
        </span>
        <span className="tiny soft block">
          springs open {sizeText(ring.sprungInnerMm - ring.mandrelDiameterMm, units)}
        </span>
      </div>
    </>
  );
}

/** How thick the wire is: measured on the spool, or typed. */
function WireSize({
  sheet,
  data,
  change,
  width,
  g,
}: Pick<Props, "sheet" | "data" | "change"> & { width: number; g: Geometry }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { ring } = sheet;
  return (
    <div
      className="absolute -translate-y-1/2"
      style={{
        left: Math.min(g.cx + g.outer + 14 + behind(data.turnsPerRing, g).at(-1)!, width - 84),
        top: g.cy,
      }}
    >
      {data.spoolId === null ? (
        <NumberInput
          label="Wire diameter"
          value={data.wireDiameterMm}
          onChange={(value) => change({ wireDiameterMm: value }, "wire diameter")}
        />
      ) : (
        <span className="figures strong" title="The spool's measured diameter">
          {sizeText(ring.wireDiameterMm, units)}
        </span>
      )}
    </div>
  );
}

interface Geometry {
  cx: number;
  cy: number;
  outer: number;
  inner: number;
  sprung: number;
  rod: number;
}

/** The rod's number stands in the hole when there is room and nothing behind it, else below the ring. */
function rodPlace(g: Geometry, several: boolean) {
  return g.rod > 60 && !several ? { left: g.cx, top: g.cy } : { left: g.cx, top: g.cy + g.outer + 26 };
}

function Dimension({
  x,
  y,
  suffix,
  children,
}: {
  x: number;
  y: number;
  suffix: string;
  children: React.ReactNode;
}) {
  return (
    <div className="absolute -translate-x-1/2 -translate-y-1/2 bg-base-200 px-3" style={{ left: x, top: y }}>
      <span className="sentence text-lg flex-nowrap">
        {children}
        <span className="figures strong text-base">{suffix}</span>
      </span>
    </div>
  );
}

/** How far to the side each turn of a double or triple ring stands, front first, pixels: a wire's thickness, less where they are many. */
function behind(turns: number, g: Geometry): number[] {
  const step = Math.min(0.8 * (g.outer - g.inner), (0.6 * g.outer) / Math.max(1, turns - 1));
  return Array.from({ length: turns }, (_, turn) => turn * step);
}

function FaceDrawing({
  g,
  turns,
  metal,
  width,
  height,
}: {
  g: Geometry;
  turns: number;
  metal: string;
  width: number;
  height: number;
}) {
  return (
    <svg width={width} height={height} className="absolute inset-0" aria-hidden="true">
      <defs>
        <pattern
          id="rod-hatch"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V7" stroke="var(--hatch)" strokeWidth="1.2" />
        </pattern>
      </defs>
      {behind(turns, g)
        .reverse()
        .map((aside) => (
          <MetalFace
            key={aside}
            cx={g.cx + aside}
            cy={g.cy + aside / 8}
            outer={g.outer}
            inner={g.inner}
            metal={metal}
          />
        ))}
      <circle cx={g.cx} cy={g.cy} r={g.rod} fill="url(#rod-hatch)" stroke="var(--soft)" strokeWidth="1" />
      <circle cx={g.cx} cy={g.cy} r={g.sprung} className="dash" />
      <DimensionLine from={g.cx - g.outer} to={g.cx + g.outer} y={24} down={g.cy} />
      <DimensionLine from={g.cx - g.inner} to={g.cx + g.inner} y={60} down={g.cy} />
      <path
        className="dimension"
        strokeWidth="2"
        d={`M${n(g.cx + g.inner)} ${n(g.cy)}H${n(g.cx + g.outer + 6 + behind(turns, g).at(-1)!)}`}
      />
    </svg>
  );
}

function DimensionLine({ from, to, y, down }: { from: number; to: number; y: number; down: number }) {
  return (
    <>
      <path className="extension" d={`M${n(from)} ${y - 6}V${n(down)}M${n(to)} ${y - 6}V${n(down)}`} />
      <path className="dimension" d={`M${n(from)} ${y}H${n(to)}`} />
      <path className="dimension" strokeWidth="1.6" d={tick(from, y) + tick(to, y)} />
    </>
  );
}
