import type { NotebookEntry } from "../../../api/types";
import { day, plain, size, type Units } from "../../../quantity/format";
import { DotRow } from "../../../shared/shell/DotRow";
import { countsOnly, measuredWords } from "../../../shared/words/quantityWords";

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
            <th scope="col">spread, of</th>
            {other && <th scope="col">{`${other.name}, ${day(other.startedAt)}`}</th>}
          </tr>
        </thead>
        <tbody>
          {entry.made.map((made) => {
            const alike = other?.made.find((one) => one.quantity === made.quantity);
            return (
              <tr key={`${made.quantity} ${made.planned}`}>
                <th scope="row">{measuredWords(made.quantity)}</th>
                <td className="figures">{made.planned === null ? "–" : told(made, made.planned, units)}</td>
                <td className="figures font-bold">{told(made, made.spread.mean, units)}</td>
                <td className="figures">
                  {made.values.length > 1
                    ? told(made, made.spread.standardDeviation, units, DECIMALS + 1)
                    : "–"}
                  , {made.values.length}
                </td>
                {other && <td className="figures">{alike ? told(alike, alike.spread.mean, units) : "–"}</td>}
              </tr>
            );
          })}
        </tbody>
      </table>
      {entry.made.map((made) => (
        <Dots key={`${made.quantity} ${made.planned}`} made={made} units={units} />
      ))}
    </section>
  );
}

const told = (made: Made, value: number, units: Units, decimals = DECIMALS) =>
  countsOnly(made.quantity) ? plain(value, 1) : size(value, units, decimals).value;

function Dots({ made, units }: { made: Made; units: Units }) {
  return made.planned !== null && made.expected && made.values.length > 1 ? (
    <DotRow
      values={made.values}
      low={made.planned + made.expected.centreMm - made.expected.halfWidthMm}
      high={made.planned + made.expected.centreMm + made.expected.halfWidthMm}
      target={made.planned}
      units={units}
    />
  ) : null;
}
