import type { PieceAnswer, WrittenPart } from "../../api/types";
import { sizeText, type Units } from "../../quantity/format";
import { dropped, PART, type Dropped } from "./dragged";
import { CountInput } from "../../shared/shell/CountInput";

interface Props {
  piece: PieceAnswer;
  units: Units;
  chosen: number | null;
  onChoose: (written: number | null) => void;
  onRepeat: (written: number, count: number) => void;
  onDropped: (what: Dropped, on: number) => void;
}

type Numbered = WrittenPart & { at: number };

/** Parts that are repeated together, or one alone. */
function groups(written: readonly WrittenPart[]): Numbered[][] {
  const all: Numbered[][] = [];
  written.forEach((part, at) => {
    const last = all.at(-1);
    const one = { ...part, at };
    if (last && part.group >= 0 && (last[0]!.group === part.group || hangsWithin(last, part))) {
      last.push(one);
    } else if (last && part.depth > 0 && hangsWithin(last, part)) {
      last.push(one);
    } else {
      all.push([one]);
    }
  });
  return all;
}

const hangsWithin = (group: readonly Numbered[], part: WrittenPart) =>
  part.hangsFrom >= 0 && group.some((one) => one.at === part.hangsFrom);

/** The piece as it is written: its parts in a row, those repeated together in one bracket, what hangs from a part below it. */
export function PartRow({ piece, units, chosen, onChoose, onRepeat, onDropped }: Props) {
  return (
    <ol className="part-row" aria-label="Parts as written">
      {groups(piece.written).map((group) => {
        const first = group[0]!;
        const several = first.repeat > 1;
        return (
          <li key={first.at} className="part-group" data-several={several}>
            {several && (
              <span className="part-times">
                <CountInput
                  label={`How often ${first.name}${group.length > 1 ? " and what follows" : ""}`}
                  value={first.repeat}
                  onChange={(count) => onRepeat(first.at, count)}
                />
                ×
              </span>
            )}
            {group.map((part) => (
              <Chip
                key={part.at}
                part={part}
                units={units}
                chosen={part.at === chosen}
                onChoose={() => onChoose(part.at === chosen ? null : part.at)}
                onDropped={onDropped}
              />
            ))}
          </li>
        );
      })}
    </ol>
  );
}

/** One part: pressed it is in hand, dragged it goes before or behind another. */
function Chip({
  part,
  units,
  chosen,
  onChoose,
  onDropped,
}: {
  part: Numbered;
  units: Units;
  chosen: boolean;
  onChoose: () => void;
  onDropped: Props["onDropped"];
}) {
  return (
    <button
      className="part-chip"
      data-hung={part.depth > 0}
      aria-pressed={chosen}
      draggable
      onClick={onChoose}
      onDragStart={(event) => event.dataTransfer.setData(PART, String(part.at))}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const what = dropped(event);
        if (what) {
          onDropped(what, part.at);
        }
      }}
    >
      {part.depth > 0 && <span aria-hidden="true">↳ </span>}
      <span className="strong">{part.name}</span> <span className="soft">{sizesOf(part, units)}</span>
    </button>
  );
}

/** The one or two sizes a part is told apart by. */
function sizesOf(part: WrittenPart, units: Units): string {
  const value = (id: string) => part.fields.find((field) => field.id === id)?.value;
  const said = (found: ReturnType<typeof value>) =>
    typeof found === "number" ? sizeText(found, units, 1) : typeof found === "string" ? found : null;
  const words = [
    value("soldered") === true ? "soldered" : null,
    said(value("inside") ?? value("bead") ?? value("length") ?? value("pitch")),
    typeof value("links") === "number" && `${Number(value("links"))} links`,
    typeof value("units") === "number" && `${Number(value("units"))} units`,
  ];
  return words.filter(Boolean).join(", ");
}
