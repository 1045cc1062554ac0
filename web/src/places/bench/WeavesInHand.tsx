import { Link } from "react-router";
import type { WeaveInHand } from "../../api/types";
import { openRing } from "../../drawing/ring";
import { many } from "../../quantity/format";
import { Go } from "./Go";

/** Weave jobs: in hand first, then planned, then done. */
export function WeavesInHand({ hands }: { hands: WeaveInHand[] }) {
  if (hands.length === 0) {
    return null;
  }
  const rank = (hand: WeaveInHand) => (hand.finished ? 2 : hand.runId ? 0 : 1);
  return (
    <section className="mt-8" aria-label="Weaves">
      <h2 className="soft font-medium" style={{ fontFamily: "var(--words)", fontSize: 15 }}>
        weaves
      </h2>
      <ul className="border-t border-base-content">
        {[...hands]
          .sort((a, b) => rank(a) - rank(b))
          .map((hand) => (
            <Row key={hand.job.id} hand={hand} />
          ))}
      </ul>
    </section>
  );
}

function Row({ hand }: { hand: WeaveInHand }) {
  return (
    <li className="grid grid-cols-[52px_1fr_auto] items-center gap-x-5 gap-y-2 border-b border-base-300 py-2.5 min-[860px]:grid-cols-[52px_minmax(220px,1fr)_390px_120px]">
      <Share hand={hand} />
      <div>
        <Link
          to={`/weaves/${hand.job.id}`}
          className="figures text-lg font-bold no-underline hover:underline"
        >
          {hand.job.data.name}
        </Link>
        <p className="small soft">
          {hand.weave}
          {hand.total > 0 && `, ${many(hand.total, "ring")}`}
        </p>
      </div>
      <p className="small max-[859px]:hidden">{next(hand)}</p>
      <Go
        name={hand.job.data.name}
        place={`/weaves/${hand.job.id}`}
        job={`weave-jobs/${hand.job.id}`}
        making="/making/weave"
        refused={hand.refusal !== null}
        openRun={hand.finished ? null : hand.runId}
        finished={hand.finished}
      />
    </li>
  );
}

/** Two linked rings, the second as far round as the piece is done. */
function Share({ hand }: { hand: WeaveInHand }) {
  const done = hand.finished ? 1 : hand.steps > 0 && hand.runId ? hand.step / hand.steps : 0;
  return (
    <svg width={48} height={48} aria-hidden="true">
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

function next(hand: WeaveInHand): string {
  if (hand.refusal) {
    return hand.refusal;
  }
  if (hand.finished) {
    return "made and noted";
  }
  if (!hand.runId) {
    return `not begun: close ${hand.preClosed}, open ${hand.opened}`;
  }
  return hand.step === 0
    ? `next: close rings, ${hand.count} of ${hand.preClosed}`
    : hand.step === 1
      ? `next: open rings, ${hand.count} of ${hand.opened}`
      : `next: ring ${hand.ring} of ${hand.rings}`;
}
