import type { Kept, RingsHandled, RunData } from "../../api/types";
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

/** The part of a piece it is of, the ring in hand of it, and which of several alike. */
function handOf({ operation: { detail }, place }: OperationProps) {
  const handled = detail.family === "weaving" ? detail : null;
  const of = handled?.of ?? null;
  if (!handled || !of) {
    return { of: null, ring: place.count, each: place.times, which: 0, all: 1 };
  }
  const each = handled.rings / of.parts;
  const at = Math.min(place.count, place.times - 1);
  return { of, ring: at % each, each, which: Math.floor(at / each), all: of.parts * place.copies };
}

function Picture(props: OperationProps) {
  const kind = kindOf(props);
  const { of, ring } = handOf(props);
  return kind === "PUT_IN" ? (
    <Weave run={props.run} of={of} ringsIn={ring} inHand />
  ) : (
    <LooseRings lie={kind === "OPEN_FIRST" ? "open" : "closed"} count={props.place.times} />
  );
}

interface WeaveProps {
  run: Kept<RunData>;
  of?: RingsHandled["of"];
  ringsIn: number;
  inHand?: boolean;
}

/** As far as it is; the ring in hand open. */
export function Weave({ run, of = null, ringsIn, inHand = false }: WeaveProps) {
  const { assembled } = useAssembled(run, of);
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
  const { of, ring } = handOf(props);
  const step = useAssembled(props.run, of).assembled?.patch.steps[ring];
  return (
    <>
      {kindOf(props) !== "PUT_IN"
        ? operationTitle(props.operation)
        : step
          ? stepHead(step)
          : of
            ? operationTitle(props.operation)
            : ""}
    </>
  );
}

function Words(props: OperationProps) {
  const { run, operation } = props;
  const { of, ring, each, which, all } = handOf(props);
  const { assembled, problem } = useAssembled(run, of);
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
  const step = assembled?.patch.steps[ring];
  return step || (assembled && of) ? (
    <>
      <p className="huge" data-testid="big-number">
        {ring + 1}
        <small>
          of {each}
          {step?.unit && run.data.kind !== "medallion" ? `, unit ${step.unit}` : ""}
          {all > 1 && `, ${which + 1} of ${all} such parts`}
        </small>
      </p>
      {step && <p className="what">{stepWay(step)}</p>}
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
