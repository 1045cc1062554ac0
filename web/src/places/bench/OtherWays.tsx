import { Link } from "react-router";
import { NewJob } from "./NewJob";

/** Beginnings that are no whole piece. */
export function OtherWays() {
  return (
    <>
      <NewJob />
      <Link className="quiet" to="/shapes">
        choose a shape
      </Link>
      <Link className="quiet" to="/weaves">
        choose a weave
      </Link>
    </>
  );
}
