import { useState } from "react";
import { useNavigate } from "react-router";
import { call, Problem } from "../../../api/client";
import { changed, usePreferences } from "../../../api/queries";
import type {
  Figure,
  Kept,
  PieceCount,
  PieceSpec,
  WeaveEntry,
  WeaveJobData,
  WeaveRunData,
} from "../../../api/types";
import { many, mass, plain, sizeText, wireLength, type Units } from "../../../quantity/format";
import { keepJob, ringsOf } from "../../../shared/newJob";
import { NumberInput } from "../../../shared/NumberInput";
import { say } from "../../../shared/says";
import { editorOf } from "../../../shared/useEditor";
import { REFUSED_ABOVE, ShutButton } from "../../../shared/ShutButton";
import { FigureRow } from "../../../shared/Why";
import { figureOf } from "../../../shared/figures";
import type { ChangeWeave } from "./PiecePlace";
import { PieceExports } from "./PieceExports";
import { weaveNoteWords } from "../weaveWords";

interface Props {
  kept: Kept<WeaveJobData>;
  data: WeaveJobData;
  weave: WeaveEntry;
  count: PieceCount;
  units: Units;
  change: ChangeWeave;
  /** A value is refused: what is shown is from before. */
  refused: boolean;
}

const OTHERS = [
  "piece-length",
  "piece-length-rest",
  "piece-width",
  "piece-pre-closed-order",
  "piece-spare",
  "piece-wire",
  "piece-mass",
];

/** Close so many, open so many; how it is gone about; then to the wire or to the bench. */
export function PieceFigures({ kept, data, weave, count, units, change, refused }: Props) {
  const verdict = count.notes[0];
  const rings = figureOf(count, "piece-rings")!;
  const most = figureOf(count, "piece-pre-closed-most");
  const shut = refused
    ? REFUSED_ABOVE
    : verdict?.severity === "STOP"
      ? "It does not close in this ring: take a larger one."
      : null;
  return (
    <>
      <div className="close-open" data-testid="close-open">
        {(["piece-pre-closed", "piece-opened"] as const).map((id) => (
          <div key={id}>
            <strong className="figures">{figureOf(count, id)!.value}</strong>
            <FigureRow
              figure={figureOf(count, id)!}
              name={id === "piece-opened" ? "open as you go" : "close before you start"}
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
        <p className={`small ${verdict.severity.toLowerCase()}`}>{weaveNoteWords(verdict, units)}</p>
      )}
      {OTHERS.map((id) => figureOf(count, id))
        .filter((figure) => figure !== undefined)
        .map((figure) => (
          <FigureRow key={figure.id} figure={figure} name={NAMES[figure.id]}>
            {shown(figure, units)}
          </FigureRow>
        ))}
      <WaySentence data={data} weave={weave} count={count} change={change} />
      <Onward kept={kept} data={data} weave={weave} count={count} shut={shut} />
      <PieceExports kept={kept} />
    </>
  );
}

const NAMES: Record<string, string> = {
  "piece-pre-closed-order": "with hands that hold any number",
};

function shown(figure: Figure, units: Units): string {
  if (figure.id === "piece-wire") {
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
  const piece = (patch: Partial<PieceSpec>, tag: string) =>
    change({ piece: { ...data.piece, ...patch } }, tag);
  return (
    <p className="sentence way">
      {weave.kind === "SHEET" && (
        <select
          className="word-select"
          aria-label="How the sheet grows"
          value={data.piece.sheet ?? "ROWS"}
          onChange={(event) => piece({ sheet: event.target.value as PieceSpec["sheet"] }, "sheet")}
        >
          <option value="ROWS">Row by row,</option>
          <option value="STRIPS">In strips of three rows, joined,</option>
        </select>
      )}
      {count.doubles && (
        <select
          className="word-select"
          aria-label="When a ring's double comes in"
          value={data.piece.doubling ?? "TOGETHER"}
          onChange={(event) => piece({ doubling: event.target.value as PieceSpec["doubling"] }, "doubling")}
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
        value={data.piece.hold ?? 4}
        onChange={(hold) => piece({ hold: Math.round(hold) }, "hold")}
      />
      <span>loose rings along,</span>
      <span className="whitespace-nowrap">
        <NumberInput
          label="Spare, percent"
          kind="number"
          decimals={0}
          step={1}
          value={data.piece.sparePercent ?? 5}
          onChange={(sparePercent) => piece({ sparePercent }, "spare")}
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
  weave,
  count,
  shut,
}: {
  kept: Kept<WeaveJobData>;
  data: WeaveJobData;
  weave: WeaveEntry;
  count: PieceCount;
  /** Why it cannot be made; null when it can. */
  shut: string | null;
}) {
  const navigate = useNavigate();
  const choices = usePreferences().data?.data;
  const [busy, setBusy] = useState(false);
  const attempt = async (act: () => Promise<void>) => {
    setBusy(true);
    try {
      await editorOf("weave-jobs", kept).flush();
      await act();
    } catch (failure) {
      say(
        failure instanceof Problem ? failure.body.detail : "The server is not answering; nothing was begun.",
      );
    }
    setBusy(false);
  };
  const make = async () => {
    const run = await call<Kept<WeaveRunData>>("POST", `/api/weave-jobs/${kept.id}/runs`);
    changed("bench");
    await navigate(`/making/weave/${run.id}`);
  };
  const cut = async () => {
    const ids: string[] = [];
    for (const colour of count.colours) {
      for (const [size, wanted] of colour.ringCount.entries()) {
        if (wanted > 0) {
          ids.push(await keepJob(ringJob(data, weave, choices!, colour.colour, size, wanted)));
        }
      }
    }
    say(`${many(ids.length, "ring job")} laid out, spare included.`);
    await navigate(`/rings/${ids[0]}`);
  };
  return (
    <p className="flex flex-wrap items-center gap-x-6 gap-y-1 mt-3">
      <ShutButton why={busy ? "being laid out" : shut} onClick={() => void attempt(make)}>
        Make it
      </ShutButton>
      {!busy && choices && shut !== REFUSED_ABOVE && (
        <button className="quiet" onClick={() => void attempt(cut)}>
          cut its rings
        </button>
      )}
    </p>
  );
}

function ringJob(
  data: WeaveJobData,
  weave: WeaveEntry,
  choices: Parameters<typeof ringsOf>[0],
  colour: string,
  size: number,
  wanted: number,
) {
  const own = colour === data.metal;
  const metal = colour.startsWith("#") ? data.metal : colour;
  const names = [
    data.name,
    weave.sizes.length > 1 ? weave.sizes[size]!.name : null,
    data.colours.palette.length > 1 ? colour : null,
  ];
  return ringsOf(choices, {
    name: names.filter((one) => one !== null).join(", "),
    spoolId: own ? data.spoolId : null,
    metal,
    wireMm: data.wireDiameterMm,
    innerMm: data.innerDiameterMm[size]!,
    count: wanted,
    sparePercent: data.piece.sparePercent,
  });
}
