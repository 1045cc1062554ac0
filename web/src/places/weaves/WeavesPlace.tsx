import { useEffect, useRef, useState, type ReactNode } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { usePreferences, useWeaves } from "../../api/queries";
import type { ProblemBody } from "../../api/client";
import type { Figure, WeaveEntry, WeaveJudged, WeavePose, WeaveSolved } from "../../api/types";
import { mass, plain, size, sizeText, type Units } from "../../quantity/format";
import { blankWeave, keepWeave } from "../../shared/kernel/newWeave";
import { FigureRow } from "../../shared/shell/Why";
import { WireChoice } from "../../shared/shell/WireChoice";
import { Finding } from "../../shared/shell/Find";
import { RefusedValue } from "../../shared/shell/RefusedValue";
import { RingSizesGiven } from "../../shared/shell/RingSizesGiven";
import { REFUSED_ABOVE, ShutButton } from "../../shared/shell/ShutButton";
import { poseAt } from "../../drawing/weave";
import { chosenWire, innerFor, useBend, useSolved, useWeaveChoice, wireOf } from "./useWeave";
import { OwnWeaves } from "./OwnWeaves";
import { PullSlider } from "./PullSlider";
import { WeaveLadder } from "./WeaveLadder";
import { WeaveView } from "./WeaveView";
import { noteWords } from "../../shared/words/noteWords";

/** Each weave as solved geometry in the maker's own ring: does it close, how it lies from slack to taut, how long it comes out. */
export function WeavesPlace() {
  const weaves = useWeaves().data;
  const [choice, change] = useWeaveChoice();
  const [query, setQuery] = useSearchParams();
  const led = query.get("weave");
  useEffect(() => {
    const to = weaves?.find((one) => one.id === led);
    if (to) {
      change({ weave: to.id, innerMm: innerFor(to, { ...choice, innerMm: [choice.innerMm[0]!] }) }, "weave");
      setQuery({}, { replace: true });
    }
    // led here by a link: taken over once
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [led, weaves]);
  const weave = weaves?.find((one) => one.id === choice.weave) ?? weaves?.[0];
  if (!weaves || !weave) {
    return null;
  }
  return <Weave weaves={weaves} weave={weave} choice={choice} change={change} />;
}

type Choosing = ReturnType<typeof useWeaveChoice>;

interface WeaveProps {
  weave: WeaveEntry;
  choice: Choosing[0];
  change: Choosing[1];
}

function Weave({ weaves, weave, choice, change }: WeaveProps & { weaves: WeaveEntry[] }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const inner = innerFor(weave, choice);
  const { judged, solved, poses, working, stale, problem } = useSolved(weave, choice, inner);
  const [pull, setPull] = useState<number | null>(null);
  const top = useRef<HTMLHeadingElement>(null);
  const choose = (next: WeaveEntry) => {
    setPull(null);
    change({ weave: next.id, innerMm: innerFor(next, { ...choice, innerMm: [inner[0]!] }) }, "weave");
    top.current?.scrollIntoView?.({ block: "nearest" });
  };
  const at = poses ? poseAt(poses, pull) : 0;
  const pose = poses?.[at];
  return (
    <div className="weaves-place" data-stale={stale} data-refused={problem !== null}>
      <section className="weave-main" aria-label={weave.name}>
        <Finding
          head={
            <h1 ref={top} className="place-title">
              {weave.name}
            </h1>
          }
        />
        <RingsOf {...{ weave, choice, change, inner }} />
        {problem ? (
          <Refused {...{ weave, choice, change, inner, problem }} />
        ) : (
          <Verdict judged={judged} units={units} />
        )}
        {pose ? (
          <WeaveView pose={pose} weave={weave} wireMm={choice.wireMm} metal={choice.metal} />
        ) : (
          <BeingSolved refused={problem !== null} />
        )}
        {poses && poses.length > 1 && <Pulled {...{ poses, at, units, working }} onPull={setPull} />}
        {solved && !stale && (
          <>
            <MakePatch
              {...{ weave, choice, inner }}
              why={problem ? REFUSED_ABOVE : solved.fits ? null : NOT_IN_THIS}
            />
            <Figures solved={solved} units={units}>
              {weave.kind !== "FINITE" && solved.fits && <Bend {...{ weave, choice, inner, units }} />}
            </Figures>
          </>
        )}
      </section>
      <aside aria-label="Every weave">
        <WeaveLadder weaves={weaves} chosen={weave.id} ratio={judged?.aspectRatio ?? 0} onChoose={choose} />
        <OwnWeaves weave={weave} onTaken={(id) => change({ weave: id, innerMm: [inner[0]!] }, "weave")} />
      </aside>
    </div>
  );
}

const NOT_IN_THIS = "It does not close in this ring: take a larger one.";

interface RingsProps extends WeaveProps {
  inner: number[];
}

/** The wire and the rings it is looked at in. */
function RingsOf({ weave, choice, change, inner }: RingsProps) {
  return (
    <p className="sentence mt-1">
      <span>in</span>
      <WireChoice
        wire={wireOf(choice)}
        asksThickness
        change={(patch, tag) => change(chosenWire(patch), tag)}
      />
      <RingSizesGiven
        sizes={weave.sizes}
        wire={{ spoolId: choice.spoolId, metal: choice.metal, wireDiameterMm: choice.wireMm }}
        inner={inner}
        onChange={(innerMm, i) => change({ innerMm }, `ring ${i}, inside`)}
      />
    </p>
  );
}

/** A ring or a wire refused, by its name in this weave, and what would be taken. */
function Refused({ weave, choice, change, inner, problem }: RingsProps & { problem: ProblemBody }) {
  const at = Math.max(0, inner.indexOf(Number(problem.value)));
  const setInner = (value: number) =>
    change({ innerMm: inner.map((one, k) => (k === at ? value : one)) }, `ring ${at}, inside`);
  return (
    <RefusedValue
      problem={problem}
      names={{ innerDiameterMm: `The ${weave.sizes[at]!.name}, inside,` }}
      onTake={(field) =>
        field === "innerDiameterMm"
          ? setInner
          : field === "wireDiameterMm" && choice.spoolId === null
            ? (value) => change({ wireMm: value }, "wire")
            : null
      }
    />
  );
}

interface PulledProps {
  poses: WeavePose[];
  at: number;
  units: Units;
  working: boolean;
  onPull: (pull: number) => void;
}

/** How far it is pulled, and how long a cell is then. */
function Pulled({ poses, at, units, working, onPull }: PulledProps) {
  return (
    <label className="pull">
      <PullSlider {...{ poses, at, units }} onPull={onPull} />
      <span className="figures strong">
        {size(poses[at]!.pitchMm, units).value}
        <span className="soft font-medium"> {size(0, units).unit} a cell</span>
      </span>
      {working && (
        <span className="soft" role="status">
          working it out
        </span>
      )}
    </label>
  );
}

/** From looking to making: a patch of it, kept as a job. */
function MakePatch({
  weave,
  choice,
  inner,
  why,
}: {
  weave: WeaveEntry;
  choice: Choosing[0];
  inner: number[];
  /** Why no patch can be made of it; null when one can. */
  why: string | null;
}) {
  const navigate = useNavigate();
  const choices = usePreferences().data?.data;
  const start = async () => {
    const rings = { spoolId: choice.spoolId, metal: choice.metal, wireMm: choice.wireMm, innerMm: inner };
    await navigate(`/weaves/${await keepWeave(blankWeave(weave, rings, choices?.sparePercent ?? 5))}`);
  };
  return (
    <p className="make-patch">
      <ShutButton why={why} onClick={() => void start()}>
        Count and make a patch
      </ShutButton>
      <Link className="quiet" to="/weaves/shelf">
        every weave in my rods&rsquo; rings
      </Link>
      <Link className="quiet" to="/weaves/medallion">
        cross, star, medallion
      </Link>
    </p>
  );
}

function BeingSolved({ refused }: { refused: boolean }) {
  return (
    <p className="soft grow" role="status">
      {refused ? "" : "being solved"}
    </p>
  );
}

function Verdict({ judged, units }: { judged: WeaveJudged | undefined; units: Units }) {
  const verdict = judged?.notes[0];
  return (
    <p
      className={`weave-verdict ${verdict?.severity.toLowerCase() ?? ""}`}
      data-testid="verdict"
      role="status"
    >
      {verdict ? noteWords(verdict, units) : "\u00a0"}
    </p>
  );
}

const DECIMALS: Record<string, number> = {
  "weave-aspect-ratio": 3,
  "weave-aspect-ratio-min": 3,
  "weave-play": 0,
};
const HERO = ["weave-per-100", "weave-per-square"];

/** The number that matters largest; every figure opens to its why. */
function Figures({ solved, units, children }: { solved: WeaveSolved; units: Units; children: ReactNode }) {
  const hero = solved.figures.find((figure) => HERO.includes(figure.id));
  const shown = (figure: Figure) =>
    figure.unit === "mm"
      ? sizeText(figure.value, units)
      : figure.unit === "g"
        ? mass(figure.value)
        : `${plain(figure.value, DECIMALS[figure.id] ?? 1)} ${figure.unit}`;
  return (
    <div className="weave-figures" data-testid="weave-figures">
      {hero && (
        <div className="big">
          <strong className="figures">{plain(hero.value, hero.value < 20 ? 1 : 0)}</strong>
          <FigureRow figure={hero}>
            <small>{hero.id === "weave-per-100" ? "taut" : "at rest"}</small>
          </FigureRow>
        </div>
      )}
      <div className="weave-columns">
        {solved.figures
          .filter((figure) => figure !== hero)
          .map((figure) => (
            <FigureRow key={figure.id} figure={figure}>
              {shown(figure)}
            </FigureRow>
          ))}
        {children}
      </div>
      <p className="small soft">
        {solved.linksVerified
          ? "Links checked: every ring through the rings the weave says, and no other. "
          : ""}
        {solved.notes
          .slice(1)
          .map((note) => noteWords(note, units))
          .join(" ")}
      </p>
    </div>
  );
}

/** How tightly it bends, each way it can be: worked out when it is asked for, and from then on for every ring. */
function Bend({
  weave,
  choice,
  inner,
  units,
}: {
  weave: WeaveEntry;
  choice: Choosing[0];
  inner: number[];
  units: Units;
}) {
  const [wanted, setWanted] = useState(false);
  const { data, isFetching, isError } = useBend(weave, choice, inner, wanted);
  if (data && data.bends.length > 0) {
    return data.bends.map(({ figure }) => (
      <FigureRow key={figure.id} figure={figure}>
        {sizeText(figure.value, units)}
      </FigureRow>
    ));
  }
  return (
    <div className="figure-row">
      <div className="figure-line">
        {isFetching || data !== undefined ? (
          <span className="figure-name">how tightly it bends</span>
        ) : (
          <button className="figure-name" onClick={() => setWanted(true)}>
            how tightly it bends
          </button>
        )}
        <span className="figure-value small" role="status">
          {isFetching ? "working it out" : data ? "closes to no loop" : isError ? "not answered" : ""}
        </span>
      </div>
    </div>
  );
}
