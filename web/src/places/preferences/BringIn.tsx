import { useState } from "react";
import { useKeptBackups } from "../../api/queries";
import type { BroughtBackup } from "../../api/types";
import { day, many } from "../../quantity/format";
import { FileButton } from "../../shared/shell/FileButton";
import { bytesWords, timeOf } from "./backupWords";
import { LaidIn } from "./LaidIn";
import { useBringingIn } from "./useBringingIn";

/** A backup brought in, or a workshop as open JSON added: from a file or from those kept here: looked through first, then put in the place of all there is. */
export function BringIn() {
  const { doing, look, lookThrough, putIn, add, leave } = useBringingIn();
  switch (doing.is) {
    case "looking":
    case "putting":
    case "adding":
      return <p role="status">{GOING_ON[doing.is]}</p>;
    case "laid":
      return <LaidIn laid={doing.laid} onAdd={() => void add(doing.laid.mark)} onLeave={leave} />;
    case "looked":
      return <Looked backup={doing.backup} onPutIn={() => void putIn(doing.backup.madeAt)} onLeave={leave} />;
    default:
      return (
        <div className="bring-in">
          {doing.is === "failed" && (
            <p className="care small" role="alert">
              {doing.words}
            </p>
          )}
          <FromFile
            onFile={(file) =>
              void (file.name.endsWith(".json") ? lookThrough(file) : look("/api/backups/brought", file))
            }
          />
          <Kept onLook={(name) => void look(`/api/backups/brought/${name}`)} />
        </div>
      );
  }
}

const GOING_ON = {
  looking: "looking through it",
  putting: "putting it in; the server begins anew",
  adding: "adding it; the server begins anew",
};

function FromFile({ onFile }: { onFile: (file: File) => void }) {
  return (
    <p className="sentence -ml-1">
      <FileButton
        label="A backup, or a workshop as open JSON"
        accept=".zip,application/zip,.json,application/json"
        onFile={onFile}
      >
        bring a backup or open JSON in
      </FileButton>
    </p>
  );
}

function Kept({ onLook }: { onLook: (name: string) => void }) {
  const [open, setOpen] = useState(false);
  const kept = useKeptBackups(open).data ?? [];
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="small">those kept here</summary>
      <ul className="kept-backups">
        {kept.map((one) => (
          <li key={one.name}>
            <span className="figures">
              {day(one.madeAt)}, {timeOf(one.madeAt)}
            </span>
            <span className="soft small">
              {bytesWords(one.bytes)}
              {one.name.includes("-before-") &&
                `, before ${BEFORE.find(([part]) => one.name.includes(part))![1]}`}
            </span>
            <button className="quiet small" onClick={() => onLook(one.name)}>
              look
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What a backup was made before, by what its name says. */
const BEFORE = [
  ["-restore-", "another was put in"],
  ["-adding-", "a workshop was added"],
  ["", "Toroid was brought up to date"],
] as const;

const WHAT: Record<string, string> = {
  job: "jobs",
  run: "runs",
  reading: "measurements",
  lot: "lots on the shelf",
  photo: "photos",
  "own-weave": "weaves of your own",
};

interface LookedProps {
  backup: BroughtBackup;
  onPutIn: () => void;
  onLeave: () => void;
}

function Looked({ backup, onPutIn, onLeave }: LookedProps) {
  return (
    <div className="bring-in">
      <h3>
        The workshop of {day(backup.madeAt)}, {timeOf(backup.madeAt)}
      </h3>
      <table className="brought">
        <caption className="small soft">{many(backup.rows, "row")}, what was taken away included</caption>
        <thead>
          <tr>
            <th scope="col"></th>
            <th scope="col">in it</th>
            <th scope="col">here now</th>
          </tr>
        </thead>
        <tbody>
          {backup.counts.map(({ table, brought, here }) => (
            <tr key={table}>
              <th scope="row">{WHAT[table] ?? table}</th>
              <td className="figures">{brought}</td>
              <td className="figures">{here}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="care">
        It takes the place of all that is here. What is here is backed up before, and can be put back the same
        way.
      </p>
      <p className="flex gap-6 items-center">
        <button className="action" onClick={onPutIn}>
          Put it in
        </button>
        <button className="quiet" onClick={onLeave}>
          leave it
        </button>
      </p>
    </div>
  );
}
