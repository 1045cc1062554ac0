import type { ReactNode } from "react";
import { useLearnt } from "../../api/queries";
import type { FormAnswer, FormJobData } from "../../api/types";
import { many, plain } from "../../quantity/format";
import type { ChangeForm } from "./FormSentence";

/** A value of the form that measured copies teach, with a way to plan by it. */
function OwnShare({ data, change, own, parameter, usual, children }: Share) {
  const taken = Number(data.parameters[parameter] ?? usual) === own;
  return (
    <p className="small">
      {children}{" "}
      {!taken && (
        <button
          className="quiet small"
          onClick={() => change({ parameters: { ...data.parameters, [parameter]: own } }, parameter)}
        >
          plan by that
        </button>
      )}
    </p>
  );
}

interface Share {
  data: FormJobData;
  change: ChangeForm;
  own: number;
  parameter: string;
  usual: number;
  children: ReactNode;
}

/** What finished coils on coils say of how loosely the maker bends them. */
export function OwnLooseness({ data, change }: { data: FormJobData; change: ChangeForm }) {
  const learnt = useLearnt(data.formId).data?.looseness;
  if (!learnt || learnt.measurements === 0) {
    return null;
  }
  return (
    <OwnShare data={data} change={change} own={Math.round(learnt.percent)} parameter="looser" usual={10}>
      {many(learnt.measurements, "finished one")} of your own {learnt.measurements === 1 ? "puts" : "put"} it
      at {plain(learnt.percent, 0)} % over the least.
    </OwnShare>
  );
}

/** What measured flats say of how the maker's hammer lengthens them. */
export function OwnLengthening({ data, change }: { data: FormJobData; change: ChangeForm }) {
  const learnt = useLearnt(data.formId).data?.lengthening;
  if (!learnt || learnt.measurements === 0) {
    return null;
  }
  return (
    <OwnShare data={data} change={change} own={Math.round(learnt.percent)} parameter="lengthens" usual={15}>
      {many(learnt.measurements, "flat")} of your own {learnt.measurements === 1 ? "sends" : "send"}{" "}
      {plain(learnt.percent, 0)} % of the thinning into length, give or take {plain(learnt.halfWidth, 0)}.
    </OwnShare>
  );
}

/** What the maker's own cuts say of the handling tail. */
export function OwnTail({ form, data, change }: { form: FormAnswer; data: FormJobData; change: ChangeForm }) {
  const tail = useLearnt(data.formId).data?.tail;
  if (!tail || tail.measurements === 0 || form.offcutMm === 0) {
    return null;
  }
  const taken = Math.abs(tail.factor - data.tailFactor) < 0.005;
  return (
    <p className="small">
      By {many(tail.measurements, "copy", "copies")} of your own nine in ten reach with{" "}
      {plain(100 * tail.factor, 0)} % of the usual tail (between {plain(100 * tail.low, 0)} and{" "}
      {plain(100 * tail.high, 0)}).{" "}
      {taken ? (
        <button className="quiet small" onClick={() => change({ tailFactor: 1 }, "tail")}>
          take the usual tail
        </button>
      ) : (
        <button
          className="quiet small"
          onClick={() => change({ tailFactor: Number(tail.factor.toFixed(3)) }, "tail")}
        >
          cut to your own tail
        </button>
      )}
    </p>
  );
}
