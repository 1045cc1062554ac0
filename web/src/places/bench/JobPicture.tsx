import { lazy, Suspense } from "react";
import { usePictures } from "../../api/queries";
import type { InHand } from "../../api/types";
import { openRing } from "../../drawing/ring";
import { RingMark } from "../../shared/shell/RingMark";

/** What draws a form comes after the words of the bench stand. */
const PaintedForm = lazy(async () => ({
  default: (await import("../../shared/shell/PaintedForm")).PaintedForm,
}));

/** A job's own sign: its ring, its form, how far its weave is. */
export function JobPicture({ hand, box }: { hand: InHand; box: number }) {
  if (hand.kind === "ring") {
    const sketch = hand.glance?.sketch;
    return <RingMark sizes={sketch?.sizes ?? null} metal={sketch?.metal ?? "copper"} box={box} />;
  }
  return hand.kind === "form" ? (
    <FormPicture formId={hand.glance?.sketch?.formId} metal={hand.glance?.sketch?.metal} box={box} />
  ) : (
    <Share done={hand.finished ? 1 : (hand.glance?.share ?? 0)} box={box} />
  );
}

function FormPicture({
  formId,
  metal,
  box,
}: {
  formId: string | undefined;
  metal: string | undefined;
  box: number;
}) {
  const picture = usePictures().data?.find((one) => one.id === formId);
  return (
    <span className="job-picture" style={{ width: box, height: box }}>
      <Suspense>{picture && <PaintedForm picture={picture} metal={metal} />}</Suspense>
    </span>
  );
}

/** Two linked rings, the second as far round as the weave is done. */
function Share({ done, box }: { done: number; box: number }) {
  return (
    <svg width={box} height={box} viewBox="0 0 48 48" aria-hidden="true">
      <path d={openRing(17, 24, 11, 0.5)} fill="none" stroke="var(--soft)" strokeWidth="4" />
      <circle cx={31} cy={24} r={11} fill="none" stroke="var(--line)" strokeWidth="4" />
      <circle
        cx={31}
        cy={24}
        r={11}
        fill="none"
        className="marked"
        strokeWidth="4"
        pathLength={1}
        strokeDasharray={`${done} 1`}
        transform="rotate(-90 31 24)"
      />
    </svg>
  );
}
