import { useState } from "react";
import { useCatalogue, useFormJobs, useJobs, usePictures, useWeaves } from "../../api/queries";
import { plain } from "../../quantity/format";
import { WARE } from "./dragged";
import { WordChoice } from "../../shared/shell/WordChoice";
import { PaintedPicture } from "../../shared/shell/PaintedPicture";
import { formToFind, ranked } from "../../shared/kernel/finder";

/** Something that can be put into a piece, as a line writes it. */
interface Ware {
  name: string;
  does: string;
  line: string;
  form?: string;
}

export type Where = "PUT_BEHIND" | "PUT_BEFORE" | "HANG" | "REPLACE";

const WHERE: readonly (readonly [Where, string])[] = [
  ["PUT_BEHIND", "behind it"],
  ["PUT_BEFORE", "before it"],
  ["HANG", "hanging from it"],
  ["REPLACE", "in its place"],
];

const KINDS = ["rings", "forms", "weaves", "beads and strands", "chain and cord", "findings"] as const;
type Kind = (typeof KINDS)[number];

const MOST = 60;

/** All a piece can be made of, the maker's own first; pressed it goes in beside the part in hand. */
export function Drawer({
  at,
  onPut,
}: {
  /** What is in hand, in words. */
  at: string;
  onPut: (where: Where, line: string) => void;
}) {
  const [kind, setKind] = useState<Kind>("rings");
  const [where, setWhere] = useState<Where>("PUT_BEHIND");
  const [wanted, setWanted] = useState("");
  const wares = useWares(kind, wanted.trim());
  return (
    <section className="parts-drawer" aria-label="Parts to put in">
      <p className="sentence">
        <span>Put</span>
        <WordChoice
          label="Which kind"
          values={KINDS.map((one) => [one, one])}
          value={kind}
          onValue={setKind}
        />
        <WordChoice label="Where" values={WHERE} value={where} onValue={setWhere} />
        <span className="soft">that is, {at}</span>
        {kind === "forms" && (
          <input
            className="plain-input"
            aria-label="Find a form"
            placeholder="hook, bead, frame"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
        )}
      </p>
      <ul className="wares">
        {wares.slice(0, MOST).map((ware) => (
          <li key={ware.line}>
            <button
              className="ware"
              draggable
              onDragStart={(event) => event.dataTransfer.setData(WARE, ware.line)}
              onClick={() => onPut(where, ware.line)}
            >
              {ware.form !== undefined && <WarePicture form={ware.form} />}
              <span className="strong">{ware.name}</span>
              <span className="tiny soft">{ware.does}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function WarePicture({ form }: { form: string }) {
  const picture = usePictures().data?.find((one) => one.id === form);
  return picture ? (
    <PaintedPicture wires={picture.wires} solids={picture.solids} metal="copper" look="corner" />
  ) : null;
}

/** Rings everybody has; the maker's own come before them. */
const RINGS: readonly Ware[] = [
  { name: "small ring", does: "0.8 mm wire, 3 mm inside", line: "ring 0.8/3" },
  { name: "ring", does: "1 mm wire, 4 mm inside", line: "ring 1/4" },
  { name: "large ring", does: "1.2 mm wire, 6 mm inside", line: "ring 1.2/6" },
  { name: "soldered ring", does: "1 mm wire, 5 mm inside, closed for good", line: "ring 1/5 soldered" },
  { name: "ring of three turns", does: "0.8 mm wire, 5 mm inside", line: "ring 0.8/5 turns=3" },
];

const STRANDS: readonly Ware[] = [
  { name: "strand of beads", does: "12 of 6 mm on beading wire", line: "strand 0.38 (12 * bead 6/1)" },
  { name: "drilled stone", does: "20 mm, hole 1.2 mm", line: "stone 20/1.2" },
  { name: "small drop", does: "12 mm, hole 1 mm", line: "stone 12/1" },
];

const LENGTHS: readonly Ware[] = [
  { name: "fine chain", does: "pitch 2.5 mm, soldered links", line: "chain 2.5/0.5 links=40 soldered" },
  { name: "chain", does: "pitch 4 mm, links that open", line: "chain 4/0.8 links=20" },
  { name: "cord", does: "2 mm, coiled ends glued on", line: "cord 2 length=380" },
];

const FINDINGS: readonly Ware[] = [
  { name: "clasp", does: "bought, with a latch", line: "finding clasp" },
  { name: "toggle, ring", does: "half a toggle, of wire", line: "toggle:ring", form: "toggle" },
  { name: "toggle, bar", does: "its other half", line: "toggle:bar", form: "toggle" },
  { name: "hook of a hook and eye", does: "of wire", line: "hook-and-eye:hook", form: "hook-and-eye" },
  { name: "its eye", does: "of wire", line: "hook-and-eye:eye", form: "hook-and-eye" },
  { name: "toggle ring", does: "bought", line: "finding toggle-ring" },
  { name: "toggle bar", does: "bought", line: "finding toggle-bar" },
  { name: "hook", does: "bought", line: "finding hook" },
  { name: "ear wire", does: "bought, its loop opens", line: "finding ear-wire" },
  { name: "ear post", does: "bought, its loop is closed", line: "finding ear-post" },
  { name: "pendant", does: "bought, its loop is closed", line: "finding pendant" },
  { name: "pendant on a bail", does: "bought, its bail hooks", line: "finding pendant-on-a-bail" },
];

function useWares(kind: Kind, wanted: string): Ware[] {
  const rings = useOwnRings();
  const forms = useForms(wanted);
  const weaves = useWeaveLengths();
  return {
    rings: [...rings, ...RINGS],
    forms,
    weaves,
    "beads and strands": [...STRANDS],
    "chain and cord": [...LENGTHS],
    findings: [...FINDINGS],
  }[kind];
}

function useOwnRings(): Ware[] {
  return (useJobs().data ?? [])
    .filter(({ data }) => data.convention === "INNER")
    .slice(0, 6)
    .map(({ data }) => ({
      name: data.name,
      does: "your own",
      line: `ring ${plain(data.wireDiameterMm)}/${plain(data.aimValue)}`,
    }));
}

/** The workshop's own forms with their sizes, then the catalogue. */
function useForms(wanted: string): Ware[] {
  const forms = useCatalogue().data ?? [];
  const jobs = useFormJobs().data ?? [];
  const found = wanted === "" ? forms : ranked(forms, formToFind, wanted);
  const own = jobs
    .filter(({ data }) => Object.values(data.parameters).every((value) => typeof value !== "object"))
    .filter(({ data }) => found.some((form) => form.id === data.formId))
    .map(({ data }) => ({
      name: data.name,
      does: "your own",
      line: formLine(data.formId, data.wireDiameterMm, data.parameters),
      form: data.formId,
    }));
  return [
    ...own.slice(0, 4),
    ...found.map((form) => ({ name: form.name, does: form.does, line: form.id, form: form.id })),
  ];
}

function formLine(form: string, wireMm: number, parameters: Record<string, unknown>): string {
  const values = Object.entries(parameters).map(([id, value]) =>
    typeof value === "number" ? `${id}=${value}` : `${id}='${String(value)}'`,
  );
  return [form, `wire=${plain(wireMm)}`, ...values].join(" ");
}

/** Chains of the catalogue in rings that suit them. */
function useWeaveLengths(): Ware[] {
  return (useWeaves().data ?? [])
    .filter((weave) => weave.kind === "CHAIN" && weave.sizes.length === 1)
    .filter((weave) => weave.usualLow !== null)
    .map((weave) => ({
      name: weave.name,
      does: `10 units of 1 mm wire, ${plain(weave.usualLow!)} mm inside`,
      // in wire of 1 mm its inside is its aspect ratio: the least of its usual window
      line: `weave ${weave.id} 1/${plain(weave.usualLow!)} units=10`,
    }));
}
