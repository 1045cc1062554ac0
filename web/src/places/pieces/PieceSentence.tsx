import { useNavigate } from "react-router";
import { useBodies, useMetals } from "../../api/queries";
import type { BodyPart, BodyView, Kept, PieceBody, PieceEdit, PieceJobData } from "../../api/types";
import type { Editor, SaveState } from "../../shared/kernel/editor";
import { takeAway } from "../../shared/kernel/takeAway";
import { NameHead } from "../../shared/shell/NameHead";
import { NumberInput } from "../../shared/shell/NumberInput";
import { BODY_WORDS } from "../../shared/words/pieceWords";
import { temperWord } from "../../shared/words/temper";

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
        <Metal data={data} change={change} />
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

/** One or a pair; how its row goes on. */
function Made({ pair, shape, onEdit }: Props) {
  return (
    <>
      <select
        className="word-select"
        aria-label="How it goes on"
        value={shape}
        onChange={(event) =>
          onEdit({ act: "SHAPE", shape: event.target.value as Props["shape"] }, "how it goes on")
        }
      >
        {SHAPES.map(([id, word]) => (
          <option key={id} value={id}>
            {word}
          </option>
        ))}
      </select>
      <select
        className="word-select"
        aria-label="One or a pair"
        value={pair ? "pair" : "one"}
        onChange={(event) => onEdit({ act: "PAIR", pair: event.target.value === "pair" }, "a pair")}
      >
        <option value="one">once</option>
        <option value="pair">as a pair</option>
      </select>
    </>
  );
}

function Metal({ data, change }: Pick<Props, "data" | "change">) {
  const metals = useMetals().data ?? [];
  const metal = metals.find((one) => one.id === data.metal);
  return (
    <>
      <select
        className="word-select"
        aria-label="Metal"
        value={data.metal}
        onChange={(event) => {
          const next = metals.find((one) => one.id === event.target.value)!;
          const kept = next.tempers.find((one) => one.temper === data.temper) ?? next.tempers[0];
          change({ metal: next.id, ...(kept && { temper: kept.temper }) }, "metal");
        }}
      >
        {metals.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      <select
        className="word-select"
        aria-label="Temper"
        value={data.temper}
        onChange={(event) => change({ temper: event.target.value as PieceJobData["temper"] }, "temper")}
      >
        {(metal?.tempers ?? []).map((one) => (
          <option key={one.temper} value={one.temper}>
            {temperWord(one.temper)}
          </option>
        ))}
      </select>
    </>
  );
}

/** Nothing in particular, or a part of a body with its girth and how it is worn. */
function OnBody({ data, change }: Pick<Props, "data" | "change">) {
  const bodies = useBodies().data ?? [];
  const { body } = data;
  const view = bodies.find((one) => one.part === (body?.part ?? "WRIST"));
  const put = (next: PieceBody | null, tag: string) => change({ body: next }, tag);
  return (
    <>
      <select
        className="word-select"
        aria-label="Worn on"
        value={body ? (body.part ?? "WRIST") : ""}
        onChange={(event) => put(usualBody(bodies, event.target.value), "body")}
      >
        <option value="">nobody yet</option>
        {bodies.map((one) => (
          <option key={one.part} value={one.part}>
            {BODY_WORDS[one.part]}
          </option>
        ))}
      </select>
      {body && view && view.part !== "EAR" && (
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
