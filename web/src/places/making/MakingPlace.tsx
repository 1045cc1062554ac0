import { Navigate, useParams } from "react-router";
import { useRun } from "../../api/queries";
import { Lost } from "../../shared/shell/Lost";
import { RunPage } from "./RunPage";

/** Stands beside the maker, whatever is made: one operation at a time, never losing its place. */
export function MakingPlace() {
  const { id } = useParams();
  const run = useRun(id!);
  if (run.isPending) {
    return null;
  }
  return run.data ? <RunPage key={run.data.id} run={run.data} /> : <Lost />;
}

/** Where runs of one kind were made before. */
export function MovedMaking() {
  const { id } = useParams();
  return <Navigate to={`/making/${id}`} replace />;
}
