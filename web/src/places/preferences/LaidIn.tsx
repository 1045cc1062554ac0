import type { RowsLaid, WorkshopLaid } from "../../api/brought";
import { many } from "../../quantity/format";
import { refusalWords } from "../../shared/words/refused";

interface Props {
  laid: WorkshopLaid;
  onAdd: () => void;
  onLeave: () => void;
}

const TABLES: Record<string, string> = {
  job: "jobs",
  run: "runs",
  reading: "measurements",
  lot: "lots on the shelf",
  "stock-move": "what came and went of them",
  reservation: "what is put by",
  stocktaking: "stocktakings",
  cut: "strips cut",
  "metal-price": "metal prices",
  photo: "photos",
  "photo-picture": "their pictures",
  "run-view": "what runs show",
  "own-weave": "weaves of your own",
  mandrel: "rods",
  cutter: "cutters",
  preference: "preferences (yours stay)",
  workshop: "the workshop itself",
};

const moved = ({ added, changed, left, refusedInAll }: RowsLaid) => added + changed + left + refusedInAll;

/** What would become of each row of another workshop; all of it, or nothing. */
export function LaidIn({ laid, onAdd, onLeave }: Props) {
  const refused = laid.tables.reduce((sum, one) => sum + one.refusedInAll, 0);
  const coming = laid.tables.reduce((sum, one) => sum + one.added + one.changed, 0);
  return (
    <div className="bring-in">
      <h3>{coming === 0 ? "Nothing of it is new here" : `${many(coming, "row")} would come in`}</h3>
      <Table tables={laid.tables.filter((one) => moved(one) > 0)} />
      {refused > 0 && <Refused tables={laid.tables} inAll={refused} />}
      {refused === 0 && coming > 0 && (
        <p className="care">
          What is here stays, but for what the file has newer. It is backed up before, and can be put back.
        </p>
      )}
      <p className="flex gap-6 items-center">
        {refused === 0 && coming > 0 && (
          <button className="action" onClick={onAdd}>
            Add it
          </button>
        )}
        <button className="quiet" onClick={onLeave}>
          leave it
        </button>
      </p>
    </div>
  );
}

function Table({ tables }: { tables: readonly RowsLaid[] }) {
  return tables.length === 0 ? null : (
    <table className="brought">
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">new</th>
          <th scope="col">newer</th>
          <th scope="col">as here</th>
          <th scope="col">left as here</th>
          <th scope="col">refused</th>
        </tr>
      </thead>
      <tbody>
        {tables.map((one) => (
          <tr key={one.table}>
            <th scope="row">{TABLES[one.table] ?? one.table}</th>
            {[one.added, one.changed, one.alike, one.left, one.refusedInAll].map((count, i) => (
              <td key={i} className="figures">
                {count || ""}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Why rows are not taken: nothing comes in while there are any. */
function Refused({ tables, inAll }: { tables: readonly RowsLaid[]; inAll: number }) {
  const told = tables.flatMap((one) => one.refused.map((row) => ({ ...row, table: one.table })));
  return (
    <>
      <p className="care" role="alert">
        {many(inAll, "row")} would not be taken, so none is. Mend {inAll === 1 ? "it" : "them"} in the file.
      </p>
      <ul className="refused-rows small">
        {told.map((row) => (
          <li key={`${row.table} ${row.key}`}>
            <strong>{row.named ?? row.key}</strong>{" "}
            <span className="soft">{TABLES[row.table] ?? row.table}</span> {refusalWords(row.why)}
          </li>
        ))}
      </ul>
      {told.length < inAll && <p className="soft small">and {inAll - told.length} more</p>}
    </>
  );
}
