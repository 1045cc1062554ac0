import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { call } from "../../api/client";
import type { components } from "../../api/schema";
import { speakAs, type InstrumentKind } from "../../shared/kernel/instruments";
import { plain } from "../../quantity/format";
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
    <div className="place">
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
      <p className="huge">
        {said === null ? "–" : plain(said, 2)}
        <small>{unit}</small>
      </p>
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

/** A standard normal number (Box and Muller). */
const normal = () => Math.sqrt(-2 * Math.log(1 - Math.random())) * Math.cos(2 * Math.PI * Math.random());
