import { useState } from "react";
import { call, fetchFile } from "../../api/client";
import { changed, useBackups } from "../../api/queries";
import type { BackupStanding } from "../../api/types";
import { day } from "../../quantity/format";
import { saveFile } from "../../shared/kernel/takeAway";
import { failureWords } from "../../shared/words/refused";
import { bytesWords, timeOf } from "./backupWords";
import { BringIn } from "./BringIn";

/** When the workshop was last backed up, one now, one to take along. */
export function Backups() {
  const standing = useBackups().data;
  const [told, setTold] = useState<string | null>(null);
  if (!standing) {
    return null;
  }
  const now = async () => {
    setTold("writing it");
    try {
      await call("POST", "/api/backups");
      setTold(null);
    } catch (failure) {
      setTold(failureWords(failure, "The server is not answering; no backup was made."));
    }
    changed("backups");
  };
  const { folder, failed } = standing;
  return (
    <>
      <Last standing={standing} />
      {folder && (
        <p className="small soft">
          in <span className="break-all">{folder}</span>, one a day: kept for 7 days, 5 weeks and 12 months.
        </p>
      )}
      {(told ?? failed) && (
        <p className="care small" role="status">
          {told ?? `The last try failed: ${failed}`}
        </p>
      )}
      <p className="sentence mt-2 -ml-1">
        {folder && (
          <button className="quiet" onClick={() => void now()}>
            back up now
          </button>
        )}
        <TakeAlong words="take the whole workshop along" format="zip" path="/api/backups/workshop" />
        <TakeAlong words="as open JSON" format="json" path="/api/backups/workshop.json" />
      </p>
      {folder && <BringIn />}
    </>
  );
}

function TakeAlong({ words, format, path }: { words: string; format: string; path: string }) {
  const name = `toroid-${new Date().toISOString().slice(0, 10)}`;
  return (
    <button className="quiet" onClick={() => void saveFile(name, format, () => fetchFile(path))}>
      {words}
    </button>
  );
}

function Last({ standing: { folder, last, count } }: { standing: BackupStanding }) {
  if (!last) {
    return <p>{folder ? "None yet; one is made each day." : "This workshop is not backed up by itself."}</p>;
  }
  return (
    <p>
      <strong className="figures">
        {day(last.madeAt)}, {timeOf(last.madeAt)}
      </strong>
      , {bytesWords(last.bytes)}
      {count > 1 && `, and ${count - 1} before it`}
    </p>
  );
}
