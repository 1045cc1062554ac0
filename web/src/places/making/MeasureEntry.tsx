import { useState } from "react";
import { call, Problem } from "../../api/client";
import { changed, useMeasurementsOfRun, usePreferences, useSpringback } from "../../api/queries";
import type { Kept, LengthAnswer, MeasurementData, RingStep, RunData } from "../../api/types";
import { band, many, size } from "../../quantity/format";
import { Editor } from "../../shared/editor";
import { say } from "../../shared/says";
import { rememberMeasurement } from "../notebook/leaving";
import { DotRow } from "../../shared/DotRow";
import { newId } from "../../api/newId";

const MM_PER_INCH = 25.4;

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
      const valueMm = await read(typed, choices?.units === "INCHES", choices?.bareGauge);
      const id = newId();
      const data = measurement(run, index, rings, side, valueMm);
      await call<Kept<MeasurementData>>("PUT", `/api/measurements/${id}`, { version: null, data });
      changed("measurements", "springback", "notebook");
      rememberMeasurement(`measurement ${typed}`, id);
      setText("");
      setRefusal(null);
    } catch (failure) {
      if (failure instanceof Problem) {
        setRefusal(failure.body.detail);
      } else if (!Number.isFinite(bare(typed))) {
        setRefusal(
          "The server is not answering, and only it reads this. Type millimetres: they are kept here.",
        );
      } else {
        const inches = choices?.units === "INCHES" ? MM_PER_INCH : 1;
        const valueMm = bare(typed) * inches;
        new Editor("measurements", newId(), null, measurement(run, index, rings, side, valueMm));
        setText("");
        say("The server is not answering. The measurement is kept here and sent when it does.");
      }
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

function bare(typed: string): number {
  return Number(typed.replace(",", "."));
}

async function read(typed: string, inches: boolean, bareGauge: "AWG" | "SWG" | undefined): Promise<number> {
  const number = bare(typed);
  if (Number.isFinite(number) && !inches) {
    return number;
  }
  const text = Number.isFinite(number) ? `${number} in` : typed;
  return (await call<LengthAnswer>("POST", "/api/quantity/length", { text, bareGauge })).millimetres;
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
