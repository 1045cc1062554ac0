import { cleanup, render } from "@testing-library/react";
import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import mathup from "mathup";
import { afterEach, describe, expect, it } from "vitest";
import { Formula } from "./Formula";
import { formulaParts } from "../words/formulaParts";

const CORE = join(__dirname, "../../../../core/src/main/java");

/** Every string in the core that is written like a formula. */
function formulas(): string[] {
  const found = new Set<string>();
  for (const file of readdirSync(CORE, { recursive: true, encoding: "utf8" })) {
    if (file.endsWith(".java")) {
      for (const [, text] of readFileSync(join(CORE, file), "utf8").matchAll(/"([^"\n]*)"/g)) {
        if (/[=√Σ∫⌈]|π|²/.test(text!) && !/%[.\d]*[dsf]|[<>{}]|\\/.test(text!)) {
          found.add(text!);
        }
      }
    }
  }
  return [...found];
}

afterEach(cleanup);

describe("a formula", () => {
  it("is set with fractions, roots, and words upright", () => {
    const [first, second] = formulaParts("ID_closed = (ℓ_turn − k)/π − d, of the closed ring");
    const set = mathup(first!.text).toString();
    expect(set).toContain("<msub><mtext>ID</mtext><mtext>closed</mtext></msub>");
    expect(set).toContain(
      "<mfrac><mrow><msub><mi>ℓ</mi><mtext>turn</mtext></msub><mo>−</mo><mi>k</mi></mrow><mi>π</mi></mfrac>",
    );
    expect(second).toEqual({ kind: "words", text: "of the closed ring" });
    expect(mathup(formulaParts("N √((2πR)² + p²)")[0]!.text).toString()).toContain("<msqrt>");
  });

  it("of the core can always be set, whole, and leaves no mark of its line", () => {
    const all = formulas();
    expect(all.length).toBeGreaterThan(30);
    for (const formula of all) {
      const { container } = render(<Formula>{formula}</Formula>);
      const set = container.querySelector(".formula")!;
      expect(set.textContent, formula).not.toMatch(/["_^√²³]|sqrt/);
      const letters = (text: string) => [...text.matchAll(/\p{L}/gu)].map(([c]) => c).sort();
      expect(letters(set.textContent.normalize("NFKC")), formula).toEqual(letters(formula.normalize("NFKC")));
      cleanup();
    }
  });
});
