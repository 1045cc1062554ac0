import { useState, type ReactNode } from "react";
import { Link, useNavigate } from "react-router";
import { call, Problem } from "../../api/client";
import { changed, usePreferences } from "../../api/queries";
import type { Figure, Kept, RingJobData, RingSheet, RunData } from "../../api/types";
import { band, mass, plain, signedPercent, size, sizeText, type Units } from "../../quantity/format";
import { editorOf } from "../../shared/useEditor";
import { NumberInput } from "../../shared/NumberInput";
import { say } from "../../shared/says";
import { FigureRow, Why } from "../../shared/Why";
import { noteWords, weaveWords } from "../../shared/words";
import type { Change } from "./JobSentence";

interface Props {
  kept: Kept<RingJobData>;
  sheet: RingSheet;
  data: RingJobData;
  change: Change;
}

/** The figures beside the drawing: one is biggest; every one opens to its why. */
export function FigureList({ kept, sheet, data, change }: Props) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const figure = (id: string) => sheet.figures.find((f) => f.id === id)!;
  const { ring } = sheet;
  return (
    <>
      <Hero sheet={sheet} change={change} figure={figure("inner-closed")} units={units} />
      <div className="mt-3">
        <Row figure={figure("aspect-ratio")}>
          <NumberInput
            label="Aspect ratio"
            kind="number"
            value={ring.aspectRatio}
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
        <Row figure={figure("stays-open-force")}>{plain(figure("stays-open-force").value, 1)} N</Row>
        <Row figure={figure("strain")}>{plain(figure("strain").value, 1)} %</Row>
      </div>
      <Judgement sheet={sheet} units={units} />
      <Start kept={kept} sheet={sheet} />
    </>
  );
}

function Row({ figure, children }: { figure: Figure; children: ReactNode }) {
  return <FigureRow figure={figure}>{children}</FigureRow>;
}

function Hero({
  sheet,
  change,
  figure,
  units,
}: {
  sheet: RingSheet;
  change: Change;
  figure: Figure;
  units: Units;
}) {
  const { ring } = sheet;
  return (
    <div>
      <p className="soft">inner diameter, closed</p>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <NumberInput
          className="hero"
          label="Inner diameter, closed"
          value={ring.closedInnerMm}
          onChange={(value) => change({ convention: "INNER", aimValue: value }, "inner diameter")}
        />
        <span className="figures text-xl font-semibold soft">{size(ring.closedInnerMm, units).other}</span>
      </div>
      <details className="figure-row" data-figure="inner-closed">
        <summary>
          <span className="figure-name">why this number</span>
          <span className="figure-value">{band(ring.closedLowMm, ring.closedHighMm, units)}</span>
        </summary>
        <Why figure={figure} />
      </details>
    </div>
  );
}

function WireRow({ sheet, figure, units }: { sheet: RingSheet; figure: Figure; units: Units }) {
  const { names } = sheet;
  return (
    <FigureRow figure={figure}>
      {sizeText(sheet.ring.wireDiameterMm, units)}
      <small>
        {names.awg.name} {signedPercent(names.awg.errorPercent)}, {names.swg.name}{" "}
        {signedPercent(names.swg.errorPercent)}
        {names.tradeName && `, sold as ${names.tradeName}`}
      </small>
    </FigureRow>
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
        Your {ring.measurements} {ring.measurements === 1 ? "measurement" : "measurements"}
      </Link>{" "}
      say {size(ring.sprungInnerMm, units).value}; the handbook would say{" "}
      {size(handbook.sprungInnerMm, units).value}.
    </p>
  );
}

function Judgement({ sheet, units }: { sheet: RingSheet; units: Units }) {
  const { good, other } = weaveWords(sheet.weaves);
  return (
    <div className="mt-4 grid gap-2" data-testid="judgement">
      <p>
        {good ? (
          <span className="good strong">{good} </span>
        ) : (
          <span>No weave kept here is usually made with such a ring. </span>
        )}
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

function Start({ kept, sheet }: { kept: Kept<RingJobData>; sheet: RingSheet }) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const start = async () => {
    setBusy(true);
    try {
      await editorOf("ring-jobs", kept).flush();
      const run = await call<Kept<RunData>>("POST", `/api/ring-jobs/${kept.id}/runs`);
      changed("bench");
      await navigate(`/making/${run.id}`);
    } catch (failure) {
      say(
        failure instanceof Problem ? failure.body.detail : "The server is not answering; nothing was begun.",
      );
      setBusy(false);
    }
  };
  return (
    <div className="mt-5 flex flex-wrap items-center gap-x-5">
      <button className="action" disabled={busy} onClick={() => void start()}>
        Wind {sheet.ringsMade} of these
      </button>
      <Link className="quiet" to={`/print/${kept.id}`}>
        print sheet
      </Link>
    </div>
  );
}
