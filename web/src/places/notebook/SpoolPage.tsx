import { useState } from "react";
import { Link, useParams } from "react-router";
import { useMandrels, usePreferences, useSpools, useSpringback } from "../../api/queries";
import type { Kept, SpoolData, SpringbackView } from "../../api/types";
import { day, many, plain, size, sizeText, type Units } from "../../quantity/format";
import { Lost } from "../../shared/shell/Lost";
import { say } from "../../shared/kernel/says";
import { rememberMeasurement, setLeftOut } from "../../shared/kernel/leaving";
import { Moves } from "./Moves";
import { SpringbackChart } from "./SpringbackChart";
import { NOT_TAKEN, takeReading } from "../../shared/kernel/readings";
import { typedLength } from "../../shared/kernel/typedLength";
import { useMeasured } from "../../shared/kernel/useMeasured";

/** One spool: theory against own measurement, rod by rod. */
export function SpoolPage() {
  const { id } = useParams();
  const spools = useSpools().data;
  const spring = useSpringback(id ?? null).data;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const spool = spools?.find((kept) => kept.id === id);
  if (!spools) {
    return null;
  }
  if (!spool) {
    return <Lost />;
  }
  return (
    <div className="place">
      <Link to="/notebook" className="quiet small">
        notebook
      </Link>
      <h1 className="place-title">{spool.data.name}</h1>
      {spring && (
        <>
          <Summary view={spring} />
          <SpringbackChart view={spring} units={units} />
          <OneMore spool={spool} units={units} />
          <Readings view={spring} units={units} />
          <Moves spoolId={spool.id} units={units} />
        </>
      )}
    </div>
  );
}

function Summary({ view }: { view: SpringbackView }) {
  const { handbook, fitted } = view;
  return (
    <p className="mt-2 max-w-prose text-lg">
      {fitted ? (
        <>
          {many(fitted.measurements, "measurement")} moved its flow stress at a ring's strain to{" "}
          <strong className="figures">
            {plain(fitted.flowStressMpa, 0)} ± {plain(2 * fitted.standardErrorMpa, 0)} MPa
          </strong>
          ; the handbook says {plain(handbook.flowStressMpa, 0)}. One coil scatters by{" "}
          {fitted.scatterMm.toFixed(3)} mm.
        </>
      ) : (
        <>
          Nothing measured yet; the handbook's {plain(handbook.flowStressMpa, 0)} MPa stands in. Wind a few
          turns on any rod and measure them.
        </>
      )}
    </p>
  );
}

/** A coil measured outside any run. */
function OneMore({ spool, units }: { spool: Kept<SpoolData>; units: Units }) {
  const choices = usePreferences().data?.data;
  const mandrels = useMandrels().data ?? [];
  const [rod, setRod] = useState("");
  const chosen = mandrels.find((kept) => kept.id === rod) ?? mandrels[0];
  const { text, setText, refusal, onSubmit } = useMeasured(async (typed) => {
    const taken = await takeReading({
      quantity: "COIL_INNER",
      value: await typedLength(typed, choices),
      lotId: spool.id,
      context: { rodMm: chosen!.data.diameterMm },
    });
    if (!taken.waits) {
      rememberMeasurement(`measurement ${typed}`, taken.id);
    }
  }, NOT_TAKEN);
  if (!chosen) {
    return <p className="soft mt-5">Add a rod in Stock, tools: then a coil wound on it can be noted here.</p>;
  }
  return (
    <form className="sentence mt-5 text-lg" onSubmit={onSubmit}>
      <span>A coil on the</span>
      <select
        className="word-select"
        aria-label="Rod"
        value={chosen.id}
        onChange={(event) => setRod(event.target.value)}
      >
        {mandrels.map((kept) => (
          <option key={kept.id} value={kept.id}>
            {kept.data.name}
          </option>
        ))}
      </select>
      <label htmlFor="one-more">measured inside</label>
      <input
        id="one-more"
        className="plain-input w-20 text-right figures font-bold"
        inputMode="decimal"
        autoComplete="off"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <span>{units === "INCHES" ? "in." : "mm."}</span>
      <button className="quiet">Note it</button>
      {refusal && (
        <span className="stop basis-full" role="alert">
          {refusal}
        </span>
      )}
    </form>
  );
}

function Readings({ view, units }: { view: SpringbackView; units: Units }) {
  if (view.readings.length === 0) {
    return null;
  }
  const toggle = async (id: string, version: number, leave: boolean) => {
    try {
      await setLeftOut(id, version, leave);
    } catch {
      say("The server did not answer; nothing was changed.");
    }
  };
  return (
    <table className="ruled mt-6 max-w-3xl">
      <thead>
        <tr>
          <th scope="col">taken</th>
          <th scope="col">rod</th>
          <th scope="col">inside, sprung</th>
          <th scope="col">off the fit</th>
          <th scope="col">handbook</th>
          <th scope="col">
            <span className="sr-only">In the fit</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {[...view.readings].reverse().map((reading) => (
          <tr key={reading.id} className={reading.leftOut ? "soft line-through" : ""}>
            <td>{day(reading.takenAt)}</td>
            <td>{plain(reading.mandrelDiameterMm)}</td>
            <td className="figures font-bold">{sizeText(reading.sprungInnerMm, units)}</td>
            <td>
              {reading.residualMm === null
                ? ""
                : `${reading.residualMm < 0 ? "−" : "+"}${Math.abs(reading.residualMm).toFixed(3)}`}
            </td>
            <td>
              {reading.handbookMm === null ? "springs straight" : size(reading.handbookMm, units).value}
            </td>
            <td className="text-right">
              <button
                className="quiet small"
                onClick={() => void toggle(reading.id, reading.version, !reading.leftOut)}
              >
                {reading.leftOut ? "count it again" : "leave it out"}
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
