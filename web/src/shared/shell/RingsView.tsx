import { useEffect, useReducer, useRef, useState } from "react";
import type { PointerEvent, ReactNode, RefObject } from "react";
import { tagPlaces } from "../../drawing/tags";
import { type Patch } from "../../drawing/weave";
import { RingScene, type OpenAt } from "../../scene/ringScene";
import { canDraw3d, type Side } from "../../scene/stage";
import { coated, toneNamed, type Tag } from "./ringLooks";
import { FlatRings } from "./FlatRings";
import { turnByKeys } from "../kernel/turnKeys";
import { SceneLooks } from "./SceneLooks";
import { useSize } from "../kernel/useSize";

interface Props {
  patch: Patch;
  name: string;
  wireMm: number;
  /** Metals or colours, as the patch's tones count them. */
  palette: readonly string[];
  /** Another thing is shown: fit the picture anew. */
  fitKey: string;
  open?: OpenAt | null;
  chosen?: ReadonlySet<number> | null;
  linked?: ReadonlySet<number>;
  tags?: readonly Tag[];
  onPick?: (ring: number | null) => void;
  /** Rings to bring into the picture; null for all. */
  focus?: readonly number[] | null;
  /** How much is cut away from the front, 0 to 1. */
  cut?: number | null;
  className?: string;
  /** The side it is seen from at first; by its shape where left out. */
  firstLook?: Side;
  /** More to do with the picture, beside the sides it is seen from. */
  tools?: ReactNode;
}

const NONE: ReadonlySet<number> = new Set();
const TAP_PX = 6;

/** Rings in the round: turned by drag, wheel and arrow keys; where there is no 3D, flat. */
export function RingsView(props: Props) {
  const [solid] = useState(canDraw3d);
  const { ref, width, height } = useSize<HTMLDivElement>();
  return (
    <div ref={ref} className={`scene weave-scene ${props.className ?? ""}`}>
      {width > 0 &&
        (solid ? (
          <Solid {...props} width={width} height={height} />
        ) : (
          <>
            <FlatRings
              {...props}
              chosen={props.chosen ?? null}
              linked={props.linked ?? NONE}
              tags={props.tags ?? []}
            />
            <span className="scene-looks">{props.tools}</span>
          </>
        ))}
    </div>
  );
}

/** Wire marked, dimmed and coated as the theme has it. */
function sceneOn(canvas: HTMLCanvasElement, palette: readonly string[]): RingScene {
  const style = getComputedStyle(document.documentElement);
  const named = (name: string, other: string) => style.getPropertyValue(name).trim() || other;
  const [mark, paper, soft] = [
    named("--mark", "#233f93"),
    named("--paper", "#eef1f0"),
    named("--soft", "#555f66"),
  ];
  const between = (share: number) => `color-mix(in oklab, ${soft} ${share}%, ${paper})`;
  return new RingScene(canvas, palette.map(toneNamed), coated(mark), {
    deep: between(42),
    body: between(22),
    light: between(8),
  });
}

type Sized = Props & { width: number; height: number };

/** A scene on a canvas, made once; what it shows follows. */
function useRings({ patch, wireMm, palette, fitKey, firstLook, width, height, ...shown }: Sized) {
  const { open = null, chosen = null, linked = NONE, focus = null, cut = null } = shown;
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<RingScene | null>(null);
  const [, moved] = useReducer((n: number) => n + 1, 0);
  const colours = palette.join(" ");
  useEffect(() => {
    const made = sceneOn(canvas.current!, palette);
    made.onMoved = moved;
    scene.current = made;
    return () => {
      scene.current = null;
      made.dispose();
    };
    // made once; metals, size and rings follow below
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(() => scene.current?.resize(width, height), [width, height]);
  useEffect(() => scene.current?.tones(colours.split(" ").map(toneNamed)), [colours]);
  useEffect(() => scene.current?.unfit(), [fitKey]);
  useEffect(
    () => scene.current?.show(patch, wireMm, open, firstLook ?? null),
    // an opening is the same by its ring and angle; the first look is taken once
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [patch, wireMm, open?.ring, open?.angle],
  );
  useEffect(() => scene.current?.choose(chosen, linked), [patch, chosen, linked]);
  useEffect(() => scene.current?.cutAway(cut), [cut, patch]);
  useEffect(() => {
    if (focus) {
      scene.current?.focus(focus, 0.9);
    }
  }, [focus]);
  return { canvas, scene };
}

/** A press that is no drag picks the ring under it. */
function usePicking(scene: RefObject<RingScene | null>, onPick: Props["onPick"]) {
  const pressed = useRef<[number, number] | null>(null);
  return {
    onPointerDown: (event: PointerEvent<HTMLCanvasElement>) => {
      pressed.current = [event.clientX, event.clientY];
    },
    onPointerUp: (event: PointerEvent<HTMLCanvasElement>) => {
      const from = pressed.current;
      pressed.current = null;
      if (!onPick || !from || Math.hypot(event.clientX - from[0], event.clientY - from[1]) > TAP_PX) {
        return;
      }
      const box = event.currentTarget.getBoundingClientRect();
      onPick(scene.current?.at(event.clientX - box.left, event.clientY - box.top) ?? null);
    },
  };
}

function Solid(props: Sized) {
  const { patch, name, wireMm, tags = [], tools = null } = props;
  const { canvas, scene } = useRings(props);
  const picking = usePicking(scene, props.onPick);
  return (
    <>
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label={`${name}, ${patch.count} rings in the round. Arrow keys turn it.`}
        onKeyDown={(event) => turnByKeys(event, (across, up) => scene.current?.turn(across, up))}
        {...picking}
      />
      {/* drawn anew whenever the scene moves, which is made once */}
      {scene.current && <Tags scene={scene.current} patch={patch} tags={tags} wireMm={wireMm} />}
      <SceneLooks onLook={(side) => scene.current?.look(side)}>{tools}</SceneLooks>
    </>
  );
}

/** Letters on their rings, where these are seen. */
function Tags({
  scene,
  patch,
  tags,
  wireMm,
}: {
  scene: RingScene;
  patch: Patch;
  tags: readonly Tag[];
  wireMm: number;
}) {
  const places = tagPlaces(
    patch,
    tags.map((tag) => tag.ring),
    (x, y, z) => scene.project(x, y, z),
    wireMm / scene.mmPerPixel,
  );
  return tags.map((tag, at) => (
    <span
      key={tag.ring}
      className="ring-tag"
      data-picked={tag.picked ?? false}
      style={{ left: places[at]![0], top: places[at]![1] }}
      aria-hidden="true"
    >
      {tag.text}
    </span>
  ));
}
