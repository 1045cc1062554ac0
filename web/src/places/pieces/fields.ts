/** What the fields of parts that are no forms are called. */
const WORDS: Record<string, string> = {
  wire: "wire",
  inside: "inside",
  turns: "turns",
  soldered: "soldered",
  hammered: "hammered to, 0: round",
  pitch: "pitch",
  links: "links",
  length: "length",
  hole: "hole",
  width: "width",
  thick: "thickness",
  edge: "hole to edge",
  density: "density, g/cm³",
  units: "units",
  bead: "bead on it, 0: none",
  rows: "rows",
  columns: "rings in the first row",
  grow: "more in each next row",
  strands: "strands",
  loop: "loop, inside",
  beads: "beads",
  cord: "cord",
  mass: "mass, g",
};

export const fieldWord = (id: string): string =>
  WORDS[id] ?? id.replace(/^inside(\d)$/, "inside, ring size $1");

export const isCount = (id: string): boolean =>
  ["turns", "links", "units", "strands", "rows", "columns", "grow"].includes(id);
