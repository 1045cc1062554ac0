import { useState } from "react";
import { Link } from "react-router";
import type { Kept, Operation, RunData } from "../../api/types";
import { SaveMark } from "../../shared/shell/SaveMark";
import { Timers } from "../../shared/shell/Timers";
import { cautionWords } from "../../shared/words/words";
import { operationTitle, waitWords } from "../../shared/words/operationWords";
import { FAMILIES } from "./families";
import { FooterMiddle } from "./FooterMiddle";
import { FromShelf } from "./FromShelf";
import { MeasureEntry, measured } from "./MeasureEntry";
import { ReadAloud } from "./ReadAloud";
import { RestOnPaper } from "./RestOnPaper";
import { RunDone } from "./RunDone";
import { RunFooter } from "./RunFooter";
import { Mistake } from "./WeavingOperation";
import { counts, flows, leaves, placeOf, type Place } from "./rhythm";
import { TimeTaken } from "./TimeTaken";
import { useBenchKeys } from "./useBenchKeys";
import { useRunProgress } from "./useRunProgress";
import { useWatch } from "./useWatch";
import { whereabouts } from "./whereabouts";

/** One operation, huge; a press for each; Space for the next; a typed number is a measurement. */
export function RunPage({ run }: { run: Kept<RunData> }) {
  const { progress, watch, onward, backward } = useWatched(run);
  const { place } = progress;
  const { operation } = place;
  const [wrong, setWrong] = useState(false);
  const full = !counts(place) || place.count >= place.times || flows(operation!);
  const goOn = () => setWrong(false);
  const forward = wrong ? goOn : onward;
  const back = wrong ? goOn : backward;
  useBenchKeys(operation && !wrong ? forward : null, back, operation ? watch.press : null);
  return (
    <div className="making">
      <Header run={run} progress={progress} />
      {wrong ? (
        <Mistake
          run={run}
          ringsIn={place.count}
          onGoTo={(ring) => {
            goOn();
            watch.spoil();
            progress.goTo(operation!.id, ring);
          }}
        />
      ) : operation ? (
        <InHand run={run} operation={operation} place={place} />
      ) : (
        <RunDone run={run} note={progress.data.note} onNote={progress.setNote} />
      )}
      {operation && <RestOnPaper run={run} place={place} />}
      <div className="time-strip">
        {operation && !wrong && (
          <TimeTaken key={`time ${operation.id}`} run={run.data} {...{ operation, place, watch }} />
        )}
        <Timers />
      </div>
      <RunFooter
        atStart={place.at === 0 && place.count === 0}
        done={!operation}
        full={full}
        onBack={back}
        {...(wrong && { word: "Go on" })}
        onForward={forward}
      >
        {operation && (
          <FooterMiddle
            run={run.data}
            place={place}
            onCount={progress.setCount}
            wrong={wrong}
            onWrong={setWrong}
          />
        )}
      </RunFooter>
    </div>
  );
}

/** Where the maker is, and the watch that goes along. */
function useWatched(run: Kept<RunData>) {
  const progress = useRunProgress(run);
  const { place } = progress;
  const watch = useWatch(run, place);
  return {
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

function Header({ run, progress }: { run: Kept<RunData>; progress: ReturnType<typeof useRunProgress> }) {
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
        </>
      )}
      <SaveMark
        editor={progress.editor}
        state={progress.state}
        describe={(at) =>
          `${whereabouts({ ...run.data, ...at })}, ${placeOf(run.data.plan, at).count} counted there`
        }
      />
    </header>
  );
}

function InHand({ run, operation, place }: { run: Kept<RunData>; operation: Operation; place: Place }) {
  const { Picture, Words, Title } = FAMILIES[operation.detail.family];
  const props = { run, operation, place };
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
        {operation.waits && <p className="soft">{waitWords(operation.waits)}</p>}
        {measured(operation).length > 0 && (
          <MeasureEntry key={operation.id} run={run} operation={operation} />
        )}
      </div>
    </main>
  );
}
