import type { CompositionAnswer } from "../../api/types";
import { many } from "../../quantity/format";
import { listed } from "../../shared/words";

type Step = CompositionAnswer["steps"][number];
type Place = Pick<Step, "role" | "part">;

/** What is made after what; and where to look when the last ring will not close. */
export function MedallionOrder({ answer, arms }: { answer: CompositionAnswer; arms: number }) {
  const parts: Step[][] = [];
  for (const step of answer.steps) {
    const last = parts[parts.length - 1];
    if (last && sameKind(last[0]!, step)) {
      last.push(step);
    } else {
      parts.push([step]);
    }
  }
  return (
    <>
      <ol className="medallion-order" aria-label="In this order">
        {parts.map((steps, at) => (
          <li key={at}>
            <strong>{name(steps[0]!, arms)}</strong> {how(steps)}
          </li>
        ))}
      </ol>
      {answer.beside.length > 0 && (
        <p className="small soft mt-2">
          If the last ring will not close, look first at{" "}
          {listed(answer.beside.map((one) => beside(one, arms)))}: they take up room in the same rings.
        </p>
      )}
    </>
  );
}

function sameKind(a: Step, b: Step): boolean {
  return a.role === b.role && (a.role !== "ARM" || a.part === b.part);
}

function name(step: Place, arms: number): string {
  return {
    ARM: step.part === 0 ? `Arm 1 of ${arms}` : `Arm ${step.part + 1}`,
    HUB: "Larger rings",
    TIE: "Ties",
    BAIL: "Bail",
  }[step.role];
}

function how(steps: Step[]): string {
  const opened = steps.filter((step) => !step.closed);
  if (steps[0]!.role === "ARM") {
    const taken = steps.reduce((sum, step) => sum + step.pickUp + (step.closed ? 1 : 0), 0);
    return `${taken} closed, ${opened.length} opened`;
  }
  const through = opened[0] ? opened[0].through + opened[0].pickUp : 0;
  return `${many(opened.length, "ring")}, through ${through}${opened.length > 1 ? " each" : ""}`;
}

function beside(one: Place, arms: number): string {
  return {
    ARM: `arm ${(one.part % arms) + 1}'s end`,
    HUB: "the larger rings",
    TIE: "the ties next to it",
    BAIL: "the bail",
  }[one.role];
}
