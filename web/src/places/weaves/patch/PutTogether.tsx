import type { PatchView } from "../../../api/types";
import { AssemblyScene, type Made } from "../../../shared/shell/AssemblyScene";
import { StepKeys, useSteps } from "../../../shared/shell/StepPlayer";
import { stepHead, stepWay } from "../../../shared/words/assemblyWords";

interface Props {
  made: Made;
  fitKey: string;
  patch: Pick<PatchView, "preClosed" | "steps" | "colours">;
  rings: Float32Array;
}

const PACE_MS = 900;

/** The patch put together one ring at a time, forward and back. */
export function PutTogether({ made, fitKey, patch, rings }: Props) {
  const last = patch.steps.length;
  const steps = useSteps(last, 1, PACE_MS);
  const { at } = steps;
  const step = patch.steps[at - 1];
  if (last === 0) {
    return (
      <p className="max-w-prose mt-4">
        With so many rings the order is not shown ring by ring. Make it in parts: a shorter patch shows every
        step, and parts are joined as their rows are.
      </p>
    );
  }
  return (
    <>
      <AssemblyScene {...{ made, patch, rings, fitKey }} done={at} />
      <div className="assembly" role="group" aria-label="Ring by ring">
        <StepKeys
          {...{ steps, last }}
          one="ring"
          counted="Rings put in"
          told={step ? stepHead(step) : null}
        />
        <p className="assembly-words" role="status">
          {step ? (
            <>
              <strong>{stepHead(step)}.</strong> {stepWay(step)}
            </>
          ) : (
            <span className="soft">
              Close {patch.preClosed.length} rings first, open the others. Then one ring at a time.
            </span>
          )}
        </p>
      </div>
    </>
  );
}
