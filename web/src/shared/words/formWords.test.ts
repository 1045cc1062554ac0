import { describe, expect, it } from "vitest";
import type { FormStep, Note, NoteCode } from "../../api/types";
import { formStepNumber, formStepPart, formStepTitle, formStepWords } from "./formWords";
import { noteWords } from "./noteWords";

const STEP: FormStep = {
  kind: "LOOP",
  part: "first loop",
  wire: "link",
  lengthMm: 8,
  gripMm: 22,
  fromMiddleMm: 6.5,
  insideMm: 2.5,
  toolMm: 2.44,
  ownTool: "2.5 rod",
  ownToolMm: 2.5,
  ownInsideMm: 2.56,
  degrees: 272,
  heldDegrees: 277,
  turns: null,
  flat: null,
  goesOn: false,
  half: null,
};

const KINDS: FormStep["kind"][] = [
  ...(["CUT", "MARK", "LEAVE", "BEND", "LOOP", "WRAP", "COIL", "SPIRAL", "FORM", "FOLD", "THREAD"] as const),
  ...([
    "BALL",
    "DOME",
    "STRETCH",
    "PRESS",
    "ANNEAL",
    "CRIMP",
    "BIND",
    "HAMMER",
    "DRILL",
    "SOLDER",
    "TWIST",
    "TRIM",
  ] as const),
  ...(["FILE", "GLUE", "STRAIGHTEN", "HARDEN"] as const),
];

describe("a forming step in words", () => {
  it("says where to grip, how far with springback, and what the maker's own tool leaves", () => {
    const words = formStepWords(STEP, "MILLIMETRES");
    expect(words).toContain("Grip 6.5 mm from the middle mark");
    expect(words).toContain("bend to 277°, it springs back to 272°");
    expect(words).toContain("Your 2.5 rod leaves 2.56 mm inside; 2.44 mm would be exact.");
  });

  it("grips at the middle mark where it is there, and looks for a tool where none of the maker's own will do", () => {
    expect(formStepWords({ ...STEP, fromMiddleMm: 0.02 }, "MILLIMETRES")).toContain(
      "Grip at the middle mark;",
    );
    expect(formStepWords({ ...STEP, goesOn: true }, "MILLIMETRES")).toContain(
      "Go on where the last bend ends;",
    );
    expect(formStepWords({ ...STEP, half: "FIRST" }, "MILLIMETRES")).toContain(
      "Grip 6.5 mm left of the middle mark",
    );
    expect(formStepWords({ ...STEP, fromMiddleMm: 0, half: "SECOND" }, "MILLIMETRES")).toContain(
      "Grip at the middle mark, for the right half;",
    );
    expect(formStepWords({ ...STEP, goesOn: true, half: "SECOND" }, "MILLIMETRES")).toContain(
      "On the right half, go on where its last bend ends;",
    );
    const none = { ...STEP, ownTool: null, ownToolMm: null, ownInsideMm: null };
    expect(formStepWords(none, "MILLIMETRES")).toContain(
      "Look for a jaw or rod of 2.44 mm: it leaves 2.50 mm inside.",
    );
  });

  it("has a title and a sentence for every kind", () => {
    for (const kind of KINDS) {
      expect(formStepTitle({ ...STEP, kind })).toMatch(/^[A-Z]/);
      expect(formStepWords({ ...STEP, kind }, "MILLIMETRES")).toMatch(/\.$/);
    }
  });

  it("is whole also where nothing is measured", () => {
    const bare: FormStep = {
      ...STEP,
      gripMm: null,
      fromMiddleMm: null,
      insideMm: null,
      toolMm: null,
      degrees: null,
      heldDegrees: null,
      turns: null,
    };
    for (const kind of KINDS.filter((one) => !["LOOP", "FORM"].includes(one))) {
      expect(formStepWords({ ...bare, kind }, "MILLIMETRES")).not.toMatch(/^[,;:]|[:;] *[.;]/);
    }
  });

  it("shows the number that matters", () => {
    expect(formStepNumber({ ...STEP, kind: "CUT" }, 86.9, "MILLIMETRES")?.value).toBe(86.9);
    expect(formStepNumber(STEP, 86.9, "MILLIMETRES")?.value).toBe(2.5);
    expect(formStepNumber({ ...STEP, kind: "BEND" }, 0, "MILLIMETRES")).toMatchObject({
      value: 277,
      unit: "°",
    });
    expect(
      formStepNumber({ ...STEP, kind: "GLUE", heldDegrees: null, degrees: null }, 0, "INCHES"),
    ).toBeNull();
  });

  it("says how thin a flat is hammered, and what it becomes of which wire", () => {
    const flat = { thickMm: 0.8, wideMm: 3.59, longMm: 6 };
    const hammer: FormStep = { ...STEP, kind: "HAMMER", lengthMm: 5.23, flat };
    expect(formStepNumber(hammer, 0, "MILLIMETRES")).toMatchObject({ value: 0.8, unit: "mm" });
    expect(formStepWords(hammer, "MILLIMETRES")).toContain("5.2 mm of wire become about 6.0 mm, 3.6 mm wide");
  });

  it("names the wire where there are several", () => {
    expect(formStepPart({ ...STEP, kind: "COIL", part: "on the rise" }, 2)).toBe("on the rise, link");
    expect(formStepPart(STEP, 1)).toBe("first loop");
  });
});

describe("a judgement in words", () => {
  const note = (code: NoteCode, values: Note["values"]): Note => ({ code, severity: "CARE", values });

  it("says what is wrong, why, and what works", () => {
    expect(
      noteWords(
        note("bead-hole-small", { holeMm: 0.7, neededMm: 0.84, passes: 1, wireMm: 0.8 }),
        "MILLIMETRES",
      ),
    ).toBe(
      "The bead does not go on: its 0.70 mm hole must take one pass of 0.80 mm wire, 0.84 mm. Thinner wire or another bead.",
    );
    expect(noteWords(note("course-by-hand", { wire: "binding" }), "MILLIMETRES")).toContain(
      "The binding takes its exact course by hand",
    );
    expect(
      noteWords(note("toggle-falls-through", { barMm: 10, ringMm: 10, betterMm: 15 }), "MILLIMETRES"),
    ).toContain("make it 15.0 mm");
  });
});
