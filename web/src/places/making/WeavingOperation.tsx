import type { Kept, RunData } from "../../api/types";
import { AssemblyScene } from "../../shared/shell/AssemblyScene";
import { stepHead, stepWay } from "../../shared/words/assemblyWords";
import { operationTitle } from "../../shared/words/operationWords";
import { refusalWords } from "../../shared/words/refused";
import { LooseRings } from "./LooseRings";
import { SomethingWrong } from "./SomethingWrong";
import type { FamilyView, OperationProps } from "./operation";
import { useAssembled } from "./useAssembled";

const WORDS = {
  CLOSE_FIRST: "Ends flush, no gap to catch a thread. Lay them in one heap.",
  OPEN_FIRST:
    "Turn the ends past each other sideways, never apart. Wide enough for the wires that go through, no wider.",
};

function kindOf({ operation }: OperationProps) {
  return operation.detail.family === "weaving" ? operation.detail.kind : "PUT_IN";
}

function Picture(props: OperationProps) {
  const kind = kindOf(props);
  return kind === "PUT_IN" ? (
    <Weave run={props.run} ringsIn={props.place.count} inHand />
  ) : (
    <LooseRings open={kind === "OPEN_FIRST"} />
  );
}

interface WeaveProps {
  run: Kept<RunData>;
  ringsIn: number;
  inHand?: boolean;
}

/** As far as it is; the ring in hand open. */
export function Weave({ run, ringsIn, inHand = false }: WeaveProps) {
  const { assembled } = useAssembled(run);
  return assembled ? (
    <AssemblyScene
      className="making-scene"
      {...assembled}
      done={inHand ? ringsIn + 1 : assembled.patch.steps.length}
      inHand={inHand}
      fitKey="making"
    />
  ) : (
    <span />
  );
}

function Title(props: OperationProps) {
  const step = useAssembled(props.run).assembled?.patch.steps[props.place.count];
  return <>{kindOf(props) !== "PUT_IN" ? operationTitle(props.operation) : step ? stepHead(step) : ""}</>;
}

function Words(props: OperationProps) {
  const { run, operation, place } = props;
  const { assembled, problem } = useAssembled(run);
  const kind = kindOf(props);
  if (kind !== "PUT_IN") {
    return (
      <>
        <p className="huge" data-testid="big-number">
          {operation.times}
          <small>rings</small>
        </p>
        <p className="what">{WORDS[kind]}</p>
      </>
    );
  }
  const step = assembled?.patch.steps[place.count];
  return step ? (
    <>
      <p className="huge" data-testid="big-number">
        {place.count + 1}
        <small>
          of {operation.times}
          {step.unit && run.data.kind === "weave" ? `, unit ${step.unit}` : ""}
        </small>
      </p>
      <p className="what">{stepWay(step)}</p>
    </>
  ) : (
    <p className="soft" role="status">
      {problem ? refusalWords(problem) : "being worked out"}
    </p>
  );
}

interface MistakeProps {
  run: Kept<RunData>;
  ringsIn: number;
  onGoTo: (ringsIn: number) => void;
}

/** Looking for the ring that went wrong. */
export function Mistake({ run, ringsIn, onGoTo }: MistakeProps) {
  const { assembled, whole } = useAssembled(run);
  return run.data.kind === "weave" && assembled && whole ? (
    <SomethingWrong
      runId={run.id}
      job={run.data.facts.job}
      patch={whole}
      rings={assembled.rings}
      done={Math.min(whole.steps.length, ringsIn)}
      onGoTo={onGoTo}
    />
  ) : (
    <main />
  );
}

/** Rings closed and opened beforehand, then put in one by one. */
export const WEAVING: FamilyView = { Picture, Words, Title };
