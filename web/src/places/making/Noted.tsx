import { useLearnt, usePreferences, useSpringback } from "../../api/queries";
import type { Expected, Measurable, RingFacts, RunData } from "../../api/types";
import { band, many, plain, size, type Units } from "../../quantity/format";
import { DotRow } from "../../shared/shell/DotRow";
import { expectedWords } from "../../shared/words/formWords";
import { isLength } from "../../shared/words/quantityWords";

interface Props {
  measurable: Measurable;
  values: number[];
  units: Units;
}

/** What was measured here, against what was planned, and what it has taught. */
export function Noted({
  run,
  measurable,
  values,
}: {
  run: RunData;
  measurable: Measurable;
  values: number[];
}) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const props = { measurable, values, units };
  if (run.kind === "ring" && measurable.quantity !== "YIELD") {
    return <OfRings facts={run.facts} {...props} />;
  }
  return run.kind === "form" ? <OfForm formId={run.facts.job.formId} {...props} /> : <Plain {...props} />;
}

function OfRings({ facts, measurable, values, units }: Props & { facts: RingFacts }) {
  const spring = useSpringback(facts.job.spoolId).data;
  const rod = spring?.rods.find(
    (one) => Math.abs(one.mandrelDiameterMm - facts.sizes.mandrelDiameterMm) < 1e-6,
  );
  return (
    <div className="mt-4">
      <DotRow
        values={values}
        low={measurable.low!}
        high={measurable.high!}
        target={measurable.planned!}
        units={units}
      />
      <p className="mt-1 text-lg" data-testid="learnt">
        {many(values.length, "measurement")}.
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

function OfForm({ formId, ...props }: Props & { formId: string }) {
  const learnt = useLearnt(formId).data;
  const { quantity, planned } = props.measurable;
  const expected =
    quantity === "LOOP_INSIDE" ? learnt?.loops : quantity === "CUT_LENGTH" ? learnt?.cuts : undefined;
  return planned !== null && expected ? (
    <Within planned={planned} expected={expected} {...props} />
  ) : (
    <Plain {...props} />
  );
}

function Within({ planned, expected, values, units }: Props & { planned: number; expected: Expected }) {
  return (
    <div className="mt-3" data-testid="noted">
      <DotRow
        values={values}
        low={planned + expected.centreMm - expected.halfWidthMm}
        high={planned + expected.centreMm + expected.halfWidthMm}
        target={planned}
        units={units}
      />
      <p className="text-lg">
        {many(values.length, "measurement")}, the last {size(values.at(-1)!, units).value}; planned{" "}
        {size(planned, units).value}, {expectedWords(expected)}.
      </p>
    </div>
  );
}

function Plain({ measurable, values, units }: Props) {
  const told = (value: number) => (isLength(measurable) ? size(value, units).value : plain(value));
  return (
    <p className="mt-3 text-lg" data-testid="noted">
      {many(values.length, "measurement")}, the last {told(values.at(-1)!)}
      {measurable.planned !== null && `; planned ${told(measurable.planned)}`}.
    </p>
  );
}
