import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { call } from "../../api/client";
import type { components } from "../../api/schema";
import { speakAs, type InstrumentKind } from "../../shared/kernel/instruments";
import { NumberInput } from "../../shared/shell/NumberInput";

type View = components["schemas"]["InstrumentView"];

const NAMES: Record<InstrumentKind, string> = { CALIPER: "Caliper", SCALE: "Scale" };

/** Which instruments speak for themselves, how one is joined, and stand-ins to try it with. */
export function InstrumentsPage() {
  const there = useQuery({
    queryKey: ["instruments"],
    queryFn: ({ signal }) => call<View[]>("GET", "/api/instruments", undefined, signal),
    refetchInterval: 3000,
  }).data;
  return (
    <div className="place instruments">
      <p className="no-print">
        <Link to="/preferences" className="quiet small">
          preferences
        </Link>
      </p>
      <h1 className="place-title">Instruments</h1>
      <div className="mt-4 grid gap-x-14 gap-y-8 min-[980px]:grid-cols-2">
        <section>
          <h2 className="text-xl font-bold">Yours</h2>
          <p className="what">
            A caliper that types like a keyboard needs nothing: put the cursor where something is measured and
            press its button.
          </p>
          <p className="what">
            No caliper at hand? <Link to="/notebook/photo">Sizes from a photo</Link> beside a bank card.
          </p>
          {there?.map((one) => (
            <p key={one.kind} className="what">
              <strong>{NAMES[one.kind]}</strong>, on a line of its own:{" "}
              {one.connected ? (
                "there."
              ) : (
                <span className="caution">does not answer; it is tried again.</span>
              )}
            </p>
          ))}
          {there?.length === 0 && (
            <p className="what soft">
              One on a network line is named as the workshop is started:
              <br />
              <code className="figures">./toroid start --scale 192.168.1.20:4001</code>
              <br />
              Each line it sends is a number and its unit, “12.34 g”, “3.26 mm”; a question mark says that it
              has not come to rest.
            </p>
          )}
        </section>
        <section>
          <h2 className="text-xl font-bold">Stand-ins, to try it</h2>
          <p className="what soft">
            Open this page in a second window beside the step you are at: what is said here arrives there.
          </p>
          <StandIn kind="CALIPER" what="Between its jaws" unit="mm" usual={3} noise={0.02} />
          <StandIn kind="SCALE" what="On it" unit="g" usual={12} noise={0.01} />
        </section>
      </div>
    </div>
  );
}

interface StandInProps {
  kind: InstrumentKind;
  what: string;
  unit: string;
  usual: number;
  noise: number;
}

function StandIn({ kind, what, unit, usual, noise }: StandInProps) {
  const [truth, setTruth] = useState(usual);
  const [spread, setSpread] = useState(noise);
  const [said, setSaid] = useState<number | null>(null);
  const press = () => {
    const value = Math.round((truth + spread * normal()) * 100) / 100;
    setSaid(value);
    speakAs({ kind, value, steady: true });
  };
  return (
    <div className="stand-in" role="group" aria-label={`Stand-in ${NAMES[kind].toLowerCase()}`}>
      {kind === "CALIPER" ? <Caliper mm={truth} said={said} /> : <Scale grams={truth} said={said} />}
      <p className="sentence">
        <span>{what}</span>
        <NumberInput
          label={`${what}, ${unit}`}
          kind="number"
          decimals={2}
          step={0.1}
          value={truth}
          onChange={setTruth}
        />
        <span>{unit}, give or take</span>
        <NumberInput
          label={`Noise, ${unit}`}
          kind="number"
          decimals={2}
          step={0.01}
          value={spread}
          onChange={(to) => setSpread(Math.max(0, to))}
        />
        <button className="action" onClick={press}>
          {kind === "CALIPER" ? "Press its button" : "Lay it on"}
        </button>
      </p>
    </div>
  );
}

const shown = (said: number | null) => (said === null ? "–" : said.toFixed(2));

const MOST_OPEN_MM = 60;

/** Its jaws as far apart as it is told, its display. */
function Caliper({ mm, said }: { mm: number; said: number | null }) {
  const open = (Math.min(MOST_OPEN_MM, mm) / MOST_OPEN_MM) * 150;
  return (
    <svg
      viewBox="0 0 380 130"
      className="stand-in-picture"
      role="img"
      aria-label={`It shows ${shown(said)} mm`}
    >
      <path className="stand-in-steel" d="M20 34H370V52H20Z" />
      <path className="stand-in-steel" d="M20 34V118L36 86V52" />
      <g transform={`translate(${open} 0)`}>
        <path className="stand-in-steel" d="M38 52V86L54 118V52" />
        <rect className="stand-in-case" x="54" y="20" width="150" height="60" rx="4" />
        <text className="stand-in-said" x="190" y="63" textAnchor="end">
          {shown(said)}
        </text>
      </g>
    </svg>
  );
}

/** Something on its pan, larger as it is heavier. */
function Scale({ grams, said }: { grams: number; said: number | null }) {
  const high = Math.min(34, 8 + 6 * Math.cbrt(Math.max(0, grams)));
  return (
    <svg
      viewBox="0 0 380 130"
      className="stand-in-picture"
      role="img"
      aria-label={`It shows ${shown(said)} g`}
    >
      {grams > 0 && <ellipse className="stand-in-load" cx="130" cy={42 - high / 2} rx={high} ry={high / 2} />}
      <path className="stand-in-steel" d="M40 42H220L206 56H54Z" />
      <rect className="stand-in-case" x="30" y="60" width="250" height="60" rx="4" />
      <text className="stand-in-said" x="264" y="104" textAnchor="end">
        {shown(said)}
      </text>
    </svg>
  );
}

/** A standard normal number (Box and Muller). */
const normal = () => Math.sqrt(-2 * Math.log(1 - Math.random())) * Math.cos(2 * Math.PI * Math.random());
