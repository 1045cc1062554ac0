/** The marks of every form of the catalogue, laid on its strip: none of their labels runs into another, on a tablet and at the desk. */
import { beforeAll, describe, expect, it } from "vitest";
import { layMarks, nearest, readableScale } from "../src/drawing/strip";
import { catalogue, solve, type Answer } from "./server";

const TRUE_PIXELS = 3.78;
/** Of the strip at the bench on a tablet, on a tablet upright, and on a desk's screen. */
const WIDTHS = [370, 700, 1080];
const LABEL = 40;
/** Two lines of a pixel with as much between them. */
const LEAST = 3;

const answers: [string, Answer][] = [];
beforeAll(async () => {
  for (const form of await catalogue()) {
    answers.push([form, await solve(form)]);
  }
}, 120_000);

describe("marks on the strip", () => {
  it("can be read, each one by itself", () => {
    const crowded: string[] = [];
    for (const [form, answer] of answers) {
      for (const wire of answer.wires) {
        for (const width of WIDTHS) {
          const scale = readableScale(wire.marks, wire.lengthToCutMm, width, TRUE_PIXELS);
          const laid = layMarks(wire.marks, scale, LABEL, width, String);
          const room = [0, 1].every((row) => {
            const labels = laid.filter((mark) => mark.row === row).map((mark) => mark.labelX);
            return labels.every(
              (x, i) => x >= -1e-6 && x <= width + 1e-6 && (i === 0 || x - labels[i - 1]! >= LABEL - 1e-6),
            );
          });
          if (!room || nearest(wire.marks, scale) < LEAST) {
            crowded.push(`${form}, ${wire.name}, ${wire.marks.length} marks in ${width} pixels`);
          }
        }
      }
    }
    expect(crowded).toEqual([]);
    expect(answers.length).toBeGreaterThan(45);
  });
});
