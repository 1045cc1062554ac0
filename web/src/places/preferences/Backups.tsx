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
        <p className="small soft break-all">
          in {folder}, one a day: kept for 7 days, 5 weeks and 12 months.
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
        <button
          className="quiet"
          onClick={() =>
            void saveFile(`toroid-${new Date().toISOString().slice(0, 10)}`, "zip", () =>
              fetchFile("/api/backups/workshop"),
            )
          }
        >
          take the whole workshop along
        </button>
      </p>
      {folder && <BringIn />}
    </>
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
