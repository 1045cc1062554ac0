import { useEffect, useRef } from "react";
import type { FormShape, FormSolid } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { WireScene } from "../../scene/wireScene";
import { themeColour } from "../../shared/kernel/themeColour";
import { turnByKeys } from "../../shared/kernel/turnKeys";
import { SceneLooks } from "../../shared/shell/SceneLooks";
import { useSize } from "../../shared/kernel/useSize";
import type { ViewWire } from "./view";

interface Props {
  wires: readonly ViewWire[];
  solids: readonly FormSolid[];
  metal: string;
  name: string;
  /** Room to keep for these wires as well; null fits what is shown. */
  room: FormShape | null;
}

/** A scene on a canvas, made once; its metal follows. */
function useScene(metal: string) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<WireScene | null>(null);
  useEffect(() => {
    const made = new WireScene(
      canvas.current!,
      toneOf(metal),
      themeColour("--color-primary", "#233f93"),
      themeColour("--color-secondary", "#535c63"),
    );
    scene.current = made;
    return () => {
      scene.current = null;
      made.dispose();
    };
    // metal follows below
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(() => scene.current?.tone(toneOf(metal)), [metal]);
  return { canvas, scene };
}

/** The form in the round: drag or arrow keys turn it, the wheel comes nearer. Drawn only when something changes. */
export function SceneView({ wires, solids, metal, name, room }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const { canvas, scene } = useScene(metal);
  useEffect(() => {
    if (width > 0 && height > 0) {
      scene.current?.resize(width, height);
    }
  }, [scene, width, height]);
  const shown = width > 0;
  useEffect(() => {
    if (shown) {
      scene.current?.show({
        wires: wires.map((wire) =>
          wire.metal && wire.metal !== metal ? { ...wire, tone: toneOf(wire.metal) } : wire,
        ),
        solids,
      });
    }
  }, [scene, wires, solids, shown, metal]);
  const stage = room === null ? null : wires;
  useEffect(() => {
    if (shown) {
      scene.current?.keepRoomFor(room?.free ?? []);
    }
  }, [scene, room, stage, shown]);
  return (
    <div ref={ref} className="scene">
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label={`${name} in the round. Arrow keys turn it.`}
        onKeyDown={(event) => turnByKeys(event, (across, up) => scene.current?.turn(across, up))}
      />
      <SceneLooks onLook={(side) => scene.current?.look(side)} />
    </div>
  );
}
