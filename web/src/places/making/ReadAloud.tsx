import { useEffect, useState } from "react";
import * as z from "zod/mini";
import { onKeys } from "../../shared/kernel/typing";
import { say } from "../../shared/kernel/says";
import { stored } from "../../shared/kernel/stored";
import { canSpeak, hush, speak } from "../../shared/kernel/voice";

const KEY = "toroid:aloud";

/** What is shown of the step, in the order it is read. */
const READ = ".making > main h1, .making > main .huge, .making > main .what, .making > main .caution";

const UNITS: [RegExp, string][] = [
  [/(\d)\s*mm\b/g, "$1 millimetres"],
  [/\bmm\b/g, "millimetres"],
  [/°/g, " degrees"],
  [/(\d)\s*×/g, "$1 times"],
];

/** As a voice should say it. */
export function spoken(text: string): string {
  return UNITS.reduce((said, [sign, word]) => said.replace(sign, word), text)
    .replace(/\s+/g, " ")
    .trim();
}

function shown(): string {
  return [...document.querySelectorAll(READ)].map((one) => spoken(one.textContent ?? "")).join(". ");
}

/** Reads every step as it comes, once asked to; hands in the pickle need no screen. */
export function ReadAloud({ step }: { step: string }) {
  const [on, setOn] = useState(() => stored(KEY, z.boolean()) ?? false);
  const turn = () => {
    localStorage.setItem(KEY, JSON.stringify(!on));
    setOn(!on);
  };
  useEffect(() => {
    if (!on || !canSpeak()) {
      hush();
      return;
    }
    void speak(shown()).then((spoke) => spoke || say("This browser has no English voice of its own."));
  }, [on, step]);
  useEffect(() => hush, []);
  useEffect(() => onKeys({ v: turn }));
  return canSpeak() ? (
    <button className="quiet" aria-pressed={on} aria-keyshortcuts="V" onClick={turn}>
      {on ? "reading aloud" : "read aloud"}
    </button>
  ) : null;
}
