import { useMemo } from "react";
import type { PieceDrawing } from "../../api/types";
import { bothOf, mirroredParts, placedParts, wholeBox, type Way } from "../../drawing/board";
import { PaintedPicture } from "./PaintedPicture";

interface Props {
  drawing: PieceDrawing;
  /** The first of these it lies in is drawn. */
  ways: readonly Way[];
  metal: string;
  /** The parts drawn; all where left out. */
  only?: ReadonlySet<number>;
  /** Both of a pair; or the second of it alone. */
  pair?: "both" | "second";
  /** Whether what is drawn fills the picture; else there is room for the whole piece. */
  near?: boolean;
  label?: string;
  className?: string;
}

/** A piece small, in its metal. Fills its place. */
export function PiecePicture({ drawing, ways, metal, only, near = false, pair, label, className }: Props) {
  const parts = useMemo(() => {
    const laid = ways.map((way) => placedParts(drawing, way)).find((found) => found !== null) ?? [];
    if (!pair || laid.length === 0) {
      return laid;
    }
    return pair === "both" ? bothOf(laid) : mirroredParts(laid, 0);
  }, [drawing, ways, pair]);
  const shown = useMemo(() => (only ? parts.filter((_, i) => only.has(i)) : parts), [parts, only]);
  const wires = useMemo(() => shown.flatMap((part) => part.wires), [shown]);
  const solids = useMemo(() => shown.flatMap((part) => part.solids), [shown]);
  const box = useMemo(
    () => (parts.length === 0 ? null : wholeBox(near && shown.length > 0 ? shown : parts)),
    [parts, shown, near],
  );
  if (!box) {
    return null;
  }
  return (
    <PaintedPicture
      wires={wires}
      solids={solids}
      metal={metal}
      look="face"
      box={box}
      {...(label && { label })}
      {...(className && { className })}
    />
  );
}
