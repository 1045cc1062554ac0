import { useEffect, useRef } from "react";
import type { PieceAnswer } from "../../api/types";
import type { Way } from "../../drawing/board";
import { toneOf } from "../../drawing/metals";
import { PieceScene } from "../../scene/pieceScene";
import { themeColour } from "../../shared/kernel/themeColour";
import { turnByKeys } from "../../shared/kernel/turnKeys";
import { SceneLooks } from "../../shared/shell/SceneLooks";
import { useSize } from "../../shared/kernel/useSize";

interface Props {
  piece: PieceAnswer;
  metal: string;
  way: Way;
  /** The part as written that is in hand; null for none. */
  chosen: number | null;
  onChoose: (written: number) => void;
}

/** A scene on a canvas, made once. */
function useScene() {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<PieceScene | null>(null);
  useEffect(() => {
    const made = new PieceScene(
      canvas.current!,
      toneOf,
      themeColour("--color-primary", "#233f93"),
      themeColour("--color-secondary", "#535c63"),
    );
    scene.current = made;
    return () => {
      scene.current = null;
      made.dispose();
    };
  }, []);
  return { canvas, scene };
}

/** A press is one that moves the eye by no more than this, px. */
const STILL_PX = 4;

/** The piece in the round: drag or arrow keys turn it, the wheel comes nearer, a press takes a part in hand. */
export function InTheRound({ piece, metal, way, chosen, onChoose }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const { canvas, scene } = useScene();
  const pressed = useRef<{ x: number; y: number } | null>(null);
  useEffect(() => {
    if (width > 0 && height > 0) {
      scene.current?.resize(width, height);
    }
  }, [scene, width, height]);
  const { drawing } = piece;
  const shown = width > 0;
  useEffect(() => {
    if (shown && drawing) {
      scene.current?.show(drawing, way, metal, "corner");
    }
  }, [scene, drawing, way, metal, shown]);
  useEffect(() => {
    const own = piece.parts.flatMap((part, i) => (part.written === chosen ? [i] : []));
    scene.current?.choose(new Set(own));
  }, [scene, piece.parts, chosen, drawing, way, metal, shown]);
  const place = (event: React.PointerEvent) => {
    const box = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - box.left, y: event.clientY - box.top };
  };
  const released = (event: React.PointerEvent) => {
    const from = pressed.current;
    const to = place(event);
    if (from && Math.hypot(to.x - from.x, to.y - from.y) <= STILL_PX) {
      const part = scene.current?.at(to.x, to.y) ?? null;
      if (part !== null) {
        onChoose(piece.parts[part]!.written);
      }
    }
  };
  return (
    <div ref={ref} className="board scene">
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label="The piece in the round. Arrow keys turn it."
        onPointerDown={(event) => {
          pressed.current = place(event);
        }}
        onPointerUp={released}
        onKeyDown={(event) => turnByKeys(event, (across, up) => scene.current?.turn(across, up))}
      />
      <SceneLooks onLook={(side) => scene.current?.look(side)} />
    </div>
  );
}
