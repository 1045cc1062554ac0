import { lazy, Suspense, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { call } from "../../api/client";
import { changed, useBodies, usePieceJobs, usePreferences, useStarters } from "../../api/queries";
import type { Kept, PieceAnswer, PieceEdit, PieceJobData } from "../../api/types";
import { useDraft, useOwnAddress } from "../../shared/kernel/draft";
import { layOutCuts } from "../../shared/kernel/cuts";
import { blankPiece } from "../../shared/kernel/newPiece";
import type { Editor } from "../../shared/kernel/editor";
import { say } from "../../shared/kernel/says";
import { usePixelsPerMm } from "../../shared/kernel/scale";
import { useEditor } from "../../shared/kernel/useEditor";
import { Lost } from "../../shared/shell/Lost";
import { RefusedValue } from "../../shared/shell/RefusedValue";
import { REFUSED_ABOVE, ShutButton } from "../../shared/shell/ShutButton";
import { failureWords } from "../../shared/words/refused";
import { Board } from "./Board";
import { Finished } from "./Finished";
import { Drawer, type Where } from "./Drawer";
import { LineInput } from "./LineInput";
import { Looks, type Look } from "./Looks";
import { Order } from "./Order";
import { PartBar } from "./PartBar";
import { PartRow } from "./PartRow";
import { PieceExports } from "./PieceExports";
import { PiecePrice } from "./PiecePrice";
import { PieceFigures } from "./PieceFigures";
import { PieceSentence } from "./PieceSentence";
import { SetBeside } from "./SetBeside";
import type { Dropped } from "./dragged";
import { WholeSize } from "./WholeSize";
import { edited, usePiece, type Edited } from "./usePiece";
import { isAtTheEar } from "../../shared/words/pieceWords";

const InTheRound = lazy(async () => ({ default: (await import("./InTheRound")).InTheRound }));

/** Whether this browser draws in the round. */
function canDraw(): boolean {
  return typeof WebGL2RenderingContext !== "undefined";
}

export function PiecePlace() {
  const { id } = useParams();
  const jobs = usePieceJobs();
  const job = jobs.data?.find((kept) => kept.id === id);
  if (!jobs.data) {
    return null;
  }
  return job ? <PiecePage key={job.id} kept={job} /> : <Lost />;
}

/** A starter looked at: kept once it is changed or made. */
export function NewPiecePlace() {
  const { starter: id } = useParams();
  const starters = useStarters().data;
  const starter = starters?.find((one) => one.id === id);
  const choices = usePreferences().data?.data;
  const bodies = useBodies().data;
  if (!choices || !bodies || !starters) {
    return null;
  }
  return starter ? <Draft key={starter.id} data={blankPiece(starter, choices, bodies)} /> : <Lost />;
}

function Draft({ data }: { data: PieceJobData }) {
  return <PiecePage kept={useDraft(data)} />;
}

/** Changes that leave every part at its number in the line. */
const IN_PLACE: ReadonlySet<PieceEdit["act"]> = new Set(["SET", "REPEAT", "SHAPE", "PAIR"]);

/**
 * The part in hand, and changes of the piece, one after the other: each asks the core for the line it makes and where the part is then. A line
 * that came otherwise, by undoing or typing, puts the part down; one picked while the core is asked stays in hand.
 */
function useEdits(editor: Editor<PieceJobData>) {
  const [held, setHeld] = useState<Edited | null>(null);
  const before = useRef<Promise<void>>(Promise.resolve());
  const picks = useRef(0);
  const now = () => editor.get().data.line;
  const chosen = held?.line === now() && held.at >= 0 ? held.at : null;
  const onChoose = (at: number | null) => {
    picks.current++;
    setHeld(at === null ? null : { line: now(), at });
  };
  const onEdit = (edit: PieceEdit, tag: string) => {
    const picked = picks.current;
    before.current = before.current.then(async () => {
      const after = await edited(now(), edit);
      if (after !== null) {
        editor.change({ line: after.line }, tag);
        const stays = edit.at === undefined || (picks.current !== picked && IN_PLACE.has(edit.act));
        setHeld((was) => {
          if (was === null && edit.part === undefined) {
            return null;
          }
          return stays ? was && { line: after.line, at: was.at } : after;
        });
      }
    });
  };
  const onDropped = ({ from, line, behind }: Dropped, on: number) => {
    if (from !== null && from !== on) {
      onEdit({ act: behind ? "MOVE_BEHIND" : "MOVE_BEFORE", at: from, to: on }, "moved");
    } else if (line !== null) {
      onEdit({ act: behind ? "PUT_BEHIND" : "PUT_BEFORE", at: on, part: line }, "put in");
    }
  };
  return { chosen, onChoose, onEdit, onDropped };
}

/** One piece: to scale on its board, its parts in a row to be changed, its figures beside it. */
function PiecePage({ kept }: { kept: Kept<PieceJobData> }) {
  const { editor, data, state } = useEditor("jobs/piece", kept);
  useOwnAddress(kept, editor, "/pieces");
  const { piece, problem, stale } = usePiece(data);
  const change = (patch: Partial<PieceJobData>, tag: string) => editor.change(patch, tag);
  const { chosen, onChoose, onEdit, onDropped } = useEdits(editor);
  const onLine = (line: string, tag: string) => change({ line }, tag);
  const part = chosen === null ? undefined : piece?.written[chosen];
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const put = (where: Where, line: string) => {
    const at = chosen ?? (piece ? piece.written.findLastIndex((one) => one.depth === 0) : 0);
    onEdit({ act: where, at, part: line }, "put in");
  };
  return (
    <div className="piece-place" data-stale={stale} data-refused={problem !== null}>
      <section className="piece-main" aria-label="The piece">
        <PieceSentence
          {...{ editor, kept, data, state, change, onEdit }}
          pair={piece?.pair ?? false}
          shape={piece?.shape ?? "ROW"}
        />
        <Finished {...{ data, piece, change }} />
        {problem && <RefusedValue problem={problem} onTake={() => null} />}
        {piece && <Shown {...{ piece, data, chosen, onChoose, onDropped, units }} />}
        {piece && (
          <PartRow
            {...{ piece, units, chosen, onChoose, onDropped }}
            onRepeat={(at, count) => onEdit({ act: "REPEAT", at, count }, `repeat ${at}`)}
          />
        )}
        {part && chosen !== null && piece && (
          <PartBar
            key={chosen}
            {...{ part, onEdit }}
            at={chosen}
            last={piece.written.length - 1}
            onClose={() => onChoose(null)}
          />
        )}
        <Drawer at={part ? `the ${part.name}` : "the last part"} onPut={put} />
        <LineInput line={data.line} onLine={onLine} />
        {piece && <WholeSize {...{ data, piece, onLine }} />}
        {piece && <SetBeside id={kept.id} {...{ data, piece }} onTake={(one) => change(one, "variant")} />}
      </section>
      {piece && (
        <aside aria-label="Figures">
          <PieceFigures
            {...{ piece, units, onLine }}
            ear={isAtTheEar(data.body?.part)}
            girthMm={data.body?.girthMm ?? null}
          />
          <Make kept={kept} data={data} flush={() => editor.flush()} piece={piece} shut={problem !== null} />
          <PiecePrice {...{ data, piece, units }} />
          <PieceExports kept={kept} />
        </aside>
      )}
    </div>
  );
}

interface ShownProps {
  piece: PieceAnswer;
  data: PieceJobData;
  chosen: number | null;
  onChoose: (written: number) => void;
  onDropped: (what: Dropped, on: number) => void;
  units: Parameters<typeof Board>[0]["units"];
}

/** The board, or the piece put together. */
function Shown({ piece, data, chosen, onChoose, onDropped, units }: ShownProps) {
  const hangs = data.body === null || isAtTheEar(data.body.part);
  const [look, setLook] = useState<Look | null>(null);
  const now = look ?? (hangs ? "down" : "along");
  const [solid, setSolid] = useState(false);
  const inTheRound = solid && now !== "order" && now !== "true";
  const scale = usePixelsPerMm();
  const girthMm = data.body && !isAtTheEar(data.body.part) ? data.body.girthMm : null;
  return (
    <>
      <Looks
        look={now}
        onLook={setLook}
        closes={piece.drawing?.round !== null}
        drapes={piece.draped !== null}
        solid={piece.drawing === null || !canDraw() ? null : solid}
        onSolid={setSolid}
      />
      {now === "order" ? (
        <Order piece={piece} metal={data.metal} ways={hangs ? HUNG : LAID} />
      ) : inTheRound ? (
        <Suspense fallback={<div className="board" />}>
          <InTheRound {...{ piece, chosen, onChoose }} metal={data.metal} way={now} />
        </Suspense>
      ) : (
        <Board
          {...{ piece, units, chosen, girthMm, onChoose, onDropped }}
          metal={data.metal}
          way={now === "true" ? (hangs ? "down" : "along") : now}
          trueScale={now === "true" ? scale : null}
        />
      )}
    </>
  );
}

const HUNG = ["down"] as const;
const LAID = ["along"] as const;

/** From the board to the bench. */
function Make({
  kept,
  data,
  flush,
  piece,
  shut,
}: {
  kept: Kept<PieceJobData>;
  data: PieceJobData;
  flush: () => Promise<void>;
  piece: PieceAnswer;
  shut: boolean;
}) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const why = shut
    ? REFUSED_ABOVE
    : piece.canBeMade
      ? busy
        ? "being begun"
        : null
      : "As it stands it cannot be joined: see above.";
  const start = async () => {
    setBusy(true);
    try {
      await flush();
      const run = await call<Kept<unknown>>("POST", `/api/jobs/piece/${kept.id}/runs`);
      changed("jobs/piece", "bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was begun."));
      setBusy(false);
    }
  };
  const cut = async () => {
    try {
      await flush();
      await navigate(`/rings/${await layOutCuts("piece", kept.id, data)}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was laid out."));
    }
  };
  return (
    <p className="piece-make">
      <ShutButton why={why} onClick={() => void start()}>
        Make {piece.pair ? "the pair" : "it"}
      </ShutButton>
      {piece.rings.length > 0 && (
        <button className="quiet" onClick={() => void cut()}>
          lay out its rings
        </button>
      )}
    </p>
  );
}
