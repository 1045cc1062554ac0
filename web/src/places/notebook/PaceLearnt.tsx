import type { WorkLearnt } from "../../api/types";
import { many, plain, shortTime } from "../../quantity/format";
import { workWords } from "../../shared/words/quantityWords";
import { share } from "./glance";

const STATED = 1;

/** How long each kind of work takes these hands, against what is stated. */
export function PaceLearnt({ works }: { works: WorkLearnt[] }) {
  const end = Math.max(2, ...works.map(({ pace }) => pace.factor * pace.within));
  return (
    <section>
      <h2 className="text-xl font-bold">How long your hands take</h2>
      <p className="small soft">times as long as stated</p>
      <div className="glance hands mt-3">
        {works.map(({ work, form, pace, misfits }) => (
          <div className="glance-row" key={work}>
            <span className="glance-name">{form ?? workWords(work)}</span>
            <div className="glance-scale" aria-hidden="true">
              <i className="usual" style={{ left: share(STATED, end) }} />
              <b
                style={{
                  left: share(pace.factor / pace.within, end),
                  right: share(end - pace.factor * pace.within, end),
                }}
              />
              <span className="glance-ring" style={{ left: share(pace.factor, end) }} />
            </div>
            <p className="glance-said">
              <strong className="figures">{plain(pace.factor, 2)} ×</strong>
              <small>{many(pace.timings, "timing")}</small>
            </p>
            {misfits.map((one, i) => (
              <p className="glance-more small care" key={i}>
                {shortTime(one.madeMinutes)} where {shortTime(one.statedMinutes)} is stated does not fit the
                others: a break, or a slip? It counts until it is taken out.
              </p>
            ))}
          </div>
        ))}
      </div>
    </section>
  );
}
