import { useCallback } from "react";
import type { FormPicture } from "../../api/types";
import { paintedOf, type Painted } from "../../drawing/marks";
import { remembered } from "../kernel/remembered";
import { PaintedPicture } from "./PaintedPicture";

const painted = remembered<FormPicture, Painted>();

/** A form of the catalogue small, seen from a corner. Fills its place. */
export function PaintedForm({
  picture,
  metal = "copper",
}: {
  picture: FormPicture;
  metal?: string | undefined;
}) {
  const work = useCallback(
    () => painted(picture, metal, () => paintedOf(picture.wires, picture.solids, metal, "corner")),
    [picture, metal],
  );
  return <PaintedPicture picture={work} />;
}
