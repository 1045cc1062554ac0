import type { ReactNode } from "react";
import { Link } from "react-router";
import { usePreferences } from "../../api/queries";
import type { Figure, RingJobData, RingSheet } from "../../api/types";
import { band, many, mass, plain, signedPercent, size, sizeText, type Units } from "../../quantity/format";
import { NumberInput } from "../../shared/shell/NumberInput";
import { FigureRow } from "../../shared/shell/Why";
import { noteWords } from "../../shared/words/noteWords";
import { weaveWords } from "../../shared/words/words";
import { aimed } from "./aimed";
import type { Change } from "./JobSentence";

interface Props {
  sheet: RingSheet;
  data: RingJobData;
  change: Change;
}

/** What is asked for less often, below the judgement. */
const MORE = [
  "stays-open-force",
  "opening-force",
  "strain",
  "springback",
  "rings-per-metre",
  "coil-length",
  "mass-total",
];

/** The figures beside the drawing: one is biggest; every one opens to its why. */
export function FigureList({ sheet, data, change }: Props) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const figure = (id: string) => sheet.figures.find((f) => f.id === id)!;
  const { ring } = sheet;
  return (
    <>
      <Hero sheet={sheet} data={data} change={change} figure={figure("inner-closed")} units={units} />
      <div className="mt-3">
        <Row figure={figure("aspect-ratio")}>
          <NumberInput
            label="Aspect ratio"
            kind="number"
            value={aimed(data, "ASPECT_RATIO", ring.aspectRatio)}
            onChange={(value) => change({ convention: "ASPECT_RATIO", aimValue: value }, "aspect ratio")}
          />
          <small>nominal {plain(ring.nominalAspectRatio)}</small>
        </Row>
        <WireRow sheet={sheet} figure={figure("wire")} units={units} />
        <Row figure={figure("inner-sprung")}>
          {size(ring.sprungInnerMm, units).value}
          <small>{band(ring.sprungLowMm, ring.sprungHighMm, units)}</small>
        </Row>
        <Handbook sheet={sheet} data={data} units={units} />
        <Row figure={figure("wire-per-ring")}>{sizeText(figure("wire-per-ring").value, units, 1)}</Row>
        <Row figure={figure("mass-per-ring")}>
          {mass(figure("mass-per-ring").value)}
          <small>{plain(figure("rings-per-100g").value, 0)} in 100 g</small>
        </Row>
      </div>
      <Judgement sheet={sheet} units={units} />
      <div className="mt-4">
        {MORE.map((id) => (
          <Row key={id} figure={figure(id)}>
            {figure(id).unit === "mm"
              ? sizeText(figure(id).value, units)
              : `${plain(figure(id).value, 1)} ${figure(id).unit}`}
          </Row>
        ))}
      </div>
    </>
  );
}

function Row({ figure, children }: { figure: Figure; children: ReactNode }) {
  return <FigureRow figure={figure}>{children}</FigureRow>;
}

function Hero({
  sheet,
  data,
  change,
  figure,
  units,
}: {
  sheet: RingSheet;
  data: RingJobData;
  change: Change;
  figure: Figure;
  units: Units;
}) {
  const { ring } = sheet;
  return (
    <div>
      <p className="soft">inner diameter, closed</p>
      <div className="flex items-baseline gap-x-4 whitespace-nowrap">
        <NumberInput
          className="hero"
          label="Inner diameter, closed"
          value={aimed(data, "INNER", ring.closedInnerMm)}
          onChange={(value) => change({ convention: "INNER", aimValue: value }, "inner diameter")}
        />
        <span className="figures text-xl font-semibold soft">{size(ring.closedInnerMm, units).other}</span>
      </div>
      <FigureRow figure={figure} name="why this number">
        {band(ring.closedLowMm, ring.closedHighMm, units)}
      </FigureRow>
    </div>
  );
}

function WireRow({ sheet, figure, units }: { sheet: RingSheet; figure: Figure; units: Units }) {
  const { awg, swg, tradeName } = sheet.names;
  return (
    <>
      <FigureRow figure={figure}>{sizeText(sheet.ring.wireDiameterMm, units)}</FigureRow>
      <p className="tiny soft py-1">
        {awg.name} {signedPercent(awg.errorPercent)}, {swg.name} {signedPercent(swg.errorPercent)}
        {tradeName && `, sold as ${tradeName}`}
      </p>
    </>
  );
}

/** Theory beside own measurement. */
function Handbook({ sheet, data, units }: { sheet: RingSheet; data: RingJobData; units: Units }) {
  const { ring, handbook } = sheet;
  if (ring.measurements === 0) {
    return (
      <p className="tiny soft py-1">
        By the handbook. Measure one coil and the next prediction is{" "}
        {data.spoolId ? "this spool's own" : "its own, once the wire is in stock"}.
      </p>
    );
  }
  return (
    <p className="tiny py-1">
      <Link to={`/notebook/wire/${data.spoolId}`} className="mark">
        {many(ring.measurements, "measurement")} of yours
      </Link>{" "}
      say {size(ring.sprungInnerMm, units).value}, the handbook {size(handbook.sprungInnerMm, units).value}.
    </p>
  );
}

function Judgement({ sheet, units }: { sheet: RingSheet; units: Units }) {
  const { good, habit, other } = weaveWords(sheet.weaves, sheet.ring);
  return (
    <div className="mt-4 grid gap-2" data-testid="judgement">
      <p>
        {good && <span className={good.startsWith("Drapes") ? "good strong" : ""}>{good} </span>}
        {habit && <span className="soft">{habit} </span>}
        {other && <span className="care">{other}</span>}
      </p>
      {sheet.notes.map((note) => (
        <p key={note.code} className={note.severity === "CARE" ? "care" : ""}>
          {noteWords(note, units)}
        </p>
      ))}
    </div>
  );
}
