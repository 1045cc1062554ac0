import { usePieceInMaking, usePreferences } from "../../api/queries";
import type { FirstOne, FormingStep, FormStep } from "../../api/types";
import { plain, size, sizeText, type Units } from "../../quantity/format";
import { formStepNumber, formStepPart, formStepWords } from "../../shared/words/formWords";
import { formStepOf } from "../../shared/words/operationWords";
import { countsOnly, measuredWords } from "../../shared/words/quantityWords";
import { OnJaws } from "../../shared/shell/OnJaws";
import { capital } from "../../shared/words/lists";
import { useFormed, type Formed } from "./formed";
import { FormStepDrawing } from "./FormStepDrawing";
import { MarkList } from "./MarkList";
import { mirrored, twinInHand } from "./pair";
import { useByTheFirst } from "./useByTheFirst";
import type { FamilyView, OperationProps } from "./operation";

type PartOf = NonNullable<FormingStep["of"]>;

function Picture(props: OperationProps) {
  const { run, operation, place } = props;
  const formed = useFormed(run, operation, place.index);
  const handed = useHanded(props, formed);
  return formed && operation.detail.family === "forming" ? (
    <FormStepDrawing
      formed={formed}
      step={formStepOf(operation.detail)}
      twin={handed === null ? null : twinInHand(props)}
    />
  ) : null;
}

/**
 * Whether twins in hand are wound different ways round. Null where nothing is to be said of twins: there are none, or the second of a
 * piece's part is the first one turned over.
 */
function useHanded({ run, operation }: OperationProps, formed: Formed | null): boolean | null {
  const piece = usePieceInMaking(run.id);
  if (operation.detail.family !== "forming") {
    return null;
  }
  const { of } = operation.detail;
  return of ? piece?.parts[of.part]?.handed || null : (formed?.shown?.form.handed ?? false);
}

function Words(props: OperationProps) {
  const { run, operation, place } = props;
  const byTheFirst = useByTheFirst(run, operation, place);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const formed = useFormed(run, operation, place.index);
  if (!formed || operation.detail.family !== "forming") {
    return null;
  }
  const { of } = operation.detail;
  const step = formStepOf(operation.detail);
  const part = formStepPart(step, formed.wires.length);
  const cut = byTheFirst.find((one) => one.quantity === "CUT_LENGTH");
  return (
    <>
      {step.kind === "MARK" ? (
        <MarkList step={step} shown={formed.shown} />
      ) : (
        <BigNumber step={step} wires={formed.wires} {...(cut && { cutMm: cut.target })} />
      )}
      {byTheFirst.map((one) => (
        <ByTheFirst key={one.quantity} target={one} units={units} />
      ))}
      <Twins {...props} formed={formed} />
      <p className="what">
        {of && <span className="strong">{partsWords(of, place)}. </span>}
        {part && <span className="strong">{capital(part)}. </span>}
        {formStepWords(step, units)}
        {step.toolMm !== null && <OnJaws diameterMm={step.toolMm} />}
      </p>
    </>
  );
}

/** "4 × bead link". */
const partsWords = ({ what }: PartOf, { times }: OperationProps["place"]) =>
  times > 1 ? `${times} × ${what}` : capital(what);

/** What leaves wire in another shape: there it is said which of twins is the mirror image. */
const SHAPES = new Set(["BEND", "LOOP", "WRAP", "COIL", "SPIRAL", "FORM", "FOLD", "BIND", "TWIST"]);

/** Which are mirror images. */
function Twins({ formed, ...props }: OperationProps & { formed: Formed }) {
  const handed = useHanded(props, formed);
  const { detail } = props.operation;
  const shapes = detail.family === "forming" && (Boolean(detail.of) || SHAPES.has(detail.step.kind));
  const words = handed === null || !shapes ? null : mirrored(props, handed);
  return words ? (
    <p className="what" role="note">
      {words}
    </p>
  ) : null;
}

/** "The first one came out at 6.83 mm loop, inside: make the rest like it (planned 6.66)." The length to cut is the big number. */
function ByTheFirst({ target, units }: { target: FirstOne["targets"][number]; units: Units }) {
  const { quantity, planned } = target;
  const cut = quantity === "CUT_LENGTH";
  const told = (value: number) =>
    countsOnly(quantity) ? plain(value, 1) : sizeText(value, units, cut ? 1 : 2);
  return (
    <p className="what by-the-first" data-testid="by-the-first">
      {cut ? (
        "By the first one: what it holds and the tail your hands need, so that nine in ten reach"
      ) : (
        <>
          The first one came out at <strong className="figures">{told(target.target)}</strong>{" "}
          {measuredWords(quantity)}: make the rest like it
        </>
      )}
      {planned !== null && <span className="soft"> (planned {told(planned)})</span>}.
    </p>
  );
}

interface BigNumberProps {
  step: FormStep;
  wires: Formed["wires"];
  /** Where the first one says another length to cut than was planned. */
  cutMm?: number;
}

function BigNumber({ step, wires, cutMm }: BigNumberProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const planned = wires.find((wire) => wire.name === step.wire)?.lengthToCutMm ?? 0;
  const number = formStepNumber(step, cutMm ?? planned, units);
  if (!number) {
    return null;
  }
  const shown = number.length
    ? size(number.value, units, number.decimals).value
    : plain(number.value, number.decimals);
  return (
    <p className="huge" data-testid="big-number">
      {shown}
      <small>
        {number.unit}
        {(step.kind === "LOOP" || step.kind === "FORM" || step.kind === "COIL") && number.length && " jaw"}
        {step.kind === "HAMMER" && " thick"}
      </small>
    </p>
  );
}

/** Forming wire: as each step leaves it, straight below with its marks. */
export const FORMING: FamilyView = { Picture, Words };
