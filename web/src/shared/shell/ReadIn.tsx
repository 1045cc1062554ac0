import { useRef } from "react";
import { say } from "../kernel/says";
import { failureWords } from "../words/refused";

interface Props {
  /** What the files are, for readers. */
  label: string;
  accept: string;
  /** Throws where it is not what it says. */
  onText: (text: string, name: string) => Promise<void>;
}

/** A file of the maker's own read in. */
export function ReadIn({ label, accept, onText }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const read = async (chosen: File) => {
    try {
      await onText(await chosen.text(), chosen.name.replace(/\.[^.]*$/, "").slice(0, 120));
    } catch (failure) {
      say(failureWords(failure, "The file could not be read; nothing was kept."));
    }
  };
  return (
    <>
      <button className="quiet" onClick={() => file.current?.click()}>
        read in a file
      </button>
      <input
        ref={file}
        type="file"
        hidden
        aria-label={label}
        accept={accept}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = "";
          if (chosen) {
            void read(chosen);
          }
        }}
      />
    </>
  );
}
