import { useState } from "react";
import { Link } from "react-router";
import type { Kept, WeaveRunData } from "../../api/types";
import { openRing } from "../../drawing/ring";
import { many } from "../../quantity/format";
import { AssemblyScene } from "../weaves/AssemblyScene";
import { madeOf } from "../weaves/made";
import { stepHead, stepWay } from "../../shared/assemblyWords";
import { CountRings } from "../../shared/CountRings";
import { SaveMark } from "../../shared/SaveMark";
import { useLaid, useRunPiece } from "../../shared/weavePiece";
import { problemWords } from "../../shared/words";
import { RunFooter } from "./RunFooter";
import { RunNote } from "./RunNote";
import { SomethingWrong } from "./SomethingWrong";
import { useBenchKeys } from "./useBenchKeys";
import { useWeaveProgress } from "./useWeaveProgress";

const TEN = 10;

/** Close so many, open so many, then ring by ring; Space for the next; never loses its place. */
export function WeaveRunPage({ run }: { run: Kept<WeaveRunData> }) {
  const progress = useWeaveProgress(run);
  const { plan } = run.data;
  const { beforehand, ringsIn } = progress;
  const { piece, poses, problem } = useRunPiece(run.id, plan.job);
  const rings = useLaid(piece, poses, null);
  const [wrong, setWrong] = useState(false);
  const counting = progress.step < beforehand;
  const finished = progress.step >= progress.steps;
  const step = counting || finished ? undefined : piece?.steps[ringsIn];
  const full = !counting || progress.count >= progress.wanted;
  const forward = () => (full ? progress.go(progress.step + 1) : progress.setCount(progress.count + 1));
  const back = () =>
    counting && progress.count > 0 ? progress.setCount(progress.count - 1) : progress.go(progress.step - 1);
  useBenchKeys(finished || wrong ? null : forward, wrong ? () => setWrong(false) : back);
  const scene = piece && rings && !counting && (
    <AssemblyScene
      className="making-scene"
      made={madeOf(plan.job)}
      piece={piece}
      rings={rings}
      done={finished ? piece.steps.length : ringsIn + 1}
      inHand={!finished}
      fitKey="making"
    />
  );
  return (
    <div className="making">
      <header>
        <Link to="/" className="figures font-bold no-underline hover:underline">
          {plan.job.name}
        </Link>
        <span className="soft">{whereabouts(progress, plan.assemblySteps, step?.unit)}</span>
        <SaveMark
          editor={progress.editor}
          state={progress.state}
          describe={(at) => `ring ${Math.max(0, at.step - beforehand)} of ${plan.assemblySteps}`}
        />
      </header>
      {wrong && piece && rings ? (
        <SomethingWrong
          runId={run.id}
          job={plan.job}
          piece={piece}
          rings={rings}
          done={Math.min(piece.steps.length, ringsIn)}
          onGoTo={(to) => {
            setWrong(false);
            progress.go(beforehand + to);
          }}
        />
      ) : finished ? (
        <main>
          {scene || <span />}
          <div>
            <h1>Done</h1>
            <p className="huge" data-testid="big-number">
              {plan.total}
              <small>rings</small>
            </p>
            <RunNote note={progress.data.note} onNote={progress.setNote} />
          </div>
        </main>
      ) : (
        <main>
          {counting ? <LooseRings open={progress.step === 1} /> : scene || <span />}
          <div>
            {counting ? (
              <>
                <h1>{progress.step === 0 ? "Close these first" : "Open these"}</h1>
                <p className="huge" data-testid="big-number">
                  {progress.wanted}
                  <small>rings</small>
                </p>
                <p className="what">
                  {progress.step === 0
                    ? "Ends flush, no gap to catch a thread. Lay them in one heap."
                    : "Turn the ends past each other sideways, never apart. Wide enough for the wires that go through, no wider."}
                </p>
              </>
            ) : step ? (
              <>
                <h1>{stepHead(step)}</h1>
                <p className="huge" data-testid="big-number">
                  {ringsIn + 1}
                  <small>of {plan.assemblySteps}</small>
                </p>
                <p className="what">{stepWay(step)}</p>
              </>
            ) : (
              <p className="soft" role="status">
                {problem ? problemWords(problem) : "being worked out"}
              </p>
            )}
          </div>
        </main>
      )}
      <div />
      <RunFooter
        atStart={progress.step === 0 && progress.count === 0}
        done={finished}
        full={full}
        onBack={wrong ? () => setWrong(false) : back}
        {...(wrong && { word: "Go on" })}
        onForward={wrong ? () => setWrong(false) : forward}
      >
        {counting ? (
          <>
            <CountRings
              count={progress.count}
              of={progress.wanted}
              onCount={progress.setCount}
              label={progress.step === 0 ? "Rings closed" : "Rings opened"}
            />
            <span className="flex gap-6">
              <button className="quiet" onClick={() => progress.setCount(progress.count + TEN)}>
                ten more
              </button>
              <button className="quiet" onClick={() => progress.setCount(progress.wanted)}>
                all of them
              </button>
            </span>
          </>
        ) : (
          !finished && (
            <>
              <progress
                className="ring-progress"
                max={plan.assemblySteps}
                value={ringsIn}
                aria-label="Rings put in"
              />
              <button className="quiet at-end" disabled={ringsIn === 0} onClick={() => setWrong(!wrong)}>
                {wrong ? "go on making" : "something looks wrong"}
              </button>
            </>
          )
        )}
      </RunFooter>
    </div>
  );
}

function whereabouts(
  { step, steps, beforehand, ringsIn }: { step: number; steps: number; beforehand: number; ringsIn: number },
  rings: number,
  unit: number | undefined,
): string {
  if (step >= steps) {
    return "done";
  }
  if (step < beforehand) {
    return `join, ${step === 0 ? "closing" : "opening"} beforehand`;
  }
  return `join, ring ${ringsIn + 1} of ${rings}${unit ? `, unit ${unit}` : ""}`;
}

/** A handful of rings, closed or open. */
function LooseRings({ open }: { open: boolean }) {
  const places = [
    [120, 130],
    [250, 90],
    [205, 220],
    [330, 190],
    [110, 265],
    [300, 305],
  ];
  const gap = open ? 40 : 0.6;
  return (
    <svg
      viewBox="0 0 430 400"
      className="making-drawing"
      role="img"
      aria-label={open ? "open rings" : "closed rings"}
    >
      {places.map(([x, y], i) => (
        <g key={i} transform={`rotate(${i * 57} ${x} ${y})`}>
          <path d={openRing(x!, y!, 46, gap)} fill="none" stroke="var(--ink)" strokeWidth="13" />
          <path d={openRing(x!, y!, 46, gap)} fill="none" stroke="var(--paper)" strokeWidth="9" />
        </g>
      ))}
      <text x={215} y={385} textAnchor="middle" className="soft">
        {open ? "ends aside, not apart" : many(2, "flush end")}
      </text>
    </svg>
  );
}
