import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { call } from "../../api/client";
import { usePreferences, useRingTable, useWeaves } from "../../api/queries";
import type { TableCell, TableRow, Tightness, WeaveShelf } from "../../api/types";
import { openRing } from "../../drawing/ring";
import { plain, size } from "../../quantity/format";
import { usualCut } from "../../shared/kernel/newJob";
import { keepChoice } from "./useWeave";
import { TIGHTNESS } from "./weaveWords";
import { Sideways } from "../../shared/shell/Sideways";

const NO_CUT = { method: "none", kerfMm: null, trimMm: null, flipped: null } as const;

/** Every weave in the ring each rod gives: which drapes, which is tight, which will not close. */
export function ShelfPlace() {
  const choices = usePreferences().data?.data;
  const table = useRingTable(choices ? usualCut(choices) : NO_CUT).data;
  const [spool, setSpool] = useState<string | null>(null);
  const row = table?.find((one) => one.spoolId === spool) ?? table?.[0];
  if (!table) {
    return null;
  }
  return (
    <div className="place" style={{ maxWidth: "none" }}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">Every weave, every rod</h1>
        <Link to="/weaves" className="quiet">
          back to the weaves
        </Link>
      </div>
      {!row || row.cells.length === 0 ? (
        <p className="mt-6">
          The table needs at least one spool and one rod. <Link to="/stock">Add them in Stock, tools.</Link>
        </p>
      ) : (
        <>
          <p className="sentence mt-1">
            Rings of
            <select
              className="word-select"
              aria-label="Wire"
              value={row.spoolId}
              onChange={(event) => setSpool(event.target.value)}
            >
              {table.map((one) => (
                <option key={one.spoolId} value={one.spoolId}>
                  {one.name}
                </option>
              ))}
            </select>
            closed, as they come off each rod.
          </p>
          <Matrix key={row.spoolId} row={row} />
        </>
      )}
    </div>
  );
}

/** How every weave sits in the ring of each rod, rod by rod; nothing until the server has answered. */
function useShelf(wireDiameterMm: number, rods: TableCell[]) {
  const rings = rods.map((cell) => ({ wireDiameterMm, innerDiameterMm: [cell.closedInnerMm!] }));
  return useQuery({
    queryKey: ["weave-shelf", rings],
    queryFn: ({ signal }) => call<WeaveShelf[]>("POST", "/api/weaves/shelf", { rings }, signal),
    enabled: rings.length > 0,
    retryDelay: 1500,
  }).data;
}

function Matrix({ row }: { row: TableRow }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const weaves = useWeaves().data ?? [];
  const navigate = useNavigate();
  const rods = row.cells.filter((cell) => cell.closedInnerMm !== null);
  const shelf = useShelf(row.wireDiameterMm, rods);
  const take = (weave: string, cell: TableCell) => {
    keepChoice({
      weave,
      spoolId: row.spoolId,
      metal: row.metal,
      wireMm: row.wireDiameterMm,
      innerMm: [Number(cell.closedInnerMm!.toFixed(2))],
    });
    void navigate("/weaves");
  };
  return (
    <>
      <Sideways name="What weaves on the rods" className="mt-4">
        <table className="ruled shelf" style={{ minWidth: rods.length * 56 + 200 }}>
          <thead>
            <tr>
              <th scope="col">rod</th>
              {rods.map((cell) => (
                <th key={cell.mandrelId} scope="col">
                  <strong className="figures">{plain(cell.mandrelDiameterMm)}</strong>
                  <span className="tiny soft block">{size(cell.closedInnerMm!, units).value} inside</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {weaves.map((weave) => (
              <tr key={weave.id}>
                <th scope="row">{weave.name}</th>
                {rods.map((cell, at) => (
                  <Cell
                    key={cell.mandrelId}
                    name={`${weave.name} on ${plain(cell.mandrelDiameterMm)}`}
                    told={shelf?.[at]?.weaves.find((one) => one.weaveId === weave.id)}
                    onTake={() => take(weave.id, cell)}
                  />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <p className="small soft mt-3">
        Where a weave mixes sizes, this is its first; the others in their usual proportion.
      </p>
      <Key />
    </>
  );
}

interface CellProps {
  name: string;
  /** How it sits; nothing until the server has answered. */
  told: WeaveShelf["weaves"][number] | undefined;
  onTake: () => void;
}

function Cell({ name, told, onTake }: CellProps) {
  return (
    <td>
      {told && (
        <button
          aria-label={`${name}: ${TIGHTNESS[told.tightness]}`}
          title={`${TIGHTNESS[told.tightness]}, play ${plain(told.playPercent, 0)} %`}
          onClick={onTake}
        >
          <Sign tightness={told.tightness} />
        </button>
      )}
    </td>
  );
}

function Key() {
  return (
    <p className="shelf-key small">
      {(Object.keys(TIGHTNESS) as Tightness[]).map((one) => (
        <span key={one}>
          <Sign tightness={one} /> {TIGHTNESS[one]}
        </span>
      ))}
    </p>
  );
}

/** A ring filled by its wire: full and tight, open and loose. */
function Sign({ tightness }: { tightness: Tightness }) {
  if (tightness === "WILL_NOT_CLOSE") {
    return (
      <svg width="26" height="26" aria-hidden="true">
        <path
          d={openRing(13, 13, 6, 110)}
          fill="none"
          stroke="var(--soft)"
          strokeWidth="1.4"
          opacity="0.55"
        />
      </svg>
    );
  }
  const width = { ON_THE_EDGE: 7, TIGHT: 5.2, USUAL: 3.6, LOOSE: 2, FLOPPY: 1 }[tightness];
  return (
    <svg width="26" height="26" aria-hidden="true">
      <circle
        cx="13"
        cy="13"
        r={11 - width / 2}
        fill="none"
        stroke={tightness === "USUAL" ? "var(--mark)" : "var(--ink)"}
        strokeWidth={width}
      />
    </svg>
  );
}
