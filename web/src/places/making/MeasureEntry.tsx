import { useState } from "react";
import { Problem } from "../../api/client";
import { useMeasurementsOfRun, usePreferences, useSpringback } from "../../api/queries";
import type { Kept, MeasurementData, RingStep, RunData } from "../../api/types";
import { band, many, size } from "../../quantity/format";
import { bareLengthMm } from "../../quantity/inches";
import { takeReading } from "../../shared/readings";
import { rememberMeasurement } from "../notebook/leaving";
import { DotRow } from "../../shared/DotRow";
import { ONLY_THE_SERVER_READS_THIS, readLength } from "./readLength";

type Side = "INNER" | "OUTER";

interface Props {
  run: Kept<RunData>;
  step: RingStep;
  index: number;
}

/** Type a number, Enter, next: a caliper that types like a keyboard works as it is. */
export function MeasureEntry({ run, step, index }: Props) {
  const rings = step.kind === "MEASURE_RINGS";
  const sideKey = `toroid:side:${rings ? "ring" : "coil"}`;
  const [side, setSide] = useState<Side>(
    (localStorage.getItem(sideKey) as Side | null) ?? (rings ? "INNER" : "OUTER"),
  );
  const [text, setText] = useState("");
  const [refusal, setRefusal] = useState<string | null>(null);
  const choices = usePreferences().data?.data;
  const taken = useMeasurementsOfRun(run.id).data ?? [];
  const here = taken.filter((kept) => kept.data.step === index && !kept.deleted);

  const take = async () => {
    const typed = text.trim();
    if (!typed) {
      return;
    }
    try {
      const valueMm =
        bareLengthMm(typed, choices?.units ?? "MILLIMETRES") ?? (await readLength(typed, choices?.bareGauge));
      const taken = await takeReading("measurements", measurement(run, index, rings, side, valueMm));
      if (!taken.waits) {
        rememberMeasurement(`measurement ${typed}`, taken.id);
      }
      setText("");
      setRefusal(null);
    } catch (failure) {
      setRefusal(failure instanceof Problem ? failure.body.detail : ONLY_THE_SERVER_READS_THIS);
    }
  };

  return (
    <>
      <form
        className="measure-entry"
        onSubmit={(event) => {
          event.preventDefault();
          void take();
        }}
      >
        <label className="sr-only" htmlFor="measured">
          Measured {side === "INNER" ? "inside" : "outside"}
        </label>
        <input
          id="measured"
          type="text"
          inputMode="decimal"
          autoComplete="off"
          value={text}
          placeholder="0.00"
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === "Escape" && event.currentTarget.blur()}
        />
        <span className="segmented text-lg" role="radiogroup" aria-label="Measured across">
          {(["INNER", "OUTER"] as const).map((value) => (
            <label key={value}>
              <input
                type="radio"
                name="side"
                checked={side === value}
                onChange={() => {
                  setSide(value);
                  localStorage.setItem(sideKey, value);
                }}
              />
              {value === "INNER" ? "inside" : "outside"}
            </label>
          ))}
        </span>
        <button className="action">Note it</button>
      </form>
      {refusal && (
        <p className="stop mt-2 text-lg" role="alert">
          {refusal}
        </p>
      )}
      <Learnt run={run.data} here={here} step={step} />
    </>
  );
}

function measurement(
  run: Kept<RunData>,
  step: number,
  rings: boolean,
  side: Side,
  valueMm: number,
): MeasurementData {
  const { sizes, job, steps } = run.data.plan;
  const predictedMm = rings
    ? side === "INNER"
      ? sizes.closedInnerMm
      : sizes.closedOuterMm
    : side === "INNER"
      ? sizes.sprungInnerMm
      : steps[step]!.target;
  return {
    spoolId: job.spoolId,
    runId: run.id,
    step,
    measured: `${rings ? "RING" : "COIL"}_${side}`,
    valueMm,
    wireDiameterMm: sizes.wireDiameterMm,
    mandrelDiameterMm: sizes.mandrelDiameterMm,
    cut: job.cut,
    turnsPerRing: job.turnsPerRing,
    predictedMm,
    takenAt: new Date().toISOString(),
    note: "",
  };
}

/** What was measured here, and what the wire has taught by it. */
function Learnt({ run, here, step }: { run: RunData; here: Kept<MeasurementData>[]; step: RingStep }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const spring = useSpringback(run.plan.job.spoolId).data;
  const readings = new Set(here.map((kept) => kept.id));
  const rod = spring?.rods.find(
    (r) => Math.abs(r.mandrelDiameterMm - run.plan.sizes.mandrelDiameterMm) < 1e-6,
  );
  if (here.length === 0) {
    return null;
  }
  return (
    <div className="mt-4">
      <DotRow
        values={here.map((kept) => kept.data.valueMm)}
        low={step.low}
        high={step.high}
        target={here[0]!.data.predictedMm ?? step.target}
        units={units}
      />
      <p className="mt-1 text-lg" data-testid="learnt">
        {many(readings.size, "measurement")}.
        {rod?.fittedMm != null && rod.lowMm != null && rod.highMm != null && (
          <>
            {" "}
            On this rod the spool now promises <strong>{size(rod.fittedMm, units).value}</strong>{" "}
            {band(rod.lowMm, rod.highMm, units)} inside, sprung
            {rod.handbookMm != null && (
              <span className="soft"> (handbook {size(rod.handbookMm, units).value})</span>
            )}
            .
          </>
        )}
      </p>
    </div>
  );
}
