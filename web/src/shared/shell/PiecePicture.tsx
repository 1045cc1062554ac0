import { useCallback } from "react";
import type { PieceDrawing } from "../../api/types";
import {
  ASIDE_DEGREES,
  bothOf,
  mirroredParts,
  placedParts,
  seenAside,
  wholeBox,
  type PlacedPart,
  type Way,
} from "../../drawing/board";
import { paintedOf, type Painted } from "../../drawing/marks";
import { remembered } from "../kernel/remembered";
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

const laid = remembered<PieceDrawing, PlacedPart[]>();
const whole = remembered<PieceDrawing, Painted | null>();

/** A picture as it is asked for, whatever was left out. */
type Asked = Required<Pick<Props, "drawing" | "ways" | "metal" | "aside" | "near">> & {
  only: Props["only"] | undefined;
  pair: Props["pair"] | undefined;
};

/** The parts where they lie the first of those ways there is. */
function partsOf({ drawing, ways, aside, pair }: Asked): PlacedPart[] {
  return laid(drawing, [...ways, aside, pair].join(), () => {
    const straight = ways.map((way) => placedParts(drawing, way)).find((found) => found !== null) ?? [];
    const seen = aside ? seenAside(straight, ASIDE_DEGREES) : straight;
    if (!pair || seen.length === 0) {
      return seen;
    }
    return pair === "both" ? bothOf(seen) : mirroredParts(seen, 0);
  });
}

function worked(asked: Asked): Painted | null {
  const { only, near, metal } = asked;
  const parts = partsOf(asked);
  if (parts.length === 0) {
    return null;
  }
  const shown = only ? parts.filter((_, i) => only.has(i)) : parts;
  return paintedOf(
    shown.flatMap((part) => part.wires),
    shown.flatMap((part) => part.solids),
    metal,
    "face",
    wholeBox(near && shown.length > 0 ? shown : parts),
  );
}

/** Kept as long as its drawing is, where it is all of the piece. */
function painted(asked: Asked): Painted | null {
  const { drawing, ways, metal, near, aside, pair } = asked;
  return asked.only
    ? worked(asked)
    : whole(drawing, [metal, ...ways, near, aside, pair].join(), () => worked(asked));
}

/** A piece small, in its metal. Fills its place. */
export function PiecePicture(props: Props) {
  const { drawing, ways, metal, only, near = false, aside = false, pair, label, className } = props;
  const picture = useCallback(
    () => painted({ drawing, ways, metal, only, near, aside, pair }),
    [drawing, ways, metal, only, near, aside, pair],
  );
  return <PaintedPicture picture={picture} {...(label && { label })} {...(className && { className })} />;
}
