export type Look = "along" | "down" | "round" | "draped" | "true" | "order";

const LOOKS: readonly (readonly [Look, string])[] = [
  ["along", "laid out"],
  ["down", "hung"],
  ["round", "closed"],
  ["draped", "on the neck"],
  ["true", "true size"],
  ["order", "put together"],
];

/** How the piece is looked at. */
export function Looks({
  look,
  onLook,
  closes,
  drapes,
  solid,
  onSolid,
}: {
  look: Look;
  onLook: (look: Look) => void;
  closes: boolean;
  drapes: boolean;
  /** Whether it is seen in the round; null where that cannot be. */
  solid: boolean | null;
  onSolid: (solid: boolean) => void;
}) {
  return (
    <span className="piece-looks">
      <span className="segmented view-choice" role="radiogroup" aria-label="Look at it">
        {LOOKS.filter(([id]) => (id !== "round" || closes) && (id !== "draped" || drapes)).map(
          ([id, name]) => (
            <label key={id}>
              <input type="radio" name="look" checked={look === id} onChange={() => onLook(id)} />
              {name}
            </label>
          ),
        )}
      </span>
      {solid !== null && look !== "order" && look !== "true" && (
        <label className="small">
          <input type="checkbox" checked={solid} onChange={(event) => onSolid(event.target.checked)} /> in the
          round
        </label>
      )}
    </span>
  );
}
