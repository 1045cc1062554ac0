import { useMemo } from "react";
import type { FormStep } from "../../api/types";
import { Straight } from "../../shared/shell/WireStrip";
import { WirePicture } from "../../shared/shell/WirePicture";
import type { Formed } from "./formed";

/** The wire as this step leaves it, and straight below with its marks, so that the next grip is seen. */
export function FormStepDrawing({ formed, step }: { formed: Formed; step: FormStep }) {
  const { form, shapes } = formed.shown ?? {};
  const { name, metal, number } = formed;
  const shape = shapes?.[number + 1];
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
          solids={number === form.steps.length - 1 ? form.solids : []}
          metal={metal}
          look={wires.length > 2 ? "corner" : "face"}
          label={`${name} after step ${number + 1}`}
        />
      )}
      <Straight wire={wire} metal={metal} step={number} />
    </div>
  );
}
