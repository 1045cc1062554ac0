import { useMemo } from "react";
import { usePreferences, useShown } from "../../api/queries";
import type { Kept, PartsHandled, PieceAnswer, RunData } from "../../api/types";
import { many, sizeText } from "../../quantity/format";
import { joinedAfter, joiningSteps } from "../../shared/kernel/pieceOrder";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { joinHead, joinWay, isAtTheEar } from "../../shared/words/pieceWords";
import { operationTitle } from "../../shared/words/operationWords";
import type { FamilyView, OperationProps } from "./operation";
import { LooseRings } from "./LooseRings";

const HUNG = ["down"] as const;
const LAID = ["along"] as const;

/** The piece as it was when its run began, and the steps that join something. */
function useJoined(run: Kept<RunData>) {
  const piece = useShown<PieceAnswer>(run.id).data;
  const steps = useMemo(() => (piece ? joiningSteps(piece) : []), [piece]);
  return { piece, steps };
}

const handled = ({ operation }: OperationProps) =>
  operation.detail.family === "joining" ? operation.detail : null;

/** Whether it is the second of a pair that is in hand, the first one's mirror image. */
const isSecond = ({ run, place }: OperationProps) =>
  run.data.kind === "piece" && run.data.facts.pair && place.copies === 1 && place.first === 1;

/** Whether both of a pair are in hand together. */
const areBoth = ({ run, place }: OperationProps) =>
  run.data.kind === "piece" && run.data.facts.pair && place.copies === 2;

function Picture(props: OperationProps) {
  const kind = handled(props)?.kind;
  if (kind && kind !== "MAKE" && kind !== "PUT_TOGETHER") {
    return <LooseRings open={kind === "OPEN_FIRST" || kind === "BEAD_FIRST"} />;
  }
  return kind === "MAKE" ? (
    <Piece run={props.run} made={handled(props)!.part} second={isSecond(props)} />
  ) : (
    <Piece run={props.run} joins={props.place.count + 1} second={isSecond(props)} />
  );
}

/** The piece whole; as far as it is joined; or the part that is made now. */
export function Piece({
  run,
  made,
  joins,
  second = false,
}: {
  run: Kept<RunData>;
  made?: number;
  joins?: number;
  second?: boolean;
}) {
  const { piece } = useJoined(run);
  const only = useMemo(() => {
    if (made !== undefined) {
      return new Set([made]);
    }
    return piece && joins !== undefined ? joinedAfter(piece, joins) : undefined;
  }, [piece, joins, made]);
  if (!piece?.drawing) {
    return <span />;
  }
  const metal = run.data.kind === "piece" ? run.data.facts.job.metal : "copper";
  const hangs = run.data.kind === "piece" && isAtTheEar(run.data.facts.job.body?.part ?? "EAR");
  return (
    <PiecePicture
      drawing={piece.drawing}
      ways={hangs ? HUNG : LAID}
      aside={hangs}
      metal={metal}
      {...(only && { only })}
      {...(second && { pair: "second" as const })}
      near={made !== undefined}
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

/** What the big number is of. */
function amount(detail: PartsHandled, times: number): string {
  if (detail.kind === "DOME") {
    return `across the inside of the curve, ${many(times, "time")}`;
  }
  if (detail.toMm) {
    return detail.kind === "HAMMER_FIRST"
      ? `thick, ${many(times, "ring")}`
      : `bead, on ${many(times, "ring")}`;
  }
  return detail.insideMm > 0 ? "rings" : "to make";
}

const WORDS = {
  HAMMER_FIRST:
    "Closed, on a steel block, with a flat polished face: round by round, turning it over, until the caliper says so. Anneal where it gets hard.",
  BEAD_FIRST: "Open the ring sideways, put the bead on, and leave it on the side away from the gap.",
  CLOSE_FIRST: "Ends flush, no gap to catch a thread. Lay them in one heap.",
  SOLDER_FIRST:
    "Hard solder, the gap up, ring by ring; easy solder is for those closed in the piece later. Quench as the metal allows, pickle, rinse, dry.",
  OPEN_FIRST:
    "Turn the ends past each other sideways, never apart. Wide enough for the wires that go through, no wider.",
  DOME: "Bend it over a rod thinner than this: it springs back, so try one and go thinner until it stays. Middle first, then both ends alike; hold every other against the first.",
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
  const sizes = [
    ...(detail.insideMm > 0 ? [`${sizeText(detail.insideMm, units)} inside`] : []),
    ...(detail.wireMm > 0 ? [`${sizeText(detail.wireMm, units)} wire`] : []),
  ].join(", ");
  const made = piece?.parts[detail.part];
  return (
    <>
      <p className="huge" data-testid="big-number">
        {!detail.toMm ? props.place.times : sizeText(detail.toMm, units)}
        <small>{amount(detail, props.place.times)}</small>
      </p>
      <p className="what">{sizes}</p>
      {made && <p className="soft">{piece?.written[made.written]?.line}</p>}
      {made?.handed && (isSecond(props) || areBoth(props)) && (
        <p className="what" role="note">
          {isSecond(props)
            ? "The mirror image of the first: wind it the other way round."
            : "Half of them mirror images: wind those the other way round."}
        </p>
      )}
      <p className="what">{WORDS[detail.kind]}</p>
    </>
  );
}

/** Rings closed and opened beforehand, forms made, then joint by joint put together. */
export const JOINING: FamilyView = { Picture, Words, Title };
