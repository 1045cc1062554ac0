import type { PartsHandled } from "../../api/types";
import type { OperationProps } from "./operation";

/** Whether it is the second of a pair that is in hand, the first one's mirror image. */
export const isSecond = ({ run, place }: Pick<OperationProps, "run" | "place">) =>
  run.data.kind === "piece" && run.data.facts.pair && place.copies === 1 && place.first === 1;

/** Whether both of a pair are in hand together. */
const areBoth = ({ run, place }: Pick<OperationProps, "run" | "place">) =>
  run.data.kind === "piece" && run.data.facts.pair && place.copies === 2;

/** Which join is in hand: where both of a pair are, each is made to the one and then to the other. */
export const joinAt = ({ count, copies }: OperationProps["place"]) => Math.floor(count / Math.max(1, copies));

/** The same of the whole piece, where it is joined in several goes. */
export const joinOf = ({ from }: Pick<PartsHandled, "from">, place: OperationProps["place"]) =>
  from + joinAt(place);

/** Of a pair that is joined in tandem, which of the two is in hand; null else. */
export const whichOfBoth = (props: Pick<OperationProps, "run" | "place">): string | null =>
  areBoth(props) ? (props.place.count % 2 === 0 ? "the first of the pair" : "the second of the pair") : null;

/** What is to be said of a part that is wound by a hand: which of them are mirror images. Null where none is. */
export function mirrored(props: Pick<OperationProps, "run" | "place">, handed: boolean): string | null {
  if (!handed || !(isSecond(props) || areBoth(props))) {
    return null;
  }
  return isSecond(props)
    ? "The mirror image of the first: wind it the other way round."
    : "Half of them mirror images: wind those the other way round.";
}
