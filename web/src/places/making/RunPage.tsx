import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { Kept, Operation, RunData } from "../../api/types";
import { Outbox } from "../../shared/shell/Outbox";
import { SaveMark } from "../../shared/shell/SaveMark";
import { TakePhoto } from "../../shared/shell/TakePhoto";
import { Timers } from "../../shared/shell/Timers";
import { TwoServers } from "../../shared/shell/TwoServers";
import { cautionWords } from "../../shared/words/words";
import { operationTitle } from "../../shared/words/operationWords";
import { CarryOn } from "./CarryOn";
import { Failed, Skip } from "./Astray";
import { measurableNow } from "./checks";
import { FAMILIES } from "./families";
import { FooterMiddle } from "./FooterMiddle";
import { FromShelf } from "./FromShelf";
import { Meanwhile } from "./Meanwhile";
import { MeasureEntry, measured } from "./MeasureEntry";
import { ReadAloud } from "./ReadAloud";
import type { OperationProps } from "./operation";
import { RestOnPaper } from "./RestOnPaper";
import { RunDone } from "./RunDone";
import { RunFooter } from "./RunFooter";
import { Mistake } from "./WeavingOperation";
import { counts, flows, leaves, placeOf, type Place } from "./rhythm";
import { TimeTaken } from "./TimeTaken";
import { aimedAt, isTheFirst, useByTheFirst } from "./useByTheFirst";
import { useBenchKeys } from "./useBenchKeys";
import { useRunProgress, type Progress } from "./useRunProgress";
import { useWatch } from "./useWatch";
import { whereabouts } from "./whereabouts";

/** One operation, huge; a press for each; Space for the next; a typed number is a measurement. */
export function RunPage({ run: kept }: { run: Kept<RunData> }) {
  const { run, progress, watch, onward, backward } = useWatched(kept);
  const { place } = progress;
  const { operation } = place;
  const [aside, setAside] = useState<Aside | null>(null);
  const full = !counts(place) || place.count >= place.times || flows(operation!);
  const goOn = () => setAside(null);
  const forward = aside ? goOn : onward;
  const back = aside ? goOn : backward;
  useBenchKeys({
    forward: operation && !aside ? forward : null,
    back,
    watch: operation ? watch.press : null,
    failed: operation && !aside ? () => setAside("failed") : null,
  });
  return (
    <div className="making">
      <Header run={run} progress={progress} />
      {!operation ? (
        <RunDone run={run} progress={progress} />
      ) : aside ? (
        <SetAside aside={aside} {...{ run, operation, place, progress, watch }} onEnd={goOn} />
      ) : (
        <InHand {...{ run, operation, place }} />
      )}
      {operation && <RestOnPaper run={run} place={place} />}
      <div className="time-strip">
        {operation && !aside && (
          <>
            <OtherThanPlanned failed={progress.data.spoilt.length} place={place} onAside={setAside} />
            <TakePhoto run={run.id} operation={operation.id} />
            <TimeTaken key={`time ${operation.id}`} run={run.data} {...{ operation, place, watch }} />
          </>
        )}
        <Timers />
        <TwoServers />
        <Outbox />
      </div>
      <RunFooter
        atStart={place.at === 0 && place.count === 0}
        done={!operation}
        full={full}
        onBack={back}
        {...(aside && { word: "Go on" })}
        onForward={forward}
      >
        {operation && (
          <FooterMiddle
            run={run.data}
            place={place}
            onCount={progress.setCount}
            wrong={aside === "mistake"}
            onWrong={(wrong) => setAside(wrong ? "mistake" : null)}
          />
        )}
      </RunFooter>
    </div>
  );
}

/** What is looked at instead of the operation in hand: a ring gone wrong in a weave, what failed, why it is passed by. */
type Aside = "mistake" | "failed" | "skip";

interface AsideProps {
  aside: Aside;
  run: Kept<RunData>;
  operation: Operation;
  place: Place;
  progress: Progress;
  watch: ReturnType<typeof useWatch>;
  onEnd: () => void;
}

interface OtherProps {
  failed: number;
  place: Place;
  onAside: (aside: Aside) => void;
}

/** Where it does not go as planned. */
function OtherThanPlanned({ failed, place, onAside }: OtherProps) {
  return (
    <span className="otherwise">
      <button className="quiet" aria-keyshortcuts="F" onClick={() => onAside("failed")}>
        one failed{failed > 0 && ` (${failed} so far)`}
      </button>
      {place.times > place.count && (
        <button className="quiet" onClick={() => onAside("skip")}>
          skip {place.count > 0 ? "the rest" : "this"}
        </button>
      )}
    </span>
  );
}

/** Whatever was noted there, what the watch ran is no lap any more. */
function SetAside({ aside, watch, onEnd, ...props }: AsideProps) {
  const end = () => {
    watch.spoil();
    onEnd();
  };
  switch (aside) {
    case "mistake":
      return (
        <Mistake
          run={props.run}
          ringsIn={props.place.count}
          onGoTo={(ring) => {
            end();
            props.progress.goTo(props.operation.id, ring);
          }}
        />
      );
    case "failed":
      return <Failed {...props} onEnd={end} />;
    case "skip":
      return <Skip {...props} onEnd={end} />;
  }
}

/** Where the maker is, over the copies that are made, and the watch that goes along. */
function useWatched(kept: Kept<RunData>) {
  const progress = useRunProgress(kept);
  const { place, plan } = progress;
  const { spoilt } = progress.data;
  const run = useMemo(() => ({ ...kept, data: { ...kept.data, plan, spoilt } }), [kept, plan, spoilt]);
  const watch = useWatch(run, place);
  return {
    run,
    progress,
    watch,
    onward: () => {
      if (leaves(place)) {
        watch.lap();
      }
      progress.forward();
    },
    backward: () => {
      watch.spoil();
      progress.back();
    },
  };
}

function Header({ run, progress }: { run: Kept<RunData>; progress: Progress }) {
  return (
    <header>
      <Link to="/" className="figures font-bold no-underline hover:underline">
        {run.data.name}
      </Link>
      <span className="soft">{whereabouts(run.data, progress.place)}</span>
      {progress.place.operation && (
        <>
          <ReadAloud step={whereabouts(run.data, progress.place)} />
          <button className="quiet" onClick={() => window.print()}>
            print the rest
          </button>
          <CarryOn />
        </>
      )}
      <SaveMark
        editor={progress.editor}
        state={progress.state}
        describe={(at) =>
          `${whereabouts({ ...run.data, ...at })}, ${placeOf(progress.plan, at).count} counted there`
        }
      />
    </header>
  );
}

function InHand({ run, operation, place }: OperationProps) {
  const { Picture, Words, Title } = FAMILIES[operation.detail.family];
  const byTheFirst = useByTheFirst(run, operation, place);
  const props = { run, operation, place };
  const now = { ...operation, measurable: measurableNow(operation, place) };
  return (
    <main>
      <Picture {...props} />
      <div>
        <h1>{Title ? <Title {...props} /> : operationTitle(operation)}</h1>
        <Words {...props} />
        <FromShelf job={run.data.jobId} operation={operation} copies={Math.max(1, place.copies)} />
        {operation.cautions.map((caution) => (
          <p key={caution} className="caution">
            {cautionWords(caution)}
          </p>
        ))}
        {operation.cautions.length > 0 && (
          <Link to="/safety" className="quiet small">
            all cautions
          </Link>
        )}
        <Meanwhile {...props} />
        {measured(now).length > 0 && (
          <>
            {isTheFirst(run, place) && <p className="what">The rest are made by this one: measure it.</p>}
            <MeasureEntry
              key={`${operation.id} ${now.measurable[0]!.quantity}`}
              run={run}
              operation={aimedAt(now, byTheFirst)}
              place={place}
            />
          </>
        )}
      </div>
    </main>
  );
}
