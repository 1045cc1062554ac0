import { useMemo } from "react";
import { call } from "../../api/client";
import { changed, usePhotos } from "../../api/queries";
import type { Kept, Operation, Photo } from "../../api/types";
import type { Editor } from "../kernel/editor";
import { say } from "../kernel/says";
import { broughtBack } from "../kernel/takeAway";
import { useEditor } from "../kernel/useEditor";
import { operationTitle } from "../words/operationWords";
import { failureWords } from "../words/refused";
import { SaveMark } from "./SaveMark";
import { TakePhoto } from "./TakePhoto";

interface Props {
  run: string;
  /** Of the run's plan, to say at which each was taken. */
  operations: readonly Operation[];
}

/** The photos of a run, with what is to be seen on each. */
export function Photographs({ run, operations }: Props) {
  const photos = usePhotos(run).data ?? [];
  return (
    <section className={photos.length === 0 ? "no-print" : ""}>
      <h2>Photos</h2>
      {photos.length === 0 && (
        <p className="soft">None yet: of the first one, of what went wrong, of the end.</p>
      )}
      <ul className="photographs">
        {photos.map((photo) => (
          <Photograph
            key={photo.id}
            photo={photo}
            at={operations.find(({ id }) => id === photo.data.operation)}
          />
        ))}
      </ul>
      <p className="no-print">
        <TakePhoto run={run} operation={null} words="add a photo" />
      </p>
    </section>
  );
}

const noted = ({ data, ...kept }: Kept<Photo>): Kept<{ note: string }> => ({
  ...kept,
  data: { note: data.note },
});

function Photograph({ photo, at }: { photo: Kept<Photo>; at: Operation | undefined }) {
  const kept = useMemo(() => noted(photo), [photo]);
  const { editor, data, state } = useEditor("photos", kept);
  const where = at ? operationTitle(at) : "The whole";
  const { width, height } = photo.data;
  return (
    <li>
      <a href={`/api/photos/${photo.id}/picture`} target="_blank" rel="noreferrer">
        <img
          src={`/api/photos/${photo.id}/picture?small=true`}
          alt={data.note || `Photo: ${where}`}
          style={{ aspectRatio: `${width} / ${height}` }}
        />
      </a>
      <p className="small soft photograph-at">
        <span>{where}</span>
        <button
          className="quiet no-print"
          aria-label={`Take away the photo: ${where}`}
          onClick={() => void away(photo.id, editor)}
        >
          take away
        </button>
      </p>
      <input
        className="plain-input"
        aria-label="What is to be seen"
        placeholder="what is to be seen"
        maxLength={4000}
        value={data.note}
        onChange={(event) => editor.change({ note: event.target.value }, "note")}
      />
      {state.kind !== "saved" && (
        <SaveMark editor={editor} state={state} describe={({ note }) => note || "nothing said"} />
      )}
    </li>
  );
}

async function away(id: string, editor: Editor<{ note: string }>): Promise<void> {
  try {
    await editor.flush();
    const now = await call<Kept<unknown>>("GET", `/api/photos/${id}`);
    await call("DELETE", `/api/photos/${id}?version=${now.version}`);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
    return;
  }
  changed("photos");
  say("The photo was taken away. It goes for good after 30 days.", {
    label: "bring it back",
    run: () => void broughtBack("photos", id, "photos"),
  });
}
