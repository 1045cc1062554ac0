import { Link } from "react-router";
import type { JobKind } from "../../api/types";
import { many } from "../../quantity/format";
import { dropUnkept, useOutbox, type Unkept } from "../kernel/outbox";
import { placeOfJob } from "../words/jobs";
import { refusalWords } from "../words/refused";

/** What was typed and is not kept yet, with what became of it; nothing while all is kept. */
export function Outbox() {
  const items = useOutbox();
  if (items.length === 0) {
    return null;
  }
  const wait = items.filter((one) => one.state === "waits").length;
  return (
    <details className="outbox" open={items.some((one) => one.state === "refused")}>
      <summary role="status">
        {many(items.length, "thing")} typed here {items.length === 1 ? "is" : "are"} not kept yet
        {wait > 0 && "; what waits is sent as soon as the server answers"}
      </summary>
      <ul>
        {items.map((one) => (
          <Item key={one.at} item={one} />
        ))}
      </ul>
    </details>
  );
}

function Item({ item }: { item: Unkept }) {
  const place = placeOf(item.at);
  const name = item.name || WHAT[item.at.split("/")[0]!] || "something";
  return (
    <li>
      {place ? (
        <Link className="quiet" to={place}>
          {name}
        </Link>
      ) : (
        <span>{name}</span>
      )}
      <span className={item.state === "refused" ? "stop" : "soft"}>
        {item.problem ? refusalWords(item.problem) : SAID[item.state]}
      </span>
      <button className="quiet" aria-label={`Drop ${name}`} onClick={() => dropUnkept(item.at)}>
        drop it
      </button>
    </li>
  );
}

const SAID: Record<Unkept["state"], string> = {
  waits: "waits for the server",
  shut: "is sent when its page is opened",
  conflict: "was changed elsewhere too: open it and choose",
  refused: "was refused",
};

const WHAT: Record<string, string> = {
  readings: "a measurement",
  "photo-files": "a photo",
  photos: "what is to be seen on a photo",
  runs: "where you are in a run",
  preferences: "how you work",
  lots: "a lot",
  spools: "a spool",
};

/** Where it was typed. */
function placeOf(at: string): string | null {
  const [first, second, third] = at.split("/");
  switch (first) {
    case "jobs":
      return placeOfJob(second as JobKind, third!);
    case "runs":
      return `/making/${second}`;
    case "preferences":
      return "/preferences";
    case "readings":
    case "photo-files":
      return null;
    case "photos":
      return "/notebook";
    default:
      return "/stock";
  }
}
