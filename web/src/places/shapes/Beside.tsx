import { cutWords } from "../../shared/words/wireCuts";
import { useSearchParams } from "react-router";
import { useFormJobs, usePreferences } from "../../api/queries";
import type { FormJobData, Kept } from "../../api/types";
import { sizeText } from "../../quantity/format";
import { ShapeView } from "./ShapeView";
import type { ViewKind } from "./view";
import { useForm } from "./useForm";

/** Which other form stands beside this one. */
export function BesideChoice({ kept }: { kept: Kept<FormJobData> }) {
  const [query, setQuery] = useSearchParams();
  const others = (useFormJobs().data ?? []).filter((job) => job.id !== kept.id);
  if (others.length === 0) {
    return null;
  }
  return (
    <select
      className="word-select small"
      aria-label="Beside it"
      value={query.get("beside") ?? ""}
      onChange={(event) =>
        setQuery(event.target.value ? { beside: event.target.value } : {}, { replace: true })
      }
    >
      <option value="">compare</option>
      {others.map((job) => (
        <option key={job.id} value={job.id}>
          {job.data.name}
        </option>
      ))}
    </select>
  );
}

/** A second form, to be compared. */
export function Beside({ id, view }: { id: string; view: ViewKind }) {
  const job = useFormJobs().data?.find((kept) => kept.id === id);
  return job ? <Other data={job.data} view={view} /> : null;
}

function Other({ data, view }: { data: FormJobData; view: ViewKind }) {
  const { form } = useForm(data);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (!form) {
    return null;
  }
  return (
    <div className="beside">
      <p>
        <span className="strong">{data.name}</span>{" "}
        <span className="soft">
          cut {cutWords(form.wires, units)}, {sizeText(form.extentMm.x, units, 1)} by{" "}
          {sizeText(form.extentMm.y, units, 1)}
        </span>
      </p>
      <ShapeView form={form} twins={false} view={view} shape={null} held={false} step={null} />
    </div>
  );
}
