import { useRef, useState } from "react";
import { takePhoto } from "../kernel/photos";
import { say } from "../kernel/says";
import { failureWords } from "../words/refused";

interface Props {
  run: string;
  /** At which step, by its id; null for the whole. */
  operation: string | null;
  words?: string;
}

/** Takes photos in: a tablet's camera, or files. */
export function TakePhoto({ run, operation, words = "photo" }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [under, setUnder] = useState(0);
  const take = async (files: FileList) => {
    const pictures = [...files];
    setUnder((now) => now + pictures.length);
    for (const picture of pictures) {
      await takeOne(run, operation, picture);
      setUnder((now) => now - 1);
    }
  };
  return (
    <>
      <button
        id="photo"
        className="quiet"
        aria-keyshortcuts="P"
        aria-busy={under > 0}
        onClick={() => input.current!.click()}
      >
        {under > 0 ? "keeping it" : words}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label="Photos"
        accept="image/*"
        multiple
        onChange={(event) => {
          if (event.target.files) {
            void take(event.target.files).finally(() => (event.target.value = ""));
          }
        }}
      />
    </>
  );
}

async function takeOne(run: string, operation: string | null, picture: File): Promise<void> {
  try {
    const kept = await takePhoto(run, operation, picture);
    say(
      kept
        ? "The photo is kept with this run."
        : "The server is not answering. The photo is kept here and sent when it does.",
    );
  } catch (failure) {
    say(failureWords(failure, "It could not be sent, and this device keeps nothing: keep the picture."));
  }
}
