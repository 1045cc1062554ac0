import { useMemo } from "react";
import { tagPlaces } from "../../drawing/tags";
import { arcs, RING, type Patch } from "../../drawing/weave";
import type { Tag } from "./ringLooks";
import { toneNamed } from "./ringLooks";

/** As if so many pixels wide, for the letters' distance from each other. */
const WIRE_PX = 12;

interface Props {
  patch: Patch;
  name: string;
  wireMm: number;
  palette: readonly string[];
  chosen?: ReadonlySet<number> | null;
  linked?: ReadonlySet<number>;
  tags?: readonly Tag[];
  onPick?: (ring: number | null) => void;
}

/** Rings face-on: quarter rings, the far ones first. */
export function FlatRings({
  patch,
  name,
  wireMm,
  palette,
  chosen = null,
  linked = new Set(),
  tags = [],
  onPick,
}: Props) {
  const quarters = useMemo(() => arcs(patch), [patch]);
  const box = useMemo(() => boxAbout(patch, wireMm), [patch, wireMm]);
  return (
    <svg
      className="absolute inset-0 h-full w-full"
      viewBox={box}
      role="img"
      aria-label={`${name}, ${patch.count} rings, flat`}
      fill="none"
      strokeLinecap="round"
    >
      {quarters.map((arc, i) => {
        const tone = toneNamed(palette[patch.tone?.[arc.ring] ?? 0] ?? palette[0]!);
        const marked = chosen?.has(arc.ring) ?? false;
        const wire = patch.wire?.[arc.ring] ?? wireMm;
        const dimmed = chosen !== null && !marked && !linked.has(arc.ring);
        return (
          <g key={i} opacity={dimmed ? 0.35 : 1} onClick={() => onPick?.(arc.ring)}>
            <path d={arc.d} stroke={marked ? "var(--mark)" : tone.deep} strokeWidth={wire} />
            {!marked && (
              <>
                <path d={arc.d} stroke={tone.body} strokeWidth={wire * 0.76} />
                <path d={arc.d} stroke={tone.light} strokeWidth={wire * 0.2} />
              </>
            )}
          </g>
        );
      })}
      <Letters {...{ patch, wireMm, tags }} />
    </svg>
  );
}

/** The viewBox about all of it, mm; y is downwards. */
function boxAbout(patch: Patch, wireMm: number): string {
  let [left, right, top, bottom] = [0, 0, 0, 0];
  for (let n = 0; n < patch.count; n++) {
    const r = patch.rings[RING * n + 6]! + (patch.wire?.[n] ?? wireMm);
    const [x, y] = [patch.rings[RING * n]!, -patch.rings[RING * n + 1]!];
    [left, right] = [Math.min(left, x - r), Math.max(right, x + r)];
    [top, bottom] = [Math.min(top, y - r), Math.max(bottom, y + r)];
  }
  return `${left} ${top} ${right - left} ${bottom - top}`;
}

/** Letters on their rings. */
function Letters({ patch, wireMm, tags }: { patch: Patch; wireMm: number; tags: readonly Tag[] }) {
  const scale = WIRE_PX / wireMm;
  const letters = useMemo(
    () =>
      tagPlaces(
        patch,
        tags.map((tag) => tag.ring),
        (x, y, z) => [x * scale, -y * scale, -z],
        WIRE_PX,
      ),
    [patch, tags, scale],
  );
  return tags.map((tag, at) => (
    <text
      key={tag.ring}
      x={letters[at]![0] / scale}
      y={letters[at]![1] / scale + wireMm * 0.7}
      fontSize={wireMm * 2}
      fontWeight={tag.picked ? 800 : 600}
      stroke="var(--paper)"
      strokeWidth={wireMm * 0.6}
      paintOrder="stroke"
      fill="var(--ink)"
      textAnchor="middle"
    >
      {tag.text}
    </text>
  ));
}
