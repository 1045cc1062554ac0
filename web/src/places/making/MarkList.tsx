import { usePreferences } from "../../api/queries";
import type { FormInMaking, FormStep } from "../../api/types";
import { size } from "../../quantity/format";

/** Where the marks go, from the first cut end, large; the middle one stands out. */
export function MarkList({ step, shown }: { step: FormStep; shown: FormInMaking | undefined }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const wire = shown?.form.wires.find((one) => one.name === step.wire);
  if (!wire) {
    return null;
  }
  return (
    <ul className="mark-list figures" aria-label="Marks from the first cut end">
      {wire.marks.map((mark, i) => (
        <li key={i} data-kind={mark.kind}>
          {size(mark.atMm, units, 1).value}
          <small>{mark.kind === "MIDDLE" ? "middle" : mark.kind === "TRIM" ? "trim" : ""}</small>
        </li>
      ))}
    </ul>
  );
}
