import { useState } from "react";
import { Problem } from "../../api/client";
import { useFormMeasurements, useLearnt, usePreferences } from "../../api/queries";
import type { FormMeasured, FormMeasurementData, FormRunData, FormStep, Kept } from "../../api/types";
import { many, size } from "../../quantity/format";
import { DotRow } from "../../shared/DotRow";
import { expectedWords } from "../../shared/formWords";
import { takeReading } from "../../shared/readings";
import { bareLengthMm } from "../../quantity/inches";
import { ONLY_THE_SERVER_READS_THIS, readLength } from "./readLength";

const WORDS: Record<FormMeasured, string> = {
  CUT_LENGTH: "really cut",
  LOOP_INSIDE: "loop, inside",
  WRAPS: "wraps",
  OFFCUT: "offcut",
  MINUTES: "minutes",
  FINISHED: "finished, long",
  SHORT: "did not reach, short by",
  FLAT_WIDE: "flat, wide",
};

/** What can be measured at a step. */
export function measuredIn(step: FormStep, plan: FormRunData["plan"]): FormMeasured[] {
  if (step.kind === "TRIM" && step.wire === "core" && plan.finished) {
    return ["FINISHED", "OFFCUT", "SHORT", "MINUTES"];
  }
  switch (step.kind) {
    case "CUT":
      return ["CUT_LENGTH"];
    case "LOOP":
    case "FORM":
      return step.insideMm !== null ? ["LOOP_INSIDE"] : [];
    case "WRAP":
      return ["WRAPS"];
    case "HAMMER":
      return step.flat ? ["FLAT_WIDE"] : [];
    case "TRIM":
      return ["OFFCUT", "SHORT", "MINUTES"];
    default:
      return [];
  }
}

/** Type a number, Enter, next: a caliper that types like a keyboard works as it is. */
export function FormEntry({ run, step }: { run: Kept<FormRunData>; step: FormStep }) {
  const kinds = measuredIn(step, run.data.plan);
  const [chosen, setChosen] = useState<FormMeasured>(kinds[0]!);
  const kind = kinds.includes(chosen) ? chosen : kinds[0]!;
  const [text, setText] = useState("");
  const [refusal, setRefusal] = useState<string | null>(null);
  const choices = usePreferences().data?.data;
  const units = choices?.units ?? "MILLIMETRES";
  const here = (useFormMeasurements(run.id).data ?? []).filter(
    (kept) =>
      !kept.deleted &&
      kept.data.measured === kind &&
      (kind !== "LOOP_INSIDE" || Math.abs((kept.data.predicted ?? 0) - (step.insideMm ?? 0)) < 0.005),
  );
  const learnt = useLearnt(run.data.plan.job.formId).data;
  const expected = kind === "LOOP_INSIDE" ? learnt?.loops : kind === "CUT_LENGTH" ? learnt?.cuts : undefined;
  const planned = plannedValue(run.data, step, kind);
  const take = async () => {
    const typed = text.trim();
    if (!typed) {
      return;
    }
    try {
      const value =
        bareLengthMm(typed, counted(kind) ? "MILLIMETRES" : units) ??
        (await readLength(typed, choices?.bareGauge));
      await takeReading("form-measurements", measurement(run, step, kind, value));
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
          Measured, {WORDS[kind]}
        </label>
        <input
          id="measured"
          type="text"
          inputMode="decimal"
          autoComplete="off"
          value={text}
          placeholder={counted(kind) ? "0" : "0.0"}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === "Escape" && event.currentTarget.blur()}
        />
        {kinds.length > 1 ? (
          <span className="segmented text-lg" role="radiogroup" aria-label="What was measured">
            {kinds.map((one) => (
              <label key={one}>
                <input type="radio" name="kind" checked={kind === one} onChange={() => setChosen(one)} />
                {WORDS[one]}
              </label>
            ))}
          </span>
        ) : (
          <span className="text-lg">{WORDS[kind]}</span>
        )}
        <button className="action">Note it</button>
      </form>
      {refusal && (
        <p className="stop mt-2 text-lg" role="alert">
          {refusal}
        </p>
      )}
      {here.length > 0 && planned !== null && expected && (
        <div className="mt-3" data-testid="noted">
          <DotRow
            values={here.map((kept) => kept.data.value)}
            low={planned + expected.centreMm - expected.halfWidthMm}
            high={planned + expected.centreMm + expected.halfWidthMm}
            target={planned}
            units={units}
          />
          <p className="text-lg">
            {many(here.length, "measurement")}, the last {size(here.at(-1)!.data.value, units).value}; planned{" "}
            {size(planned, units).value}, {expectedWords(expected)}.
          </p>
        </div>
      )}
      {here.length > 0 && !expected && (
        <p className="mt-3 text-lg" data-testid="noted">
          {many(here.length, "measurement")}, the last{" "}
          {counted(kind) ? here.at(-1)!.data.value : size(here.at(-1)!.data.value, units).value}
          {planned !== null && !counted(kind) && `; planned ${size(planned, units).value}`}.
        </p>
      )}
    </>
  );
}

const counted = (kind: FormMeasured) => kind === "WRAPS" || kind === "MINUTES";

function cutOf(run: FormRunData, step: FormStep) {
  return run.plan.wires.find((wire) => wire.name === step.wire) ?? run.plan.wires[0]!;
}

/** What was planned for it, as shown. */
function plannedValue(run: FormRunData, step: FormStep, kind: FormMeasured): number | null {
  const cut = cutOf(run, step);
  switch (kind) {
    case "CUT_LENGTH":
      return cut.lengthToCutMm;
    case "LOOP_INSIDE":
      return step.insideMm;
    case "WRAPS":
      return step.turns;
    case "OFFCUT":
    case "SHORT":
      return cut.lengthToCutMm - cut.lengthInPieceMm;
    case "FINISHED":
      return run.plan.finished?.plannedMm ?? null;
    case "FLAT_WIDE":
      return step.flat?.wideMm ?? null;
    case "MINUTES":
      return null;
  }
}

function measurement(
  run: Kept<FormRunData>,
  step: FormStep,
  kind: FormMeasured,
  value: number,
): FormMeasurementData {
  const { plan } = run.data;
  const cut = cutOf(run.data, step);
  const length = kind === "CUT_LENGTH";
  return {
    runId: run.id,
    sessionId: null,
    formId: plan.job.formId,
    spoolId: plan.job.spoolId,
    wireMm: cut.diameterMm,
    measured: kind,
    value,
    predicted: length
      ? cut.lengthInPieceMm
      : kind === "FINISHED"
        ? (plan.finished?.leastMm ?? null)
        : plannedValue(run.data, step, kind),
    tailMm:
      length || kind === "OFFCUT" || kind === "SHORT"
        ? cut.tailMm
        : kind === "FINISHED"
          ? (plan.finished?.plainMm ?? null)
          : kind === "FLAT_WIDE"
            ? (step.flat?.thickMm ?? null)
            : null,
    takenAt: new Date().toISOString(),
    note: "",
  };
}
