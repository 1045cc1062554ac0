import { useMemo } from "react";
import type { PieceAnswer } from "../../api/types";
import type { Way } from "../../drawing/board";
import { joinedAfter, joiningSteps } from "../../shared/kernel/pieceOrder";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { StepKeys, useSteps } from "../../shared/shell/StepPlayer";
import { joinHead, joinWay } from "../../shared/words/pieceWords";

const PACE_MS = 1100;

/** The piece put together joint by joint, forward and back. */
export function Order({ piece, metal, ways }: { piece: PieceAnswer; metal: string; ways: readonly Way[] }) {
  const joining = useMemo(() => joiningSteps(piece), [piece]);
  const last = joining.length;
  const steps = useSteps(last, 0, PACE_MS);
  const step = joining[steps.at - 1];
  const only = useMemo(() => joinedAfter(piece, steps.at), [piece, steps.at]);
  if (!piece.drawing || last === 0) {
    return <p className="soft mt-6">There is nothing to join yet.</p>;
  }
  return (
    <div className="piece-order">
      <PiecePicture
        drawing={piece.drawing}
        metal={metal}
        ways={ways}
        aside={ways.includes("down")}
        only={only}
        className="piece-order-picture"
        label={`${steps.at} of ${last} joined`}
      />
      <div role="group" aria-label="Joint by joint">
        <StepKeys
          {...{ steps, last }}
          one="step"
          counted="Steps done"
          told={step ? joinHead(piece, step) : null}
        />
      </div>
      <p className="assembly-words" role="status">
        {step ? (
          <>
            <strong>{joinHead(piece, step)}.</strong> {joinWay(piece, step)}
          </>
        ) : (
          <span className="soft">
            Everything is made, rings that need not open are closed. Then joint by joint.
          </span>
        )}
      </p>
    </div>
  );
}
