import { useMetals } from "../../api/queries";
import type { PieceAnswer } from "../../api/types";
import { many, mass, minutesText, plain, sizeText, wireLength, type Units } from "../../quantity/format";
import { boughtWords, partAt } from "../../shared/words/pieceWords";

interface TableProps {
  piece: PieceAnswer;
  units: Units;
}

/** Rings to make, lengths to cut, what is bought. */
export function Takes({ piece, units }: TableProps) {
  return (
    <section className="piece-takes" aria-label="What it takes">
      {piece.rings.length > 0 && <RingsTable piece={piece} units={units} />}
      {piece.cutList.length > 0 && <CutTable piece={piece} units={units} />}
      {piece.bought.length > 0 && (
        <ul className="piece-bought">
          {piece.bought.map((one, i) => (
            <li key={i}>{boughtWords(one, units)}</li>
          ))}
        </ul>
      )}
      <p className="figure-line">
        <span className="figure-name">weighs{piece.pair && ", each"}</span>
        <span className="figure-value">{mass(piece.weightG)}</span>
      </p>
      <p className="figure-line">
        <span className="figure-name">
          at the bench{piece.pair && ", both"}
          <small>
            {" "}
            {piece.timings === 0
              ? "a guess: half or twice as long, as hands go"
              : `within ${plain(piece.minutesWithin, 1)} times, by ${many(piece.timings, "timed copy", "timed copies")} of yours`}
          </small>
        </span>
        <span className="figure-value">{minutesText(piece.minutes)}</span>
      </p>
      {piece.weakest && (
        <p className="figure-line">
          <span className="figure-name">
            {partAt(piece, piece.weakest.part)} gives first
            <small>
              {" "}
              {piece.weakest.staysOpenN >= piece.weakest.wantedN
                ? `${piece.weakest.wantedN} N is enough`
                : `${piece.weakest.wantedN} N is wanted: solder such, or take thicker wire`}
            </small>
          </span>
          <span className="figure-value">{piece.weakest.staysOpenN.toFixed(1)} N</span>
        </p>
      )}
      {piece.wires
        .filter((wire) => wire.lengthMm > 0)
        .map((wire) => (
          <WireLine key={`${wire.metal} ${wire.diameterMm}`} wire={wire} units={units} pair={piece.pair} />
        ))}
    </section>
  );
}

/** A wire it takes in all, and whether the shelf has it. */
function WireLine({
  wire,
  units,
  pair,
}: {
  wire: PieceAnswer["wires"][number];
  units: Units;
  pair: boolean;
}) {
  const named = useMetals().data?.find((metal) => metal.id === wire.metal)?.name;
  return (
    <p className="figure-line">
      <span className="figure-name">
        {sizeText(wire.diameterMm, units)} {named ?? wire.metal} in all{pair && ", both"}
        <small className={wire.lacksMm ? "care" : undefined}> {shelfWords(wire, units)}</small>
      </span>
      <span className="figure-value">{wireLength(wire.lengthMm, units)}</span>
    </p>
  );
}

function shelfWords(wire: PieceAnswer["wires"][number], units: Units): string {
  if (wire.spools === 0) {
    return "none on the shelf";
  }
  if (wire.lacksMm === null) {
    return "on the shelf, length not known";
  }
  return wire.lacksMm > 0 ? `the shelf lacks ${wireLength(wire.lacksMm, units)}` : "on the shelf";
}

function RingsTable({ piece, units }: TableProps) {
  return (
    <table>
      <caption>rings{piece.pair && ", for both"}</caption>
      <tbody>
        {piece.rings.map((ring) => (
          <tr
            key={`${ring.wireDiameterMm}/${ring.innerDiameterMm}/${ring.turns}/${ring.soldered}/${ring.hammeredMm}/${ring.beadMm}`}
          >
            <th scope="row" className="figures">
              {ring.count}
              {ring.spare > 0 && <small> + {ring.spare}</small>}
            </th>
            <td>
              {sizeText(ring.innerDiameterMm, units)} inside, {sizeText(ring.wireDiameterMm, units)} wire
              {ring.turns > 1 && `, ${ring.turns} turns`}
              {ring.beadMm && `, a bead of ${sizeText(ring.beadMm, units, 1)} on it`}
              {ring.hammeredMm && `, hammered to ${sizeText(ring.hammeredMm, units)}`}
              <span className="soft">
                {" "}
                {closing(ring)}
                {ring.ready && ", on the shelf"}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function CutTable({ piece, units }: TableProps) {
  return (
    <table data-testid="cut-list">
      <caption>wire to cut{piece.pair && ", for both"}</caption>
      <tbody>
        {piece.cutList.map((cut, i) => (
          <tr key={i}>
            <th scope="row" className="figures">
              {cut.count} × {sizeText(cut.lengthMm, units, 1)}
            </th>
            <td>
              {sizeText(cut.diameterMm, units)} wire <span className="soft">{cut.form}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function closing(ring: PieceAnswer["rings"][number]): string {
  if (ring.soldered) {
    return "soldered first";
  }
  if (ring.turns > 1) {
    return "their turns pressed together";
  }
  return ring.preClosed === 0
    ? "all opened"
    : ring.preClosed === ring.count
      ? "closed first"
      : `${ring.preClosed} closed first, ${ring.count - ring.preClosed} opened`;
}
