import { useMemo } from "react";
import type { FormStep } from "../../api/types";
import { Straight } from "../../shared/shell/WireStrip";
import { WirePicture } from "../../shared/shell/WirePicture";
import { acrossOf, mirrorBeside, twinOf, twinWire } from "../../drawing/twin";
import type { PictureSolid, PictureWire } from "../../drawing/marks";
import type { Formed } from "./formed";
import type { twinInHand } from "./pair";

type Twin = ReturnType<typeof twinInHand>;

/** What is in hand: the second of twins in the mirror, both side by side. */
function inHand(twin: Twin, wires: readonly PictureWire[], solids: readonly PictureSolid[]) {
  if (twin === null || twin === "first" || wires.length === 0) {
    return { wires, solids };
  }
  const mirror = twin === "second" ? 0 : mirrorBeside(acrossOf(wires));
  const its = {
    wires: wires.map((wire) => twinWire(wire, mirror)),
    solids: solids.map((solid) => twinOf(solid, mirror)),
  };
  return twin === "second" ? its : { wires: [...wires, ...its.wires], solids: [...solids, ...its.solids] };
}

const TWINS = { first: "", second: ", the mirror image", both: ", both twins" };

interface Props {
  formed: Formed;
  step: FormStep;
  twin: Twin;
}

/** The wire as this step leaves it, and straight below with its marks, so that the next grip is seen. */
export function FormStepDrawing({ formed, step, twin }: Props) {
  const { form, shapes } = formed.shown ?? {};
  const { name, metal, number } = formed;
  const shape = shapes?.[number + 1];
  const drawn = useMemo(() => {
    if (!form || !shape) {
      return { wires: [], solids: [] };
    }
    const wires = form.wires
      .map((wire, i) => ({ name: wire.name, diameterMm: wire.diameterMm, points: shape.free[i] ?? [] }))
      .filter((wire) => step.wire === "" || wire.name === step.wire || form.wires.length < 3);
    return inHand(twin, wires, number === form.steps.length - 1 ? form.solids : []);
  }, [form, shape, step.wire, twin, number]);
  const wire = form?.wires.find((one) => one.name === step.wire) ?? form?.wires[0];
  if (!form || !wire) {
    return <div />;
  }
  return (
    <div className="form-step-drawing">
      {drawn.wires.length > 0 && (
        <WirePicture
          {...drawn}
          metal={metal}
          look={form.wires.length > 2 ? "corner" : "face"}
          label={`${name} after step ${number + 1}${twin === null ? "" : TWINS[twin]}`}
        />
      )}
      <Straight wire={wire} metal={metal} step={number} />
    </div>
  );
}
