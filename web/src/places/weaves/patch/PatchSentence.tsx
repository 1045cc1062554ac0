import { Link } from "react-router";
import type { Kept, PatchCount, PatchSpec, WeaveEntry, WeaveJobData } from "../../../api/types";
import type { Editor, SaveState } from "../../../shared/kernel/editor";
import { CountInput } from "../../../shared/shell/CountInput";
import { NumberInput } from "../../../shared/shell/NumberInput";
import { NameHead } from "../../../shared/shell/NameHead";
import { RingSizesGiven } from "../../../shared/shell/RingSizesGiven";
import { WireChoice } from "../../../shared/shell/WireChoice";
import { capital } from "../../../shared/words/lists";
import type { ChangeWeave } from "./change";

interface Props {
  editor: Editor<WeaveJobData>;
  kept: Kept<WeaveJobData>;
  data: WeaveJobData;
  state: SaveState<WeaveJobData>;
  weave: WeaveEntry;
  count: PatchCount | undefined;
  change: ChangeWeave;
}

const OUTLINES: Record<NonNullable<PatchSpec["outline"]>, string> = {
  EVEN: "all alike",
  GROWING: "each one ring more",
  DIAMOND: "growing, then shrinking",
};

/** The patch as one sentence: which weave, of which rings, how much of it. */
export function PatchSentence({ editor, data, state, weave, count, change }: Props) {
  const patch = (patch: Partial<PatchSpec>, tag: string) =>
    change({ patch: { ...data.patch, ...patch } }, tag);
  return (
    <div className="pr-4">
      <NameHead
        label="Name of the patch"
        name={data.name}
        onName={(name) => change({ name }, "name")}
        editor={editor}
        state={state}
        describe={(one) => one.name}
      >
        <Link className="quiet small whitespace-nowrap" to="/weaves">
          all weaves
        </Link>
      </NameHead>
      <p className="sentence">
        <span>{capital(weave.name)} in</span>
        <WireChoice
          wire={{ ...data, temper: null }}
          asksThickness
          change={(patch) =>
            change(
              {
                ...(patch.spoolId !== undefined && { spoolId: patch.spoolId }),
                ...(patch.metal !== undefined && recoloured(data, patch.metal)),
                ...(patch.wireDiameterMm !== undefined && { wireDiameterMm: patch.wireDiameterMm }),
              },
              "wire",
            )
          }
        />
        <RingSizesGiven
          sizes={weave.sizes}
          wire={data}
          inner={data.innerDiameterMm}
          after=","
          onChange={(innerDiameterMm, i) => change({ innerDiameterMm }, `inner ${i}`)}
        />
        {weave.kind === "SHEET" ? (
          <Rows spec={data.patch} count={count} patch={patch} />
        ) : weave.kind === "FINITE" ? (
          <span>whole.</span>
        ) : (
          <Length spec={data.patch} count={count} patch={patch} />
        )}
      </p>
    </div>
  );
}

/** Rings of another metal: the first colour of the palette goes with it. */
function recoloured(data: WeaveJobData, metal: string): Partial<WeaveJobData> {
  const palette = data.colours.palette.map((one, i) => (i === 0 && one === data.metal ? metal : one));
  return { metal, colours: { ...data.colours, palette } };
}

type Patch = (patch: Partial<PatchSpec>, tag: string) => void;

function Length({ spec, count, patch }: { spec: PatchSpec; count: PatchCount | undefined; patch: Patch }) {
  const byUnits = spec.units !== null;
  return (
    <>
      {byUnits ? (
        <NumberInput
          label="Units"
          kind="number"
          decimals={0}
          step={1}
          minimum={1}
          value={spec.units}
          onChange={(units) => patch({ units: Math.round(units) }, "units")}
        />
      ) : (
        <NumberInput
          label="Length"
          decimals={1}
          step={1}
          minimum={1}
          value={spec.lengthMm ?? 180}
          onChange={(lengthMm) => patch({ lengthMm }, "length")}
        />
      )}
      <select
        className="word-select"
        aria-label="How much"
        value={byUnits ? "units" : "length"}
        onChange={(event) =>
          event.target.value === "units"
            ? patch({ units: count?.units ?? 10, lengthMm: null }, "measure")
            : patch({ units: null, lengthMm: Math.round(count?.taut?.lengthMm ?? 180) }, "measure")
        }
      >
        <option value="length">long, taut.</option>
        <option value="units">units.</option>
      </select>
    </>
  );
}

interface RowsProps {
  spec: PatchSpec;
  count: PatchCount | undefined;
  patch: Patch;
}

function Rows({ spec, count, patch }: RowsProps) {
  if (spec.rowCounts && spec.rowCounts.length > 0) {
    return <RowByRow counts={spec.rowCounts} patch={patch} />;
  }
  return (
    <>
      <CountInput label="Rows" value={spec.rows ?? 1} onChange={(rows) => patch({ rows }, "rows")} />
      <span>rows of</span>
      <CountInput
        label="Rings in a row"
        value={spec.columns ?? 1}
        onChange={(columns) => patch({ columns, lengthMm: null }, "columns")}
      />
      <select
        className="word-select"
        aria-label="How rows follow each other"
        value={spec.outline ?? "EVEN"}
        onChange={(event) => {
          const to = event.target.value;
          if (to === "LIST") {
            patch({ rowCounts: count?.rowCounts ?? [3, 4, 5] }, "rows");
          } else {
            patch({ outline: to as PatchSpec["outline"] }, "outline");
          }
        }}
      >
        {Object.entries(OUTLINES).map(([id, word]) => (
          <option key={id} value={id}>
            {word}.
          </option>
        ))}
        <option value="LIST">row by row…</option>
      </select>
    </>
  );
}

/** Rows that differ; one press makes them all like the first. */
function RowByRow({ counts, patch }: { counts: readonly number[]; patch: Patch }) {
  const alike = { rowCounts: null, rows: counts.length, columns: counts[0]!, outline: "EVEN" as const };
  return (
    <>
      <span>rows of</span>
      <RowList counts={counts} onCounts={(rowCounts) => patch({ rowCounts }, "rows")} />
      <button className="quiet" onClick={() => patch(alike, "rows")}>
        all alike
      </button>
    </>
  );
}

/** Rings in each row, typed one after another. */
function RowList({ counts, onCounts }: { counts: readonly number[]; onCounts: (counts: number[]) => void }) {
  return (
    <input
      key={counts.join(" ")}
      className="plain-input"
      style={{ width: `${Math.max(8, counts.join(" ").length + 2)}ch` }}
      aria-label="Rings in each row"
      defaultValue={counts.join(" ")}
      onBlur={(event) => {
        const read = event.target.value
          .split(/[\s,;]+/)
          .filter((word) => word !== "")
          .map(Number);
        if (read.length > 0 && read.every((n) => Number.isInteger(n) && n > 0)) {
          onCounts(read);
        } else {
          event.target.value = counts.join(" ");
        }
      }}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
    />
  );
}
