import type { CompositionAnswer } from "../../../api/types";
import { many } from "../../../quantity/format";
import { listed } from "../../../shared/words/lists";

type Stage = CompositionAnswer["stages"][number];
type Place = Pick<Stage, "role" | "part">;

/** What is made after what; and where to look when the last ring will not close. */
export function MedallionOrder({ answer, arms }: { answer: CompositionAnswer; arms: number }) {
  return (
    <>
      <ol className="medallion-order" aria-label="In this order">
        {answer.stages.map((stage, at) => (
          <li key={at}>
            <strong>{name(stage, arms)}</strong> {how(stage)}
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

function name(stage: Place, arms: number): string {
  return {
    ARM: stage.part === 0 ? `Arm 1 of ${arms}` : `Arm ${stage.part + 1}`,
    HUB: "Larger rings",
    TIE: "Ties",
    BAIL: "Bail",
  }[stage.role];
}

function how({ role, closed, opened, through }: Stage): string {
  return role === "ARM"
    ? `${closed} closed, ${opened} opened`
    : `${many(opened, "ring")}, through ${through}${opened > 1 ? " each" : ""}`;
}

function beside(one: Place, arms: number): string {
  return {
    ARM: `arm ${(one.part % arms) + 1}'s end`,
    HUB: "the larger rings",
    TIE: "the ties next to it",
    BAIL: "the bail",
  }[one.role];
}
