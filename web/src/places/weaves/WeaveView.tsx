import { useEffect, useMemo, useRef, useState } from "react";
import type { WeavePose } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { arcs, cellsFor, patch, RING } from "../../drawing/weave";
import { RingScene } from "../../scene/ringScene";
import { canDraw3d } from "../../scene/stage";
import { useSize } from "../../shared/useSize";

interface Props {
  pose: WeavePose;
  weave: string;
  name: string;
  wireMm: number;
  metal: string;
}

const TURN = 0.12;
const LENGTH_IN_RINGS = 9;

const LOOKS = [
  ["corner", "corner"],
  ["face", "front"],
  ["edge", "side"],
  ["above", "top"],
] as const;

/** A piece of the weave, turned by drag, wheel and arrow keys; where there is no 3D, flat. */
export function WeaveView({ pose, weave, name, wireMm, metal }: Props) {
  const [solid] = useState(canDraw3d);
  const { ref, width, height } = useSize<HTMLDivElement>();
  const piece = useMemo(() => {
    const outer = 2 * pose.rings[RING - 1]! + wireMm;
    const [along, across] = cellsFor(pose, LENGTH_IN_RINGS * outer, 5 * outer);
    return patch(pose, along, across);
  }, [pose, wireMm]);
  return (
    <div ref={ref} className="scene weave-scene">
      {width > 0 &&
        (solid ? (
          <Solid {...{ pose, weave, name, wireMm, metal, width, height }} piece={piece} />
        ) : (
          <FlatWeave {...{ name, wireMm, metal }} piece={piece} />
        ))}
    </div>
  );
}

interface SolidProps extends Props {
  piece: ReturnType<typeof patch>;
  width: number;
  height: number;
}

function Solid({ piece, weave, name, wireMm, metal, width, height }: SolidProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<RingScene | null>(null);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const made = new RingScene(
      canvas.current!,
      toneOf(metal),
      style.getPropertyValue("--mark").trim() || "#233f93",
      "#8a9096",
    );
    scene.current = made;
    return () => {
      scene.current = null;
      made.dispose();
    };
  }, []); // made once; metal, size and rings follow below
  useEffect(() => scene.current?.resize(width, height), [width, height]);
  useEffect(() => scene.current?.tone(toneOf(metal)), [metal]);
  useEffect(() => scene.current?.unfit(), [weave]);
  useEffect(() => scene.current?.show(piece, wireMm), [piece, wireMm]);
  return (
    <>
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label={`${name}, ${piece.count} rings in the round. Arrow keys turn it.`}
        onKeyDown={(event) => {
          const turns: Record<string, [number, number]> = {
            ArrowLeft: [-TURN, 0],
            ArrowRight: [TURN, 0],
            ArrowUp: [0, -TURN],
            ArrowDown: [0, TURN],
          };
          const by = turns[event.key];
          if (by) {
            event.preventDefault();
            scene.current?.turn(...by);
          }
        }}
      />
      <span className="scene-looks">
        <span className="small soft">seen from the</span>
        {LOOKS.map(([look, word]) => (
          <button key={look} className="quiet small" onClick={() => scene.current?.look(look)}>
            {word}
          </button>
        ))}
      </span>
    </>
  );
}

/** The piece face-on: quarter rings, the far ones first. */
export function FlatWeave({
  piece,
  name,
  wireMm,
  metal,
}: {
  piece: ReturnType<typeof patch>;
  name: string;
  wireMm: number;
  metal: string;
}) {
  const tone = toneOf(metal);
  const quarters = useMemo(() => arcs(piece), [piece]);
  const box = useMemo(() => {
    let x = 0;
    let y = 0;
    for (let n = 0; n < piece.count; n++) {
      const r = piece.rings[RING * n + 6]! + wireMm;
      x = Math.max(x, Math.abs(piece.rings[RING * n]!) + r);
      y = Math.max(y, Math.abs(piece.rings[RING * n + 1]!) + r);
    }
    return { x, y };
  }, [piece, wireMm]);
  return (
    <svg
      className="absolute inset-0 h-full w-full"
      viewBox={`${-box.x} ${-box.y} ${2 * box.x} ${2 * box.y}`}
      role="img"
      aria-label={`${name}, ${piece.count} rings, flat`}
      fill="none"
      strokeLinecap="round"
    >
      {quarters.map((arc, i) => (
        <g key={i}>
          <path d={arc.d} stroke={tone.deep} strokeWidth={wireMm} />
          <path d={arc.d} stroke={tone.body} strokeWidth={wireMm * 0.76} />
          <path d={arc.d} stroke={tone.light} strokeWidth={wireMm * 0.2} />
        </g>
      ))}
    </svg>
  );
}
