import type { NotebookEntry } from "../../../api/types";
import { day, plain, size, type Units } from "../../../quantity/format";
import { DotRow } from "../../../shared/shell/DotRow";
import { countsOnly, madeWords } from "../../../shared/words/quantityWords";

type Made = NotebookEntry["made"][number];

interface Props {
  entry: NotebookEntry;
  /** Another set beside it; null for none. */
  other: NotebookEntry | null;
  units: Units;
}

const DECIMALS = 2;

/** Planned against made, quantity by quantity; where another run is set beside, what that came out at. */
export function MadeTable({ entry, other, units }: Props) {
  if (entry.made.length === 0) {
    return (
      <section>
        <h2>Planned and made</h2>
        <p className="soft">Nothing was measured. What is measured at the bench stands here.</p>
      </section>
    );
  }
  const { unit } = size(0, units);
  return (
    <section>
      <h2>Planned and made</h2>
      <table className="ruled record-made" aria-label="Planned and made">
        <thead>
          <tr>
            <th scope="col">{unit}</th>
            <th scope="col">planned</th>
            <th scope="col">made</th>
            <th scope="col">spread</th>
            <th scope="col">measured</th>
            {other && <th scope="col">{`${other.name}, ${day(other.startedAt)}`}</th>}
          </tr>
        </thead>
        <tbody>
          {entry.made.map((made) => {
            const alike = other?.made.find((one) => one.quantity === made.quantity && one.work === made.work);
            return (
              <tr key={`${made.quantity} ${made.work} ${made.planned}`}>
                <th scope="row">{madeWords(made.quantity, made.work)}</th>
                <td className="figures">{made.planned === null ? "–" : told(made, made.planned, units)}</td>
                <td className="figures font-bold">{told(made, made.spread.mean, units)}</td>
                <td className="figures">
                  {made.values.length > 1
                    ? told(made, made.spread.standardDeviation, units, DECIMALS + 1)
                    : "–"}
                </td>
                <td className="figures">{made.values.length}</td>
                {other && <td className="figures">{alike ? told(alike, alike.spread.mean, units) : "–"}</td>}
              </tr>
            );
          })}
        </tbody>
      </table>
      {entry.made.map((made) => (
        <Dots key={`${made.quantity} ${made.work} ${made.planned}`} entry={entry} made={made} units={units} />
      ))}
    </section>
  );
}

const told = (made: Made, value: number, units: Units, decimals = DECIMALS) =>
  countsOnly(made.quantity) ? plain(value, 1) : size(value, units, decimals).value;

interface Band {
  low: number;
  high: number;
  target: number;
}

/** Where it was expected, mm; null where nothing says. */
function bandOf(entry: NotebookEntry, made: Made): Band | null {
  const sizes = entry.kind === "ring" ? entry.glance?.sketch?.sizes : null;
  if (sizes && made.quantity === "RING_INNER") {
    return { low: sizes.closedLowMm, high: sizes.closedHighMm, target: sizes.closedInnerMm };
  }
  const { planned, expected } = made;
  return planned === null || !expected
    ? null
    : {
        low: planned + expected.centreMm - expected.halfWidthMm,
        high: planned + expected.centreMm + expected.halfWidthMm,
        target: planned,
      };
}

function Dots({ entry, made, units }: { entry: NotebookEntry; made: Made; units: Units }) {
  const band = bandOf(entry, made);
  return band && made.values.length > 1 ? (
    <figure className="record-dots">
      <figcaption className="small soft">{madeWords(made.quantity, made.work)}</figcaption>
      <DotRow values={made.values} {...band} units={units} />
    </figure>
  ) : null;
}
