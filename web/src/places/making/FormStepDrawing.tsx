import { useMemo } from "react";
import { useFormInMaking } from "../../api/queries";
import type { FormFacts, FormStep } from "../../api/types";
import { Straight } from "../../shared/shell/WireStrip";
import { WirePicture } from "../../shared/shell/WirePicture";

/** The wire as this step leaves it, and straight below with its marks, so that the next grip is seen. */
export function FormStepDrawing({
  runId,
  facts,
  step,
  index,
  steps,
}: {
  runId: string;
  facts: FormFacts;
  step: FormStep;
  index: number;
  /** How many there are. */
  steps: number;
}) {
  const { form, shapes } = useFormInMaking(runId).data ?? {};
  const shape = shapes?.[index + 1];
  const wires = useMemo(() => {
    if (!form || !shape) {
      return [];
    }
    return form.wires
      .map((wire, i) => ({ name: wire.name, diameterMm: wire.diameterMm, points: shape.free[i] ?? [] }))
      .filter((wire) => step.wire === "" || wire.name === step.wire || form.wires.length < 3);
  }, [form, shape, step.wire]);
  const wire = form?.wires.find((one) => one.name === step.wire) ?? form?.wires[0];
  if (!form || !wire) {
    return <div />;
  }
  return (
    <div className="form-step-drawing">
      {wires.length > 0 && (
        <WirePicture
          wires={wires}
          solids={index === steps - 1 ? form.solids : []}
          metal={facts.metal}
          look={wires.length > 2 ? "corner" : "face"}
          label={`${facts.form} after step ${index + 1}`}
        />
      )}
      <Straight wire={wire} metal={facts.metal} step={index} />
    </div>
  );
}
