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
}: {
  look: Look;
  onLook: (look: Look) => void;
  closes: boolean;
  drapes: boolean;
}) {
  return (
    <span className="segmented view-choice" role="radiogroup" aria-label="Look at it">
      {LOOKS.filter(([id]) => (id !== "round" || closes) && (id !== "draped" || drapes)).map(([id, name]) => (
        <label key={id}>
          <input type="radio" name="look" checked={look === id} onChange={() => onLook(id)} />
          {name}
        </label>
      ))}
    </span>
  );
}
