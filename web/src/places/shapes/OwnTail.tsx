import { useLearnt } from "../../api/queries";
import type { FormAnswer, FormJobData } from "../../api/types";
import { plain } from "../../quantity/format";
import type { ChangeForm } from "./FormSentence";

/** What the maker's own cuts say of the handling tail. */
export function OwnTail({ form, data, change }: { form: FormAnswer; data: FormJobData; change: ChangeForm }) {
  const tail = useLearnt(data.formId).data?.tail;
  if (!tail || tail.measurements === 0 || form.offcutMm === 0) {
    return null;
  }
  const taken = Math.abs(tail.factor - data.tailFactor) < 0.005;
  return (
    <p className="small">
      {tail.measurements} of your own cuts hold {plain(100 * tail.factor, 0)} % of the usual tail.{" "}
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
