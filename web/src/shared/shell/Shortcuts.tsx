import { useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import { onScan } from "../kernel/scanner";
import { onKeys, typing } from "../kernel/typing";
import { redo, undo } from "../kernel/undo";

const PLACES: Record<string, string> = {
  b: "/",
  r: "/rings",
  h: "/shapes",
  w: "/weaves",
  e: "/pieces",
  n: "/notebook",
  s: "/stock",
  p: "/preferences",
};

const SHEET: [string, string][] = [
  ["/", "the bench line"],
  [
    "g then b, r, h, w, e, n, s, p",
    "go to Bench, Rings, Shapes, Weaves, Pieces, Notebook, Stock, Preferences",
  ],
  ["Ctrl Z", "undo"],
  ["Ctrl Shift Z", "do again"],
  ["↑ ↓", "on a number: a step up or down; with Shift, ten"],
  ["← →", "on the rail: the next rod"],
  ["t", "in Rings and Shapes: true size and back"],
  ["3, f", "in Shapes: in the round, face-on"],
  ["arrow keys", "on a form or weave in the round: turn it"],
  ["Space, →", "in Making: next, or one more ring"],
  ["Backspace, ←", "in Making: back"],
  ["0 … 9, m", "in Making: enter a measurement"],
  ["t, s", "in Making: set a timer; time the step, pause, go on"],
  ["f", "in Making: one failed"],
  ["p", "in Making: a photo"],
  ["v", "in Making: read every step aloud, or no more"],
  ["a hand scanner", "anywhere but in Making: opens the lot whose label it reads"],
  ["?", "this sheet"],
];

/** In place of what the browser would do. */
const instead = (act: () => void) => (event: KeyboardEvent) => {
  event.preventDefault();
  act();
};

/** At the bench every key is a measurement's or the run's own, as fast as a caliper types it. */
const typedInto = (target: EventTarget | null) => typing(target) || location.pathname.startsWith("/making/");

/** Keys that work everywhere, and the sheet that lists them. */
export function Shortcuts() {
  const dialog = useRef<HTMLDialogElement>(null);
  const navigate = useNavigate();

  useEffect(() => {
    const places = Object.entries(PLACES).map(
      ([key, path]) => [`g ${key}`, () => void navigate(path)] as const,
    );
    const off = onKeys({
      "$mod+z": instead(undo),
      "$mod+Shift+Z": instead(redo),
      "[Shift]+/": instead(() => window.dispatchEvent(new Event("toroid:line"))),
      "[Shift]+?": () => dialog.current?.showModal(),
      ...Object.fromEntries(places),
    });
    const offScan = onScan((code) => void navigate(`/stock/code/${code}`), typedInto);
    const onHelp = () => dialog.current?.showModal();
    window.addEventListener("toroid:help", onHelp);
    return () => {
      off();
      offScan();
      window.removeEventListener("toroid:help", onHelp);
    };
  }, [navigate]);

  return (
    <dialog ref={dialog} className="sheet-dialog" aria-labelledby="keys">
      <form method="dialog">
        <h2 id="keys" className="text-2xl font-bold">
          Keys
        </h2>
        <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
          {SHEET.map(([key, what]) => (
            <div key={key} className="contents">
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <button className="action mt-6">Close</button>
      </form>
    </dialog>
  );
}
