import { useEffect, useRef } from "react";
import type { Painted } from "../../drawing/marks";
import { paintMarks } from "../../drawing/paint";
import type { Box } from "../../drawing/wire";
import { inTurn, notAnyMore } from "../kernel/inTurn";

interface Props {
  /** What is painted, worked out in its turn; the same function as long as it is the same picture. */
  picture: () => Painted | null;
  /** What a reader is told; without it the picture stands beside its words and says nothing of its own. */
  label?: string;
  className?: string;
}

/** Room around, of the larger side. */
const ROOM = 0.04;
/** How far from being seen a picture is painted, so that nobody sees it come. */
const NEAR = "400px";

/**
 * A form or a piece painted, so that a page of many stays light: of itself nothing can be pressed. Worked out and painted when it comes
 * near the window, a few each frame, and painted again when its place or the light changes.
 */
export function PaintedPicture({ picture, label, className }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current!;
    const end = whenNear(element, () =>
      inTurn(element, () => {
        const painted = picture();
        if (painted) {
          paint(element, roomy(painted.box), painted.marks);
        } else {
          // setting it wipes it: nothing of an earlier picture stays
          element.width = element.clientWidth;
        }
      }),
    );
    return () => {
      end();
      notAnyMore(element);
    };
  }, [picture]);
  return (
    <canvas
      ref={canvas}
      className={className}
      role={label ? "img" : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
    />
  );
}

function roomy(box: Box): Box {
  const room = Math.max(box.width, box.height) * ROOM;
  return { x: box.x - room, y: box.y - room, width: box.width + 2 * room, height: box.height + 2 * room };
}

function paint(canvas: HTMLCanvasElement, box: Box, marks: Parameters<typeof paintMarks>[3]) {
  const dots = window.devicePixelRatio;
  const size = {
    width: Math.round(canvas.clientWidth * dots),
    height: Math.round(canvas.clientHeight * dots),
  };
  const pen = size.width > 0 && size.height > 0 ? canvas.getContext("2d") : null;
  if (!pen) {
    return;
  }
  canvas.width = size.width;
  canvas.height = size.height;
  const style = getComputedStyle(canvas);
  const colour = (name: string) => style.getPropertyValue(name).trim();
  paintMarks(pen, size, box, marks, {
    sheet: colour("--color-base-100"),
    ink: colour("--color-base-content"),
    soft: colour("--color-secondary"),
  });
}

/** Calls once it is near the window, and from then on whenever its size or the light changes; answers how to end. */
function whenNear(canvas: HTMLCanvasElement, act: () => void): () => void {
  let near = false;
  const again = () => {
    if (near) {
      act();
    }
  };
  const view = new IntersectionObserver(
    (entries) => {
      if (!near && entries.some((entry) => entry.isIntersecting)) {
        near = true;
        again();
      }
    },
    { rootMargin: NEAR },
  );
  const size = new ResizeObserver(again);
  const theme = new MutationObserver(again);
  const light = matchMedia("(prefers-color-scheme: dark)");
  view.observe(canvas);
  size.observe(canvas);
  theme.observe(document.documentElement, { attributeFilter: ["data-theme"] });
  light.addEventListener("change", again);
  return () => {
    view.disconnect();
    size.disconnect();
    theme.disconnect();
    light.removeEventListener("change", again);
  };
}
