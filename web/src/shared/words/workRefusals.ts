/** What is refused of jobs and runs, as sentences with the way out. */
import type { RefusalCode } from "../../api/types";
import type { Said } from "./said";

export const WORK_REFUSALS = {
  "unknown-kind": () => "Toroid keeps nothing of that kind.",
  "unreadable-plan": () =>
    "The plan this run began with cannot be read. ./toroid logs says why; the job itself is whole.",
  "out-of-order": (said) => `"${said.value}" comes after "${said.text("after")}". Reload the run.`,
  "no-such-operation": () => "The plan has no such step. Reload the run.",
  "next-run-begun": () =>
    "This run is done, and the next of the same job is in hand. Finish that one first, or make one more there.",
  "reason-without-words": () =>
    "Another reason is chosen, and left without words. Say in a few words what it was.",
  "no-picture": () =>
    "This is no picture that can be read here, or it is damaged. Take a JPEG, PNG or WebP, as cameras write them.",
  "picture-not-developed": (said) =>
    `The photo's picture is none, has a side longer than ${said.number("longest", 0)} points, or holds more than a picture. Take the photo itself into a run, and leave it out of the file.`,
  "picture-too-large": (said) =>
    `The picture has ${said.value} million points; up to ${said.number("most", 0)} million are looked into. Take it smaller, or cut it.`,
  "too-many-photos": (said) =>
    `This run has ${said.number("most", 0)} photos, as many as one takes. Take some away first.`,
  "corners-make-no-card": () =>
    "The four corners make no card. Put each on its own corner, one after another round the card, the long side first.",
  "photo-from-the-side": (said) =>
    `The photo was taken ${said.number("slantDegrees", 0)}° from straight above; up to ${said.number("mostDegrees", 0)}° can be undone. Take it again from above, from farther away.`,
  "spots-in-a-line": () =>
    "The spots lie in a line, or far outside the picture. Put them round the edge, as far apart as it goes.",
  "not-measured-here": () => "That is not measured at this step. Reload the run.",
  "no-people-file": () =>
    "This file holds nobody's sizes. Take one that Toroid wrote; nobody was put down of it.",
  "people-of-other-version": () =>
    "These sizes are in a version this Toroid does not know. Nobody was put down of it.",
  "nothing-to-rub-back": () =>
    "Nothing is coloured, so nothing can be rubbed back. Colour it too, or leave that out.",
  "metal-does-not-darken": (said) =>
    `A sulphur bath does not darken ${said.value}. Take ${said.list("known")}, or leave the colour out.`,
  "finish-before-the-torch": () =>
    "What does not stand the bath goes on before the last joint is soldered, and the torch would burn the colour off again. Put a ring that is only opened there, or leave the colour out.",
} satisfies Partial<Record<RefusalCode, (said: Said) => string>>;
