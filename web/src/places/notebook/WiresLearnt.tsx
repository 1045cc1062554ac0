import { Link } from "react-router";
import type { WireLearnt } from "../../api/types";
import { many, plain } from "../../quantity/format";
import { toneOf } from "../../drawing/metals";
import { share, ticks } from "./glance";

/**
 * How far each wire springs open: an open ring where the handbook puts it, a closed one where the maker's own coils do, over the band in
 * which the next will fall.
 */
export function WiresLearnt({ wires }: { wires: WireLearnt[] }) {
  const most = Math.max(2, ...wires.flatMap((wire) => [wire.handbookPercent ?? 0, wire.highPercent ?? 0]));
  const scale = ticks(most);
  const end = scale.at(-1)!;
  return (
    <section>
      <h2 className="text-xl font-bold">What each wire does</h2>
      <p className="small soft">springs open by, on a rod five times as thick as the wire</p>
      <div className="glance mt-3">
        {[...wires].sort(byCoils).map((wire) => (
          <div className="glance-row" key={wire.spoolId}>
            <Link to={`/notebook/wire/${wire.spoolId}`} className="glance-name">
              <span
                className="glance-metal"
                style={{ background: toneOf(wire.metal).body, borderColor: toneOf(wire.metal).deep }}
                aria-hidden="true"
              />
              {wire.name}
            </Link>
            <Scale wire={wire} scale={scale} end={end} />
            <p className="glance-said">{said(wire)}</p>
          </div>
        ))}
        <div className="glance-row glance-axis" aria-hidden="true">
          <span />
          <div className="glance-scale">
            {scale.map((tick) => (
              <small key={tick} style={{ left: share(tick, end) }}>
                {plain(tick, 1)}
                {tick === end && " %"}
              </small>
            ))}
          </div>
          <span />
        </div>
      </div>
      <p className="small soft mt-1">
        <span className="glance-ring open in-text" aria-hidden="true" /> the handbook{" "}
        <span className="glance-ring in-text ml-4" aria-hidden="true" /> your coils; the bar is where 19 in 20
        of the next will fall
      </p>
    </section>
  );
}

function Scale({ wire, scale, end }: { wire: WireLearnt; scale: number[]; end: number }) {
  return (
    <div className="glance-scale" aria-hidden="true">
      {scale.map((tick) => (
        <i key={tick} style={{ left: share(tick, end) }} />
      ))}
      {wire.lowPercent !== null && wire.highPercent !== null && (
        <b
          style={{
            left: share(Math.max(0, wire.lowPercent), end),
            right: share(end - wire.highPercent, end),
          }}
        />
      )}
      {wire.handbookPercent !== null && (
        <span className="glance-ring open" style={{ left: share(wire.handbookPercent, end) }} />
      )}
      {wire.ownPercent !== null && (
        <span className="glance-ring" style={{ left: share(wire.ownPercent, end) }} />
      )}
    </div>
  );
}

function byCoils(a: WireLearnt, b: WireLearnt): number {
  return Math.min(1, b.coils) - Math.min(1, a.coils) || a.name.localeCompare(b.name);
}

function said(wire: WireLearnt) {
  if (wire.ownPercent !== null) {
    return (
      <>
        <strong className="figures">{wire.ownPercent.toFixed(1)} %</strong>
        <small>
          {many(wire.coils, "reading")}
          {wire.handbookPercent !== null && `; book ${wire.handbookPercent.toFixed(1)}`}
        </small>
      </>
    );
  }
  return wire.handbookPercent === null ? (
    <small>only flexes there</small>
  ) : (
    <>
      <span className="figures soft">{wire.handbookPercent.toFixed(1)} %</span>
      <small>not measured yet</small>
    </>
  );
}
