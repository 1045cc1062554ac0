/** What the maker wants to remember of a run. */
export function RunNote({ note, onNote }: { note: string; onNote: (note: string) => void }) {
  return (
    <div>
      <label className="text-lg strong" htmlFor="run-note">
        For next time
      </label>
      <textarea
        id="run-note"
        className="mt-2 w-full border border-base-300 bg-base-100 p-3 text-lg"
        rows={6}
        value={note}
        maxLength={4000}
        onChange={(event) => onNote(event.target.value)}
        placeholder="What you would do the same, what not"
      />
    </div>
  );
}
