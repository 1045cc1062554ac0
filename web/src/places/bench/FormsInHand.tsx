import { cutWords } from "../../shared/wireCuts";
import { Link } from "react-router";
import { usePictures } from "../../api/queries";
import type { FormInHand } from "../../api/types";
import { many, sizeText, wireLength, type Units } from "../../quantity/format";
import { formStepTitle } from "../../shared/formWords";
import { WirePicture } from "../../shared/WirePicture";
import { Go } from "./Go";

/** Form jobs: in hand first, then planned, then done. */
export function FormsInHand({ hands, units }: { hands: FormInHand[]; units: Units }) {
  if (hands.length === 0) {
    return null;
  }
  const rank = (hand: FormInHand) => (hand.step ? 0 : hand.finished ? 2 : 1);
  return (
    <section className="mt-8" aria-label="Shapes">
      <h2 className="soft font-medium" style={{ fontFamily: "var(--words)", fontSize: 15 }}>
        shapes
      </h2>
      <ul className="border-t border-base-content">
        {[...hands]
          .sort((a, b) => rank(a) - rank(b))
          .map((hand) => (
            <FormRow key={hand.job.id} hand={hand} units={units} />
          ))}
      </ul>
    </section>
  );
}

function FormRow({ hand, units }: { hand: FormInHand; units: Units }) {
  const picture = usePictures().data?.find((one) => one.id === hand.job.data.formId);
  return (
    <li className="grid grid-cols-[52px_1fr_auto] items-center gap-x-5 gap-y-2 border-b border-base-300 py-2.5 min-[860px]:grid-cols-[52px_minmax(220px,1fr)_390px_120px]">
      <span className="block h-12 w-12">
        {picture && (
          <WirePicture
            className="h-12 w-12"
            wires={picture.wires}
            solids={picture.solids}
            metal={hand.metal}
            look="corner"
          />
        )}
      </span>
      <div>
        <Link
          to={`/shapes/${hand.job.id}`}
          className="figures text-lg font-bold no-underline hover:underline"
        >
          {hand.job.data.name}
        </Link>
        <p className="small soft">
          {many(hand.job.data.pieces, "piece")}, {sizeText(hand.wireDiameterMm, units)} wire
          {hand.wires.length > 0 && `, cut ${cutWords(hand.wires, units)}`}
        </p>
      </div>
      <p className="small max-[859px]:hidden">
        {next(hand)}
        {hand.shortMm > 0 && !hand.finished && (
          <span className="care">; lacks {wireLength(hand.shortMm, units)} of wire</span>
        )}
      </p>
      <Go
        name={hand.job.data.name}
        place={`/shapes/${hand.job.id}`}
        job={`form-jobs/${hand.job.id}`}
        making="/making/form"
        refused={hand.refusal !== null}
        openRun={hand.step ? hand.runId : null}
        finished={hand.finished}
      />
    </li>
  );
}

function next(hand: FormInHand): string {
  if (hand.refusal) {
    return hand.refusal;
  }
  if (hand.step) {
    const counted = hand.times > 1 ? `, ${hand.count} of ${hand.times}` : "";
    return `next: ${formStepTitle(hand.step).toLowerCase()}${counted}`;
  }
  return hand.finished ? "made and noted" : "not begun";
}
