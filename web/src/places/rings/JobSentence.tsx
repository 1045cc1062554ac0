import { useCutters } from "../../api/queries";
import type { CutData, RingJobData } from "../../api/types";
import type { Editor, SaveState } from "../../shared/kernel/editor";
import { KeptLink } from "../../shared/shell/KeptLink";
import { NameHead } from "../../shared/shell/NameHead";
import { WireChoice } from "../../shared/shell/WireChoice";
import { cutWord, windingWord } from "../../shared/words/words";
import { NumberInput } from "../../shared/shell/NumberInput";
import { plain } from "../../quantity/format";

export interface Change {
  (patch: Partial<RingJobData>, tag: string): void;
}

interface Props {
  editor: Editor<RingJobData>;
  data: RingJobData;
  state: SaveState<RingJobData>;
  change: Change;
}

/** The job as one sentence whose words are the choices. */
export function JobSentence({ editor, data, state, change }: Props) {
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
        <KeptLink
          editor={editor}
          path="jobs/ring"
          to={`/rings/${editor.id}/shelf`}
          className="quiet small whitespace-nowrap"
        >
          all wires on all rods
        </KeptLink>
      </NameHead>
      <p className="sentence">
        <span>From</span>
        <WireChoice wire={data} change={change} />
        <span className="comma">, cut with</span>
        <CutChoice data={data} change={change} />
      </p>
    </div>
  );
}

function describe(job: RingJobData): string {
  const unit = job.convention === "ASPECT_RATIO" ? "" : " mm";
  const aim = { MANDREL: "rod", INNER: "inside", OUTER: "outside", ASPECT_RATIO: "aspect ratio" }[
    job.convention
  ];
  return `${job.name}: ${aim} ${plain(job.aimValue)}${unit}, wire ${plain(job.wireDiameterMm)} mm, ${job.ringCount} rings, ${cutWord(job.cut)}`;
}

/** How it is wound, and how many turns a ring keeps. */
export function WindingChoice({ data, change }: { data: RingJobData; change: Change }) {
  return (
    <>
      <select
        className="word-select"
        aria-label="How it is wound"
        value={data.winding}
        onChange={(event) => change({ winding: event.target.value as RingJobData["winding"] }, "winding")}
      >
        {(["TURNED", "POWERED", "CARRIED"] as const).map((winding) => (
          <option key={winding} value={winding}>
            {windingWord(winding)}
          </option>
        ))}
      </select>
      <span className="comma">,</span>
      <select
        className="word-select"
        aria-label="Turns in a ring"
        value={data.turnsPerRing}
        onChange={(event) => change({ turnsPerRing: Number(event.target.value) }, "turns in a ring")}
      >
        <option value={1}>plain</option>
        <option value={2}>double</option>
        <option value={3}>triple</option>
        {data.turnsPerRing > 3 && <option value={data.turnsPerRing}>{data.turnsPerRing} turns a ring</option>}
      </select>
    </>
  );
}

const KEEP = "as it is";

function CutChoice({ data, change }: { data: RingJobData; change: Change }) {
  const cutters = useCutters().data ?? [];
  const known = cutters.map(({ id, data: cutter }): { id: string; name: string; cut: CutData } => ({
    id,
    name: cutter.name,
    cut:
      cutter.method === "SAW"
        ? { method: "saw", kerfMm: cutter.lossMm, trimMm: null, flipped: null }
        : { method: "flush", kerfMm: null, trimMm: cutter.lossMm, flipped: cutter.flipped },
  }));
  const plainCuts: { id: string; name: string; cut: CutData }[] = [
    { id: "saw", name: "a saw", cut: { method: "saw", kerfMm: 0.3, trimMm: null, flipped: null } },
    {
      id: "flush",
      name: "flush cutters",
      cut: { method: "flush", kerfMm: null, trimMm: 0.75 * data.wireDiameterMm, flipped: true },
    },
    { id: "none", name: "nothing yet", cut: { method: "none", kerfMm: null, trimMm: null, flipped: null } },
  ];
  const all = [...known, ...plainCuts];
  const current = all.find(({ cut }) => cutWord(cut) === cutWord(data.cut));
  return (
    <>
      <select
        className="word-select"
        aria-label="Cut with"
        value={current?.id ?? KEEP}
        onChange={(event) =>
          change({ cut: all.find((c) => c.id === event.target.value)?.cut ?? data.cut }, "cut")
        }
      >
        {!current && <option value={KEEP}>{cutWord(data.cut)}</option>}
        {all.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      {data.cut.method === "saw" && !known.some((k) => k.id === current?.id) && (
        <span className="sentence">
          <NumberInput
            label="Kerf"
            value={data.cut.kerfMm ?? 0.3}
            step={0.01}
            onChange={(kerfMm) => change({ cut: { ...data.cut, kerfMm } }, "kerf")}
          />
        </span>
      )}
    </>
  );
}
