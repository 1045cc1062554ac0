/** What exercises are called, how they are done, and what a pattern in a session's readings asks for. */

import type { ExerciseView, PractiseSession, Remark } from "../../api/exercises";
import { many, plain, size, sizeText, type Units } from "../../quantity/format";

interface ExerciseWords {
  name: string;
  /** How it is done, in a sentence or two. */
  how: string;
  /** What one go is called. */
  go: string;
  /** What is asked for of each criterion, as the field says it. */
  ask: Record<string, string>;
  /** What to do about what stands out, by pattern, or pattern and which way or what. */
  mend: Record<string, string>;
}

const EXERCISES: Record<string, ExerciseWords> = {
  "ten-loops": {
    name: "Ten equal loops",
    how: "Turn ten wrapped loops at the same mark on the jaw. Measure each inside.",
    go: "loop",
    ask: { inside: "inside" },
    mend: {
      "BIAS+": "Move the wire towards the tip of the jaw, and mark the place with a pen.",
      "BIAS-": "Move the wire towards the hinge, and mark the place with a pen.",
      "DRIFT+": "The wire creeps towards the hinge. Look at the mark before each turn.",
      "DRIFT-": "The wire creeps towards the tip. Look at the mark before each turn.",
      UNEVEN: "Seat the wire square to the jaw at one mark, and finish each turn before you let go.",
      ONE_OFF:
        "Measure it once more. If it is so, it was turned at another place; the rest are not to blame.",
    },
  },
  "close-coil": {
    name: "A coil without gaps",
    how: "Wind five coils as close as you can. Measure each along, over twenty wires side by side. Measure the wire first: twenty times its error is in it.",
    go: "coil",
    ask: { along: "over twenty wires" },
    mend: {
      "BIAS+": "Lean the wire back on the turn before as you wind, and keep it taut.",
      "BIAS-": "Twenty such wires cannot be shorter: the wire is thinner than said. Measure it.",
      "DRIFT+": "Gaps grow as the hand tires. Rest, or let a clamp keep the wire taut.",
      "DRIFT-": "They get closer as you go: begin as you ended.",
      UNEVEN: "Turn the rod at one pace, and feed from one side only.",
      ONE_OFF: "Look for the gap in that one, and for a kink in the wire there.",
    },
  },
  "ear-wire-pair": {
    name: "A matched pair of ear wires",
    how: "Make two ear wires as alike as you can. Measure both at three places.",
    go: "place",
    ask: { height: "over all", bow: "across the bow", loop: "inside the loop" },
    mend: {
      height: "Cut both to one length, and mark where the bow begins on both at once.",
      bow: "Bend both over the same mandrel, one right after the other, before either is touched again.",
      loop: "Turn both loops at one mark on the jaw before anything else is bent.",
    },
  },
  "twenty-rings": {
    name: "Twenty closed rings",
    how: "Close twenty rings. Hold each joint against the light and run a fingertip over it.",
    go: "ring",
    ask: { joint: "joint" },
    mend: {
      GAP: "Swing the ends a little past each other, pressing inwards, and back until they click.",
      STEP: "Hold both pliers flat in the plane of the ring, and sight along its edge at the last swing.",
      MARKED: "Grip flat and close to the joint with smooth jaws, and no harder than it needs.",
      TIRING: "Rest hands and eyes after ten.",
    },
  },
  "weave-unit": {
    name: "A weave from memory",
    how: "Open a patch of a weave, choose “practise”, and say of twelve rings which ones each goes through.",
    go: "ring",
    ask: { ring: "right or wrong" },
    mend: {
      WRONG_RINGS: "Look at one whole unit being put together, then say it aloud before the next ring.",
      TIRING: "Twelve at a time are enough: come back later.",
    },
  },
};

const UNKNOWN: ExerciseWords = { name: "An exercise", how: "", go: "go", ask: {}, mend: {} };

/** Of an exercise; one of a newer server has the plainest words. */
export const exerciseWords = (id: string): ExerciseWords => EXERCISES[id] ?? UNKNOWN;

const ORDER = ["ten-loops", "twenty-rings", "close-coil", "ear-wire-pair", "weave-unit"];

/** In the order hands learn them; what is new comes last. */
export const inOrder = (exercises: readonly ExerciseView[]): ExerciseView[] => {
  const place = ({ info }: ExerciseView) => (ORDER.includes(info.id) ? ORDER.indexOf(info.id) : ORDER.length);
  return [...exercises].sort((a, b) => place(a) - place(b));
};

/** What a joint can look like, in the order of its values. */
export const JOINTS = ["flush", "a gap", "a step", "marked"] as const;

const FAULTS: Record<string, string> = {
  GAP: "show a gap",
  STEP: "meet side by side",
  MARKED: "are marked by the jaws",
  WRONG_RINGS: "were wrong",
};

/** The one number of a session, and what it is. */
export function figureWords(exercise: ExerciseView, session: PractiseSession, units: Units) {
  const { done, good, figure } = session.verdict;
  if (exercise.criteria.every((one) => one.worst !== null)) {
    return {
      value: `${good}`,
      unit: `of ${done}`,
      what: exercise.criteria[0]?.quantity === "JOINT" ? "flush" : "right",
    };
  }
  const shown = size(figure, units);
  return exercise.criteria.length > 1
    ? { value: shown.value, unit: shown.unit, what: "apart at the most" }
    : { value: shown.value, unit: shown.unit, what: "spread" };
}

/** What stands out, and what to do about it. */
export function remarkWords(id: string, remark: Remark, done: number, units: Units) {
  const words = exerciseWords(id);
  const by = sizeText(Math.abs(remark.by), units);
  const more = remark.by > 0;
  const sign = more ? "+" : "-";
  const mend = (...keys: string[]) =>
    keys.map((key) => words.mend[key]).find((one) => one !== undefined) ?? "";
  switch (remark.pattern) {
    case "ONE_OFF":
      return {
        said: `${words.go} ${(remark.at ?? 0) + 1} is ${by} ${more ? "larger" : "smaller"} than the others have it`,
        mend: mend("ONE_OFF"),
      };
    case "DRIFT":
      return {
        said: `they ${more ? "grow" : "shrink"} by ${by} from the first to the last`,
        mend: mend(`DRIFT${sign}`),
      };
    case "BIAS":
      return { said: `all are ${by} too ${more ? "large" : "small"}`, mend: mend(`BIAS${sign}`) };
    case "UNEVEN":
      return { said: `they differ by ${by} about their middle`, mend: mend("UNEVEN") };
    case "APART":
      return {
        said: `${words.ask[remark.what] ?? remark.what}, the second is ${by} ${more ? "larger" : "smaller"}`,
        mend: mend(remark.what),
      };
    case "FAULT":
      return {
        said: `${plain(remark.by)} of ${done} ${FAULTS[remark.what] ?? "are not right"}`,
        mend: mend(remark.what),
      };
    case "TIRING":
      return {
        said: `the second half had ${plain(remark.by)} more at fault than the first`,
        mend: mend("TIRING"),
      };
  }
}

/** How it goes over the sessions, from how many. */
export function seasonWords({ season }: ExerciseView): string {
  const { sessions, changePercent, lowPercent, highPercent } = season;
  if (changePercent === null || lowPercent === null || highPercent === null) {
    return `${many(sessions, "whole session")}: four show which way it goes.`;
  }
  const share = (percent: number) => `${plain(Math.abs(percent), 0)} %`;
  if (highPercent < 0) {
    return `Better by ${share(changePercent)} each time (between ${share(highPercent)} and ${share(lowPercent)}), from ${many(sessions, "session")}.`;
  }
  return lowPercent > 0
    ? `Worse by ${share(changePercent)} each time, from ${many(sessions, "session")}.`
    : `Neither better nor worse yet that ${many(sessions, "session")} could tell.`;
}
