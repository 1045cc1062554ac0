import { failureWords } from "../../../shared/words/refused";
import { useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../../../api/client";
import { changed } from "../../../api/queries";
import type { Figure, Kept, PatchCount, PatchSpec, WeaveEntry, WeaveJobData } from "../../../api/types";
import { many, mass, plain, sizeText, wireLength, type Units } from "../../../quantity/format";
import { layOutCuts } from "../../../shared/kernel/cuts";
import { NumberInput } from "../../../shared/shell/NumberInput";
import { say } from "../../../shared/kernel/says";
import { editorOf } from "../../../shared/kernel/useEditor";
import { REFUSED_ABOVE, ShutButton } from "../../../shared/shell/ShutButton";
import { FigureRow } from "../../../shared/shell/Why";
import { figureOf } from "../../../shared/words/figures";
import type { ChangeWeave } from "./change";
import { PatchExports } from "./PatchExports";
import { noteWords } from "../../../shared/words/noteWords";

interface Props {
  kept: Kept<WeaveJobData>;
  data: WeaveJobData;
  weave: WeaveEntry;
  count: PatchCount;
  units: Units;
  change: ChangeWeave;
  /** A value is refused: what is shown is from before. */
  refused: boolean;
}

const OTHERS = [
  "patch-length",
  "patch-length-rest",
  "patch-width",
  "patch-pre-closed-order",
  "patch-spare",
  "patch-wire",
  "patch-mass",
];

/** Close so many, open so many; how it is gone about; then to the wire or to the bench. */
export function PatchFigures({ kept, data, weave, count, units, change, refused }: Props) {
  const verdict = count.notes[0];
  const rings = figureOf(count, "patch-rings")!;
  const most = figureOf(count, "patch-pre-closed-most");
  const shut = refused
    ? REFUSED_ABOVE
    : verdict?.severity === "STOP"
      ? "It does not close in this ring: take a larger one."
      : null;
  return (
    <>
      <div className="close-open" data-testid="close-open">
        {(["patch-pre-closed", "patch-opened"] as const).map((id) => (
          <div key={id}>
            <strong className="figures">{figureOf(count, id)!.value}</strong>
            <FigureRow
              figure={figureOf(count, id)!}
              name={id === "patch-opened" ? "open as you go" : "close before you start"}
            >
              {null}
            </FigureRow>
          </div>
        ))}
      </div>
      {most && (
        <FigureRow figure={most} name="the most possible to close first">
          {shown(most, units)}
        </FigureRow>
      )}
      <FigureRow figure={rings}>{rings.value}</FigureRow>
      {count.ringCount.length > 1 && (
        <p className="small soft">
          {count.ringCount.map((n, i) => many(n, weave.sizes[i]?.name ?? "ring")).join(", ")}
        </p>
      )}
      {verdict && verdict.severity !== "GOOD" && (
        <p className={`small ${verdict.severity.toLowerCase()}`}>{noteWords(verdict, units)}</p>
      )}
      {OTHERS.map((id) => figureOf(count, id))
        .filter((figure) => figure !== undefined)
        .map((figure) => (
          <FigureRow key={figure.id} figure={figure} name={NAMES[figure.id]}>
            {shown(figure, units)}
          </FigureRow>
        ))}
      <WaySentence data={data} weave={weave} count={count} change={change} />
      <Onward kept={kept} data={data} shut={shut} />
      <PatchExports kept={kept} />
    </>
  );
}

const NAMES: Record<string, string> = {
  "patch-pre-closed-order": "with hands that hold any number",
};

function shown(figure: Figure, units: Units): string {
  if (figure.id === "patch-wire") {
    return wireLength(figure.value, units);
  }
  return figure.unit === "mm"
    ? sizeText(figure.value, units, 1)
    : figure.unit === "g"
      ? mass(figure.value)
      : plain(figure.value, 0);
}

/** How the maker goes about it. */
function WaySentence({ data, weave, count, change }: Omit<Props, "kept" | "units" | "refused">) {
  const patch = (patch: Partial<PatchSpec>, tag: string) =>
    change({ patch: { ...data.patch, ...patch } }, tag);
  return (
    <p className="sentence way">
      {weave.kind === "SHEET" && (
        <select
          className="word-select"
          aria-label="How the sheet grows"
          value={data.patch.sheet ?? "ROWS"}
          onChange={(event) => patch({ sheet: event.target.value as PatchSpec["sheet"] }, "sheet")}
        >
          <option value="ROWS">Row by row,</option>
          <option value="STRIPS">In strips of three rows, joined,</option>
        </select>
      )}
      {count.doubles && (
        <select
          className="word-select"
          aria-label="When a ring's double comes in"
          value={data.patch.doubling ?? "TOGETHER"}
          onChange={(event) => patch({ doubling: event.target.value as PatchSpec["doubling"] }, "doubling")}
        >
          <option value="TOGETHER">each ring doubled at once,</option>
          <option value="AFTERWARDS">singly first, doubled after,</option>
        </select>
      )}
      <span>taking up to</span>
      <NumberInput
        label="Loose rings picked up at a time"
        kind="number"
        decimals={0}
        step={1}
        value={data.patch.hold ?? 4}
        onChange={(hold) => patch({ hold: Math.round(hold) }, "hold")}
      />
      <span>loose rings along,</span>
      <span className="whitespace-nowrap">
        <NumberInput
          label="Spare, percent"
          kind="number"
          decimals={0}
          step={1}
          value={data.patch.sparePercent ?? 5}
          onChange={(sparePercent) => patch({ sparePercent }, "spare")}
        />
        <span> % spare.</span>
      </span>
    </p>
  );
}

/** To the bench, or first to the wire: the rings cut as jobs of their own. */
function Onward({
  kept,
  data,
  shut,
}: {
  kept: Kept<WeaveJobData>;
  data: WeaveJobData;
  /** Why it cannot be made; null when it can. */
  shut: string | null;
}) {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const attempt = async (act: () => Promise<void>) => {
    setBusy(true);
    try {
      await editorOf("jobs/weave", kept).flush();
      await act();
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was begun."));
    }
    setBusy(false);
  };
  const make = async () => {
    const run = await call<Kept<unknown>>("POST", `/api/jobs/weave/${kept.id}/runs`);
    changed("bench");
    await navigate(`/making/${run.id}`);
  };
  const cut = async () => {
    await navigate(`/rings/${await layOutCuts("weave", kept.id, data)}`);
  };
  return (
    <p className="flex flex-wrap items-center gap-x-6 gap-y-1 mt-3">
      <ShutButton why={busy ? "being laid out" : shut} onClick={() => void attempt(make)}>
        Make it
      </ShutButton>
      {!busy && shut !== REFUSED_ABOVE && (
        <button className="quiet" onClick={() => void attempt(cut)}>
          cut its rings
        </button>
      )}
    </p>
  );
}
