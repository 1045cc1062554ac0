import { useEffect, useRef, useState, type ReactNode } from "react";
import { CountRings } from "../../shared/shell/CountRings";
import { onKeys } from "../../shared/kernel/typing";
import { NOT_TAKEN } from "../../shared/kernel/readings";
import { failureWords } from "../../shared/words/refused";
import { JOINTS } from "../../shared/words/exerciseWords";
import { TakeBack } from "./Entry";
import type { Practice } from "./usePractice";

/** Closed rings, each judged by a press of what it looks like. */
export function JudgedSession({ practice }: { practice: Practice }) {
  const { exercise, session, count, take, takeBack } = practice;
  const { goes } = exercise.info;
  const [refusal, setRefusal] = useState<string | null>(null);
  const judge = async (value: number) => {
    if (count >= goes) {
      return;
    }
    try {
      await take(exercise.criteria[0]!.id, value);
      setRefusal(null);
    } catch (failure) {
      setRefusal(failureWords(failure, NOT_TAKEN));
    }
  };
  useNumberKeys(judge);
  return (
    <div>
      <div className="mt-4 max-w-[560px]">
        <CountRings count={count} of={goes} what="rings" />
      </div>
      {count < goes && (
        <>
          <p className="mt-3 text-lg">
            Ring {count + 1} of {goes}: its joint is
          </p>
          <div className="joints" role="group" aria-label="The joint">
            {JOINTS.map((word, value) => (
              <button key={word} aria-label={word} onClick={() => void judge(value)}>
                <svg viewBox="0 0 90 60" aria-hidden="true">
                  {JOINED[value]}
                </svg>
                <span>{word}</span>
                <kbd>{value + 1}</kbd>
              </button>
            ))}
          </div>
        </>
      )}
      {refusal && (
        <p className="stop" role="alert">
          {refusal}
        </p>
      )}
      {session && <TakeBack onTake={() => void takeBack()} />}
    </div>
  );
}

/** 1 to 4 press what they stand on. */
function useNumberKeys(judge: (value: number) => Promise<void>) {
  const latest = useRef(judge);
  useEffect(() => {
    latest.current = judge;
  });
  useEffect(
    () =>
      onKeys(
        Object.fromEntries(JOINTS.map((_, value) => [`${value + 1}`, () => void latest.current(value)])),
      ),
    [],
  );
}

const END = { fill: "none", stroke: "var(--ink)", strokeWidth: 14 } as const;

/** The two ends as a glass shows them. */
const JOINED: readonly ReactNode[] = [
  <g key="flush">
    <path {...END} d="M4 34C24 26 66 26 86 34" />
    <path stroke="var(--paper)" strokeWidth={1} d="M45 21V36" />
  </g>,
  <g key="gap">
    <path {...END} d="M4 34C16 29 28 27 39 27M51 27C62 27 74 29 86 34" />
  </g>,
  <g key="step">
    <path {...END} d="M4 38C16 33 30 31 45 31M45 22C60 22 74 24 86 29" />
  </g>,
  <g key="marked">
    <path {...END} d="M4 34C24 26 66 26 86 34" />
    <path stroke="var(--paper)" strokeWidth={1} d="M45 21V36" />
    <path stroke="var(--care)" strokeWidth={2.5} d="M24 24L30 36M30 23L36 35M56 23L62 35M62 24L68 36" />
  </g>,
];
