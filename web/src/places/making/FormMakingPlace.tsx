import { useParams } from "react-router";
import { useFormRun } from "../../api/queries";
import { Lost } from "../../shared/Lost";
import { FormRunPage } from "./FormRunPage";

/** Stands beside the maker while a form is bent, piece by piece or over the whole batch. */
export function FormMakingPlace() {
  const { id } = useParams();
  const run = useFormRun(id!);
  if (run.isPending) {
    return null;
  }
  return run.data ? <FormRunPage key={run.data.id} run={run.data} /> : <Lost />;
}
