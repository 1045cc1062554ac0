import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { useJobs, usePreferences, useRingTable } from "../../api/queries";
import type { TableCell, TableRow } from "../../api/types";
import { toneOf } from "../../drawing/metals";
import { mass, plain, size } from "../../quantity/format";
import { editorOf } from "../../shared/kernel/useEditor";
import { cutWord } from "../../shared/words/words";
import { Sideways } from "../../shared/shell/Sideways";

/** Every wire on every rod: which ring, which aspect ratio, what it is good for, how many the spool gives. */
export function ShelfTable() {
  const { id } = useParams();
  const job = useJobs().data?.find((kept) => kept.id === id);
  const table = useRingTable(job?.data.cut ?? { method: "none", kerfMm: null, trimMm: null, flipped: null });
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [weave, setWeave] = useState("");
  const navigate = useNavigate();
  if (!job || !table.data) {
    return null;
  }
  const rows = table.data;
  const weaves = [...new Set(rows.flatMap((row) => row.cells.flatMap((cell) => cell.weaves)))].sort();
  const take = (row: TableRow, cell: TableCell) => {
    editorOf("jobs/ring", job).change(
      {
        spoolId: row.spoolId,
        metal: row.metal,
        wireDiameterMm: row.wireDiameterMm,
        convention: "MANDREL",
        aimValue: cell.mandrelDiameterMm,
      },
      "wire and rod",
    );
    void navigate(`/rings/${job.id}`);
  };
  return (
    <div className="place" style={{ maxWidth: "none" }}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">All wires on all rods</h1>
        <Link to={`/rings/${job.id}`} className="quiet">
          back to {job.data.name}
        </Link>
      </div>
      <p className="sentence mt-1">
        The big figure is the true aspect ratio of the closed ring, {cutWord(job.data.cut)}. Show what suits
        <select
          className="word-select"
          aria-label="Weave"
          value={weave}
          onChange={(event) => setWeave(event.target.value)}
        >
          <option value="">any weave</option>
          {weaves.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </p>
      {rows.length === 0 || rows[0]!.cells.length === 0 ? (
        <p className="mt-6">
          The table needs at least one spool and one rod. <Link to="/stock">Add them in Stock, tools.</Link>
        </p>
      ) : (
        <Table {...{ rows, weave, units }} onTake={take} />
      )}
    </div>
  );
}

interface Shown {
  weave: string;
  units: "MILLIMETRES" | "INCHES";
  onTake: (row: TableRow, cell: TableCell) => void;
}

function Table({ rows, weave, units, onTake }: Shown & { rows: TableRow[] }) {
  return (
    <Sideways name="Rings of every wire on every rod" className="mt-4">
      <table className="ruled" style={{ minWidth: rows[0]!.cells.length * 60 + 190 }}>
        <thead>
          <tr>
            <th scope="col">wire</th>
            {rows[0]!.cells.map((cell) => (
              <th key={cell.mandrelId} scope="col" className="right">
                {plain(cell.mandrelDiameterMm)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Row key={row.spoolId} {...{ row, weave, units, onTake }} />
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}

function Row({ row, weave, units, onTake }: Shown & { row: TableRow }) {
  return (
    <tr>
      <th scope="row" style={{ minWidth: 170 }}>
        <span className="flex items-center gap-2" style={{ color: "var(--ink)" }}>
          <svg width="20" height="20" aria-hidden="true">
            <circle
              cx="10"
              cy="10"
              r={Math.max(3, row.wireDiameterMm * 4)}
              fill={toneOf(row.metal).body}
              stroke="var(--ink)"
            />
          </svg>
          <span>
            {row.name}
            <span className="tiny soft block">
              {row.measurements === 0 ? "by the handbook" : `${row.measurements} measured`}
            </span>
          </span>
        </span>
      </th>
      {row.cells.map((cell) => (
        <Cell key={cell.mandrelId} row={row} cell={cell} weave={weave} units={units} onTake={onTake} />
      ))}
    </tr>
  );
}

function Cell(props: {
  row: TableRow;
  cell: TableCell;
  weave: string;
  units: "MILLIMETRES" | "INCHES";
  onTake: (row: TableRow, cell: TableCell) => void;
}) {
  const { row, cell, weave, units, onTake } = props;
  if (cell.aspectRatio === null || cell.closedInnerMm === null) {
    return (
      <td className="right tiny soft" title="The wire only flexes on this rod">
        springs straight
      </td>
    );
  }
  const suits = weave === "" ? cell.weaves.length > 0 : cell.weaves.includes(weave);
  const words = `${row.name} on ${plain(cell.mandrelDiameterMm)}: aspect ratio ${plain(cell.aspectRatio)}, ${plain(cell.closedInnerMm)} mm inside${
    cell.massPerRingG === null ? "" : `, ${mass(cell.massPerRingG)} each`
  }${cell.ringsPossible === null ? "" : `, ${cell.ringsPossible} rings on the spool`}${cell.weaves.length > 0 ? `; usual for ${cell.weaves.join(", ")}` : ""}`;
  return (
    <td className="right">
      <button
        className="w-full min-h-[52px] cursor-pointer text-right"
        title={words}
        aria-label={words}
        onClick={() => onTake(row, cell)}
      >
        <span
          className={`figures block text-lg leading-tight ${suits ? "font-extrabold mark" : "font-medium soft"}`}
        >
          {cell.aspectRatio.toFixed(1)}
        </span>
        <span className="tiny soft block leading-tight">{size(cell.closedInnerMm, units).value}</span>
      </button>
    </td>
  );
}
