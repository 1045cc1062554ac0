import { useEffect, useState } from "react";
import { usePreferences } from "../../api/queries";
import type { FormAnswer } from "../../api/types";
import { openRing } from "../../drawing/ring";
import { plain, size, sizeText } from "../../quantity/format";
import { formStepNumber, formStepPart, formStepTitle, formStepWords } from "../../shared/words/formWords";
import { figureOf } from "../../shared/words/figures";
import { OnJaws } from "../../shared/shell/OnJaws";
import { WhyNumber } from "../../shared/shell/Why";

interface Props {
  form: FormAnswer;
  /** Steps done in what is shown; null when the form is shown done. */
  step: number | null;
  held: boolean;
  ready: boolean;
  /** Why the bends cannot be played; null when they can. */
  refusal: string | null;
  onStep: (step: number | null) => void;
  onHeld: (held: boolean) => void;
}

const HOLD_MS = 650;
const REST_MS = 750;

/** Plays the bends: step by step or through; each bend held in its tool, then let spring back. */
export function Player({ form, step, held, ready, refusal, onStep, onHeld }: Props) {
  const [playing, setPlaying] = useState(false);
  const last = form.steps.length;
  const now = step === null || step === 0 ? null : form.steps[step - 1];
  const springs = now?.toolMm != null;
  const go = (to: number) => {
    const next = Math.max(0, Math.min(last, to));
    onStep(next);
    onHeld(next > 0 && form.steps[next - 1]!.toolMm !== null);
  };
  const done = () => setPlaying(false);
  usePlaying(playing && ready && step !== null, held, () => {
    if (held) {
      onHeld(false);
    } else if (step! < last) {
      go(step! + 1);
    } else {
      done();
    }
  });
  const begin = () => {
    if (step === null || step === last) {
      go(0);
    }
    setPlaying(!playing);
  };
  return (
    <div className="player" aria-label="The bends">
      <PlayerKeys
        {...{ form, step, playing, begin }}
        canGoOn={step !== last || (held && springs)}
        onStep={(to) => {
          done();
          go(to);
        }}
        onOn={() => {
          done();
          if (held && springs) {
            onHeld(false);
          } else {
            go((step ?? -1) + 1);
          }
        }}
        onDone={() => {
          done();
          onStep(null);
          onHeld(false);
        }}
        onChain={go}
      />
      {step !== null && refusal && (
        <p className="stop small" role="alert">
          {refusal}
        </p>
      )}
      {step !== null && <PlayerWords {...{ form, step, held }} />}
    </div>
  );
}

/** Goes on by itself while it plays: a held bend is let go, then the next one comes. One step at a time, each set anew by what is shown. */
function usePlaying(playing: boolean, held: boolean, goOn: () => void): void {
  useEffect(() => {
    if (playing) {
      const timer = setTimeout(goOn, held ? HOLD_MS : REST_MS);
      return () => clearTimeout(timer);
    }
  });
}

interface Keys extends Pick<Props, "form" | "step"> {
  playing: boolean;
  canGoOn: boolean;
  begin: () => void;
  onStep: (step: number) => void;
  onOn: () => void;
  onDone: () => void;
  onChain: (step: number) => void;
}

function PlayerKeys({ form, step, playing, canGoOn, begin, onStep, onOn, onDone, onChain }: Keys) {
  return (
    <div className="player-keys">
      <button className="quiet" onClick={begin}>
        {playing ? "stop" : "play the bends"}
      </button>
      <button
        className="quiet at-end"
        aria-label="One step back"
        disabled={step === null || step === 0}
        onClick={() => onStep((step ?? form.steps.length) - 1)}
      >
        ←
      </button>
      <Chain count={form.steps.length} at={step} steps={form.steps.map(formStepTitle)} onStep={onChain} />
      <button className="quiet at-end" aria-label="One step on" disabled={!canGoOn} onClick={onOn}>
        →
      </button>
      {step !== null && (
        <button className="quiet" onClick={onDone}>
          done form
        </button>
      )}
    </div>
  );
}

/** The step in words: what is done, where, the number, the wire it takes. */
function PlayerWords({ form, step, held }: Pick<Props, "form" | "held"> & { step: number }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const now = step === 0 ? null : form.steps[step - 1];
  const springs = now?.toolMm != null;
  const cut = form.wires.find((wire) => wire.name === now?.wire)?.lengthToCutMm ?? form.lengthToCutMm;
  const number = now ? formStepNumber(now, cut, units) : null;
  return (
    <p className="player-words" role="status">
      {now ? (
        <>
          <strong>
            {step}. {formStepTitle(now)}:
          </strong>{" "}
          {formStepPart(now, form.wires.length)}
          {number && (
            <strong className="figures">
              {" "}
              {number.length
                ? size(number.value, units, number.decimals).value
                : plain(number.value, number.decimals)}{" "}
              {number.unit}
            </strong>
          )}
          <span className="soft">
            {springs ? (held ? " in the tool. " : " sprung back. ") : " "}
            {formStepWords(now, units)}
            {now.toolMm !== null && <OnJaws diameterMm={now.toolMm} />}
            {now.lengthMm > 0 && (
              <>
                {" "}
                It takes{" "}
                <WhyNumber figure={figureOf(form, `step-${step - 1}`)}>
                  {sizeText(now.lengthMm, units)}
                </WhyNumber>{" "}
                of wire.
              </>
            )}
          </span>
        </>
      ) : (
        <span className="soft">The wire, cut straight. Every mark is on the strip below.</span>
      )}
    </p>
  );
}

const CELL = 18;

/** One ring a step, closed when it is done. */
function Chain({
  count,
  at,
  steps,
  onStep,
}: {
  count: number;
  at: number | null;
  steps: string[];
  onStep: (step: number) => void;
}) {
  const done = at ?? count;
  const width = Math.min(CELL, 420 / count);
  return (
    <svg
      width={count * width}
      height={22}
      className="chain"
      role="slider"
      tabIndex={0}
      aria-label="Steps done"
      aria-valuemin={0}
      aria-valuemax={count}
      aria-valuenow={done}
      aria-valuetext={done === 0 ? "not begun" : `${done}, ${steps[done - 1]}`}
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        onStep(Math.ceil((event.clientX - box.left) / width));
      }}
      onKeyDown={(event) => {
        if (event.key === "ArrowRight" || event.key === "ArrowLeft") {
          event.preventDefault();
          onStep(done + (event.key === "ArrowRight" ? 1 : -1));
        }
      }}
    >
      {steps.map((name, i) => (
        <path
          key={i}
          d={openRing(i * width + width / 2, 11, Math.min(6, width * 0.36), i < done ? 0.5 : 70)}
          fill="none"
          stroke={i === done - 1 && at !== null ? "var(--mark)" : i < done ? "var(--ink)" : "var(--soft)"}
          strokeWidth={i < done ? 2.2 : 1.4}
        >
          <title>{name}</title>
        </path>
      ))}
    </svg>
  );
}
