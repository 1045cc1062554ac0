import { useMetals } from "../../api/queries";
import type { Finish, Finishing, PieceAnswer, PieceJobData } from "../../api/types";
import { joiningSteps } from "../../shared/kernel/pieceOrder";
import { WordChoice } from "../../shared/shell/WordChoice";
import { finishAsked, finishApart, finishWhen } from "../../shared/words/finishWords";
import { capital, listed } from "../../shared/words/lists";

const FINISHES: readonly Finish[] = ["COLOUR", "RUB_BACK", "TUMBLE", "SEAL"];
const NOT_AT_ALL: Finishing = { finishes: [], hardBeads: false };
const BEADS = [
  ["soft", "pearl, shell, soft or unknown"],
  ["hard", "glass or hard stone, uncoated"],
] as const;

interface Props {
  data: PieceJobData;
  piece: PieceAnswer | undefined;
  change: (patch: Partial<PieceJobData>, tag: string) => void;
}

/** How the piece is finished, in words to press; and when, by what its parts withstand. */
export function Finished({ data, piece, change }: Props) {
  const metals = useMetals().data;
  const now = data.finish ?? NOT_AT_ALL;
  const put = (next: Finishing) => change({ finish: next.finishes.length > 0 ? next : null }, "finish");
  const darkens = metals?.find((one) => one.id === data.metal)?.darkens ?? true;
  const beads = piece?.bought.some((one) => one.kind === "BEAD" || one.kind === "STONE") ?? false;
  return (
    <div className="finished" role="group" aria-label="Finish">
      <p className="finish-words">
        <span className="soft">finished:</span>
        {FINISHES.filter((finish) => makesSense(finish, now, darkens)).map((finish) => (
          <Word key={finish} finish={finish} now={now} onPut={put} />
        ))}
        {!darkens && <span className="soft small">a sulphur bath does not darken this metal</span>}
        {beads && now.finishes.some((one) => one === "COLOUR" || one === "TUMBLE") && (
          <span className="finish-beads">
            <span className="soft">its beads are</span>
            <WordChoice
              label="What its beads are"
              values={BEADS}
              value={now.hardBeads ? "hard" : "soft"}
              onValue={(next) => put({ ...now, hardBeads: next === "hard" })}
            />
          </span>
        )}
      </p>
      {piece && piece.finishes.length > 0 && <When piece={piece} />}
    </div>
  );
}

/** What is on stays, whatever became of the metal since: it is for the maker to take it off. */
const makesSense = (finish: Finish, now: Finishing, darkens: boolean): boolean =>
  now.finishes.includes(finish) ||
  (finish === "COLOUR" ? darkens : finish !== "RUB_BACK" || now.finishes.includes("COLOUR"));

/** One of them; what is left out takes along what makes no sense without it. */
function Word({ finish, now, onPut }: { finish: Finish; now: Finishing; onPut: (next: Finishing) => void }) {
  const on = now.finishes.includes(finish);
  const turn = () => {
    const left = now.finishes.filter((one) => one !== finish && !(finish === "COLOUR" && one === "RUB_BACK"));
    onPut({ ...now, finishes: on ? left : FINISHES.filter((one) => one === finish || left.includes(one)) });
  };
  return (
    <button className="finish-word" aria-pressed={on} onClick={turn}>
      {finishAsked(finish)}
    </button>
  );
}

/** "Coloured and tumbled after 3 of 9 joins; waxed once all is joined." and what goes in how. */
function When({ piece }: { piece: PieceAnswer }) {
  const joins = joiningSteps(piece).length;
  const early = piece.finishes.filter((step) => !step.whole);
  const late = piece.finishes.filter((step) => step.whole);
  const said = [early, late]
    .filter((some) => some.length > 0)
    .map((some) => `${listed(some.map((step) => finishAsked(step.finish)))} ${finishWhen(some[0]!, joins)}`);
  return (
    <div className="finish-when small">
      <p>{capital(said.join("; "))}.</p>
      <p className="soft">{early.length > 0 && finishApart(early.at(-1)!)}</p>
    </div>
  );
}
