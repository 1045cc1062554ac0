import { Link } from "react-router";
import { useMetals } from "../../../api/queries";
import type { WeaveEntry } from "../../../api/types";
import { CountInput } from "../../../shared/shell/CountInput";
import { NumberInput } from "../../../shared/shell/NumberInput";
import { RingGiven } from "../../../shared/shell/RingGiven";
import { WireChoice } from "../../../shared/shell/WireChoice";
import { chosenWire, wireOf } from "../useWeave";
import { rowsOf, type MedallionChoice } from "./choice";
import { RowsInput } from "./RowsInput";

type Change = (patch: Partial<MedallionChoice>, tag: string) => void;
interface Part {
  choice: MedallionChoice;
  weave: WeaveEntry | undefined;
  change: Change;
}

const NTH = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"];

/** What is put together, as one sentence: arms, what holds them, what ties them, what it hangs from. */
export function MedallionSentence({ weaves, ...part }: Part & { weaves: WeaveEntry[] }) {
  const { choice, change } = part;
  return (
    <>
      <div className="flex items-baseline gap-6">
        <h1 className="place-title">Cross, star, medallion</h1>
        <Link to="/weaves" className="quiet">
          back to the weaves
        </Link>
      </div>
      <p className="sentence mt-1">
        <Arms {...part} weaves={weaves} />
        <span>in</span>
        <WireChoice
          wire={wireOf(choice)}
          asksThickness
          change={(patch, tag) => change(chosenWire(patch), tag)}
        />
        <span className="comma">, rings</span>
        <RingGiven
          label="Small rings, inside"
          wire={{ spoolId: choice.spoolId, metal: choice.metal, wireDiameterMm: choice.wireMm }}
          value={choice.innerMm}
          after=","
          onChange={(innerMm) => change({ innerMm }, "small rings")}
        />
        <Hubs {...part} />
        <Binding {...part} />
        <Colouring {...part} />
      </p>
    </>
  );
}

function Arms({ choice, weave, weaves, change }: Part & { weaves: WeaveEntry[] }) {
  const sheet = weave?.kind === "SHEET";
  return (
    <>
      <CountInput label="Arms" value={choice.arms} least={3} onChange={(arms) => change({ arms }, "arms")} />
      <span>arms of</span>
      {sheet ? (
        <>
          <span>rows</span>
          <RowsInput
            label="Rings in each row of an arm"
            value={choice.rowCounts}
            onChange={(rowCounts) => change({ rowCounts }, "rows")}
          />
        </>
      ) : (
        <>
          <CountInput
            label="Rows in an arm"
            value={choice.rows}
            onChange={(rows) => change({ rows }, "rows")}
          />
          <span>{choice.rows === 1 ? "row" : "rows"}</span>
        </>
      )}
      <span>of</span>
      <select
        className="word-select"
        aria-label="Weave of the arms"
        value={choice.weave}
        onChange={(event) => change({ weave: event.target.value }, "weave")}
      >
        {weaves.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      <span className="comma">, one longer by</span>
      {sheet ? (
        <RowsInput
          label="Rings in the rows the longer arm has more"
          value={choice.longerCounts}
          mayBeNone
          onChange={(longerCounts) => change({ longerCounts }, "longer")}
        />
      ) : (
        <>
          <CountInput
            label="Rows longer"
            value={choice.longerBy}
            least={0}
            onChange={(longerBy) => change({ longerBy }, "longer")}
          />
          <span>{choice.longerBy === 1 ? "row" : "rows"}</span>
        </>
      )}
    </>
  );
}

function Row({
  label,
  value,
  rows,
  onChange,
}: {
  label: string;
  value: number;
  rows: number;
  onChange: (row: number) => void;
}) {
  return (
    <select
      className="word-select"
      aria-label={label}
      value={value}
      onChange={(event) => onChange(Number(event.target.value))}
    >
      {Array.from({ length: Math.max(rows, value + 1) }, (_, row) => (
        <option key={row} value={row}>
          {NTH[row] ?? `${row + 1}th`}
        </option>
      ))}
    </select>
  );
}

function Hubs({ choice, weave, change }: Part) {
  return (
    <>
      <span>held at their</span>
      <Row
        label="Row the larger rings go through"
        value={choice.held}
        rows={rowsOf(choice, weave)}
        onChange={(held) => change({ held }, "held")}
      />
      <span>row by</span>
      <select
        className="word-select"
        aria-label="Larger rings"
        value={choice.hubs}
        onChange={(event) => change({ hubs: Number(event.target.value) }, "larger rings")}
      >
        <option value={1}>one larger ring</option>
        <option value={2}>two larger rings</option>
      </select>
      <span>of</span>
      <NumberInput
        label="Wire of the larger rings"
        value={choice.hubWireMm}
        minimum={0.2}
        onChange={(hubWireMm) => change({ hubWireMm }, "wire of the larger rings")}
      />
      <span>wire,</span>
      <select
        className="word-select"
        aria-label="Size of the larger rings"
        value={choice.hubInnerMm === null ? "usual" : "own"}
        onChange={(event) =>
          change({ hubInnerMm: event.target.value === "own" ? 10 : null }, "size of the larger rings")
        }
      >
        <option value="usual">the usual size;</option>
        <option value="own">of the size I have,</option>
      </select>
      {choice.hubInnerMm !== null && (
        <>
          <NumberInput
            label="Larger rings, inside"
            value={choice.hubInnerMm}
            minimum={0.5}
            onChange={(hubInnerMm) => change({ hubInnerMm }, "larger rings, inside")}
          />
          <span>inside;</span>
        </>
      )}
    </>
  );
}

function Binding({ choice, weave, change }: Part) {
  const tied = choice.tieRow === null ? "free" : choice.tieAll ? "all" : "nearest";
  return (
    <>
      <select
        className="word-select"
        aria-label="Ties"
        value={tied}
        onChange={(event) => {
          const to = event.target.value;
          change({ tieRow: to === "free" ? null : (choice.tieRow ?? 0), tieAll: to === "all" }, "ties");
        }}
      >
        <option value="nearest">tied by the nearest rings</option>
        <option value="all">tied by every ring</option>
        <option value="free">not tied,</option>
      </select>
      {choice.tieRow !== null && (
        <>
          <span>of the</span>
          <Row
            label="Row the ties go through"
            value={choice.tieRow}
            rows={rowsOf(choice, weave)}
            onChange={(tieRow) => change({ tieRow }, "tie row")}
          />
          <span>row,</span>
        </>
      )}
      <select
        className="word-select"
        aria-label="Bail"
        value={choice.bail ? "bail" : "none"}
        onChange={(event) => change({ bail: event.target.value === "bail" }, "bail")}
      >
        <option value="bail">with a bail on a short arm;</option>
        <option value="none">without a bail;</option>
      </select>
    </>
  );
}

function Colouring({ choice, change }: Part) {
  const metals = useMetals().data ?? [];
  const coat = choice.secondColour.startsWith("#");
  return (
    <>
      <select
        className="word-select"
        aria-label="Colours"
        value={choice.colours}
        onChange={(event) => change({ colours: event.target.value as MedallionChoice["colours"] }, "colours")}
      >
        <option value="PLAIN">all of one colour.</option>
        <option value="ROWS">every second row in</option>
        <option value="ARMS">every second arm in</option>
        <option value="BINDING">larger rings, ties and bail in</option>
      </select>
      {choice.colours !== "PLAIN" && (
        <>
          <select
            className="word-select"
            aria-label="Second colour"
            value={coat ? "#" : choice.secondColour}
            onChange={(event) =>
              change({ secondColour: event.target.value === "#" ? "#2f6f8f" : event.target.value }, "colour")
            }
          >
            {metals.map((metal) => (
              <option key={metal.id} value={metal.id}>
                {metal.name}
              </option>
            ))}
            <option value="#">a coat</option>
          </select>
          {coat && (
            <input
              type="color"
              aria-label="Coat of the second colour"
              value={choice.secondColour}
              onChange={(event) => change({ secondColour: event.target.value }, "coat")}
            />
          )}
        </>
      )}
    </>
  );
}
