import { usePreferences } from "../../api/queries";
import type { FormAnswer, FormJobData, Kept, Note } from "../../api/types";
import { mass, size, sizeText, wireLength, type Units } from "../../quantity/format";
import { noteWords } from "../../shared/words/noteWords";
import { FigureRow, WhyNumber } from "../../shared/shell/Why";
import { figureOf } from "../../shared/words/figures";
import { AlsoRow } from "./AlsoRow";
import { Exports } from "./Exports";
import { IntoAPiece } from "./IntoAPiece";
import type { ChangeForm } from "./FormSentence";
import { InHand } from "./InHand";
import { OwnLengthening, OwnLooseness, OwnTail } from "./OwnTail";
import { ParameterList } from "./ParameterList";
import { WireMetals } from "./WireMetals";

interface Props {
  kept: Kept<FormJobData>;
  form: FormAnswer;
  data: FormJobData;
  change: ChangeForm;
}

/** The cut length biggest, then what the form is made to, what it takes, what is to be said of it, and on to the bench. */
export function ShapeFigures({ kept, form, data, change }: Props) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const figure = (id: string) => figureOf(form, id)!;
  return (
    <>
      <ToCut form={form} units={units} />
      <InHand data={data} change={change} units={units} />
      <Judgement
        notes={form.notes.filter((note) => note.severity === "STOP" || note.severity === "CARE")}
        units={units}
      />
      <ParameterList form={form} data={data} change={change} units={units} />
      <WireMetals form={form} data={data} change={change} />
      <AlsoRow data={data} change={change} />
      <div className="mt-3">
        {figureOf(form, "finished-length") && (
          <FigureRow figure={figure("finished-length")} name="finished, long">
            {sizeText(figure("finished-length").value, units, 1)}
          </FigureRow>
        )}
        <OwnLooseness data={data} change={change} />
        {figureOf(form, "flat-wide") && (
          <FigureRow figure={figure("flat-wide")} name="flat, wide">
            {sizeText(figure("flat-wide").value, units, 1)}
          </FigureRow>
        )}
        <OwnLengthening data={data} change={change} />
        {form.wires.length === 1 && (
          <>
            <FigureRow figure={figure("length-in-piece")}>
              {sizeText(form.lengthInPieceMm, units, 1)}
            </FigureRow>
            <FigureRow figure={figure("offcut")}>{sizeText(form.offcutMm, units, 1)}</FigureRow>
          </>
        )}
        <OwnTail form={form} data={data} change={change} />
        {data.copies > 1 && form.wires.length === 1 && (
          <FigureRow figure={figure("wire-for-copies")} name={`wire for ${data.copies} copies`}>
            {wireLength(form.forCopiesMm, units)}
          </FigureRow>
        )}
        <FigureRow figure={figure("mass-in-piece")}>{mass(form.massG)}</FigureRow>
        {form.wires.length > 1 && <Wires form={form} copies={data.copies} units={units} />}
      </div>
      <Judgement
        notes={form.notes.filter((note) => note.severity === "GOOD" || note.severity === "INFO")}
        units={units}
      />
      <IntoAPiece data={data} />
      <Exports kept={kept} form={form} />
    </>
  );
}

/** The length to cut, biggest; where there are several wires, each its own. */
function ToCut({ form, units }: { form: FormAnswer; units: Units }) {
  const many = form.wires.length > 1;
  return (
    <>
      <p className="soft">{many ? "to cut, of each wire" : "to cut"}</p>
      {form.wires.map((wire, i) => {
        const cut = size(wire.lengthToCutMm, units, 1);
        return (
          <p key={i} className={`shape-hero figures ${many ? "several" : ""}`} data-testid="to-cut">
            {cut.value}
            <small>
              {cut.unit}
              {many && ` ${wire.name}, ${sizeText(wire.diameterMm, units)}`}
            </small>
            {!many && <span>{cut.other}</span>}
          </p>
        );
      })}
      {!many && (
        <FigureRow figure={figureOf(form, "length-to-cut")!} name="why this number">
          <small>tails held and trimmed</small>
        </FigureRow>
      )}
    </>
  );
}

function Judgement({ notes, units }: { notes: Note[]; units: Units }) {
  return (
    <div data-testid="judgement">
      {notes.map((note, i) => (
        <p key={i} className={`note ${note.severity.toLowerCase()}`}>
          {noteWords(note, units)}
        </p>
      ))}
    </div>
  );
}

/** Several wires make one form: each its own length. */
function Wires({ form, copies, units }: { form: FormAnswer; copies: number; units: Units }) {
  return (
    <table className="ruled small mt-2">
      <thead>
        <tr>
          <th scope="col">wire</th>
          <th scope="col" className="right">
            thick
          </th>
          <th scope="col" className="right">
            in the piece
          </th>
          <th scope="col" className="right">
            to cut
          </th>
          {copies > 1 && (
            <th scope="col" className="right">
              for {copies}
            </th>
          )}
        </tr>
      </thead>
      <tbody>
        {form.wires.map((wire, i) => (
          <tr key={i}>
            <td>{wire.name}</td>
            <td className="right">{size(wire.diameterMm, units).value}</td>
            <td className="right">
              <WhyNumber figure={figureOf(form, `wire-${i}-in-piece`)}>
                {size(wire.lengthInPieceMm, units, 1).value}
              </WhyNumber>
            </td>
            <td className="right strong">
              <WhyNumber figure={figureOf(form, `wire-${i}-to-cut`)}>
                {size(wire.lengthToCutMm, units, 1).value}
              </WhyNumber>
            </td>
            {copies > 1 && <td className="right">{wireLength(wire.forCopiesMm, units)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
