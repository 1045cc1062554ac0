import {
  useCatalogue,
  useFormJobs,
  useJobs,
  useMedallionJobs,
  useWeaveJobs,
  useWeaves,
} from "../../api/queries";
import type { CompositionQuestion } from "../../api/types";
import { plain } from "../../quantity/format";
import { formToFind, ranked } from "../../shared/kernel/finder";

/** Something that can be put into a piece, as a line writes it. */
export interface Ware {
  name: string;
  does: string;
  line: string;
  form?: string;
}

export const KINDS = ["rings", "forms", "weaves", "beads and strands", "chain and cord", "findings"] as const;
export type Kind = (typeof KINDS)[number];

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

/** All of a kind, the maker's own first. */
export function useWares(kind: Kind, wanted: string): Ware[] {
  const rings = useOwnRings();
  const forms = useForms(wanted);
  const weaves = useWeaveWares();
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

/** What was planned in Weaves, then the catalogue's chains and sheets in rings that suit them. */
function useWeaveWares(): Ware[] {
  const weaves = (useWeaves().data ?? [])
    .filter((weave) => weave.sizes.length === 1 && weave.usualLow !== null)
    .filter((weave) => weave.kind === "CHAIN" || weave.kind === "SHEET")
    .map((weave) => {
      // in wire of 1 mm its inside is its aspect ratio: the least of its usual window
      const rings = `${weave.id} 1/${plain(weave.usualLow!)}`;
      const said = `of 1 mm wire, ${plain(weave.usualLow!)} mm inside`;
      return weave.kind === "CHAIN"
        ? { name: weave.name, does: `10 units ${said}`, line: `weave ${rings} units=10` }
        : { name: weave.name, does: `5 rows of 20 ${said}`, line: `sheet ${rings} rows=5 columns=20` };
    });
  return [...useOwnMedallions(), ...useOwnLengths(), ...STARS, ...weaves];
}

/** Crosses and stars that go together. */
const STARS: readonly Ware[] = [
  {
    name: "woven cross",
    does: "four arms, one longer, two larger rings, tied",
    line: "medallion byzantine 0.9/3.75 arms=4 rows=3 longer=2 larger=1.2 hubs=2 tie=1 bail",
  },
  {
    name: "woven star",
    does: "three arms about a larger ring",
    line: "medallion box-chain 1/4.5 arms=3 rows=1 larger=1.2",
  },
];

function useOwnMedallions(): Ware[] {
  return (useMedallionJobs().data ?? []).slice(0, 4).map(({ data }) => ({
    name: data.name,
    does: "your own",
    line: medallionLine(data.weaveId, data.composition),
  }));
}

/** A medallion as a line writes it; rows are counted from 1 there. */
function medallionLine(weave: string, asked: CompositionQuestion): string {
  const rows = (counts: number[] | null) => (counts && counts.length > 0 ? `'${counts.join(" ")}'` : null);
  const values = {
    arms: asked.arms,
    rows: rows(asked.rowCounts) ?? asked.rows,
    longer: rows(asked.longerCounts) ?? (asked.longerBy || null),
    held: (asked.held ?? 0) + 1,
    hubs: asked.hubs,
    larger: asked.hubWireMm,
    about: asked.hubInnerMm,
    tie: asked.tieRow === null ? null : asked.tieRow + 1,
    tied: asked.tieRow !== null && asked.tieAll ? "all" : null,
  };
  return [
    `medallion ${weave} ${plain(asked.wireDiameterMm)}/${plain(asked.innerDiameterMm)}`,
    ...Object.entries(values)
      .filter(([, value]) => value !== null)
      .map(([id, value]) => `${id}=${typeof value === "number" ? plain(value) : value}`),
    ...(asked.bail ? ["bail"] : []),
  ].join(" ");
}

/** Lengths by the unit and sheets by the row. */
function useOwnLengths(): Ware[] {
  return (useWeaveJobs().data ?? [])
    .map(({ data }) => {
      const rings = `${data.weaveId} ${plain(data.wireDiameterMm)}/${data.innerDiameterMm.map(plain).join(",")}`;
      const { units, rows, columns } = data.patch;
      const line = units
        ? `weave ${rings} units=${units}`
        : rows && columns
          ? `sheet ${rings} rows=${rows} columns=${columns}`
          : null;
      return { name: data.name, does: "your own", line };
    })
    .filter((ware): ware is Ware => ware.line !== null)
    .slice(0, 4);
}
