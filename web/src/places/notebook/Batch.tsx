import { memo } from "react";
import type { NotebookEntry } from "../../api/types";
import type { Units } from "../../quantity/format";
import { refusalWords } from "../../shared/words/refused";
import { Unreadable } from "./BatchHead";
import { FormBatch } from "./FormBatch";
import { PieceBatch } from "./PieceBatch";
import { RingBatch } from "./RingBatch";
import { WeaveBatch } from "./WeaveBatch";

/** One run in the notebook, whatever was made. */
export const Batch = memo(function Batch({ entry, units }: { entry: NotebookEntry; units: Units }) {
  if (entry.unreadable !== null || !entry.glance?.sketch) {
    return (
      <Unreadable
        name={entry.name}
        reason={entry.unreadable ? refusalWords(entry.unreadable) : "This one is being looked at."}
        startedAt={entry.startedAt}
      />
    );
  }
  const rows = {
    ring: () => entry.kind === "ring" && <RingBatch entry={entry} units={units} />,
    form: () => entry.kind === "form" && <FormBatch entry={entry} units={units} />,
    weave: () => <WeaveBatch entry={entry} />,
    medallion: () => <WeaveBatch entry={entry} />,
    piece: () => <PieceBatch entry={entry} />,
  };
  return rows[entry.kind]();
});
