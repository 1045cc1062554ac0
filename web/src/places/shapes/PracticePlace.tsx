import { useState } from "react";
import { Link } from "react-router";
import { useLearnt, usePreferences } from "../../api/queries";
import type { FormLearnt } from "../../api/types";
import { day, plain, size, sizeText } from "../../quantity/format";
import { CountRings } from "../../shared/shell/CountRings";
import { DotRow } from "../../shared/shell/DotRow";
import { NumberInput } from "../../shared/shell/NumberInput";
import { newId } from "../../api/newId";
import { MM_PER_INCH } from "../../quantity/inches";
import { NOT_TAKEN, takeReading } from "../../shared/kernel/readings";
import { typedLength } from "../../shared/kernel/typedLength";
import { useMeasured } from "../../shared/kernel/useMeasured";

const LOOPS = 10;
const FORM = "wrapped-loop";

/** Ten loops measured, their spread shown, the trend kept. */
export function PracticePlace() {
  const learnt = useLearnt(FORM).data;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const [session, setSession] = useState(() => newId());
  const [wanted, setWanted] = useState(2.5);
  const [wire, setWire] = useState(0.8);
  const now = learnt?.sessions.find((one) => one.id === session);
  const taken = now?.values ?? [];
  const half = learnt?.loops.halfWidthMm ?? 0;
  const done = taken.length >= LOOPS;
  return (
    <div className="place">
      <Link className="quiet small" to="/shapes">
        all shapes
      </Link>
      <h1 className="place-title">Ten loops, as alike as you can</h1>
      <p className="mt-2 max-w-prose soft">
        Turn ten wrapped loops on the same step of the jaw, measure each inside. The spread is the skill; a
        mean off the mark only means another place on the jaw.
      </p>
      <p className="sentence mt-3">
        <span>Wire</span>
        <NumberInput label="Wire" value={wire} minimum={0.2} onChange={setWire} />
        <span>, loops of</span>
        <NumberInput label="Loop wanted, inside" value={wanted} minimum={0.5} onChange={setWanted} />
        <span>inside.</span>
      </p>
      <div className="mt-4 max-w-[560px]">
        <CountRings count={taken.length} of={LOOPS} />
      </div>
      {!done && <Entry session={session} wanted={wanted} wire={wire} number={taken.length + 1} />}
      {now && (
        <div className="mt-4">
          <p className="shape-hero figures" data-testid="spread">
            {size(now.spread.standardDeviation, units, 2).value}
            <small>{size(0, units).unit} spread</small>
          </p>
          <p>
            mean {sizeText(now.spread.mean, units)}, {taken.length} loops from{" "}
            {size(now.spread.smallest, units).value} to {size(now.spread.largest, units).value}
          </p>
          <DotRow values={taken} low={wanted - half} high={wanted + half} target={wanted} units={units} />
        </div>
      )}
      {done && (
        <button className="action mt-4" onClick={() => setSession(newId())}>
          Ten more
        </button>
      )}
      {learnt && learnt.sessions.length > 0 && <Season sessions={learnt.sessions} half={half} />}
    </div>
  );
}

function Entry({
  session,
  wanted,
  wire,
  number,
}: {
  session: string;
  wanted: number;
  wire: number;
  number: number;
}) {
  const choices = usePreferences().data?.data;
  const { text, setText, refusal, onSubmit } = useMeasured(async (typed) => {
    await takeReading({
      quantity: "LOOP_INSIDE",
      value: await typedLength(typed, choices),
      planned: wanted,
      sessionId: session,
      context: { formId: FORM, wireMm: wire },
    });
  }, NOT_TAKEN);
  return (
    <form className="measure-entry" onSubmit={onSubmit}>
      <label htmlFor="measured">
        loop {number}, inside, {choices?.units === "INCHES" ? "in" : "mm"}
      </label>
      <input
        id="measured"
        type="text"
        inputMode="decimal"
        autoComplete="off"
        autoFocus
        placeholder="–"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button className="action">Note it</button>
      {refusal && (
        <p className="stop w-full" role="alert">
          {refusal}
        </p>
      )}
    </form>
  );
}

const WIDTH = 620;
const HEIGHT = 170;

/** Spread by session: each session's loops as dots about what was wanted, its spread as a bar. */
function Season({ sessions, half }: { sessions: FormLearnt["sessions"]; half: number }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const off = (session: FormLearnt["sessions"][number]) => session.wanted ?? session.spread.mean;
  const most = Math.max(
    half,
    ...sessions.flatMap((session) => session.values.map((value) => Math.abs(value - off(session)))),
  );
  const y = (value: number) => HEIGHT / 2 - (value / most) * (HEIGHT / 2 - 14);
  const step = Math.min(120, (WIDTH - 60) / sessions.length);
  return (
    <section className="mt-8" aria-label="Over the season">
      <h2 className="text-xl font-bold">Over the season</h2>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT + 40}`}
        className="w-full max-w-[620px]"
        role="img"
        aria-label="Spread by session"
      >
        <path className="dimension" d={`M0 ${HEIGHT / 2}H${WIDTH}`} />
        <text className="soft" x={WIDTH} y={HEIGHT / 2 - 5} textAnchor="end">
          wanted
        </text>
        {sessions.map((session, i) => {
          const x = 40 + i * step;
          const middle = session.spread.mean - off(session);
          const half = session.spread.standardDeviation;
          return (
            <g key={session.id}>
              <path
                className="marked"
                strokeWidth="9"
                opacity="0.25"
                d={`M${x} ${y(middle - half)}V${y(middle + half)}`}
              />
              {session.values.map((value, k) => (
                <circle
                  key={k}
                  cx={x + ((k % 3) - 1) * 7}
                  cy={y(value - off(session))}
                  r={3.4}
                  fill="var(--paper)"
                  stroke="var(--ink)"
                />
              ))}
              <text className="figures" x={x} y={HEIGHT + 14} textAnchor="middle">
                {plain(size(half, units).unit === "in" ? half / MM_PER_INCH : half, 2)}
              </text>
              <text className="soft" x={x} y={HEIGHT + 32} textAnchor="middle">
                {day(session.startedAt)}
              </text>
            </g>
          );
        })}
      </svg>
    </section>
  );
}
