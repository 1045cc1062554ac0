import { useMemo, useState } from "react";
import { useMetals } from "../../../api/queries";
import type { ColourSpec, PatchCount, PatchView, WeaveEntry, WeaveJobData } from "../../../api/types";
import { many } from "../../../quantity/format";
import { PatchScene } from "../../../shared/shell/PatchScene";
import { toneNamed } from "../../../shared/shell/ringLooks";
import type { ChangeWeave } from "./change";

interface Props {
  data: WeaveJobData;
  weave: WeaveEntry;
  patch: PatchView;
  rings: Float32Array;
  counts: PatchCount["colours"];
  change: ChangeWeave;
}

const MOST = 12;
const LONGEST = 60;
const FIRST_COLOUR = "#2f6f8f";

/** Colours by role, by stripe, or painted ring by ring; how many of each. */
export function Colours({ data, weave, patch, rings, counts, change }: Props) {
  const { colours } = data;
  const metals = useMetals().data ?? [];
  const [brush, setBrush] = useState(0);
  const all = useMemo(() => Array.from({ length: patch.colours.length }, (_, n) => n), [patch]);
  const set = (patch: Partial<ColourSpec>, tag: string) => change({ colours: { ...colours, ...patch } }, tag);
  const paint = (ring: number | null) => {
    if (ring === null) {
      return;
    }
    const key = patch.rings.slice(3 * ring, 3 * ring + 3);
    const others = colours.painted.filter((one) => !key.every((part, k) => one[k] === part));
    const same = patch.colours[ring] === brush && others.length < colours.painted.length;
    set({ painted: same ? others : [...others, [...key, brush]] }, `paint ${key.join(" ")}`);
  };
  const name = (colour: string) => metals.find((one) => one.id === colour)?.name ?? colour;
  return (
    <>
      <PatchScene
        name={`${data.name}, to be painted`}
        rings={rings}
        which={all}
        colours={patch.colours}
        palette={colours.palette}
        wireMm={data.wireDiameterMm}
        fitKey={`${weave.id} ${patch.colours.length}`}
        onPick={paint}
      />
      <div className="colours" role="group" aria-label="Colours">
        <Palette {...{ colours, counts, brush, setBrush, set, name }} />
        <InTurn {...{ data, weave, brush, set, name }} />
        <p className="small soft">Press a ring to paint it; again to give it back.</p>
      </div>
    </>
  );
}

interface Painting {
  colours: ColourSpec;
  brush: number;
  setBrush: (brush: number) => void;
  set: (patch: Partial<ColourSpec>, tag: string) => void;
  /** What a colour is called. */
  name: (colour: string) => string;
}

/** The colours there are, how many rings have each; the one pressed paints. */
function Palette({ counts, ...painting }: Painting & Pick<Props, "counts">) {
  const { colours, brush, setBrush, set, name } = painting;
  return (
    <ul className="palette">
      {colours.palette.map((colour, i) => (
        <PaletteRow
          key={i}
          {...{ i, colour, colours, brush, setBrush, set, name }}
          total={counts[i]?.total ?? 0}
        />
      ))}
      {colours.palette.length < MOST && (
        <li>
          <button
            className="quiet"
            onClick={() => {
              set({ palette: [...colours.palette, FIRST_COLOUR] }, "palette");
              setBrush(colours.palette.length);
            }}
          >
            another colour
          </button>
        </li>
      )}
    </ul>
  );
}

function PaletteRow({
  i,
  colour,
  total,
  colours,
  brush,
  setBrush,
  set,
  name,
}: Painting & { i: number; colour: string; total: number }) {
  const metals = useMetals().data ?? [];
  return (
    <li>
      <button
        className="swatch"
        aria-pressed={brush === i}
        aria-label={`Paint with ${name(colour)}`}
        style={{ background: swatch(colour) }}
        onClick={() => setBrush(i)}
      />
      <select
        className="word-select"
        aria-label={`Colour ${i + 1}`}
        value={colour.startsWith("#") ? "#" : colour}
        onChange={(event) => {
          const to = event.target.value === "#" ? FIRST_COLOUR : event.target.value;
          set({ palette: colours.palette.map((one, k) => (k === i ? to : one)) }, "palette");
        }}
      >
        {metals.map((metal) => (
          <option key={metal.id} value={metal.id}>
            {metal.name}
          </option>
        ))}
        <option value="#">coated, anodised</option>
      </select>
      {colour.startsWith("#") && (
        <input
          type="color"
          aria-label={`Coat of colour ${i + 1}`}
          value={colour}
          onChange={(event) =>
            set({ palette: colours.palette.map((one, k) => (k === i ? event.target.value : one)) }, "coat")
          }
        />
      )}
      <strong className="figures">{total}</strong>
      {colours.palette.length > 1 && (
        <button
          className="quiet small"
          aria-label={`Leave ${name(colour)} out`}
          onClick={() => set(without(colours, i), "palette")}
        >
          leave out
        </button>
      )}
    </li>
  );
}

/** What a sequence of colours goes by, the sequence, and what is painted by hand. */
function InTurn({
  data,
  weave,
  brush,
  set,
  name,
}: Pick<Props, "data" | "weave"> & Pick<Painting, "brush" | "set" | "name">) {
  const { colours } = data;
  return (
    <p className="sentence">
      <span>In turn by</span>
      <select
        className="word-select"
        aria-label="Colours go by"
        value={colours.by}
        onChange={(event) => {
          const by = event.target.value as ColourSpec["by"];
          set(
            {
              by,
              sequence:
                by === "RING"
                  ? spreadOver(colours, weave.ringsInCell)
                  : [0, 1].slice(0, colours.palette.length),
            },
            "by",
          );
        }}
      >
        <option value="RING">the ring&rsquo;s part in a unit</option>
        <option value="CELL">units along</option>
        <option value="ROW">{weave.kind === "SHEET" ? "rows" : "cells"}</option>
      </select>
      <Sequence {...{ data, set, name }} />
      {colours.by !== "RING" && <HowLong {...{ colours, brush, set }} />}
      {colours.painted.length > 0 && (
        <>
          <span>, {many(colours.painted.length, "ring")} painted by hand</span>
          <button className="quiet small" onClick={() => set({ painted: [] }, "paint")}>
            clear them
          </button>
        </>
      )}
    </p>
  );
}

/** The sequence, one colour more or one less. */
function HowLong({ colours, brush, set }: Pick<Painting, "brush" | "set"> & { colours: ColourSpec }) {
  return (
    <>
      <button
        className="quiet small at-end"
        disabled={colours.sequence.length >= LONGEST}
        onClick={() => set({ sequence: [...colours.sequence, brush] }, "sequence")}
      >
        longer
      </button>
      <button
        className="quiet small at-end"
        disabled={colours.sequence.length <= 1}
        onClick={() => set({ sequence: colours.sequence.slice(0, -1) }, "sequence")}
      >
        shorter
      </button>
    </>
  );
}

/** The colours in turn; a press takes the next of the palette. */
function Sequence({ data, set, name }: Pick<Props, "data"> & Pick<Painting, "set" | "name">) {
  const { colours } = data;
  return (
    <span className="turns" role="group" aria-label="Colours in turn">
      {colours.sequence.map((colour, i) => (
        <button
          key={i}
          className="swatch small"
          aria-label={`Place ${i + 1}: ${name(colours.palette[colour] ?? "")}; press for the next colour`}
          style={{ background: swatch(colours.palette[colour] ?? data.metal) }}
          onClick={() =>
            set(
              {
                sequence: colours.sequence.map((one, k) =>
                  k === i ? (one + 1) % colours.palette.length : one,
                ),
              },
              "sequence",
            )
          }
        />
      ))}
    </span>
  );
}

function swatch(colour: string): string {
  const tone = toneNamed(colour);
  return `linear-gradient(120deg, ${tone.deep}, ${tone.body} 35%, ${tone.light} 55%, ${tone.body} 75%)`;
}

/** One place for each ring of the cell. */
function spreadOver(colours: ColourSpec, rings: number): number[] {
  return Array.from({ length: rings }, (_, r) =>
    Math.min(colours.palette.length - 1, colours.sequence[r] ?? 0),
  );
}

/** The palette without one colour; what had it has the first. */
function without(colours: ColourSpec, gone: number): Partial<ColourSpec> {
  const moved = (colour: number) => (colour === gone ? 0 : colour > gone ? colour - 1 : colour);
  return {
    palette: colours.palette.filter((_, i) => i !== gone),
    sequence: colours.sequence.map(moved),
    painted: colours.painted.map(([ring, i, j, colour]) => [ring!, i!, j!, moved(colour!)]),
  };
}
