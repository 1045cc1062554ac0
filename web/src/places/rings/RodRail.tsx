import type { KeyboardEvent } from "react";
import { usePreferences } from "../../api/queries";
import type { RingJobData, RingSheet, RodView } from "../../api/types";
import { plain, sizeText, type Units } from "../../quantity/format";
import { useSize } from "../../shared/kernel/useSize";
import type { Change } from "./JobSentence";

const HEIGHT = 92;
const LINE = 54;
const LABEL_WIDTH = 31;

interface Placed {
  rod: RodView;
  x: number;
  r: number;
}

/** The rods stand on a line, to one scale as far as the finest stay visible; touch targets never overlap. */
function place(rods: RodView[], width: number): Placed[] {
  const largest = Math.max(...rods.map((rod) => rod.diameterMm));
  const scale = 25 / largest;
  const wished = rods.map((rod) => Math.max(4, rod.diameterMm * scale));
  const room = wished.map((r) => Math.max(2 * r + 5, LABEL_WIDTH));
  const squeeze = Math.min(1.25, (width - 8) / room.reduce((a, b) => a + b, 0));
  let x = 2;
  if (width === 0) {
    return [];
  }
  return rods.map((rod, i) => {
    const slot = room[i]! * squeeze;
    const placed = { rod, x: x + slot / 2, r: Math.min(wished[i]!, slot / 2 - 1) };
    x += slot;
    return placed;
  });
}

/** A rod end-on, with its diameter; dashed where the wire only flexes on it. */
function RodEnd({
  rod,
  x,
  r,
  chosen,
  closest,
}: {
  rod: RodView;
  x: number;
  r: number;
  chosen: boolean;
  closest: boolean;
}) {
  return (
    <g>
      <circle
        cx={x}
        cy={LINE - r}
        r={r}
        fill={chosen ? "var(--mark)" : "var(--sheet)"}
        stroke={closest ? "var(--mark)" : "var(--ink)"}
        strokeWidth={closest ? 2.6 : 1.3}
        strokeDasharray={rod.refusal ? "3 3" : undefined}
      />
      <text
        className={chosen ? "figures" : ""}
        x={x}
        y={LINE + 16}
        textAnchor="middle"
        style={{ fill: chosen ? "var(--mark)" : "var(--ink)" }}
      >
        {plain(rod.diameterMm)}
      </text>
    </g>
  );
}

interface ButtonProps extends Placed {
  units: Units;
  chosen: boolean;
  /** Whether the Tab key comes to it; the arrows go on from there. */
  reached: boolean;
  onTake: () => void;
}

function RodButton({ rod, x, r, units, chosen, reached, onTake }: ButtonProps) {
  const inside = rod.closedInnerMm === null ? null : sizeText(rod.closedInnerMm, units);
  const half = Math.max(r, LABEL_WIDTH / 2);
  return (
    <button
      id={`rod-${rod.id}`}
      role="radio"
      aria-checked={chosen}
      tabIndex={reached ? 0 : -1}
      aria-label={`${rod.name}, ${plain(rod.diameterMm)} mm, ${inside ? `ring ${inside} inside` : "springs back straight"}`}
      title={`${rod.name}: ${inside ? `${inside} inside` : "springs back straight"}`}
      className="absolute top-0 cursor-pointer"
      style={{ left: x - half, width: 2 * half, height: LINE + 18 }}
      onClick={onTake}
    />
  );
}

/** The maker's own rods; the one in use is filled, the nearest to the ring wanted is ringed. */
export function RodRail({ sheet, data, change }: { sheet: RingSheet; data: RingJobData; change: Change }) {
  const { ref, width } = useSize<HTMLDivElement>();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const rods = sheet.rods;
  const chosen = rods.find(
    (rod) => data.convention === "MANDREL" && Math.abs(rod.diameterMm - data.aimValue) < 1e-9,
  );
  const closest = rods.find((rod) => rod.id === sheet.closestRodId);
  const take = (rod: RodView) =>
    change({ convention: "MANDREL", aimValue: rod.diameterMm, usableMandrelMm: rod.usableLengthMm }, "rod");
  const onKey = (event: KeyboardEvent) => {
    const by = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
    const next = rods[rods.indexOf(chosen ?? closest ?? rods[0]!) + by];
    if (by !== 0 && next) {
      event.preventDefault();
      take(next);
      document.getElementById(`rod-${next.id}`)?.focus();
    }
  };
  if (rods.length === 0) {
    return (
      <p className="soft px-1 pb-4">No rods in stock yet. Add yours in Stock, tools, and they stand here.</p>
    );
  }
  return (
    <div ref={ref} className="relative pr-2" style={{ height: HEIGHT }}>
      <svg width={width} height={HEIGHT} className="absolute inset-0" aria-hidden="true">
        <path className="edge" d={`M0 ${LINE}H${width}`} />
        {place(rods, width).map(({ rod, x, r }) => (
          <RodEnd
            key={rod.id}
            {...{ rod, x, r }}
            chosen={rod === chosen}
            closest={rod === closest && !chosen}
          />
        ))}
      </svg>
      <div role="radiogroup" aria-label="Your rods" onKeyDown={onKey}>
        {place(rods, width).map(({ rod, x, r }) => (
          <RodButton
            key={rod.id}
            {...{ rod, x, r, units }}
            chosen={rod === chosen}
            reached={rod === (chosen ?? closest ?? rods[0])}
            onTake={() => take(rod)}
          />
        ))}
      </div>
      <p className="tiny soft absolute bottom-0 left-0">your rods, mm</p>
      {closest && !chosen && closest.closedInnerMm !== null && (
        <p className="tiny absolute right-4 bottom-0">
          nearest on the shelf: <strong>{plain(closest.diameterMm)}</strong> gives{" "}
          {sizeText(closest.closedInnerMm, units)}
        </p>
      )}
    </div>
  );
}
