import type { ViewKind, ViewWire } from "./view";
import { useMemo, useState } from "react";
import type { FormAnswer, FormShape } from "../../api/types";
import { SECTION } from "../../drawing/flats";
import { mirrored, stretch } from "../../drawing/wire";
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

const APART = 0.3;

/** How far a twin stands to the side, mm. */
function aside(form: FormAnswer): number {
  return form.extentMm.x * (1 + APART) + 2;
}

function withTwin(wires: ViewWire[], form: FormAnswer): ViewWire[] {
  const shift = 2 * form.extentMm.fromX + form.extentMm.x + aside(form);
  return [
    ...wires,
    ...wires.map((wire) => ({
      ...wire,
      points: mirrored(wire.points).map((value, i) => (i % 3 === 0 ? value + shift : value)),
      sections: mirrored(wire.sections ?? [], SECTION),
      holes: wire.holes?.map((hole) => ({
        ...hole,
        centre: [shift - hole.centre[0]!, hole.centre[1]!, hole.centre[2]!],
        axis: [-hole.axis[0]!, hole.axis[1]!, hole.axis[2]!],
      })),
    })),
  ];
}

function solidTwins(form: FormAnswer): FormAnswer["solids"] {
  const shift = 2 * form.extentMm.fromX + form.extentMm.x + aside(form);
  return [
    ...form.solids,
    ...form.solids.map((solid) => ({
      ...solid,
      centre: [shift - solid.centre[0]!, solid.centre[1]!, solid.centre[2]!],
      axis: [-solid.axis[0]!, solid.axis[1]!, solid.axis[2]!],
    })),
  ];
}
