import { useMemo } from "react";
import { useShown } from "../../api/queries";
import type { Kept, PieceAnswer, RunData } from "../../api/types";
import { sizeText } from "../../quantity/format";
import { usePreferences } from "../../api/queries";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { joinHead, joinWay } from "../../shared/words/pieceWords";
import { operationTitle } from "../../shared/words/operationWords";
import type { FamilyView, OperationProps } from "./operation";
import { LooseRings } from "./LooseRings";

const HUNG = ["down"] as const;
const LAID = ["along"] as const;

/** The piece as it was when its run began, and the steps that join something. */
function useJoined(run: Kept<RunData>) {
  const piece = useShown<PieceAnswer>(run.id).data;
  const steps = useMemo(() => piece?.assemblyOrder.filter((step) => step.joints.length > 0) ?? [], [piece]);
  return { piece, steps };
}

const handled = ({ operation }: OperationProps) =>
  operation.detail.family === "joining" ? operation.detail : null;

function Picture(props: OperationProps) {
  const kind = handled(props)?.kind;
  if (kind === "CLOSE_FIRST" || kind === "OPEN_FIRST") {
    return <LooseRings open={kind === "OPEN_FIRST"} />;
  }
  return (
    <Piece
      run={props.run}
      made={handled(props)?.what ?? ""}
      {...(kind === "PUT_TOGETHER" && { joins: props.place.count + 1 })}
    />
  );
}

/** As far as it is joined; or the parts that are made now. */
export function Piece({ run, made = "", joins }: { run: Kept<RunData>; made?: string; joins?: number }) {
  const { piece, steps } = useJoined(run);
  const only = useMemo(() => {
    if (!piece) {
      return undefined;
    }
    return joins === undefined
      ? made === ""
        ? undefined
        : new Set([piece.parts.findIndex((part) => part.name === made)])
      : new Set(
          steps
            .slice(0, joins)
            .flatMap((step) => step.joints.flatMap((at) => [piece.joints[at]!.a, piece.joints[at]!.b])),
        );
  }, [piece, steps, joins, made]);
  if (!piece?.drawing) {
    return <span />;
  }
  const metal = run.data.kind === "piece" ? run.data.facts.job.metal : "copper";
  const hangs = run.data.kind === "piece" && (run.data.facts.job.body?.part ?? "EAR") === "EAR";
  return (
    <PiecePicture
      drawing={piece.drawing}
      ways={hangs ? HUNG : LAID}
      metal={metal}
      {...(only && { only })}
      className="making-drawing piece-drawing"
      label="The piece so far"
    />
  );
}

function Title(props: OperationProps) {
  const { piece, steps } = useJoined(props.run);
  const step = steps[props.place.count];
  return handled(props)?.kind === "PUT_TOGETHER" && piece && step ? (
    <>{joinHead(piece, step)}</>
  ) : (
    <>{operationTitle(props.operation)}</>
  );
}

const WORDS = {
  CLOSE_FIRST: "Ends flush, no gap to catch a thread. Lay them in one heap.",
  OPEN_FIRST:
    "Turn the ends past each other sideways, never apart. Wide enough for the wires that go through, no wider.",
  MAKE: "Leave open what is closed round a neighbour later. Shapes has every bend of it.",
};

function Words(props: OperationProps) {
  const { piece, steps } = useJoined(props.run);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const detail = handled(props);
  if (!detail) {
    return null;
  }
  if (detail.kind === "PUT_TOGETHER") {
    const step = steps[props.place.count];
    return (
      <>
        <p className="huge" data-testid="big-number">
          {Math.min(props.place.count + 1, props.operation.times)}
          <small>of {props.operation.times}</small>
        </p>
        <p className="what">{piece && step ? joinWay(piece, step) : ""}</p>
      </>
    );
  }
  const size =
    detail.insideMm > 0
      ? `${sizeText(detail.insideMm, units)} inside, ${sizeText(detail.wireMm, units)} wire`
      : `${sizeText(detail.wireMm, units)} wire`;
  return (
    <>
      <p className="huge" data-testid="big-number">
        {detail.parts}
        <small>{detail.insideMm > 0 ? "rings" : "to make"}</small>
      </p>
      <p className="what">{size}</p>
      <p className="what">{WORDS[detail.kind]}</p>
    </>
  );
}

/** Rings closed and opened beforehand, forms made, then joint by joint put together. */
export const JOINING: FamilyView = { Picture, Words, Title };
