import { useMemo } from "react";
import type { PieceDrawing } from "../../api/types";
import {
  ASIDE_DEGREES,
  bothOf,
  mirroredParts,
  placedParts,
  seenAside,
  wholeBox,
  type Way,
} from "../../drawing/board";
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
  /** Seen a little from beside, so that an ear wire is more than a line. */
  aside?: boolean;
  /** Whether what is drawn fills the picture; else there is room for the whole piece. */
  near?: boolean;
  label?: string;
  className?: string;
}

/** A piece small, in its metal. Fills its place. */
export function PiecePicture(props: Props) {
  const { drawing, ways, metal, only, near = false, aside = false, pair, label, className } = props;
  const parts = useMemo(() => {
    const straight = ways.map((way) => placedParts(drawing, way)).find((found) => found !== null) ?? [];
    const laid = aside ? seenAside(straight, ASIDE_DEGREES) : straight;
    if (!pair || laid.length === 0) {
      return laid;
    }
    return pair === "both" ? bothOf(laid) : mirroredParts(laid, 0);
  }, [drawing, ways, pair, aside]);
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
