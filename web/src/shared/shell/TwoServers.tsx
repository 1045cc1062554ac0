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
      Nothing is lost, but pages here do not follow what is done there. End one of them with ./toroid stop,
      where it was started.
    </p>
  );
}
