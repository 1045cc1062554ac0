import type { ViewKind, ViewWire } from "./view";
import { useMemo, useState } from "react";
import type { FormAnswer, FormShape } from "../../api/types";
import { SECTION } from "../../drawing/flats";
import { mirrorBeside, twinOf, twinWire } from "../../drawing/twin";
import { stretch } from "../../drawing/wire";
import { FlatView } from "./FlatView";
import { SceneView } from "./SceneView";
import { canDraw3d } from "../../scene/stage";

const NAMES: [ViewKind, string][] = [
  ["solid", "in the round"],
  ["face", "flat, face-on"],
  ["edge", "flat, edge-on"],
  ["true", "true size"],
];

interface Props {
  form: FormAnswer;
  twins: boolean;
  view: ViewKind;
  onView?: (view: ViewKind) => void;
  /** The wire while it is being formed; null shows it done. */
  shape: FormShape | null;
  /** The wire before the first step, so that all of it stays in the picture while it is formed. */
  straight?: FormShape | null;
  held: boolean;
  /** The step in hand, marked on the wire. */
  step: number | null;
}

/** The form large: in the round, or flat with its sizes, or as large as it is. */
export function ShapeView({ form, twins: pair, view, onView, shape, straight, held, step }: Props) {
  const [solid] = useState(canDraw3d);
  const kind = view === "solid" && !solid ? "face" : view;
  const twins = pair && shape === null;
  const wires = useMemo(() => wiresOf(form, shape, held, step), [form, shape, held, step]);
  const all = useMemo(() => (twins ? withTwin(wires, form) : wires), [twins, wires, form]);
  const solids = useMemo(() => (shape === null ? form.solids : []), [shape, form]);
  const twinSolids = useMemo(() => (twins ? solidTwins(form) : solids), [twins, form, solids]);
  return (
    <div className="shape-view">
      {onView && (
        <span className="segmented view-choice" role="radiogroup" aria-label="Look at it">
          {NAMES.map(([value, name]) => (
            <label key={value}>
              <input type="radio" name="view" checked={view === value} onChange={() => onView(value)} />
              {name}
            </label>
          ))}
        </span>
      )}
      {kind === "solid" ? (
        <SceneView
          wires={all}
          solids={twinSolids}
          metal={form.metal}
          name={form.name}
          room={shape === null ? null : (straight ?? null)}
        />
      ) : (
        <FlatView
          wires={all}
          solids={twinSolids}
          form={form}
          kind={kind}
          dimensioned={!twins && shape === null}
        />
      )}
      {view === "solid" && !solid && (
        <p className="tiny soft">This browser does not draw in the round; here is the form flat.</p>
      )}
    </div>
  );
}

/** The wires to draw: done, or as they stand; the stretch of the step in hand apart, so that it can be marked. */
function wiresOf(form: FormAnswer, shape: FormShape | null, held: boolean, step: number | null): ViewWire[] {
  if (shape) {
    const points = (held && shape.held) || shape.free;
    return form.wires.map((wire, i) => ({
      diameterMm: wire.diameterMm,
      metal: wire.metal,
      points: points[i] ?? [],
      sections: held ? [] : (shape.sections[i] ?? []),
    }));
  }
  return form.wires.flatMap((wire): readonly ViewWire[] => {
    const hand = step === null ? undefined : wire.stretches.find((one) => one.step === step);
    if (!hand) {
      return [wire];
    }
    const part = (from: number, to: number, marked: boolean): ViewWire => ({
      diameterMm: wire.diameterMm,
      metal: wire.metal,
      points: stretch(wire.points, wire.alongMm, from, to),
      sections:
        wire.sections.length > 0 ? stretch(wire.sections, wire.alongMm, from, to, SECTION) : wire.sections,
      marked,
    });
    return [
      part(0, hand.fromMm, false),
      part(hand.fromMm, hand.toMm, true),
      { ...part(hand.toMm, wire.alongMm.at(-1) ?? hand.toMm, false), holes: wire.holes },
    ];
  });
}

/** Where the mirror stands between twins, mm. */
const mirrorOf = ({ extentMm }: FormAnswer) => mirrorBeside({ x: extentMm.fromX, width: extentMm.x });

function withTwin(wires: ViewWire[], form: FormAnswer): ViewWire[] {
  return [...wires, ...wires.map((wire) => twinWire(wire, mirrorOf(form)))];
}

function solidTwins(form: FormAnswer): FormAnswer["solids"] {
  return [...form.solids, ...form.solids.map((solid) => twinOf(solid, mirrorOf(form)))];
}
