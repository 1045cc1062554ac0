import { useNavigate } from "react-router";
import { useBodies, usePreferences } from "../../api/queries";
import type { BodyPart, BodyView, Kept, Person, PieceBody, PieceEdit, PieceJobData } from "../../api/types";
import type { Editor, SaveState } from "../../shared/kernel/editor";
import { takeAway } from "../../shared/kernel/takeAway";
import { NameHead } from "../../shared/shell/NameHead";
import { NumberInput } from "../../shared/shell/NumberInput";
import { LooseWire } from "../../shared/shell/WireChoice";
import { WordChoice } from "../../shared/shell/WordChoice";
import { BODY_WORDS, isAtTheEar } from "../../shared/words/pieceWords";

interface Props {
  editor: Editor<PieceJobData>;
  kept: Kept<PieceJobData>;
  data: PieceJobData;
  state: SaveState<PieceJobData>;
  pair: boolean;
  shape: "ROW" | "MIRRORED" | "ROUND";
  change: (patch: Partial<PieceJobData>, tag: string) => void;
  onEdit: (edit: PieceEdit, tag: string) => void;
}

/** The piece as one sentence: what it is called, of what, round what. */
export function PieceSentence(props: Props) {
  const { editor, kept, data, state, change } = props;
  const navigate = useNavigate();
  return (
    <div className="pr-4">
      <NameHead
        label="Name of the piece"
        name={data.name}
        onName={(name) => change({ name }, "name")}
        editor={editor}
        state={state}
        describe={(piece) => `${piece.name}: ${piece.line}`}
      >
        {editor.isKept && (
          <button
            className="quiet small whitespace-nowrap"
            onClick={() => void takeAway("jobs/piece", kept, "/pieces", navigate)}
          >
            take it away
          </button>
        )}
      </NameHead>
      <p className="sentence">
        <Made {...props} />
        <span>of</span>
        <LooseWire wire={data} change={change} />
        <span>for a</span>
        <OnBody data={data} change={change} />
      </p>
    </div>
  );
}

const SHAPES = [
  ["ROW", "a row"],
  ["MIRRORED", "a mirrored row"],
  ["ROUND", "a closed round"],
] as const;

const PAIR = [
  ["one", "once"],
  ["pair", "as a pair"],
] as const;

/** One or a pair; how its row goes on. */
function Made({ pair, shape, onEdit }: Props) {
  return (
    <>
      <WordChoice
        label="How it goes on"
        values={SHAPES}
        value={shape}
        onValue={(next) => onEdit({ act: "SHAPE", shape: next }, "how it goes on")}
      />
      <WordChoice
        label="One or a pair"
        values={PAIR}
        value={pair ? "pair" : "one"}
        onValue={(next) => onEdit({ act: "PAIR", pair: next === "pair" }, "a pair")}
      />
    </>
  );
}

/** Nothing in particular, or a part of a body with its girth and how it is worn. */
function OnBody({ data, change }: Pick<Props, "data" | "change">) {
  const bodies = useBodies().data ?? [];
  const { body } = data;
  const people = usePreferences().data?.data.people ?? [];
  const somebody = people.findIndex((person) => body !== null && isOf(body, person));
  const view = bodies.find((one) => one.part === (body?.part ?? "WRIST"));
  const put = (next: PieceBody | null, tag: string) => change({ body: next }, tag);
  return (
    <>
      <select
        className="word-select"
        aria-label="Worn on"
        value={somebody >= 0 ? `${PERSON}${somebody}` : body ? (body.part ?? "WRIST") : ""}
        onChange={(event) => {
          const { value } = event.target;
          const person = value.startsWith(PERSON) ? people[Number(value.slice(PERSON.length))] : undefined;
          put(person ? bodyOf(person) : usualBody(bodies, value), "body");
        }}
      >
        {people.map((person, i) => (
          <option key={i} value={`${PERSON}${i}`}>
            {person.name}, {BODY_WORDS[person.part]}
          </option>
        ))}
        <option value="">nobody yet</option>
        {bodies.map((one) => (
          <option key={one.part} value={one.part}>
            {BODY_WORDS[one.part]}
          </option>
        ))}
      </select>
      {body && isAtTheEar(body.part) && <AtTheEar body={body} onBody={(next) => put(next, "girth")} />}
      {body && view && !isAtTheEar(view.part) && (
        <>
          <span>of</span>
          <NumberInput
            label="Girth"
            decimals={0}
            step={1}
            minimum={30}
            value={body.girthMm}
            onChange={(girthMm) => put({ ...body, girthMm }, "girth")}
          />
          <span>round, worn</span>
          <Ease body={body} view={view} onBody={(next) => put(next, "ease")} />
        </>
      )}
    </>
  );
}

/** How deep it is to hang, or how thick the edge is that a cuff goes over. */
function AtTheEar({ body, onBody }: { body: PieceBody; onBody: (body: PieceBody) => void }) {
  const lobe = body.part === "EAR";
  return (
    <>
      <span>{lobe ? "hanging" : "thick"}</span>
      <NumberInput
        label={lobe ? "How deep it hangs below the lobe" : "How thick the edge is"}
        decimals={lobe ? 0 : 1}
        step={lobe ? 1 : 0.1}
        minimum={0}
        value={body.girthMm}
        onChange={(girthMm) => onBody({ ...body, girthMm })}
      />
      {lobe && <span className="soft">below the lobe, 0: as it comes</span>}
    </>
  );
}

/** Marks people among the parts of a body. */
const PERSON = "person ";

const bodyOf = ({ part, girthMm, easeMm }: Person): PieceBody => ({ part, girthMm, easeMm });

const isOf = (body: PieceBody, { part, girthMm, easeMm }: Person) =>
  (body.part ?? "WRIST") === part && body.girthMm === girthMm && body.easeMm === easeMm;

function usualBody(bodies: readonly BodyView[], part: string): PieceBody | null {
  const view = bodies.find((one) => one.part === (part as BodyPart));
  const ease = view?.eases[1] ?? view?.eases[0];
  return view ? { part: view.part, girthMm: view.usualGirthMm, easeMm: ease?.easeMm ?? null } : null;
}

/** A word for how it is worn, and by how much it is longer. */
function Ease({
  body,
  view,
  onBody,
}: {
  body: PieceBody;
  view: BodyView;
  onBody: (body: PieceBody) => void;
}) {
  const ease = body.easeMm ?? view.eases[0]?.easeMm ?? 0;
  const named = view.eases.find((one) => one.easeMm === ease);
  return (
    <>
      <select
        className="word-select"
        aria-label="How it is worn"
        value={named?.name ?? ""}
        onChange={(event) => {
          const chosen = view.eases.find((one) => one.name === event.target.value);
          if (chosen) {
            onBody({ ...body, easeMm: chosen.easeMm });
          }
        }}
      >
        {!named && <option value="">in a way of your own</option>}
        {view.eases.map((one) => (
          <option key={one.name}>{one.name}</option>
        ))}
      </select>
      <span className="soft">longer by</span>
      <NumberInput
        label="Longer than the girth by"
        decimals={0}
        step={1}
        minimum={-50}
        value={ease}
        onChange={(easeMm) => onBody({ ...body, easeMm })}
      />
    </>
  );
}
