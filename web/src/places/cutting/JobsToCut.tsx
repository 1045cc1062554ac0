import { Link } from "react-router";
import { useFormJobs, useJobs, usePieceJobs } from "../../api/queries";
import { many } from "../../quantity/format";
import { placeOfJob } from "../../shared/words/jobs";

interface Props {
  chosen: readonly string[];
  /** Of those, the ones that have nothing to cut. */
  without: readonly string[];
  onChoose: (id: string, chosen: boolean) => void;
}

interface Row {
  id: string;
  kind: "ring" | "form" | "piece";
  name: string;
  what: string;
}

/** The workshop's jobs, the newest first of each kind. */
function useRows(): Row[] | undefined {
  const rings = useJobs().data;
  const forms = useFormJobs().data;
  const pieces = usePieceJobs().data;
  if (!rings || !forms || !pieces) {
    return undefined;
  }
  const newest = <T,>(list: readonly T[]) => [...list].reverse();
  return [
    ...newest(pieces).map(({ id, data }): Row => ({
      id,
      kind: "piece",
      name: data.name,
      what: "piece, its forms",
    })),
    ...newest(forms).map(({ id, data }): Row => ({
      id,
      kind: "form",
      name: data.name,
      what: many(data.copies, "copy", "copies"),
    })),
    ...newest(rings).map(({ id, data }): Row => ({
      id,
      kind: "ring",
      name: data.name,
      what: many(data.ringCount, "ring"),
    })),
  ];
}

/** What is cut for: any jobs together, so that one's leftover is the other's length. */
export function JobsToCut({ chosen, without, onChoose }: Props) {
  const rows = useRows();
  if (!rows) {
    return <div className="cutting-jobs" />;
  }
  return (
    <section className="cutting-jobs no-print" aria-label="Cut for">
      <h2>cut for</h2>
      {rows.length === 0 ? (
        <p className="soft">
          Nothing is planned yet. Begin with <Link to="/rings/new">rings</Link>, a{" "}
          <Link to="/shapes">shape</Link> or a <Link to="/pieces">piece</Link>; what it takes is cut here.
        </p>
      ) : (
        <ul>
          {rows.map((row) => (
            <li key={row.id}>
              <label>
                <input
                  type="checkbox"
                  checked={chosen.includes(row.id)}
                  onChange={(event) => onChoose(row.id, event.target.checked)}
                />
                <span>
                  <span className="strong">{row.name}</span>{" "}
                  <span className="tiny soft block">
                    {row.what}
                    {without.includes(row.id) && ", nothing to cut as it stands"}
                  </span>
                </span>
              </label>
              <Link className="tiny" to={placeOfJob(row.kind, row.id)} aria-label={`Open ${row.name}`}>
                open
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
