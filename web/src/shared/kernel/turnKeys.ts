import type { KeyboardEvent } from "react";

const TURN = 0.12;
const TURNS: Record<string, [number, number]> = {
  ArrowLeft: [-TURN, 0],
  ArrowRight: [TURN, 0],
  ArrowUp: [0, -TURN],
  ArrowDown: [0, TURN],
};

/** Arrow keys turn what is in the round; `turn` is told how far across and up, radians. */
export function turnByKeys(event: KeyboardEvent, turn: (across: number, up: number) => void): void {
  const by = TURNS[event.key];
  if (by) {
    event.preventDefault();
    turn(...by);
  }
}

/** The sides a thing in the round is looked at from, and what they are called. */
export const LOOKS = [
  ["corner", "corner"],
  ["face", "front"],
  ["edge", "side"],
  ["above", "top"],
] as const;
