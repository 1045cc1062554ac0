import type { PartsHandled } from "../../api/types";
import type { OperationProps } from "./operation";

type InHand = Pick<OperationProps, "run" | "place">;

/** Whether what is made comes in mirrored twins. */
function isPaired({ data }: OperationProps["run"]): boolean {
  return data.kind === "piece" ? data.facts.pair : data.kind === "form" && data.facts.job.hand === "PAIRS";
}

/** Which of twins is in hand: each second copy is the mirror image of the one before it. Null where there are none. */
export function twinInHand({ run, place }: InHand): "first" | "second" | "both" | null {
  if (!isPaired(run)) {
    return null;
  }
  return place.copies > 1 ? "both" : place.first % 2 === 1 ? "second" : "first";
}

/** Whether it is the second of a pair that is in hand, the first one's mirror image. */
export const isSecond = (props: InHand) => twinInHand(props) === "second";

/** Whether both of a pair are in hand together. */
const areBoth = (props: InHand) => twinInHand(props) === "both";

/** Which join is in hand: where both of a pair are, each is made to the one and then to the other. */
export const joinAt = ({ count, copies }: OperationProps["place"]) => Math.floor(count / Math.max(1, copies));

/** The same of the whole piece, where it is joined in several goes. */
export const joinOf = ({ from }: Pick<PartsHandled, "from">, place: OperationProps["place"]) =>
  from + joinAt(place);

/** Of a pair that is joined in tandem, which of the two is in hand; null else. */
export const whichOfBoth = (props: InHand): string | null =>
  areBoth(props) ? (props.place.count % 2 === 0 ? "the first of the pair" : "the second of the pair") : null;

/** What is to be said of twins: which are mirror images, and whether they are wound the other way. Null where none is in hand. */
export function mirrored(props: InHand, handed: boolean): string | null {
  const twin = twinInHand(props);
  if (twin === null || twin === "first") {
    return null;
  }
  if (twin === "second") {
    return `The mirror image of the first${handed ? ": wind it the other way round" : ", as drawn"}.`;
  }
  return props.place.times > 2
    ? `Half of them mirror images${handed ? ": wind those the other way round" : ", as drawn"}.`
    : `One of the two is the mirror image${handed ? ": wind it the other way round" : ", as drawn"}.`;
}
