/** Finding by the words a maker uses, over rings, shapes and weaves alike: the catalogue's, and the workshop's own by name. */
export type FoundIn = "Rings" | "Shapes" | "Weaves" | "Pieces";

export interface Findable {
  place: FoundIn;
  name: string;
  /** What it is for, a few words. */
  does: string;
  to: string;
  /** Other names of its own. */
  words: string;
  /** What its like is looked for by: such come after those so called. */
  like: string;
}

const RINGS: Findable[] = [
  {
    place: "Rings",
    name: "jump rings",
    does: "wound, cut, counted",
    to: "/rings/new",
    words: "ring jump ring link connector split ring bracelet necklace earring chainmail mail",
    like: "",
  },
  {
    place: "Rings",
    name: "hoops and bangles",
    does: "one large turn, its spring and its strength",
    to: "/rings/new",
    words: "hoop earring ear ring bangle bracelet band large ring finger ring",
    like: "",
  },
  {
    place: "Rings",
    name: "double and triple rings",
    does: "several turns kept whole",
    to: "/rings/new",
    words: "split ring double ring triple ring key ring",
    like: "",
  },
];

/** What a family of forms is looked for by, beside its forms' own names. */
const FAMILIES: Record<string, string> = {
  loops: "loop eye bail pendant",
  pins: "pin bead pearl earring drop charm dangle pendant",
  "bead links": "bead pearl rosary bracelet necklace chain anklet",
  "bead caps": "bead pearl cap",
  coils: "coil spring bead tube end cap crimp cord",
  spirals: "spiral scroll swirl pendant earring",
  "hooks and clasps": "clasp hook fastener closure catch bracelet necklace",
  "ear findings": "earring ear wire hook stud cuff",
  "frames and links": "frame link connector pendant earring bracelet",
  "wings and outlines": "outline shape wing leaf heart pendant",
  "crimped wire": "crimp crimped zigzag wave bracelet cuff",
  "bound work": "binding wrap weaving wire lashing bangle cuff ring",
  "interleaved coils": "band bracelet cuff",
};

const KINDS: Record<string, string> = {
  CHAIN: "chain chainmail mail maille bracelet necklace anklet rope",
  SHEET: "sheet chainmail mail maille collar belt cuff bracelet",
  TUBE: "tube rope chainmail mail bracelet",
  FINITE: "rosette ball flower earring pendant charm",
};

interface FormToFind {
  id: string;
  name: string;
  does: string;
  familyName: string;
  alsoCalled: readonly string[];
}

interface WeaveToFind {
  id: string;
  name: string;
  kind: string;
}

export function formToFind(form: FormToFind): Findable {
  return {
    place: "Shapes",
    name: form.name,
    does: form.does,
    to: `/shapes/new/${form.id}`,
    words: form.alsoCalled.join(" "),
    like: `${form.familyName} ${FAMILIES[form.familyName] ?? ""}`,
  };
}

export function weaveToFind(weave: WeaveToFind): Findable {
  return {
    place: "Weaves",
    name: weave.name,
    does: { CHAIN: "a chain", SHEET: "a sheet", TUBE: "a tube", FINITE: "whole in itself" }[weave.kind] ?? "",
    to: `/weaves?weave=${weave.id}`,
    words: "",
    like: KINDS[weave.kind] ?? "",
  };
}

export const OTHERS: Findable[] = [
  ...RINGS,
  {
    place: "Weaves",
    name: "cross, star, medallion",
    does: "arms of chain about larger rings",
    to: "/weaves/medallion",
    words: "pendant earring rosette cross star medallion snowflake",
    like: "",
  },
];

export interface StarterToFind {
  id: string;
  name: string;
  built: string;
  body: string;
}

/** What a starter is looked for by, by what it is worn on. */
const WORN: Record<string, string> = {
  WRIST: "bracelet wrist",
  NECK: "necklace neck lariat pendant",
  ANKLE: "anklet ankle",
  FINGER: "ring finger",
  WAIST: "belt waist",
  EAR: "earring earrings ear drops cuff hoops",
};

export function starterToFind(starter: StarterToFind): Findable {
  return {
    place: "Pieces",
    name: starter.name,
    does: starter.built,
    to: `/pieces/new/${starter.id}`,
    words: "",
    like: WORN[starter.body] ?? "",
  };
}

export interface OwnToFind {
  id: string;
  data: { name: string };
}

/** What this workshop has drawn itself. */
export function ownToFind(
  place: FoundIn,
  jobs: readonly OwnToFind[],
  at = `/${place.toLowerCase()}`,
): Findable[] {
  return jobs.map((job) => ({
    place,
    name: job.data.name,
    does: "your own",
    to: `${at}/${job.id}`,
    words: "",
    like: "",
  }));
}

/** Whether everything typed begins some word of it: "figure of eight", "ear", "jump rings". */
export function matches(found: Findable, typed: string): boolean {
  return within(`${found.name} ${found.does} ${found.words} ${found.like}`, typed);
}

/** Those so called first, then those of their like; in their own order otherwise. */
export function ranked<T>(all: readonly T[], findable: (one: T) => Findable, typed: string): T[] {
  const found = all.filter((one) => matches(findable(one), typed));
  const named = (one: T) => within(`${findable(one).name} ${findable(one).words}`, typed);
  return [...found.filter(named), ...found.filter((one) => !named(one))];
}

function within(text: string, typed: string): boolean {
  const own = wordsOf(text);
  return wordsOf(typed).every((word) => own.some((one) => one.startsWith(singular(word))));
}

function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== "");
}

/** "rings" finds a ring; "glass" stays. */
function singular(word: string): string {
  return word.length > 3 && word.endsWith("s") && !word.endsWith("ss") ? word.slice(0, -1) : word;
}
