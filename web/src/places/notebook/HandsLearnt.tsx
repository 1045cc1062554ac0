import type { FormAtAGlance } from "../../api/types";
import { many, plain, size, type Units } from "../../quantity/format";
import { share } from "./glance";

const USUAL = 100;

/** What each form needs of this maker's hands: the tail that nine in ten reach with, against the usual one, and how true the loops come. */
export function HandsLearnt({ forms, units }: { forms: FormAtAGlance[]; units: Units }) {
  const end = Math.max(200, ...forms.map((form) => 100 * form.tail.high));
  return (
    <section>
      <h2 className="text-xl font-bold">What your hands need</h2>
      <p className="small soft">handling tail, per cent of the usual</p>
      <div className="glance hands mt-3">
        {forms.map((form) => (
          <div className="glance-row" key={form.formId}>
            <span className="glance-name">{form.name}</span>
            <div className="glance-scale" aria-hidden="true">
              <i className="usual" style={{ left: share(USUAL, end) }} />
              {form.tail.measurements > 0 && (
                <>
                  <b
                    style={{
                      left: share(100 * form.tail.low, end),
                      right: share(end - 100 * form.tail.high, end),
                    }}
                  />
                  <span className="glance-ring" style={{ left: share(100 * form.tail.factor, end) }} />
                </>
              )}
            </div>
            <p className="glance-said">
              {form.tail.measurements > 0 ? (
                <>
                  <strong className="figures">{plain(100 * form.tail.factor, 0)} %</strong>
                  <small>{many(form.tail.measurements, "copy", "copies")}</small>
                </>
              ) : (
                <small>tail not measured yet</small>
              )}
            </p>
            {form.loops.measurements > 0 && (
              <p className="glance-more small soft">
                loops come {size(Math.abs(form.loops.centreMm), units).value}{" "}
                {form.loops.centreMm >= 0 ? "larger" : "smaller"}, give or take{" "}
                {size(form.loops.halfWidthMm, units).value} {size(0, units).unit}, from{" "}
                {form.loops.measurements}
              </p>
            )}
          </div>
        ))}
      </div>
    </section>
  );
}
