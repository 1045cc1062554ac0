import { Link } from "react-router";
import { useCatalogue, useMetals, useSpools } from "../../api/queries";
import { call, Problem } from "../../api/client";
import type { FormJobData, Kept, Parameters, Temper } from "../../api/types";
import type { Editor, SaveState } from "../../shared/editor";
import { NumberInput } from "../../shared/NumberInput";
import { say } from "../../shared/says";
import { SaveMark } from "../../shared/SaveMark";
import { temperWord } from "../../shared/words";
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
  const spools = useSpools().data ?? [];
  const form = useCatalogue().data?.find((one) => one.id === data.formId);
  const own = Object.values(data.parameters).some((value) => typeof value === "number");
  const choose = (id: string) => {
    const spool = spools.find((one) => one.id === id);
    const from = data.wireDiameterMm;
    if (spool && own && Math.abs(spool.data.wireDiameterMm / from - 1) > 0.02) {
      say(`Its sizes were chosen for ${from} mm wire.`, {
        label: "scale them with the wire",
        run: () => void scale(data, from, spool.data.wireDiameterMm, change),
      });
    }
    change(
      spool
        ? {
            spoolId: id,
            metal: spool.data.metal,
            temper: spool.data.temper,
            wireDiameterMm: spool.data.wireDiameterMm,
          }
        : { spoolId: null },
      "wire",
    );
  };
  return (
    <div className="pr-4">
      <div className="flex items-baseline gap-4">
        <input
          className="name-input"
          aria-label="Name of the job"
          value={data.name}
          maxLength={120}
          onChange={(event) => change({ name: event.target.value }, "name")}
        />
        <Link className="quiet small whitespace-nowrap" to="/shapes">
          all shapes
        </Link>
        <BesideChoice kept={kept} />
        <SaveMark editor={editor} state={state} describe={describe} />
      </div>
      <p className="sentence">
        <span>{form ? capitalised(form.name) : data.formId} from</span>
        <select
          className="word-select"
          aria-label="Wire from"
          value={data.spoolId ?? ""}
          onChange={(event) => choose(event.target.value)}
        >
          <option value="">wire not in stock</option>
          {spools.map((spool) => (
            <option key={spool.id} value={spool.id}>
              {spool.data.name}
            </option>
          ))}
        </select>
        {data.spoolId === null && <LooseWire data={data} change={change} />}
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
    say(
      failure instanceof Problem ? failure.body.detail : "The server is not answering; nothing was changed.",
    );
  }
}

function LooseWire({ data, change }: { data: FormJobData; change: ChangeForm }) {
  const metals = useMetals().data ?? [];
  const metal = metals.find((one) => one.id === data.metal);
  return (
    <>
      <NumberInput
        label="Wire"
        value={data.wireDiameterMm}
        minimum={0.1}
        onChange={(value) => change({ wireDiameterMm: value }, "wire diameter")}
      />
      <select
        className="word-select"
        aria-label="Metal"
        value={data.metal}
        onChange={(event) => {
          const chosen = metals.find((one) => one.id === event.target.value)!;
          const temper = chosen.tempers.some((t) => t.temper === data.temper)
            ? data.temper
            : chosen.tempers[0]!.temper;
          change({ metal: chosen.id, temper }, "metal");
        }}
      >
        {metals.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      <select
        className="word-select"
        aria-label="Temper"
        value={data.temper}
        onChange={(event) => change({ temper: event.target.value as Temper }, "temper")}
      >
        {(metal?.tempers ?? []).map((t) => (
          <option key={t.temper} value={t.temper}>
            {temperWord(t.temper)}
          </option>
        ))}
      </select>
    </>
  );
}

function capitalised(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function describe(job: FormJobData): string {
  const values = Object.entries(job.parameters)
    .filter(([, value]) => !Array.isArray(value))
    .map(([id, value]) => `${id} ${String(value)}`);
  return `${job.name}: ${job.pieces} pieces${values.length ? `, ${values.join(", ")}` : ""}`;
}
