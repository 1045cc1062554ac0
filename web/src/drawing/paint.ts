/** Marks painted on a canvas: one element however many there are. The colours of what is no metal are the sheet's own. */
import { EDGE_MM, STROKES, type Mark } from "./marks";
import type { Box } from "./wire";

/** The colours of the sheet that glass and holes show, as CSS writes them. */
export interface SheetColours {
  sheet: string;
  ink: string;
  soft: string;
}

/** Glass from where light falls in to its far edge: its colour and how strongly it covers what is behind. */
const GLASS = [
  [0, null, 0.6],
  [0.55, "soft", 0.24],
  [1, "soft", 0.5],
] as const;
const LIGHT = "#fff";

/**
 * Paints marks so that a box fills a canvas as an SVG's would: whole, in the middle, at one scale.
 *
 * @param pen of the canvas
 * @param size of the canvas in its own dots
 * @param box what is to be seen, mm
 */
export function paintMarks(
  pen: CanvasRenderingContext2D,
  size: { width: number; height: number },
  box: Box,
  marks: readonly Mark[],
  colours: SheetColours,
): void {
  const scale = Math.min(size.width / box.width, size.height / box.height);
  pen.setTransform(1, 0, 0, 1, 0, 0);
  pen.clearRect(0, 0, size.width, size.height);
  pen.setTransform(
    scale,
    0,
    0,
    scale,
    size.width / 2 - scale * (box.x + box.width / 2),
    size.height / 2 - scale * (box.y + box.height / 2),
  );
  pen.lineJoin = "round";
  for (const mark of marks) {
    if (mark.kind === "wire") {
      const path = new Path2D(mark.d);
      for (const [part, share] of STROKES) {
        pen.strokeStyle = mark.tone[part];
        pen.lineWidth = mark.thick * share;
        pen.stroke(path);
      }
    } else {
      paintArea(pen, mark, colours);
    }
  }
}

function paintArea(
  pen: CanvasRenderingContext2D,
  mark: Exclude<Mark, { kind: "wire" }>,
  colours: SheetColours,
): void {
  const path = mark.kind === "area" ? new Path2D(mark.d) : new Path2D();
  if (mark.kind === "round") {
    path.ellipse(mark.x, mark.y, mark.rx, mark.ry, mark.turn, 0, 2 * Math.PI);
  }
  if (mark.paint === "glass") {
    const box =
      mark.kind === "area"
        ? mark.box
        : { x: mark.x - mark.rx, y: mark.y - mark.ry, width: 2 * mark.rx, height: 2 * mark.ry };
    pen.fillStyle = glass(pen, box, colours);
    pen.strokeStyle = colours.soft;
  } else if (mark.paint === "hole") {
    pen.fillStyle = colours.sheet;
    pen.strokeStyle = colours.ink;
  } else {
    pen.fillStyle = mark.paint.body;
    pen.strokeStyle = mark.paint.deep;
  }
  pen.lineWidth = EDGE_MM;
  pen.fill(path);
  pen.stroke(path);
}

function glass(pen: CanvasRenderingContext2D, box: Box, colours: SheetColours): CanvasGradient {
  const x = box.x + 0.36 * box.width;
  const y = box.y + 0.3 * box.height;
  const gradient = pen.createRadialGradient(x, y, 0, x, y, 0.8 * Math.max(box.width, box.height));
  for (const [at, colour, share] of GLASS) {
    gradient.addColorStop(
      at,
      `color-mix(in srgb, ${colour ? colours[colour] : LIGHT} ${100 * share}%, transparent)`,
    );
  }
  return gradient;
}
