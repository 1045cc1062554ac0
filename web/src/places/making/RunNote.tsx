import { Link } from "react-router";
import { usePhotos } from "../../api/queries";
import { many } from "../../quantity/format";
import { TakePhoto } from "../../shared/shell/TakePhoto";

interface Props {
  run: string;
  note: string;
  onNote: (note: string) => void;
}

/** What the maker wants to remember of a run: in words, and in photos. */
export function RunNote({ run, note, onNote }: Props) {
  const photos = usePhotos(run).data?.length ?? 0;
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
      <p className="run-keeps">
        <TakePhoto run={run} operation={null} />
        <Link className="quiet" to={`/notebook/run/${run}`}>
          its record{photos > 0 && `, with ${many(photos, "photo")}`}
        </Link>
      </p>
    </div>
  );
}
