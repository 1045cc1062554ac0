import { useMemo } from "react";
import { usePieceInMaking, usePreferences } from "../../api/queries";
import type { Kept, PartsHandled, RunData } from "../../api/types";
import { many, sizeText } from "../../quantity/format";
import { joinedAfter, joiningSteps } from "../../shared/kernel/pieceOrder";
import { PiecePicture } from "../../shared/shell/PiecePicture";
import { joinHead, joinWay, isAtTheEar } from "../../shared/words/pieceWords";
import { operationTitle } from "../../shared/words/operationWords";
import type { FamilyView, OperationProps } from "./operation";
import { FormedThere } from "./FormedThere";
import { LooseRings } from "./LooseRings";
import { StrandPicture, ThreadingWords } from "./Threading";
import { isSecond, joinOf, mirrored, whichOfBoth } from "./pair";

const HUNG = ["down"] as const;
const LAID = ["along"] as const;

/** The piece as it was when its run began, and the steps that join something. */
function useJoined(run: Kept<RunData>) {
  const piece = usePieceInMaking(run.id);
  const steps = useMemo(() => (piece ? joiningSteps(piece) : []), [piece]);
  return { piece, steps };
}

const handled = ({ operation }: OperationProps) =>
  operation.detail.family === "joining" ? operation.detail : null;

function Picture(props: OperationProps) {
  const detail = handled(props);
  const kind = detail?.kind;
  if (kind === "STRING") {
    return <StrandPicture {...props} detail={detail!} />;
  }
  if (kind && kind !== "MAKE" && kind !== "CRIMP" && kind !== "PUT_TOGETHER") {
    const lie =
      kind === "PRESS_FIRST" ? "turns" : kind === "OPEN_FIRST" || kind === "BEAD_FIRST" ? "open" : "closed";
    return <LooseRings lie={lie} count={props.place.times} />;
  }
  return kind === "MAKE" || kind === "CRIMP" ? (
    <Piece run={props.run} made={handled(props)!.part} second={isSecond(props)} />
  ) : (
    <Piece run={props.run} joins={(detail ? joinOf(detail, props.place) : 0) + 1} second={isSecond(props)} />
  );
}

/** The piece whole; as far as it is joined; or the part that is made now. */
export function Piece({
  run,
  made,
  parts,
  joins,
  second = false,
}: {
  run: Kept<RunData>;
  made?: number;
  parts?: readonly number[];
  joins?: number;
  second?: boolean;
}) {
  const { piece } = useJoined(run);
  const only = useMemo(() => {
    const some = made === undefined ? parts : [made];
    if (some !== undefined) {
      return new Set(some);
    }
    return piece && joins !== undefined ? joinedAfter(piece, joins) : undefined;
  }, [piece, joins, made, parts]);
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
      near={made !== undefined || parts !== undefined}
      className="making-drawing piece-drawing"
      label="The piece so far"
    />
  );
}

function Title(props: OperationProps) {
  const { piece, steps } = useJoined(props.run);
  const detail = handled(props);
  const step = detail?.kind === "PUT_TOGETHER" ? steps[joinOf(detail, props.place)] : undefined;
  return piece && step ? <>{joinHead(piece, step)}</> : <>{operationTitle(props.operation)}</>;
}

/** What the big number is of. */
function amount(detail: PartsHandled, times: number): string {
  if (detail.kind === "CRIMP") {
    return times === 1 ? "end" : "ends";
  }
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
  BEAD_FIRST:
    "Open the ring sideways, put the bead on, and leave it on the side away from the gap; the ring stays open. On a ring of several turns the bead is turned on.",
  CLOSE_FIRST: "Ends flush, no gap to catch a thread. Lay them in one heap.",
  PRESS_FIRST:
    "Turn on turn, no light between them, both ends filed round and lying flat. They are not opened: what hangs in them is turned on.",
  SOLDER_FIRST:
    "Hard solder, the gap up, ring by ring; easy solder is for those closed in the piece later. Quench as the metal allows, pickle, rinse, dry.",
  OPEN_FIRST:
    "Turn the ends past each other sideways, never apart. Wide enough for the wires that go through, no wider.",
  DOME: "Bend it over a rod thinner than this: it springs back, so try one and go thinner until it stays. Middle first, then both ends alike; hold every other against the first.",
  CRIMP:
    "Through the crimp, round into a loop, back through the crimp and the next beads. Leave the slack. Squeeze to a crescent, turn, round it up two or three times; pull at it; trim.",
  MAKE: "Leave open what is closed round a neighbour later.",
};

function Words(props: OperationProps) {
  const { piece, steps } = useJoined(props.run);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const detail = handled(props);
  if (!detail) {
    return null;
  }
  if (detail.kind === "STRING") {
    return <ThreadingWords {...props} detail={detail} />;
  }
  if (detail.kind === "PUT_TOGETHER") {
    const join = joinOf(detail, props.place);
    const joins = Math.max(steps.length, detail.from + props.operation.times);
    const step = steps[join];
    const which = whichOfBoth(props);
    return (
      <>
        <p className="huge" data-testid="big-number">
          {Math.min(join + 1, joins)}
          <small>
            of {joins}
            {which && `, ${which}`}
          </small>
        </p>
        <p className="what">{piece && step ? joinWay(piece, step) : ""}</p>
        <FormedThere {...props} detail={detail} />
      </>
    );
  }
  const sizes = [
    ...(detail.insideMm > 0 ? [`${sizeText(detail.insideMm, units)} inside`] : []),
    ...(detail.wireMm > 0 ? [`${sizeText(detail.wireMm, units)} wire`] : []),
  ].join(", ");
  const made = piece?.parts[detail.part];
  const mirror = made?.handed ? mirrored(props, true) : null;
  return (
    <>
      <p className="huge" data-testid="big-number">
        {!detail.toMm ? props.place.times : sizeText(detail.toMm, units)}
        <small>{amount(detail, props.place.times)}</small>
      </p>
      <p className="what">{sizes}</p>
      {made && <p className="soft">{piece?.written[made.written]?.line}</p>}
      {mirror && (
        <p className="what" role="note">
          {mirror}
        </p>
      )}
      <p className="what">{WORDS[detail.kind]}</p>
    </>
  );
}

/** Rings closed and opened beforehand, forms made, then joint by joint put together. */
export const JOINING: FamilyView = { Picture, Words, Title };
