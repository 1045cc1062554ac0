import { useState } from "react";
import { KindChoice } from "./KindChoice";
import { Link } from "react-router";
import { call, fetchFile } from "../../api/client";
import { newId } from "../../api/newId";
import { usePreferences } from "../../api/queries";
import type { TableView } from "../../api/types";
import { many } from "../../quantity/format";
import { say } from "../../shared/kernel/says";
import { saveFile } from "../../shared/kernel/takeAway";
import { Sideways } from "../../shared/shell/Sideways";
import { failureWords, refusalWords } from "../../shared/words/refused";
import { kindWord } from "../../shared/words/stockWords";
import { shelfChanged } from "./lotWrites";
import { TableSum } from "./TableSum";

interface Looked {
  id: string;
  name: string;
  text: string;
  view: TableView;
}

/** A file looked at, and taking it in. */
function useTable() {
  const [looked, setLooked] = useState<Looked | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const look = async (file: File) => {
    try {
      const text = await file.text();
      const view = await call<TableView>("POST", "/api/stock-table/look", { text });
      setLooked({ id: newId(), name: file.name, text, view });
      setTold(null);
    } catch (failure) {
      setLooked(null);
      setTold(failureWords(failure, "The server is not answering; nothing was taken in."));
    }
  };
  const take = async ({ id, name, text, view }: Looked) => {
    try {
      await call("POST", "/api/stock-table", { id, text, seal: view.seal });
      setLooked(null);
      shelfChanged();
      say(`${name} is taken in: ${many(view.added, "lot")} added, ${view.changed} changed.`);
    } catch (failure) {
      setTold(failureWords(failure, "The server is not answering; try again, it is never taken in twice."));
    }
  };
  return { looked, told, look, take, leave: () => setLooked(null) };
}

/** The shelf as a table: out into a file, and in again, looked at before anything is written. */
export function TablePage() {
  const { looked, told, look, take, leave } = useTable();
  return (
    <div className="place stock-table" style={{ maxWidth: "none" }}>
      <p>
        <Link className="quiet" to="/stock">
          ← stock and tools
        </Link>
      </p>
      <h1 className="place-title">Tables in and out</h1>
      <Out />
      <h2 className="text-xl font-bold mt-8">In</h2>
      <p className="max-w-[60ch]">
        A row a lot. With the code of its label a row tells of that lot, without one it is a new lot. You see
        what would change first; all of it is taken in, or nothing.
      </p>
      <label className="action file-choice">
        choose a file
        <input
          type="file"
          accept=".csv,text/csv"
          aria-label="Choose a table"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) {
              void look(file);
            }
          }}
        />
      </label>
      {told && (
        <p className="care mt-3" role="status">
          {told}
        </p>
      )}
      {looked && <Preview looked={looked} onTake={() => void take(looked)} onLeave={leave} />}
    </div>
  );
}

function Out() {
  const [kind, setKind] = useState("");
  const save = () =>
    saveFile(kind === "" ? "stock" : kind, "csv", () =>
      fetchFile(`/api/stock-table${kind === "" ? "" : `?kind=${kind}`}`),
    );
  return (
    <>
      <h2 className="text-xl font-bold mt-5">Out</h2>
      <p className="sentence">
        <span>a table (CSV) of</span>
        <KindChoice label="A table of" kind={kind} onKind={setKind} />
        <button className="action" onClick={() => void save()}>
          save it
        </button>
      </p>
    </>
  );
}

const BECOMES: Record<TableView["rows"][number]["becomes"], string> = {
  ADDED: "new",
  CHANGED: "changed",
  ALIKE: "as it is",
  REFUSED: "not taken",
};

interface PreviewProps {
  looked: Looked;
  onTake: () => void;
  onLeave: () => void;
}

function Preview({ looked: { name, view }, onTake, onLeave }: PreviewProps) {
  const shown = view.rows.filter((row) => row.becomes !== "ALIKE");
  return (
    <section aria-label={`What ${name} would change`} className="mt-5">
      <TableSum {...view} />
      {shown.length > 0 && <Rows rows={shown} />}
      <p className="sentence mt-4">
        {view.refused > 0 ? (
          <span>
            Mend those rows in the file and choose it again: nothing of it is taken in until all can be.
          </span>
        ) : view.added + view.changed > 0 ? (
          <button className="action" onClick={onTake}>
            take it in
          </button>
        ) : (
          <span>The shelf is as this table says already.</span>
        )}
        <button className="quiet" onClick={onLeave}>
          leave it
        </button>
      </p>
    </section>
  );
}

/** Row by row, but for those that stay as they are. */
function Rows({ rows }: { rows: TableView["rows"] }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  return (
    <Sideways name="Rows of the table">
      <table className="ruled">
        <thead>
          <tr>
            <th scope="col">row</th>
            <th scope="col">becomes</th>
            <th scope="col">kind</th>
            <th scope="col">name</th>
            <th scope="col">what changes</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.line} className={row.becomes === "REFUSED" ? "is-refused" : undefined}>
              <td className="figures">{row.line}</td>
              <td className="strong">{BECOMES[row.becomes]}</td>
              <td>{kindWord(row.kind)}</td>
              <td>{row.name}</td>
              <td>
                {row.refusal && <span className="care">{refusalWords(row.refusal, {}, units)}</span>}
                {row.changes
                  .map((one) => `${one.column}: ${one.before || "not said"} → ${one.after || "not said"}`)
                  .join("; ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
