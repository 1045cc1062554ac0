import { FileButton } from "./FileButton";
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
  const read = async (chosen: File) => {
    try {
      await onText(await chosen.text(), chosen.name.replace(/\.[^.]*$/, "").slice(0, 120));
    } catch (failure) {
      say(failureWords(failure, "The file could not be read; nothing was kept."));
    }
  };
  return (
    <FileButton label={label} accept={accept} onFile={(chosen) => void read(chosen)}>
      read in a file
    </FileButton>
  );
}
