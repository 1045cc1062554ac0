import { useState } from "react";
import { Link } from "react-router";
import { usePreferences } from "../../../api/queries";
import { plain, size } from "../../../quantity/format";
import { speakAs } from "../../../shared/kernel/instruments";
import { say } from "../../../shared/kernel/says";
import { NumberInput } from "../../../shared/shell/NumberInput";
import { failureWords } from "../../../shared/words/refused";
import { LEAST, withMark, type Card, type Mark, type Marked, type PhotoSize } from "./marks";
import { PhotoBoard } from "./PhotoBoard";
import { useMarked, usePhotoSizes } from "./useMarked";

/** Sizes of rings, loops and coils from a photo beside a card: the photo stays on this device. */
export function SizesFromPhoto() {
  const { marked, url, fault, change, open, clear } = useMarked();
  const { sizes, error } = usePhotoSizes(marked);
  const [chosen, setChosen] = useState<number | null>(null);
  const at = chosen !== null && marked && chosen < marked.marks.length ? chosen : null;
  return (
    <div className="place photo-sizes">
      <p className="no-print">
        <Link to="/notebook" className="quiet small">
          notebook
        </Link>
      </p>
      <h1 className="place-title">Sizes from a photo</h1>
      <div className="photo-sizes-sheet">
        {marked && url ? <PhotoBoard {...{ marked, url, sizes }} chosen={at} onChange={change} /> : <HowTo />}
        <div>
          <p className="sentence">
            <Choose word={marked ? "another photo" : "choose or take a photo"} onFile={open} />
            {marked && (
              <button className="quiet" onClick={clear}>
                put it away
              </button>
            )}
          </p>
          {fault && (
            <p className="stop" role="alert">
              {fault}
            </p>
          )}
          {marked && (
            <>
              <CardChoice card={marked.card} onCard={(card) => change({ ...marked, card })} />
              <p className="what">
                Draw the four corners onto the card&apos;s, its long side first. Then put spots along an edge.
              </p>
              <Marks {...{ marked, sizes, change }} chosen={at} onChosen={setChosen} />
              {error && (
                <p className="stop" role="alert">
                  {failureWords(error, "The server is not answering; the marks are kept here.")}
                </p>
              )}
            </>
          )}
        </div>
      </div>
      <CheckSquare />
    </div>
  );
}

/** Card, rings and camera as they should be, and in words. */
function HowTo() {
  return (
    <div>
      <svg className="photo-sketch" viewBox="0 0 300 150" aria-hidden="true">
        <path d="M20 138H280" />
        <path className="is-thin" d="M150 32L60 138M150 32L240 138" />
        <path d="M132 10H168A5 5 0 0 1 173 15V27A5 5 0 0 1 168 32H132A5 5 0 0 1 127 27V15A5 5 0 0 1 132 10Z" />
        <circle cx="150" cy="26" r="4" />
        <path className="is-card" d="M96 135H160" />
        <circle cx="180" cy="134" r="4" />
        <circle cx="196" cy="133" r="5" />
        <circle cx="214" cy="134" r="4" />
        <path className="is-thin" d="M262 32V138M256 32H268M256 138H268" />
        <text x="256" y="88" textAnchor="end">
          20 cm up
        </text>
      </svg>
      <ol className="photo-how">
        <li>Lay rings, loops or a coil on a flat table, close beside a bank card or the printed square.</li>
        <li>Hold the camera straight above, at least 20 cm away, all of it in the middle of the picture.</li>
        <li>Good light from the side, no shadow along the edge that counts.</li>
      </ol>
    </div>
  );
}

function Choose({ word, onFile }: { word: string; onFile: (file: Blob) => Promise<void> }) {
  return (
    <label className="action">
      {word}
      <input
        type="file"
        accept="image/*"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            void onFile(file);
          }
        }}
      />
    </label>
  );
}

const CARDS: Record<Card, string> = { BANK_CARD: "bank card", CHECK_SQUARE: "printed square" };

function CardChoice({ card, onCard }: { card: Card; onCard: (card: Card) => void }) {
  return (
    <span className="segmented text-lg" role="radiogroup" aria-label="What lies beside it">
      {(Object.keys(CARDS) as Card[]).map((one) => (
        <label key={one}>
          <input type="radio" name="card" checked={card === one} onChange={() => onCard(one)} />
          {CARDS[one]}
        </label>
      ))}
    </span>
  );
}

interface MarksProps {
  marked: Marked;
  sizes: (PhotoSize | null)[];
  chosen: number | null;
  change: (to: Marked) => void;
  onChosen: (at: number | null) => void;
}

function Marks({ marked, sizes, chosen, change, onChosen }: MarksProps) {
  const add = (kind: Mark["kind"]) => {
    change(withMark(marked, kind));
    onChosen(marked.marks.length);
  };
  const set = (at: number, to: Partial<Mark>) =>
    change({ ...marked, marks: marked.marks.map((one, i) => (i === at ? { ...one, ...to } : one)) });
  return (
    <>
      <p className="sentence">
        <button className="action" onClick={() => add("ROUND")}>
          mark a round edge
        </button>
        <button className="action" onClick={() => add("ACROSS")}>
          mark a length
        </button>
      </p>
      <ol className="photo-marks">
        {marked.marks.map((mark, i) => (
          <MarkRow
            key={i}
            mark={mark}
            size={sizes[i] ?? null}
            chosen={i === chosen}
            onChoose={() => onChosen(i)}
            onWire={(wireMm) => set(i, { wireMm })}
            onRemove={() => {
              onChosen(null);
              change({ ...marked, marks: marked.marks.filter((_, k) => k !== i) });
            }}
          />
        ))}
      </ol>
    </>
  );
}

interface RowProps {
  mark: Mark;
  size: PhotoSize | null;
  chosen: boolean;
  onChoose: () => void;
  onWire: (mm: number) => void;
  onRemove: () => void;
}

function MarkRow({ mark, size: found, chosen, onChoose, onWire, onRemove }: RowProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const missing = LEAST[mark.kind] - mark.spots.length;
  const told = found && size(found.mm, units);
  const send = () => {
    speakAs({ kind: "CALIPER", value: found!.mm, steady: true });
    say("Said to the step that is open in another window, if it measures a length.");
  };
  return (
    <li className={chosen ? "is-chosen" : ""}>
      <button className="photo-size figures" aria-pressed={chosen} onClick={onChoose}>
        {told ? (
          <>
            {told.value}
            <small>
              {told.unit} ± {size(found.bandMm, units).value}
            </small>
          </>
        ) : (
          <small>
            {missing} more {missing === 1 ? "spot" : "spots"} {mark.kind === "ROUND" ? "along the edge" : ""}
          </small>
        )}
      </button>
      <p className="sentence small">
        <span>{mark.kind === "ROUND" ? "round, of wire" : "across, of wire"}</span>
        <NumberInput
          label={`Wire, mm, of ${mark.kind === "ROUND" ? "the round edge" : "the length"}`}
          kind="number"
          decimals={2}
          step={0.1}
          value={mark.wireMm}
          onChange={(mm) => onWire(Math.max(0, mm))}
        />
        <span>mm{found && `, ${plain(found.slantDegrees, 0)}° off straight above`}</span>
        {found && (
          <button className="quiet" onClick={send}>
            note it where I measure
          </button>
        )}
        <button className="quiet" onClick={onRemove}>
          take away
        </button>
      </p>
    </li>
  );
}

/** To be printed where no card is at hand. */
function CheckSquare() {
  return (
    <figure className="check-square">
      <svg viewBox="0 0 60 60" role="img" aria-label="A check square, 50 by 50 mm when printed at true size">
        <path d="M5 5H55V55H5Z" fill="none" stroke="currentColor" strokeWidth="0.3" />
        <path
          d="M3 5H5V3M55 3V5H57M57 55H55V57M5 57V55H3"
          fill="none"
          stroke="currentColor"
          strokeWidth="0.3"
        />
      </svg>
      <figcaption className="small soft">
        Print this page at true size where no card is at hand: the square has to measure 50.0 mm along each
        side.
      </figcaption>
    </figure>
  );
}
