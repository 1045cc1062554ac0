import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { movedCorner, movedSpot, withSpot, withSpots, type Marked, type PhotoSize, type Spot } from "./marks";

interface Props {
  marked: Marked;
  url: string;
  /** The mark spots are put on; null while there is none. */
  chosen: number | null;
  sizes: (PhotoSize | null)[];
  onChange: (to: Marked) => void;
}

/** What is held: a corner, or a spot of a mark. */
type Held = { corner: number } | { mark: number; spot: number };

const ROLES = ["first", "second", "third", "fourth"];
const FINE = 1;
const COARSE = 10;
const LOUPE = 90;

/** The photo with its marks: a press puts a spot, what is there is drawn, a loupe shows where. */
export function PhotoBoard({ marked, url, chosen, sizes, onChange }: Props) {
  const board = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<Held | null>(null);
  const [looked, setLooked] = useState<Spot | null>(null);
  const place = ({ clientX, clientY }: PointerEvent): Spot => {
    const box = board.current!.getBoundingClientRect();
    const { width, height } = marked;
    // as large as fits, in the middle of its frame
    const share = Math.min(box.width / width, box.height / height);
    return {
      x: (clientX - box.left - (box.width - width * share) / 2) / share,
      y: (clientY - box.top - (box.height - height * share) / 2) / share,
    };
  };
  const move = (what: Held, to: Spot) =>
    onChange(
      "corner" in what ? movedCorner(marked, what.corner, to) : movedSpot(marked, what.mark, what.spot, to),
    );
  const grab = (what: Held) => (event: PointerEvent) => {
    event.stopPropagation();
    board.current!.setPointerCapture?.(event.pointerId);
    setHeld(what);
    setLooked(place(event));
  };
  const onMove = (event: PointerEvent) => {
    setLooked(place(event));
    if (held) {
      move(held, place(event));
    }
  };
  const onDown = (event: PointerEvent) => {
    if (chosen !== null) {
      onChange(withSpot(marked, chosen, place(event)));
    }
  };
  const size = marked.width / 120;
  const scene = <Scene {...{ marked, url, chosen, sizes, size, grab, move }} onRemove={onChange} />;
  return (
    <div className="photo-board">
      <svg
        ref={board}
        viewBox={`0 0 ${marked.width} ${marked.height}`}
        role="group"
        aria-label="The photo and its marks"
        onPointerDown={onDown}
        onPointerMove={onMove}
        onPointerUp={() => setHeld(null)}
        onPointerLeave={() => setLooked(null)}
      >
        {scene}
      </svg>
      {looked && <Loupe {...{ marked, url, looked, sizes }} />}
    </div>
  );
}

interface SceneProps extends Omit<Props, "onChange"> {
  size: number;
  grab: (what: Held) => (event: PointerEvent) => void;
  move: (what: Held, to: Spot) => void;
  onRemove: (to: Marked) => void;
}

function Scene({ marked, url, chosen, sizes, size, grab, move, onRemove }: SceneProps) {
  const keys = (what: Held, at: Spot) => (event: KeyboardEvent) => {
    const step = event.shiftKey ? COARSE : FINE;
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (by) {
      event.preventDefault();
      move(what, { x: at.x + step * by[0]!, y: at.y + step * by[1]! });
    } else if (event.key === "Delete" && "mark" in what) {
      onRemove(withSpots(marked, what.mark, (spots) => spots.filter((_, i) => i !== what.spot)));
    }
  };
  return (
    <>
      <image href={url} width={marked.width} height={marked.height} />
      <polygon className="photo-card" points={marked.corners.map(({ x, y }) => `${x},${y}`).join(" ")} />
      {sizes.map((one, i) => one && <Outline key={i} size={one} chosen={i === chosen} />)}
      {marked.corners.map((at, i) => (
        <circle
          key={i}
          className="photo-corner"
          cx={at.x}
          cy={at.y}
          r={1.6 * size}
          tabIndex={0}
          role="button"
          aria-label={`The card's ${ROLES[i]} corner; arrows move it`}
          onPointerDown={grab({ corner: i })}
          onKeyDown={keys({ corner: i }, at)}
        />
      ))}
      {marked.marks.map((mark, m) =>
        mark.spots.map((at, i) => (
          <circle
            key={`${m} ${i}`}
            className={`photo-spot ${m === chosen ? "is-chosen" : ""}`}
            cx={at.x}
            cy={at.y}
            r={0.8 * size}
            tabIndex={0}
            role="button"
            aria-label={`Spot ${i + 1} of mark ${m + 1}; arrows move it, Delete takes it away`}
            onPointerDown={grab({ mark: m, spot: i })}
            onKeyDown={keys({ mark: m, spot: i }, at)}
          />
        )),
      )}
    </>
  );
}

function Outline({ size, chosen }: { size: PhotoSize; chosen: boolean }) {
  const points = size.outline.map(({ x, y }) => `${x},${y}`).join(" ");
  const looks = `photo-outline ${chosen ? "is-chosen" : ""}`;
  return size.outline.length > 2 ? (
    <polygon className={looks} points={points} />
  ) : (
    <polyline className={looks} points={points} />
  );
}

/** What lies under the pointer, large, with a cross at it. */
function Loupe({ marked, url, looked, sizes }: Pick<Props, "marked" | "url" | "sizes"> & { looked: Spot }) {
  const { x, y } = looked;
  const left = x > marked.width / 2;
  return (
    <svg
      className={`photo-loupe ${left ? "is-left" : ""}`}
      viewBox={`${x - LOUPE / 2} ${y - LOUPE / 2} ${LOUPE} ${LOUPE}`}
      aria-hidden="true"
    >
      <image href={url} width={marked.width} height={marked.height} />
      {sizes.map((one, i) => one && <Outline key={i} size={one} chosen={false} />)}
      <path className="photo-cross" d={`M${x - LOUPE} ${y}H${x + LOUPE}M${x} ${y - LOUPE}V${y + LOUPE}`} />
    </svg>
  );
}
