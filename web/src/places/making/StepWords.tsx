import type { RingFacts, RingStep } from "../../api/types";
import { plain, size, sizeText, wireLength, type Units } from "../../quantity/format";
import { cutWord } from "../../shared/words/words";

interface Props {
  plan: RingFacts;
  step: RingStep;
  count: number;
  units: Units;
}

/** The number that matters and the one or two sentences that go with it. */
export function StepWords({ plan, step, count, units }: Props) {
  const { number, unit } = bigNumber(step, count, units);
  return (
    <>
      <p className="huge" data-testid="big-number">
        {number}
        <small>{unit}</small>
      </p>
      <p className="what">{instruction(plan, step, units)}</p>
    </>
  );
}

function bigNumber(step: RingStep, count: number, units: Units): { number: string; unit: string } {
  if (step.kind === "CUT") {
    return { number: String(count), unit: `of ${step.count} rings` };
  }
  if (step.unit === "mm") {
    const decimals = step.kind === "SLIDE_OFF" ? 0 : 2;
    const shown = size(step.target, units, decimals);
    return { number: shown.value, unit: shown.unit };
  }
  return { number: plain(step.target, step.unit === "turns" ? 1 : 0), unit: step.unit };
}

function instruction(plan: RingFacts, step: RingStep, units: Units): string {
  const { sizes, job } = plan;
  const coil = plan.coils[Math.max(0, step.coil - 1)]!;
  switch (step.kind) {
    case "WIND":
      return `On the ${sizeText(sizes.mandrelDiameterMm, units)} rod. ${
        job.winding === "CARRIED"
          ? `Cut ${wireLength(coil.wireMm, units)} first.`
          : `It takes ${wireLength(coil.wireMm, units)}, ${wireLength(coil.leadMm, units)} of it as lead.`
      } Tight against the last turn.`;
    case "SPRING_BACK":
      return `Let the end go slowly. The coil unwinds to about ${plain(coil.turnsSprung, 1)} turns and opens to ${sizeText(sizes.sprungInnerMm, units)} inside.`;
    case "SLIDE_OFF":
      return `Slide the coil off and press it close: it should be about ${sizeText(step.target, units, 0)} long. Snip the lead and the spoilt turns.`;
    case "MEASURE_COIL":
      return `Expected across the outside, ${size(step.low, units).value} to ${size(step.high, units).value}. Measure in the middle of the coil.`;
    case "CUT":
      return `${cutWord(job.cut).replace(/^./, (c) => c.toUpperCase())}. One press for each ring that is good.`;
    case "CLOSE":
      return "Sideways, a little past and back, until the ends click together. Never pull them apart.";
    case "MEASURE_RINGS":
      return `Expected inside, ${size(step.low, units).value} to ${size(step.high, units).value}. Take ${step.count}, from all along the coil.`;
  }
}
