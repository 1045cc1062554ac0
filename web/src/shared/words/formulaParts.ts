/**
 * A figure's formula, as the core writes it in a line ("ID = (ℓ_turn − k)/π − d"), cut into what is mathematics and what is said in words,
 * the mathematics in the notation of the typesetter.
 */
export interface FormulaPart {
  kind: "math" | "words";
  text: string;
}

const RAISED: Record<string, string> = { "²": "2", "³": "3", "⁴": "4", ⁿ: "n" };
const LOWERED: Record<string, string> = { "₀": "0", "₁": "1", "₂": "2" };
const SIGNS = /[=√/^_²³×·+−Σ∫⌈⌉≤≥±]/;
const WORDS = /(?<!["\p{L}])(?:[a-z]{2,}|[A-Z]{2,})(?: (?:a|[a-z]{2,}))*(?!["\p{L}])/gu;

export function formulaParts(formula: string): FormulaPart[] {
  return segments(formula).map((segment) =>
    SIGNS.test(segment) ? { kind: "math", text: typeset(segment) } : { kind: "words", text: segment },
  );
}

/** At commas and semicolons outside of brackets: there a long line may break. */
function segments(formula: string): string[] {
  const parts: string[] = [];
  let depth = 0;
  let from = 0;
  for (let i = 0; i < formula.length; i++) {
    const c = formula[i]!;
    depth += "(⌈[".includes(c) ? 1 : ")⌉]".includes(c) ? -1 : 0;
    if (depth === 0 && ",;:".includes(c) && formula[i + 1] === " ") {
      parts.push(formula.slice(from, i + 1).trim());
      from = i + 1;
    }
  }
  parts.push(formula.slice(from).trim());
  return parts.filter((part) => part !== "");
}

function typeset(segment: string): string {
  return segment
    .replace(/ ?\/ ?/g, "/")
    .replace(/[²³⁴ⁿ]/g, (c) => `^${RAISED[c]}`)
    .replace(/[₀₁₂]/g, (c) => `_${LOWERED[c]}`)
    .replace(/_([a-z]{2,})/g, '_"$1"')
    .replace(WORDS, (words) => `"${words}"`)
    .replace(/√/g, "sqrt");
}
