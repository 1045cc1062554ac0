import { useSession } from "../../api/queries";

/** Says that another server works on the same workshop, until one of them has ended. */
export function TwoServers() {
  const servers = useSession().data?.servers ?? 1;
  if (servers < 2) {
    return null;
  }
  return (
    <p className="two-servers" role="status">
      {servers === 2 ? "Another server works" : `${servers - 1} other servers work`} on this workshop too.
      Nothing is lost; but a page here is not told of what is done there until it is opened anew. Leave one
      running: <kbd>./toroid stop</kbd> ends the other, where it was started.
    </p>
  );
}
