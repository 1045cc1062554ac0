import { useState } from "react";
import { usePreferences, useReadings } from "../../api/queries";
import type { Kept, Measurable, Operation, Quantity, RunData } from "../../api/types";
import { plain } from "../../quantity/format";
import { bareLengthMm } from "../../quantity/inches";
import { rememberMeasurement } from "../../shared/kernel/leaving";
import { isLength, measuredWords } from "../../shared/words/quantityWords";
import { takeReading } from "../../shared/kernel/readings";
import { ONLY_THE_SERVER_READS_THIS, typedLength } from "../../shared/kernel/typedLength";
import type { InstrumentReading } from "../../shared/kernel/instruments";
import { useMeasured } from "../../shared/kernel/useMeasured";
import { copyInHand, lostAt } from "./astray";
import { Noted } from "./Noted";
import type { Place } from "./rhythm";

interface Props {
  run: Kept<RunData>;
  operation: Operation;
  place: Place;
}

/** What is typed there: time alone only of a form, whose copies are timed whole; else it is the watch's. */
export const measured = ({ detail, measurable }: Operation) =>
  detail.family === "forming" || measurable.some((one) => one.quantity !== "MINUTES") ? measurable : [];

/** Type a number, Enter, next: a caliper that types like a keyboard works as it is. */
export function MeasureEntry({ run, operation, place }: Props) {
  const [measurable, choose] = useChosen(operation);
  const here = (useReadings(run.id).data ?? [])
    .filter((kept) => !kept.deleted && kept.data.operation === operation.id)
    .filter((kept) => kept.data.quantity === measurable.quantity)
    .map((kept) => kept.data.value);
  const take = useTaking({ run, operation, place }, measurable);
  const { text, setText, refusal, onSubmit, onScale, takeWeight } = useMeasured(
    take,
    ONLY_THE_SERVER_READS_THIS,
    instrumentOf(measurable),
  );
  return (
    <>
      <form className="measure-entry" onSubmit={onSubmit}>
        <label className="sr-only" htmlFor="measured">
          Measured, {measuredWords(measurable.quantity)}
        </label>
        <input
          id="measured"
          type="text"
          inputMode="decimal"
          autoComplete="off"
          value={text}
          placeholder={isLength(measurable) ? "0.00" : "0"}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === "Escape" && event.currentTarget.blur()}
        />
        <What operation={operation} chosen={measurable.quantity} onChoose={choose} />
        <button className="action">Note it</button>
      </form>
      {onScale && <OnTheScale reading={onScale} onTake={takeWeight} />}
      {refusal && (
        <p className="stop mt-2 text-lg" role="alert">
          {refusal}
        </p>
      )}
      {here.length > 0 && <Noted run={run.data} measurable={measurable} values={here} />}
    </>
  );
}

/** Keeps what was typed or said, of the copy in hand. */
function useTaking({ run, operation, place }: Props, measurable: Measurable) {
  const choices = usePreferences().data?.data;
  return async (typed: string) => {
    const value = isLength(measurable)
      ? await typedLength(typed, choices)
      : (bareLengthMm(typed, "MILLIMETRES") ?? (await typedLength(typed, choices)));
    const taken = await takeReading({
      runId: run.id,
      operation: operation.id,
      quantity: measurable.quantity,
      value,
      copy: copyInHand(place),
      lost: lostAt(run.data.plan, run.data.spoilt ?? [], operation.id),
    });
    if (!taken.waits) {
      rememberMeasurement(`measurement ${typed}`, taken.id);
    }
  };
}

/** What lies on it now, taken by a press once it has come to rest. */
function OnTheScale({ reading, onTake }: { reading: InstrumentReading; onTake: () => void }) {
  return (
    <p className="what" data-testid="on-the-scale">
      On the scale: <strong className="figures">{plain(reading.value, 2)} g</strong>{" "}
      {reading.steady ? (
        <button className="quiet" onClick={onTake}>
          take it
        </button>
      ) : (
        <span className="soft">not at rest yet</span>
      )}
    </p>
  );
}

/** What speaks into the field; nothing where it is counted. */
const instrumentOf = ({ unit }: Measurable) => (unit === "mm" ? "CALIPER" : unit === "g" ? "SCALE" : null);

/** What was measured at such an operation the last time is what is measured now. */
function useChosen(operation: Operation): [Measurable, (quantity: Quantity) => void] {
  const measurable = measured(operation);
  const key = `toroid:measured:${operation.verb}`;
  const [chosen, setChosen] = useState<string | null>(() => localStorage.getItem(key));
  const found = measurable.find((one) => one.quantity === chosen) ?? measurable[0]!;
  return [
    found,
    (quantity) => {
      setChosen(quantity);
      localStorage.setItem(key, quantity);
    },
  ];
}

interface WhatProps {
  operation: Operation;
  chosen: Quantity;
  onChoose: (quantity: Quantity) => void;
}

function What({ operation, chosen, onChoose }: WhatProps) {
  const choices = measured(operation);
  if (choices.length === 1) {
    return <span className="text-lg">{measuredWords(chosen)}</span>;
  }
  return (
    <span className="segmented text-lg" role="radiogroup" aria-label="What was measured">
      {choices.map(({ quantity }) => (
        <label key={quantity}>
          <input
            type="radio"
            name="quantity"
            checked={chosen === quantity}
            onChange={() => onChoose(quantity)}
          />
          {measuredWords(quantity)}
        </label>
      ))}
    </span>
  );
}
