import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { call } from "../../api/client";
import { useCatalogue, useBench, usePictures, usePreferences, useSpools } from "../../api/queries";
import type { CatalogueForm, FormPicture, OutlineRow, Parameters } from "../../api/types";
import { sizeText } from "../../quantity/format";
import { FindField, Found } from "../../shared/shell/Find";
import { formToFind, ranked } from "../../shared/kernel/finder";
import { ReadIn } from "../../shared/shell/ReadIn";
import { PaintedForm } from "../../shared/shell/PaintedForm";
import { blankForm, keepForm } from "../../shared/kernel/newForm";

/** Every wire form by what it does, drawn from its own geometry. */
export function CataloguePlace() {
  const forms = useCatalogue().data;
  const pictures = usePictures().data;
  const [wanted, setWanted] = useState("");
  if (!forms || !pictures) {
    return null;
  }
  const words = wanted.trim();
  const shown = words === "" ? forms : ranked(forms, formToFind, words);
  const families = [...new Set(shown.map((form) => form.familyName))];
  return (
    <div className="place catalogue">
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h1 className="place-title">Shapes</h1>
        <span className="flex items-baseline gap-6">
          <Link className="quiet" to="/practice/ten-loops">
            practise loops
          </Link>
          <ReadForm forms={forms} />
          <FindField words={wanted} onWords={setWanted} />
        </span>
      </div>
      {words === "" && <Drawer pictures={pictures} />}
      {families.map((family) => (
        <section key={family} aria-label={family}>
          <h2>{family}</h2>
          <ul>
            {shown
              .filter((form) => form.familyName === family)
              .map((form) => (
                <FormTile key={form.id} form={form} picture={pictures.find((p) => p.id === form.id)!} />
              ))}
          </ul>
        </section>
      ))}
      {words !== "" && shown.length === 0 && (
        <p className="mt-6 soft">No shape is called that. Try loop, hook, spiral, ear, bead, frame.</p>
      )}
      <Found words={words} without="Shapes" />
    </div>
  );
}

function FormTile({ form, picture }: { form: CatalogueForm; picture: FormPicture }) {
  return (
    <li>
      <Link className="form-tile" to={`/shapes/new/${form.id}`}>
        <PaintedForm picture={picture} />
        <span className="strong">{form.name}</span>
        <span className="tiny soft">{form.does}</span>
      </Link>
    </li>
  );
}

/** What this workshop has drawn already, latest first. */
function Drawer({ pictures }: { pictures: FormPicture[] }) {
  const hands = (useBench().data ?? []).flatMap((hand) => (hand.kind === "form" ? [hand] : []));
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (hands.length === 0) {
    return null;
  }
  return (
    <section aria-label="Your own">
      <h2>your own</h2>
      <ul>
        {hands.map(({ jobId, name, glance }) => {
          const sketch = glance?.sketch;
          const picture = pictures.find((one) => one.id === sketch?.formId);
          return (
            <li key={jobId}>
              <Link className="form-tile" to={`/shapes/${jobId}`}>
                {picture && <PaintedForm picture={picture} metal={sketch?.metal} />}
                <span className="strong">{name}</span>
                {sketch && (
                  <span className="tiny soft">
                    {sketch.copies} of {sizeText(sketch.wireDiameterMm, units)} wire
                  </span>
                )}
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

interface Imported {
  formId: string;
  parameters: Parameters;
  answer: { wireDiameterMm: number; metal: string; parameters: { bends?: OutlineRow[] } };
}

/** A form definition or a bend table from a file. */
function ReadForm({ forms }: { forms: CatalogueForm[] }) {
  const choices = usePreferences().data?.data;
  const spools = useSpools().data ?? [];
  const navigate = useNavigate();
  const read = async (text: string, name: string) => {
    const came = await call<Imported>("POST", "/api/forms/import", text, undefined, "text/plain");
    const form = forms.find((one) => one.id === came.formId)!;
    const blank = blankForm({ ...form, usualWireMm: came.answer.wireDiameterMm }, choices!, spools);
    const called = name || blank.name;
    await navigate(`/shapes/${await keepForm({ ...blank, name: called, parameters: came.parameters })}`);
  };
  return <ReadIn label="Form definition or bend table" accept=".json,.csv" onText={read} />;
}
