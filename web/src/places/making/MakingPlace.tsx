import { useParams } from "react-router";
import { useRun } from "../../api/queries";
import { Lost } from "../../shared/Lost";
import { RunPage } from "./RunPage";

/** Stands beside the maker: one step at a time, never losing its place. */
export function MakingPlace() {
  const { id } = useParams();
  const run = useRun(id!);
  if (run.isPending) {
    return null;
  }
  return run.data ? <RunPage key={run.data.id} run={run.data} /> : <Lost />;
}
