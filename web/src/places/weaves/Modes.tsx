/** What is shown of a patch, one of several. */
export function Modes<M extends string>({
  modes,
  mode,
  onMode,
}: {
  modes: readonly (readonly [M, string])[];
  mode: M;
  onMode: (mode: M) => void;
}) {
  return (
    <p className="modes" role="tablist" aria-label="What is shown">
      {modes.map(([id, word]) => (
        <button key={id} role="tab" className="quiet" aria-selected={mode === id} onClick={() => onMode(id)}>
          {word}
        </button>
      ))}
    </p>
  );
}
