import { describe, expect, it } from "vitest";
import { PIECE } from "../../test/piece";
import {
  boughtWords,
  cureWords,
  faultWords,
  joinHead,
  joinWay,
  mendWords,
  partAt,
  remainderWords,
  cuffWords,
} from "./pieceWords";

describe("words about a piece", () => {
  it("tell one of several alike by its number", () => {
    expect(partAt(PIECE, 2)).toBe("ring 2");
    expect(partAt({ parts: PIECE.parts.slice(0, 2) }, 0)).toBe("ring");
  });

  it("say every act of its order", () => {
    const step = { part: 2, joints: [1, 2] };
    expect(joinHead(PIECE, { act: "OPEN_AND_CLOSE", ...step })).toBe(
      "Open ring 2, hang in bead link 1 and bead link 2, close",
    );
    expect(joinHead(PIECE, { act: "FORM_ROUND", part: 1, joints: [0] })).toBe(
      "Close bead link 1 round ring 1",
    );
    expect(joinHead(PIECE, { act: "HOOK", part: 1, joints: [0] })).toBe("Hook bead link 1 into ring 1");
    expect(joinWay(PIECE, { act: "FORM_ROUND", part: 0, joints: [0] })).toContain(
      "before its ring is closed",
    );
  });

  it("open a ring by its ends, a loop by its one end, and turn a ring of several turns on", () => {
    const step = { act: "OPEN_AND_CLOSE" as const, part: 2, joints: [1, 2] };
    expect(joinWay(PIECE, step)).toContain("Twist the ends past each other");
    const loop = { ...PIECE, parts: PIECE.parts.map((part) => ({ ...part, form: "bead-link" })) };
    expect(joinWay(loop, step)).toContain("Turn the end of its loop sideways");
    const turns = { ...PIECE, joints: PIECE.joints.map((one) => ({ ...one, opens: "TURNED_ON" as const })) };
    expect(joinHead(turns, step)).toBe("Turn ring 2 on through bead link 1 and bead link 2");
    expect(joinWay(turns, step)).toContain("as a key goes on its ring");
  });

  it("name a part so that a row of them is read right", () => {
    const called = (...names: string[]) => ({
      ...PIECE,
      parts: names.map((name) => ({ ...PIECE.parts[0]!, name })),
    });
    expect(partAt(called("hook, curled tip", "ring", "ring"), 0)).toBe("hook");
    const toggle = called("toggle, ring", "ring", "toggle, bar");
    expect([0, 1, 2].map((at) => partAt(toggle, at))).toEqual(["toggle (ring)", "ring", "toggle (bar)"]);
    const three = called("ring", "bead, one", "bead, one", "bead, one");
    const joints = [1, 2, 3].map((b) => ({ ...PIECE.joints[0]!, a: 0, b, maker: 0 }));
    expect(joinHead({ ...three, joints }, { act: "OPEN_AND_CLOSE", part: 0, joints: [0, 1, 2] })).toBe(
      "Open ring, hang in bead 1, bead 2 and bead 3, close",
    );
  });

  it("say how far off it is, in the maker's own unit", () => {
    expect(remainderWords(4.5, "MILLIMETRES")).toBe("4.5 mm too long");
    expect(remainderWords(-25.4, "INCHES")).toBe("1.00 in too short");
    expect(remainderWords(0.01, "MILLIMETRES")).toBe("just as long as wanted");
  });

  it("say what would help", () => {
    expect(
      cureWords(
        { change: "OTHER_RING", what: "1", from: 4, by: 5, line: "", lengthMm: 180, offMm: 0 },
        "MILLIMETRES",
      ),
    ).toBe("rings of 4.00 mm in 1.00 mm wire made 5.00 mm: 180.0 mm, just right");
    expect(
      cureWords(
        { change: "REPEATS", what: "", from: 0, by: -1, line: "", lengthMm: 180, offMm: 2 },
        "MILLIMETRES",
      ),
    ).toBe("1 repeat fewer: 180.0 mm, 2.0 mm over");
    expect(mendWords({ change: "RING_BETWEEN", joint: 0, line: "", stillImpossible: 2, lengthMm: 1 })).toBe(
      "put a jump ring between; 2 joints left",
    );
  });

  it("say what does not fit and what is bought", () => {
    expect(
      faultWords(PIECE, { kind: "DOES_NOT_GO_IN", part: 0, needMm: 2.4, haveMm: 2 }, "MILLIMETRES"),
    ).toContain("does not go in");
    expect(
      boughtWords({ kind: "CHAIN", name: "chain", sizesMm: [3, 2, 0.6], amount: 195 }, "MILLIMETRES"),
    ).toBe("195 mm of chain, pitch 3.0 mm, wire 0.60 mm");
  });
});

describe("a cuff on an edge", () => {
  const cuff = { part: 0, gapMm: 3, opensMm: 1, leastMm: 3, mostMm: 3, holds: true };
  it("comes back whole, stays open, or never held", () => {
    expect(cuffWords(cuff, 4, "MILLIMETRES")).toBe(
      "Pulled over 4.0 mm it opens by 1.0 mm and comes back whole: it holds.",
    );
    expect(cuffWords({ ...cuff, opensMm: 0, holds: false }, 3, "MILLIMETRES")).toContain("press it narrower");
    expect(cuffWords({ ...cuff, leastMm: 3.4, mostMm: 4, holds: false }, 4, "MILLIMETRES")).toContain(
      "between 3.4 mm and 4.0 mm: it does not hold until it is pressed.",
    );
  });
});
