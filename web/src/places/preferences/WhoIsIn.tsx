import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import { queries } from "../../api/queries";
import type { OpenSession } from "../../api/types";
import { day, timeOfDay } from "../../quantity/format";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";

const KEY = ["sessions"];

/** Every browser that came in with the password, and a way to show it out. */
export function WhoIsIn() {
  const open = useQuery({
    queryKey: KEY,
    queryFn: ({ signal }) => call<OpenSession[]>("GET", "/api/session/open", undefined, signal),
  }).data;
  const end = async (path: string, done: string) => {
    try {
      await call("DELETE", path);
      say(done);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nobody was shown out."));
    }
    await queries.invalidateQueries({ queryKey: path === "/api/session" ? ["session"] : KEY });
  };
  return open ? (
    <>
      <ul className="people">
        {open.map((one) => (
          <li key={one.id}>
            <strong>{browserWords(one.browser)}</strong>
            <span className="soft">
              {one.own
                ? "this one"
                : `from ${one.from}, last heard of ${day(one.used)}, ${timeOfDay(one.used)}`}
            </span>
            <button
              className="quiet"
              onClick={() =>
                void (one.own
                  ? end("/api/session", "You are out.")
                  : end(`/api/session/open/${one.id}`, "It is out."))
              }
            >
              {one.own ? "go out" : "show out"}
            </button>
          </li>
        ))}
      </ul>
      {open.length > 2 && (
        <button className="quiet" onClick={() => void end("/api/session/open", "All others are out.")}>
          show all others out
        </button>
      )}
    </>
  ) : null;
}

const BROWSERS = ["Firefox", "Edg", "OPR", "Chrome", "Safari"];
const DEVICES = ["iPad", "iPhone", "Android", "Windows", "Macintosh", "Linux"];

/** What a browser calls itself, as people do: by what it is and what it runs on. */
function browserWords(browser: string): string {
  const device = DEVICES.find((one) => browser.includes(one));
  const named = BROWSERS.find((one) => browser.includes(one));
  return named && device ? `${named}, ${device}` : (named ?? device ?? "a program");
}
