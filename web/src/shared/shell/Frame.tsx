import { Suspense } from "react";
import { NavLink, Outlet, useMatch } from "react-router";
import { useBench, useSession } from "../../api/queries";
import { openRing } from "../../drawing/ring";
import { BenchLine } from "./BenchLine";
import { Outbox } from "./Outbox";
import { Thread } from "./StageRing";
import { Timers } from "./Timers";
import { TwoServers } from "./TwoServers";
import { WorkingMark } from "./WorkingMark";

const PLACES: [string, string, string?][] = [
  ["/", "Bench"],
  ["/rings", "Rings"],
  ["/shapes", "Shapes"],
  ["/weaves", "Weaves"],
  ["/pieces", "Pieces"],
  ["/cutting", "Cutting"],
  ["/notebook", "Notebook"],
  ["/practice", "Practice"],
  ["/stock", "Stock, tools", "apart"],
  ["/preferences", "Preferences"],
];

/** Names on the left, the thread of the job in hand and the bench line above, the place itself. */
export function Frame() {
  const demo = useSession().data?.demo;
  return (
    <div className="frame">
      <a className="skip" href="#place">
        To the place
      </a>
      <header>
        <NavLink to="/" className="wordmark">
          Toroid
        </NavLink>
        {demo && <span className="demo-word">demo workshop</span>}
        <JobThread />
        <WorkingMark />
        <BenchLine />
        <button
          className="quiet"
          aria-label="Keys and help"
          onClick={() => window.dispatchEvent(new Event("toroid:help"))}
        >
          ?
        </button>
      </header>
      <Timers />
      <nav aria-label="Places">
        {PLACES.map(([to, name, apart]) => (
          <NavLink key={to} to={to} end={to === "/"} className={apart}>
            {({ isActive }) => (
              <>
                {isActive && (
                  <svg width="14" height="14" aria-hidden="true">
                    <path d={openRing(7, 7, 5, 50)} className="marked" strokeWidth="2.6" />
                  </svg>
                )}
                {name}
              </>
            )}
          </NavLink>
        ))}
      </nav>
      <main id="place" tabIndex={-1}>
        <TwoServers />
        <Outbox />
        <Suspense fallback={null}>
          <Outlet />
        </Suspense>
      </main>
    </div>
  );
}

function JobThread() {
  const id = useMatch("/rings/:id/*")?.params.id;
  const job = useBench().data?.find((hand) => hand.jobId === id);
  return job?.glance?.thread ? <Thread states={job.glance.thread} /> : null;
}
