import { Link } from "react-router";
import { call } from "../../../api/client";
import { usePreferences, useWeaves } from "../../../api/queries";
import type { CompositionAnswer, WeaveEntry } from "../../../api/types";
import { mass, many, plain, size, sizeText } from "../../../quantity/format";
import { useKeptChoice } from "../../../shared/keptChoice";
import { figureOf } from "../../../shared/figures";
import { NumberInput } from "../../../shared/NumberInput";
import { FigureRow } from "../../../shared/Why";
import { WireChoice } from "../../../shared/WireChoice";
import { RefusedValue } from "../../../shared/RefusedValue";
import { RingGiven } from "../../../shared/RingGiven";
import { useSolving } from "../../../shared/useSolving";
import { MedallionOrder } from "./MedallionOrder";
import { MedallionRings } from "./MedallionRings";
import { MedallionPlan } from "./MedallionPlan";
import { chosenWire, wireOf } from "../useWeave";

/** What is put together. */
export interface MedallionChoice {
  weave: string;
  spoolId: string | null;
  metal: string;
  wireMm: number;
  innerMm: number;
  hubWireMm: number;
  arms: number;
  units: number;
  hubs: number;
  tied: boolean;
  longerBy: number;
  bail: boolean;
}

const KEPT = "toroid-medallion";
const FIRST: MedallionChoice = {
  weave: "byzantine",
  spoolId: null,
  metal: "copper",
  wireMm: 1,
  innerMm: 3.8,
  hubWireMm: 1.2,
  arms: 6,
  units: 1,
  hubs: 2,
  tied: true,
  longerBy: 1,
  bail: true,
};

/** What the server's fields are here, and what they are called. */
const FIELDS: Record<string, keyof MedallionChoice> = {
  wireDiameterMm: "wireMm",
  innerDiameterMm: "innerMm",
  hubWireMm: "hubWireMm",
  arms: "arms",
  units: "units",
  longerBy: "longerBy",
};
const NAMES: Record<string, string> = {
  innerDiameterMm: "The small ring, inside,",
  hubWireMm: "The larger rings' wire",
  arms: "The number of arms",
  units: "The units in an arm",
  longerBy: "The units longer",
};

/** A cross, a star, a medallion: sections of a chain about larger rings; how many rings, and how large those have to be. */
export function MedallionPlace() {
  const weaves = useWeaves().data?.filter((weave) => weave.kind === "CHAIN" && weave.sizes.length === 1);
  const [choice, change] = useKeptChoice(KEPT, FIRST);
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const question = {
    wireDiameterMm: choice.wireMm,
    innerDiameterMm: choice.innerMm,
    hubWireMm: choice.hubWireMm,
    metal: choice.metal,
    arms: choice.arms,
    units: choice.units,
    hubs: choice.hubs,
    tied: choice.tied,
    longerBy: choice.longerBy,
    bail: choice.bail,
  };
  const asked = useSolving({
    queryKey: ["composition", choice.weave, question],
    queryFn: async ({ signal }) => ({
      choice,
      answer: await call<CompositionAnswer>(
        "POST",
        `/api/weaves/${choice.weave}/composition`,
        question,
        signal,
      ),
    }),
  });
  const answer = asked.data?.answer;
  // what is drawn is what was answered, while what stands there now is refused
  const drawn = asked.data?.choice ?? choice;
  const refused = asked.problem;
  const whole = (label: string, value: number, minimum: number, onValue: (value: number) => void) => (
    <NumberInput
      label={label}
      kind="number"
      decimals={0}
      step={1}
      minimum={minimum}
      value={value}
      onChange={(next) => onValue(Math.round(next))}
    />
  );
  return (
    <div className="piece-place" data-stale={asked.stale} data-refused={refused !== null}>
      <section className="weave-main" aria-label="The medallion">
        <div className="flex items-baseline gap-6">
          <h1 className="place-title">Cross, star, medallion</h1>
          <Link to="/weaves" className="quiet">
            back to the weaves
          </Link>
        </div>
        <p className="sentence mt-1">
          {whole("Arms", choice.arms, 3, (arms) => change({ arms }, "arms"))}
          <span>arms of</span>
          {whole("Units in an arm", choice.units, 1, (count) => change({ units: count }, "units"))}
          <span>{choice.units === 1 ? "unit" : "units"} of</span>
          <select
            className="word-select"
            aria-label="Chain"
            value={choice.weave}
            onChange={(event) => change({ weave: event.target.value }, "chain")}
          >
            {(weaves ?? ([] as WeaveEntry[])).map((weave) => (
              <option key={weave.id} value={weave.id}>
                {weave.name}
              </option>
            ))}
          </select>
          <span>in</span>
          <WireChoice
            wire={wireOf(choice)}
            asksThickness
            change={(patch, tag) => change(chosenWire(patch), tag)}
          />
          <span className="comma">, rings</span>
          <RingGiven
            label="Small rings, inside"
            wire={{ spoolId: choice.spoolId, metal: choice.metal, wireDiameterMm: choice.wireMm }}
            value={choice.innerMm}
            after=","
            onChange={(innerMm) => change({ innerMm }, "small rings")}
          />
          <span>about</span>
          <select
            className="word-select"
            aria-label="Larger rings"
            value={choice.hubs}
            onChange={(event) => change({ hubs: Number(event.target.value) }, "larger rings")}
          >
            <option value={1}>one larger ring</option>
            <option value={2}>two larger rings</option>
          </select>
          <span>of</span>
          <NumberInput
            label="Wire of the larger rings"
            value={choice.hubWireMm}
            minimum={0.2}
            onChange={(hubWireMm) => change({ hubWireMm }, "wire of the larger rings")}
          />
          <span>wire;</span>
          <select
            className="word-select"
            aria-label="Ties"
            value={choice.tied ? "tied" : "free"}
            onChange={(event) => change({ tied: event.target.value === "tied" }, "ties")}
          >
            <option value="tied">ends tied by a ring to the next,</option>
            <option value="free">ends free,</option>
          </select>
          <span>one arm</span>
          {whole("Units longer", choice.longerBy, 0, (longerBy) => change({ longerBy }, "units longer"))}
          <span>{choice.longerBy === 1 ? "unit" : "units"} longer,</span>
          <select
            className="word-select"
            aria-label="Bail"
            value={choice.bail ? "bail" : "none"}
            onChange={(event) => change({ bail: event.target.value === "bail" }, "bail")}
          >
            <option value="bail">with a bail.</option>
            <option value="none">without a bail.</option>
          </select>
        </p>
        {refused && (
          <RefusedValue
            problem={refused}
            names={NAMES}
            onTake={(field) => {
              const own = FIELDS[field];
              return own === undefined || (own === "wireMm" && choice.spoolId !== null)
                ? null
                : (value) => change({ [own]: value }, own);
            }}
          />
        )}
        {answer && (
          <MedallionPlan
            arms={drawn.arms}
            units={drawn.units}
            longerBy={drawn.longerBy}
            tied={drawn.tied}
            bail={drawn.bail}
            wireMm={drawn.wireMm}
            innerMm={drawn.innerMm}
            hubWireMm={drawn.hubWireMm}
            hubInnerMm={answer.hubInnerDiameterMm}
            metal={drawn.metal}
          />
        )}
        <p className="small soft">
          A plan, not a portrait: larger and small rings in their true proportion, arms as lines of rings,
          ties dashed. Made arm by arm, then the larger rings, the ties, the bail.
        </p>
      </section>
      {answer && (
        <aside aria-label="Rings and figures">
          <div className="hub-size" data-testid="hub-size">
            <strong className="figures">{size(answer.hubInnerDiameterMm, units).value}</strong>
            <FigureRow figure={figureOf(answer, "hub-inside")!} name="larger ring, inside">
              <small>{size(0, units).unit}, at least</small>
            </FigureRow>
          </div>
          <p className="strong">
            {many(answer.ringCount[0]!, "small ring")}, {many(answer.ringCount[1]!, "larger ring")}
          </p>
          <MedallionRings choice={drawn} answer={answer} refused={refused !== null} />
          {answer.figures
            .filter((figure) => figure.id !== "hub-inside")
            .map((figure) => (
              <FigureRow key={figure.id} figure={figure}>
                {figure.unit === "g"
                  ? mass(figure.value)
                  : figure.unit === "mm"
                    ? sizeText(figure.value, units)
                    : plain(figure.value, 0)}
              </FigureRow>
            ))}
          <MedallionOrder answer={answer} arms={drawn.arms} />
        </aside>
      )}
    </div>
  );
}
