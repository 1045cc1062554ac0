import { useMetals } from "../../../api/queries";
import type {
  CompositionAnswer,
  CompositionQuestion,
  Figure,
  Kept,
  MedallionJobData,
} from "../../../api/types";
import { mass, many, plain, size, sizeText, type Units } from "../../../quantity/format";
import { figureOf } from "../../../shared/words/figures";
import { FigureRow } from "../../../shared/shell/Why";
import type { MedallionChoice } from "./choice";
import { HubScale } from "./HubScale";
import { MakeMedallion } from "./MakeMedallion";
import { MedallionOrder } from "./MedallionOrder";
import { MedallionRings } from "./MedallionRings";

/** How the maker's own larger ring goes in, and what that means at the bench. */
const FIT: Record<CompositionAnswer["fit"], [said: string, meant: string | null]> = {
  TOO_SMALL: ["too small", "It does not close about the arms."],
  ON_THE_EDGE: ["on the edge", "Try one before you make them all."],
  GOES_IN: ["goes in", null],
  UNSURE: ["not sure", "No way to lay it was found: try one before you make them."],
  TOO_LARGE: ["too large", "The ties do not reach."],
};
const ARMS: Record<CompositionAnswer["arms"], string> = {
  WILL_NOT_CLOSE: "The small rings do not close so.",
  ON_THE_EDGE: "The small rings just go: none may be smaller than measured.",
  TIGHT: "The small rings sit tight.",
  USUAL: "The small rings have room and keep their place.",
  LOOSE: "The small rings are loose: the arms turn.",
  FLOPPY: "The small rings are so loose that the arms do not hold their shape.",
};
/** Nearer than this it is drawn about the ring told, mm. */
const DRAWN_AS_MM = 0.005;

/** The larger ring first; then the rings to make, and why. */
export function MedallionFigures({
  choice,
  question,
  answer,
  units,
  refused,
  kept,
}: {
  /** The job it is kept as; none while it is only looked at. */
  kept?: Kept<MedallionJobData>;
  choice: MedallionChoice;
  question: CompositionQuestion;
  answer: CompositionAnswer;
  units: Units;
  refused: boolean;
}) {
  const metals = useMetals().data ?? [];
  const called = (colour: string) => metals.find((one) => one.id === colour)?.name ?? colour;
  const own = question.hubInnerMm !== null;
  const rule = figureOf(answer, "hub-plain-rule")!;
  return (
    <>
      <div className="hub-size" data-testid="hub-size">
        <strong className="figures">{size(answer.hubInnerDiameterMm, units).value}</strong>
        <p className="soft">
          {size(0, units).unit} inside, {own ? "your larger ring" : "the usual larger ring"}
        </p>
        {own && <Verdict fit={answer.fit} />}
      </div>
      {Math.abs(answer.laidAboutMm - answer.hubInnerDiameterMm) > DRAWN_AS_MM && (
        <p className="small">Drawn about {sizeText(answer.laidAboutMm, units)}, the nearest that goes in.</p>
      )}
      <HubScale answer={answer} plainRule={rule.value} units={units} />
      <p className="mt-2">{ARMS[answer.arms]}</p>
      <p className="strong mt-2">
        {many(answer.ringCount[0]!, "small ring")}, {many(answer.ringCount[1]!, "larger ring")}
      </p>
      {choice.colours !== "PLAIN" && (
        <p className="small">
          {answer.colourCounts
            .map(([small, larger], at) => `${called(answer.palette[at]!)}: ${small} small, ${larger} larger`)
            .join("; ")}
        </p>
      )}
      <p className="mt-3">
        <MakeMedallion {...{ choice, question, answer, refused }} {...(kept && { kept })} />
      </p>
      <MedallionRings {...{ choice, question, answer, refused }} {...(kept && { kept })} />
      {answer.figures.map((figure) => (
        <FigureRow key={figure.id} figure={figure}>
          {shown(figure, units)}
        </FigureRow>
      ))}
      <MedallionOrder answer={answer} arms={choice.arms} />
    </>
  );
}

function shown({ id, unit, value }: Figure, units: Units): string {
  return unit === "g"
    ? mass(value)
    : unit === "mm"
      ? sizeText(value, units)
      : plain(value, id === "composition-ratio" ? 2 : 0);
}

function Verdict({ fit }: { fit: CompositionAnswer["fit"] }) {
  const [said, meant] = FIT[fit];
  return (
    <p>
      <strong className="fit" data-fit={fit}>
        {said}
      </strong>
      {meant}
    </p>
  );
}
