import { failureWords } from "../../shared/words/refused";
import { Link } from "react-router";
import { useCatalogue } from "../../api/queries";
import { call } from "../../api/client";
import type { FormJobData, Kept, Parameters, SpoolData } from "../../api/types";
import type { Editor, SaveState } from "../../shared/kernel/editor";
import { say } from "../../shared/kernel/says";
import { NameHead } from "../../shared/shell/NameHead";
import { WireChoice } from "../../shared/shell/WireChoice";
import { capital } from "../../shared/words/lists";
import { BesideChoice } from "./Beside";

export interface ChangeForm {
  (patch: Partial<FormJobData>, tag: string): void;
}

interface Props {
  editor: Editor<FormJobData>;
  kept: Kept<FormJobData>;
  data: FormJobData;
  state: SaveState<FormJobData>;
  change: ChangeForm;
}

/** The job as one sentence: what it is called, which form, from which wire. */
export function FormSentence({ editor, kept, data, state, change }: Props) {
  const form = useCatalogue().data?.find((one) => one.id === data.formId);
  const own = Object.values(data.parameters).some((value) => typeof value === "number");
  const offerScale = (spool: SpoolData) => {
    const from = data.wireDiameterMm;
    if (own && Math.abs(spool.wireDiameterMm / from - 1) > 0.02) {
      say(`Its sizes were chosen for ${from} mm wire.`, {
        label: "scale them with the wire",
        run: () => void scale(data, from, spool.wireDiameterMm, change),
      });
    }
  };
  return (
    <div className="pr-4">
      <NameHead
        label="Name of the job"
        name={data.name}
        onName={(name) => change({ name }, "name")}
        editor={editor}
        state={state}
        describe={describe}
      >
        <Link className="quiet small whitespace-nowrap" to="/shapes">
          all shapes
        </Link>
        <BesideChoice kept={kept} />
      </NameHead>
      <p className="sentence">
        <span>{form ? capital(form.name) : data.formId} from</span>
        <WireChoice wire={data} change={change} onSpool={offerScale} asksThickness />
      </p>
    </div>
  );
}

/** Carries the maker's own lengths over to another wire. */
async function scale(data: FormJobData, fromWireMm: number, toWireMm: number, change: ChangeForm) {
  try {
    const parameters = await call<Parameters>("POST", `/api/forms/${data.formId}/scale`, {
      parameters: data.parameters,
      fromWireMm,
      toWireMm,
    });
    change({ parameters }, "scale");
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
  }
}

function describe(job: FormJobData): string {
  const values = Object.entries(job.parameters)
    .filter(([, value]) => !Array.isArray(value))
    .map(([id, value]) => `${id} ${value as string | number}`);
  return `${job.name}: ${job.copies} copies${values.length ? `, ${values.join(", ")}` : ""}`;
}
