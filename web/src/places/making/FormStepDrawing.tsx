import { useMemo } from "react";
import { useFormInMaking } from "../../api/queries";
import type { FormRunData, Kept } from "../../api/types";
import { Straight } from "../shapes/WireStrip";
import { WirePicture } from "../../shared/WirePicture";

/** The wire as this step leaves it, and straight below with its marks, so that the next grip is seen. */
export function FormStepDrawing({ run, index }: { run: Kept<FormRunData>; index: number }) {
  const { plan } = run.data;
  const { form, shapes } = useFormInMaking(run.id).data ?? {};
  const step = plan.steps[index]!;
  const shape = shapes?.[index + 1];
  const wires = useMemo(() => {
    if (!form || !shape) {
      return [];
    }
    return form.wires
      .map((wire, i) => ({ name: wire.name, diameterMm: wire.diameterMm, points: shape.free[i] ?? [] }))
      .filter((wire) => step.wire === "" || wire.name === step.wire || form.wires.length < 3);
  }, [form, shape, step]);
  const wire = form?.wires.find((one) => one.name === step.wire) ?? form?.wires[0];
  if (!form || !wire) {
    return <div />;
  }
  return (
    <div className="form-step-drawing">
      {wires.length > 0 && (
        <WirePicture
          wires={wires}
          solids={index === plan.steps.length - 1 ? form.solids : []}
          metal={plan.metal}
          look={wires.length > 2 ? "corner" : "face"}
          label={`${plan.form} after step ${index + 1}`}
        />
      )}
      <Straight wire={wire} metal={plan.metal} step={index} />
    </div>
  );
}
