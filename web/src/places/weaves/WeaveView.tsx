import { useMemo, useState } from "react";
import type { WeaveEntry, WeavePose } from "../../api/types";
import { cellsFor, linkedIn, swatch, RING } from "../../drawing/weave";
import { RingsView } from "../../shared/shell/RingsView";

interface Props {
  pose: WeavePose;
  weave: WeaveEntry;
  wireMm: number;
  metal: string;
}

const LENGTH_IN_RINGS = 9;
const WIDTH_IN_RINGS = 5;
const NONE: ReadonlySet<number> = new Set();

/** A patch of the weave. A ring pressed stands out with those it passes through; the front can be cut away. */
export function WeaveView({ pose, weave, wireMm, metal }: Props) {
  const [chosen, setChosen] = useState<{ weave: string; ring: number } | null>(null);
  const [cut, setCut] = useState(0);
  const patch = useMemo(() => {
    const outer = 2 * pose.rings[RING - 1]! + wireMm;
    const [along, across] = cellsFor(pose, LENGTH_IN_RINGS * outer, WIDTH_IN_RINGS * outer);
    return swatch(pose, along, across);
  }, [pose, wireMm]);
  const ring = chosen?.weave === weave.id && chosen.ring < patch.count ? chosen.ring : null;
  const marked = useMemo(() => (ring === null ? null : new Set([ring])), [ring]);
  const linked = useMemo(
    () => (ring === null ? NONE : linkedIn(patch, weave.links, pose.around, ring)),
    [patch, weave, pose.around, ring],
  );
  const show = (to: number | null) => setChosen(to === null ? null : { weave: weave.id, ring: to });
  return (
    <RingsView
      patch={patch}
      name={weave.name}
      wireMm={wireMm}
      palette={useMemo(() => [metal], [metal])}
      fitKey={weave.id}
      chosen={marked}
      linked={linked}
      onPick={(picked) => show(picked === ring ? null : picked)}
      cut={cut > 0 ? cut : null}
      tools={
        <>
          <label>
            <span className="soft">cut away the front</span>
            <input
              type="range"
              min={0}
              max={0.95}
              step={0.05}
              value={cut}
              aria-label="Cut away the front"
              onChange={(event) => setCut(Number(event.target.value))}
            />
          </label>
          <OneRing
            ring={ring}
            links={linked.size}
            onNext={() => show(ring === null ? Math.floor(patch.count / 2) : (ring + 1) % patch.count)}
            onAll={() => show(null)}
          />
        </>
      }
    />
  );
}

interface OneRingProps {
  /** The ring looked at; null while all are. */
  ring: number | null;
  /** How many of the rings shown it passes through. */
  links: number;
  onNext: () => void;
  onAll: () => void;
}

function OneRing({ ring, links, onNext, onAll }: OneRingProps) {
  return (
    <>
      <button className="quiet small" onClick={onNext}>
        {ring === null ? "show one ring's links" : "next ring"}
      </button>
      {ring !== null && (
        <>
          <span role="status">through {links} of the rings shown</span>
          <button className="quiet small" onClick={onAll}>
            all rings
          </button>
        </>
      )}
    </>
  );
}
