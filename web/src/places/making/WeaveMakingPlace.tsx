import { useParams } from "react-router";
import { useWeaveRun } from "../../api/queries";
import { Lost } from "../../shared/Lost";
import { WeaveRunPage } from "./WeaveRunPage";

/** Stands beside the maker while a weave is put together, ring by ring. */
export function WeaveMakingPlace() {
  const { id } = useParams();
  const run = useWeaveRun(id!);
  if (run.isPending) {
    return null;
  }
  return run.data ? <WeaveRunPage key={run.data.id} run={run.data} /> : <Lost />;
}
