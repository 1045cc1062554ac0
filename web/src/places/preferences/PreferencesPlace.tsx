import type { ReactNode } from "react";
import { Link } from "react-router";
import { usePreferences, useSession } from "../../api/queries";
import type { Choices, Kept } from "../../api/types";
import { sizeText } from "../../quantity/format";
import { NumberInput } from "../../shared/shell/NumberInput";
import { SaveMark } from "../../shared/shell/SaveMark";
import { useEditor } from "../../shared/kernel/useEditor";
import { cuttingWord, rhythmWord } from "../../shared/words/formWords";
import { windingWord } from "../../shared/words/words";
import { Backups } from "./Backups";
import { Calibration } from "./Calibration";
import { Choose } from "./Choose";
import { People } from "./People";
import { SupportFile, Tables } from "./TakeOut";
import { ThemeChoice } from "./ThemeChoice";
import { WhoIsIn } from "./WhoIsIn";

interface Props {
  data: Choices;
  change: (patch: Partial<Choices>, tag: string) => void;
}

export function PreferencesPlace() {
  const kept = usePreferences().data;
  return kept ? <Sheet kept={kept} /> : null;
}

/** Where practitioners disagree, asked once; a job may differ. */
function Sheet({ kept }: { kept: Kept<Choices> }) {
  const { editor, data, state } = useEditor("preferences", kept);
  const change = (patch: Partial<Choices>, tag: string) => editor.change(patch, tag);
  const session = useSession().data;
  return (
    <div className="place">
      <div className="flex items-baseline gap-5">
        <h1 className="place-title">How you work</h1>
        <SaveMark
          editor={editor}
          state={state}
          describe={(c) =>
            `${c.units.toLowerCase()}, ${c.bareGauge}, ${c.cutMethod}, ${c.sparePercent} % spare`
          }
        />
      </div>
      <p className="soft mt-1">New jobs start from this. What is already drawn stays as it is.</p>
      <div className="mt-4 grid gap-x-14 min-[980px]:grid-cols-[1fr_440px]">
        <div>
          <Naming data={data} change={change} />
          <Winding data={data} change={change} />
          <Habits data={data} change={change} />
          <Forming data={data} change={change} />
          <Question name="You make for" note="Pieces offer them by name, with their sizes.">
            <People people={data.people} change={change} />
          </Question>
          <Question name="Instruments" note="A caliper types into any field where something is measured.">
            <Link to="/preferences/instruments" className="quiet -ml-1">
              calipers and scales that speak for themselves
            </Link>
          </Question>
          <Question name="Last backup">
            <Backups />
          </Question>
          <TakenOut />
          {session?.passwordNeeded && (
            <Question name="Who is in" note="Each browser that came in with the password, until it goes.">
              <WhoIsIn />
            </Question>
          )}
          <Question name="Light">
            <ThemeChoice />
          </Question>
        </div>
        <Calibration />
      </div>
      <p className="mt-8">
        <Link to="/safety" className="quiet">
          Safe at the bench
        </Link>
        , the usual cautions on one page to hang up.
      </p>
      <p className="small soft mt-4">
        Toroid stands on the work of others: the licences of its <a href="/licences.txt">scripts</a>, and of
        its <a href="/licences-of-styles.txt">letters and styles</a>.
      </p>
    </div>
  );
}

/** What leaves the workshop as a file. */
function TakenOut() {
  return (
    <>
      <Question name="As tables" note="CSV for a spreadsheet: a row for each thing that is kept.">
        <Tables />
      </Question>
      <Question
        name="When something is wrong"
        note="Versions, sizes and faults; nothing of yours. Read it before you send it."
      >
        <SupportFile />
      </Question>
    </>
  );
}

/** In which tongue sizes are said, and what names a ring. */
function Naming({ data, change }: Props) {
  return (
    <>
      <Question name="Sizes first in">
        <Choose
          name="units"
          value={data.units}
          onChange={(units) => change({ units }, "units")}
          options={[
            ["MILLIMETRES", "millimetres"],
            ["INCHES", "inches"],
          ]}
        />
      </Question>
      <Question name="A bare gauge is" note="18 in the one table is 19 % thicker than in the other.">
        <Choose
          name="gauge"
          value={data.bareGauge}
          onChange={(bareGauge) => change({ bareGauge }, "gauge")}
          options={[
            ["AWG", "AWG, American"],
            ["SWG", "SWG, imperial"],
          ]}
        />
      </Question>
      <Question name="A ring is named by" note="All are shown; this one a new job holds fixed.">
        <Choose
          name="convention"
          value={data.convention}
          onChange={(convention) => change({ convention }, "convention")}
          options={[
            ["INNER", "its inside"],
            ["MANDREL", "its rod"],
            ["OUTER", "its outside"],
            ["ASPECT_RATIO", "its aspect ratio"],
          ]}
        />
      </Question>
    </>
  );
}

/** How rings are wound and cut. */
function Winding({ data, change }: Props) {
  return (
    <>
      <Question name="Wound by" note="Carried round a fixed rod the wire twists: 1.5 m at a time.">
        <Choose
          name="winding"
          value={data.winding}
          onChange={(winding) => change({ winding }, "winding")}
          options={(["TURNED", "POWERED", "CARRIED"] as const).map((w) => [w, windingWord(w)])}
        />
      </Question>
      <Question
        name="Cut with"
        note="A saw's kerf makes the closed ring smaller; flipped cutters trim the coil instead."
      >
        <Choose
          name="cut"
          value={data.cutMethod}
          onChange={(cutMethod) => change({ cutMethod }, "cut")}
          options={[
            ["saw", "a saw"],
            ["flush", "flush cutters"],
            ["none", "asked each time"],
          ]}
        />
      </Question>
    </>
  );
}

/** What is left and lost each time. */
function Habits({ data, change }: Props) {
  return (
    <>
      <Question name="By habit">
        <span className="sentence">
          <span>kerf</span>
          <NumberInput
            label="Usual kerf"
            value={data.kerfMm}
            step={0.01}
            onChange={(kerfMm) => change({ kerfMm }, "kerf")}
          />
          <span>, spare</span>
          <NumberInput
            label="Usual spare"
            kind="number"
            unit="%"
            decimals={0}
            step={1}
            value={data.sparePercent}
            onChange={(sparePercent) => change({ sparePercent }, "spare")}
          />
          <span>, lead</span>
          <NumberInput
            label="Usual lead"
            decimals={0}
            step={5}
            value={data.leadMm}
            onChange={(leadMm) => change({ leadMm }, "lead")}
          />
          <span>, tail</span>
          <NumberInput
            label="Usual tail"
            decimals={0}
            step={5}
            value={data.tailMm}
            onChange={(tailMm) => change({ tailMm }, "tail")}
          />
          <span>, spoilt turns at each end</span>
          <NumberInput
            label="Usual spoilt turns"
            kind="number"
            decimals={0}
            step={1}
            value={data.spoiltTurnsPerEnd}
            onChange={(spoiltTurnsPerEnd) => change({ spoiltTurnsPerEnd }, "spoilt turns")}
          />
        </span>
      </Question>
    </>
  );
}

/** How forms are made. */
function Forming({ data, change }: Props) {
  return (
    <>
      <Question
        name="A plain loop is trusted"
        note={`Below that wire an open loop lets go: Toroid says so, and all wrap at ${sizeText(0.6, data.units, 1)} and below.`}
      >
        <Choose
          name="plain"
          value={data.plainFromMm === null ? "" : String(data.plainFromMm)}
          onChange={(from) => change({ plainFromMm: from === "" ? null : Number(from) }, "plain loops")}
          options={[
            ["", "no rule: the usual advice"],
            ["1", `from ${sizeText(1, data.units, 1)} wire`],
            ["0.8", `from ${sizeText(0.8, data.units, 1)} wire`],
            ["100", "never: always wrapped"],
          ]}
        />
      </Question>
      <Question name="Wraps on a loop">
        <Choose
          name="wraps"
          value={String(data.wraps)}
          onChange={(wraps) => change({ wraps: Number(wraps) }, "wraps")}
          options={[
            ["2", "two"],
            ["3", "three"],
          ]}
        />
      </Question>
      <Question name="Forms are cut" note="Pre-cut lengths come out equal; from the spool saves a tail.">
        <Choose
          name="formCutting"
          value={data.formCutting}
          onChange={(formCutting) => change({ formCutting }, "cutting")}
          options={(["PRE_CUT", "FROM_SPOOL"] as const).map((c) => [c, cuttingWord(c)])}
        />
      </Question>
      <Question name="A batch is run">
        <Choose
          name="rhythm"
          value={data.rhythm}
          onChange={(rhythm) => change({ rhythm }, "rhythm")}
          options={(["BATCH", "FIRST_ALONE", "TANDEM", "ONE_BY_ONE"] as const).map((r) => [r, rhythmWord(r)])}
        />
      </Question>
    </>
  );
}

function Question({ name, note, children }: { name: string; note?: string; children: ReactNode }) {
  return (
    <fieldset className="grid gap-x-6 border-t border-base-300 py-2 min-[700px]:grid-cols-[150px_1fr]">
      <legend className="sr-only">{name}</legend>
      <span className="soft pt-2.5" aria-hidden="true">
        {name}
      </span>
      <div>
        {children}
        {note && <p className="tiny soft">{note}</p>}
      </div>
    </fieldset>
  );
}
